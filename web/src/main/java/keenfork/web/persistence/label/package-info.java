/// What was printed, what waits for the printer, and how long dishes keep.
/// Rows are hidden behind the front doors.
@NullMarked
package keenfork.web.persistence.label;

import org.jspecify.annotations.NullMarked;
