/// Open formats, in and out: recipes as text or schema.org JSON-LD, and the JSON of the command line.
@NullMarked
package keenfork.format;

import org.jspecify.annotations.NullMarked;
