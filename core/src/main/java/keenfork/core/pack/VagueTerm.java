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
/// @param beyondLaw true where no law settles it: a word that resembles an allergen's name, or is set in capitals as
///                  allergens are
public record VagueTerm(String words, List<Substance> suspects, String question, int start, int end,
        boolean beyondLaw) {
    /// for a plain food named by its own name: what its maker's law covers was named, the rest stays not known
    static final String NO_QUESTION = "";

    VagueTerm(String words, List<Substance> suspects, String question, int start, int end) {
        this(words, suspects, question, start, end, false);
    }

    public VagueTerm {
        suspects = List.copyOf(suspects);
    }
}
