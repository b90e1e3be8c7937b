package keenfork.core.pack;

import java.util.List;
import keenfork.core.food.Substance;

/// Words of a declaration that hide what is in them, or that could not be read.
///
/// @param words    as printed
/// @param suspects what they may stand for
/// @param question what to ask the supplier; may be empty
/// @param start    where they start in the declaration, from 0
/// @param end      where they end, exclusive
public record VagueTerm(String words, List<Substance> suspects, String question, int start, int end) {
    /// for a plain food named by its own name: what its maker's law covers was named, the rest stays not known
    static final String NO_QUESTION = "";

    public VagueTerm {
        suspects = List.copyOf(suspects);
    }
}
