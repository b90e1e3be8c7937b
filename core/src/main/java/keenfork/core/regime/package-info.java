/// Rule books: which substances the law groups, names and exempts.
@NullMarked
package keenfork.core.regime;

import org.jspecify.annotations.NullMarked;
