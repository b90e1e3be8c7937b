/// How the kitchen has things: its settings, its own swaps, weights and lists.
/// Rows are hidden behind the front doors.
@NullMarked
package keenfork.web.persistence.settings;

import org.jspecify.annotations.NullMarked;
