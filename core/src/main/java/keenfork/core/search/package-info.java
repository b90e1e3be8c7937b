/// What the planners share: a budget of nodes, and what an answer is worth.
@NullMarked
package keenfork.core.search;

import org.jspecify.annotations.NullMarked;
