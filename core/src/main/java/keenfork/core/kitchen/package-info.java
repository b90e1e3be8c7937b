/// The rules of one kitchen: which pack speaks for a line, what a label has to wait for, what that is out is true no
/// more, who is shut out by shared kit. Screens and the command line put words to them.
@NullMarked
package keenfork.core.kitchen;

import org.jspecify.annotations.NullMarked;
