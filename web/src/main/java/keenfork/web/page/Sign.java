package keenfork.web.page;

import java.util.Optional;
import keenfork.core.trace.Mark;

/// A mark with its group's name beside it, as lists show it.
///
/// @param symbol its shape
/// @param name   the group
/// @param words  how sure, as a reader hears it
public record Sign(String symbol, String name, String words) {
    public static Sign of(Mark mark, Format format) {
        return new Sign(format.symbol(Optional.of(mark)), mark.group().name(), format.words(Optional.of(mark)));
    }
}
