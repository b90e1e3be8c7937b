/// Dishes with their versions, the variants that came of them, and portions that go out without something.
/// Rows are hidden behind the front doors.
@NullMarked
package keenfork.web.persistence.dish;

import org.jspecify.annotations.NullMarked;
