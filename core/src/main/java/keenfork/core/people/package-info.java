/// What people avoid, read from their own words, and what that means for a dish.
@NullMarked
package keenfork.core.people;

import org.jspecify.annotations.NullMarked;
