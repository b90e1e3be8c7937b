/// Substances, foods and compound products, and the words they are known by.
@NullMarked
package keenfork.core.food;

import org.jspecify.annotations.NullMarked;
