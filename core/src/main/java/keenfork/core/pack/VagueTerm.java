package keenfork.core.pack;

import java.util.List;
import keenfork.core.food.Substance;

/// Words of a declaration that hide what is in them, or that could not be read.
///
/// @param words    as printed
/// @param suspects what they may stand for
/// @param question what to ask the supplier
/// @param start    where they start in the declaration, from 0
/// @param end      where they end, exclusive
public record VagueTerm(String words, List<Substance> suspects, String question, int start, int end) {
    public VagueTerm {
        suspects = List.copyOf(suspects);
    }
}
