package keenfork.core.pack;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;

/// One term of a list, and what its words and the terms around it say of all that it names.
///
/// @param words      its own, with its brackets blanked out
/// @param offset     where it begins in the text
/// @param forms      in which the sources of an exempt form are in it
/// @param isOfPlants whether it says that its additives come from plants
record Term(String words, int offset, Around around, Map<Substance, Substance> forms, boolean isOfPlants) {
    private static final Pattern OF_PLANTS = Tone.pattern("of-plants");

    Term {
        forms = Map.copyOf(forms);
    }

    static Term of(String words, int offset, Around around) {
        var forms = new HashMap<>(ExemptForm.in(words));
        for (var told : around.forms().reversed()) told.forEach(forms::putIfAbsent);
        return new Term(words, offset, around, forms, OF_PLANTS.matcher(words).find());
    }

    /// {@return the substances; one that is named alone in its exempt form, where the words around it say so}
    List<Substance> exempt(List<Substance> substances) {
        if (substances.size() != 1) return substances;
        var one = substances.getFirst();
        return List.of(forms.getOrDefault(one, one));
    }

    /// {@return what words may hide; nothing of animals where they say that it comes from plants}
    List<Substance> ofWhat(List<Substance> substances) {
        if (!isOfPlants) return substances;
        var tree = Substances.shipped();
        return substances.stream().filter(s -> tree.ofAnimals().stream().noneMatch(a -> tree.isUnder(s, a))).toList();
    }
}
