package keenfork.core.pack;

import java.util.List;
import java.util.regex.Pattern;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;

/// One term of a list, and what its words and the term over it say of all that it names.
///
/// @param words      its own, with its brackets blanked out
/// @param offset     where it begins in the text
/// @param path       the terms over it, outermost first, and its own name
/// @param parent     the term that it opens up; empty where it opens up none
/// @param isOfPlants whether it says that its additives come from plants
record Term(String words, int offset, List<String> path, String parent, boolean isOfPlants) {
    private static final Pattern OF_PLANTS = Tone.pattern("of-plants");

    Term {
        path = List.copyOf(path);
    }

    static Term of(String words, int offset, List<String> path, String parent) {
        return new Term(words, offset, path, parent, OF_PLANTS.matcher(words).find());
    }

    /// {@return the substances that a name stands for; one alone in its exempt form, where the words around it say so}
    List<Substance> exempt(List<Substance> substances, Match match) {
        return substances.size() == 1
                ? List.of(ExemptForm.of(substances.getFirst(), words, match.start(), match.end(), parent)) : substances;
    }

    /// {@return what words may hide; nothing of animals where they say that it comes from plants}
    List<Substance> ofWhat(List<Substance> substances) {
        if (!isOfPlants) return substances;
        var tree = Substances.shipped();
        return substances.stream().filter(s -> tree.ofAnimals().stream().noneMatch(a -> tree.isUnder(s, a))).toList();
    }
}
