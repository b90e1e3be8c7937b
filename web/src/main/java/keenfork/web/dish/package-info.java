/// Station Dishes: a recipe written, read line by line, and kept.
@NullMarked
package keenfork.web.dish;

import org.jspecify.annotations.NullMarked;
