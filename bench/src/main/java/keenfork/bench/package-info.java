/// Speeds of the core, measured with JMH beside a named peer in the same run.
@NullMarked
package keenfork.bench;

import org.jspecify.annotations.NullMarked;
