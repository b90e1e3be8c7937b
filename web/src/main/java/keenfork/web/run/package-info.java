/// Station Prep run: who goes through the blender first.
@NullMarked
package keenfork.web.run;

import org.jspecify.annotations.NullMarked;
