package keenfork.core.food;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// Words that German puts together into one.
final class Compound {
    private static final int SHORTEST = 8;
    private static final int SHORTEST_PART = 4;
    /// what may stand between the parts: nothing, too
    private static final List<String> JOINTS =
            Stream.concat(Stream.of(""), Grammar.list("compound").stream()).toList();

    private Compound() {}

    /// {@return what the parts of a word mean, the longest name first in it taken; none where it is no such word}
    ///
    /// @param word in its one form
    static List<Meaning> of(String word, Lexicon lexicon) {
        if (word.length() < SHORTEST) return List.of();
        for (var cut = word.length() - SHORTEST_PART; cut >= SHORTEST_PART; cut--) {
            var first = lexicon.ofKey(word.substring(0, cut));
            if (first == null) continue;
            for (var joint : JOINTS) {
                if (!word.startsWith(joint, cut) || word.length() - cut - joint.length() < SHORTEST_PART) continue;
                var rest = word.substring(cut + joint.length());
                var second = lexicon.ofKey(rest);
                if (second == null && !lexicon.isTalk(rest)) continue;
                var parts = new ArrayList<>(List.of(first));
                // the flour of "Linsenmehl" is of lentils
                if (second != null && !isFlour(second)) parts.add(second);
                return parts;
            }
        }
        return List.of();
    }

    private static boolean isFlour(Meaning meaning) {
        return meaning instanceof Meaning.OfFood(var food) && food.name().endsWith("flour");
    }
}
