/// The swap table and the planner.
@NullMarked
package keenfork.core.swap;

import org.jspecify.annotations.NullMarked;
