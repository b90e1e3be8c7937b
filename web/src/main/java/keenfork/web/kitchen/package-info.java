/// The facts in force, and what is derived from them, kept until one changes.
@NullMarked
package keenfork.web.kitchen;

import org.jspecify.annotations.NullMarked;
