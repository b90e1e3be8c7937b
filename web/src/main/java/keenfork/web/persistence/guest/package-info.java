/// Events and the groups of their guests.
/// Rows are hidden behind the front doors.
@NullMarked
package keenfork.web.persistence.guest;

import org.jspecify.annotations.NullMarked;
