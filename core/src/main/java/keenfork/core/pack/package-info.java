/// Printed declarations, read into findings that keep their place in the text.
@NullMarked
package keenfork.core.pack;

import org.jspecify.annotations.NullMarked;
