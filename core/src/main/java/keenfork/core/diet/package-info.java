/// Diets and their verdicts.
@NullMarked
package keenfork.core.diet;

import org.jspecify.annotations.NullMarked;
