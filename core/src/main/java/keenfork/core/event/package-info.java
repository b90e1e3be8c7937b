/// The people to be fed, and who of them can eat what.
@NullMarked
package keenfork.core.event;

import org.jspecify.annotations.NullMarked;
