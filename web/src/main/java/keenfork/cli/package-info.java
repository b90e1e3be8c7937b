/// The command line: check, swap, run and convert over recipe files, with the core alone and no server.
@NullMarked
package keenfork.cli;

import org.jspecify.annotations.NullMarked;
