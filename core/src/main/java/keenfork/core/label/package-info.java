/// What a label must say.
@NullMarked
package keenfork.core.label;

import org.jspecify.annotations.NullMarked;
