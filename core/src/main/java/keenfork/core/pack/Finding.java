package keenfork.core.pack;

import java.util.List;
import keenfork.core.food.Substance;

/// Something a declaration says, with its place in the text.
///
/// @param substance what was found
/// @param says      whether it is an ingredient or a precaution
/// @param assumed   true where a compound ingredient is named without its own list
/// @param path      the ingredient as printed, outermost first
/// @param start     where the words start in the declaration, from 0
/// @param end       where they end, exclusive
public record Finding(Substance substance, Says says, boolean assumed, List<String> path, int start, int end) {
    /// what the words amount to
    public enum Says { IN, MAY }

    public Finding {
        path = List.copyOf(path);
    }
}
