/// Runs with what is done of them, and the kit of the kitchen.
/// Rows are hidden behind the front doors.
@NullMarked
package keenfork.web.persistence.run;

import org.jspecify.annotations.NullMarked;
