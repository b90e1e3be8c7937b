/// Recipe text, read into parts, lines and steps.
@NullMarked
package keenfork.core.recipe;

import org.jspecify.annotations.NullMarked;
