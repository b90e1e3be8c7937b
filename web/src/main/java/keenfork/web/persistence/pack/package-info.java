/// Packs with their versions, and which of them a line has.
/// Rows are hidden behind the front doors.
@NullMarked
package keenfork.web.persistence.pack;

import org.jspecify.annotations.NullMarked;
