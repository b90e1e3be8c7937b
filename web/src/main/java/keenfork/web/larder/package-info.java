/// Station Larder: packs in use, read and unread.
@NullMarked
package keenfork.web.larder;

import org.jspecify.annotations.NullMarked;
