/// What goes on paper, set as PDF: the application and the command line print the same.
@NullMarked
package keenfork.paper;

import org.jspecify.annotations.NullMarked;
