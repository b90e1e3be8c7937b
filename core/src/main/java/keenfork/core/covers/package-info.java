/// Who can eat what.
@NullMarked
package keenfork.core.covers;

import org.jspecify.annotations.NullMarked;
