/// Rows and repositories, hidden behind front doors that give and take stored values.
@NullMarked
package keenfork.web.persistence;

import org.jspecify.annotations.NullMarked;
