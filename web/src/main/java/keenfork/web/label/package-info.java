/// Station Labels: counter card and tub label, on screen and as PDF.
@NullMarked
package keenfork.web.label;

import org.jspecify.annotations.NullMarked;
