/// Station Today: what needs attention now, each with the place to give it.
@NullMarked
package keenfork.web.today;

import org.jspecify.annotations.NullMarked;
