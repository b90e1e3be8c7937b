/// What every page shares: the strip, formatting, error pages, headers.
@NullMarked
package keenfork.web.page;

import org.jspecify.annotations.NullMarked;
