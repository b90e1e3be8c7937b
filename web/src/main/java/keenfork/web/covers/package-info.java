/// The station of the covers: who is coming, who can eat what, and the least change that feeds everyone.
@NullMarked
package keenfork.web.covers;

import org.jspecify.annotations.NullMarked;
