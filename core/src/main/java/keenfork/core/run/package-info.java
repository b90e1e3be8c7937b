/// Batches on shared kit: the order, the washes and the contacts that are left.
@NullMarked
package keenfork.core.run;

import org.jspecify.annotations.NullMarked;
