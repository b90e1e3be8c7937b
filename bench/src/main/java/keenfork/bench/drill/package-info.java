/// What a kitchen must survive, done to it for real: processes killed, memory and disk full, its database gone.
@NullMarked
package keenfork.bench.drill;

import org.jspecify.annotations.NullMarked;
