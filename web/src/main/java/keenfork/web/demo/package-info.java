/// The made-up demo kitchen.
@NullMarked
package keenfork.web.demo;

import org.jspecify.annotations.NullMarked;
