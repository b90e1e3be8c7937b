/// Facts and the evidence that follows from them: which substance is in a dish, how surely, by which path.
@NullMarked
package keenfork.core.trace;

import org.jspecify.annotations.NullMarked;
