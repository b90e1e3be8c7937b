/// Amounts as written, masses within limits, volume conventions and spoons.
@NullMarked
package keenfork.core.measure;

import org.jspecify.annotations.NullMarked;
