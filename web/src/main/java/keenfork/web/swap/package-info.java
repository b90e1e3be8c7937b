/// Station Swaps: plans for people who avoid something.
@NullMarked
package keenfork.web.swap;

import org.jspecify.annotations.NullMarked;
