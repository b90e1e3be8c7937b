package keenfork.core.food;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// Words written without their vowels: "chpd" is chopped, "grtd" grated and "prsly" parsley, as on the order pads of
/// most kitchens (common practice).
final class WithoutVowels {
    private static final String VOWELS = "aeiou";
    private static final int SHORTEST_TALK = 3;
    /// fewer consonants stand for too many foods
    private static final int SHORTEST_NAME = 4;
    private final Map<String, String> talk = new HashMap<>();
    /// a word that could be short for several is held as an empty string
    private final Map<String, String> names = new HashMap<>();

    /// @param words  what says only how, how much or where from
    /// @param others every other word of the tables: what could be short for one of these is taken for no talk
    /// @param named  those of the others that a word may be short for
    WithoutVowels(List<String> words, List<String> others, Collection<String> named) {
        for (var word : words) if (!isBare(word)) talk.putIfAbsent(skeleton(word), word);
        for (var other : others) {
            var skeleton = skeleton(other);
            names.merge(skeleton, isBare(other) || !named.contains(other) ? "" : other, (_, _) -> "");
            if (talk.remove(skeleton) != null) names.put(skeleton, "");
        }
    }

    /// {@return the word of talk that a word is short for, or an empty string}
    ///
    /// @param word in its one form
    String talk(String word) {
        return word.length() < SHORTEST_TALK || !isBare(word) ? "" : talk.getOrDefault(skeleton(word), "");
    }

    /// {@return the only word of the tables that a word is short for; empty where there is none, or several}
    ///
    /// @param word in its one form
    String name(String word) {
        return word.length() < SHORTEST_NAME || !isBare(word) ? "" : names.getOrDefault(skeleton(word), "");
    }

    /// whether no vowel stands in a word but at its head
    private static boolean isBare(String word) {
        for (var at = 1; at < word.length(); at++) if (VOWELS.indexOf(word.charAt(at)) >= 0) return false;
        return true;
    }

    /// the first letter and every consonant behind it, doubled ones once
    private static String skeleton(String word) {
        var left = new StringBuilder().append(word.charAt(0));
        for (var at = 1; at < word.length(); at++) {
            var c = word.charAt(at);
            if (VOWELS.indexOf(c) < 0 && c != left.charAt(left.length() - 1)) left.append(c);
        }
        return left.toString();
    }
}
