package keenfork.core.food;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/// Words that lie a slip of the pen away from others: a letter changed, left out, put in, or two exchanged.
final class Slips {
    /// a shorter word is a slip away from too many others
    private static final int SHORTEST = 4;
    /// words of so many letters may be two slips away when something is only proposed
    private static final int LONG = 7;
    private static final int MOST_PROPOSED = 3;
    private static final int MOST_KEPT = 10_000;

    private final List<Letters> words;
    private final Map<String, List<String>> oneAway = new ConcurrentHashMap<>();
    private final Map<String, List<String>> within = new ConcurrentHashMap<>();
    /// proposals made before: a misspelt word is asked about each time its dish is derived
    private final Map<String, List<String>> proposals = new ConcurrentHashMap<>();

    /// @param words what a word may be a slip of
    Slips(List<String> words) {
        this.words = words.stream().map(Letters::of).toList();
    }

    /// A word with the letters it is made of, one bit each: two words that differ in many letters are far apart.
    private record Letters(String text, int bits) {
        static Letters of(String text) {
            var bits = 0;
            for (var i = 0; i < text.length(); i++) bits |= 1 << (text.charAt(i) & 31);
            return new Letters(text, bits);
        }
    }

    private record Near(String word, int distance) {}

    /// {@return every word that lies one slip away, in order of the alphabet}
    List<String> oneAway(String word) {
        if (word.length() < SHORTEST) return List.of();
        var known = oneAway.get(word);
        if (known != null) return known;
        var found = within(word, 1).stream().map(Near::word).sorted().toList();
        if (oneAway.size() < MOST_KEPT) oneAway.put(word, found);
        return found;
    }

    /// {@return every word within the distance of a slip: one letter, or two where it is long}
    List<String> within(String word) {
        if (word.length() < SHORTEST) return List.of();
        var known = within.get(word);
        if (known != null) return known;
        var found = within(word, distance(word)).stream().map(Near::word).sorted().toList();
        if (within.size() < MOST_KEPT) within.put(word, found);
        return found;
    }

    /// {@return up to three words it may have meant, nearest first; two slips away where it is long}
    List<String> proposed(String word) {
        if (word.length() < SHORTEST) return List.of();
        var known = proposals.get(word);
        if (known != null) return known;
        var found = within(word, distance(word)).stream()
                .sorted(Comparator.comparingInt(Near::distance).thenComparing(Near::word)).limit(MOST_PROPOSED)
                .map(Near::word).toList();
        if (proposals.size() < MOST_KEPT) proposals.put(word, found);
        return found;
    }

    /// {@return how many slips a word of that length may be away from what it resembles}
    static int distance(String word) { return word.length() < LONG ? 1 : 2; }

    private List<Near> within(String word, int most) {
        var letters = Letters.of(word);
        var found = new ArrayList<Near>();
        for (var other : words) {
            if (Math.abs(other.text.length() - word.length()) > most
                    || Integer.bitCount(other.bits ^ letters.bits) > 2 * most)
                continue;
            var distance = distance(word, other.text, most);
            if (distance <= most) found.add(new Near(other.text, distance));
        }
        return found;
    }

    /// Letters changed, left out, put in or two exchanged, counted up to `most` + 1 (optimal string alignment
    /// distance). It stops as soon as a whole row lies beyond `most`.
    static int distance(String a, String b, int most) {
        var before = new int[b.length() + 1];
        var last = new int[b.length() + 1];
        var now = new int[b.length() + 1];
        for (var j = 0; j <= b.length(); j++) last[j] = j;
        for (var i = 1; i <= a.length(); i++) {
            now[0] = i;
            var least = i;
            for (var j = 1; j <= b.length(); j++) {
                var change = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1;
                now[j] = Math.min(last[j - 1] + change, Math.min(last[j], now[j - 1]) + 1);
                if (i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1))
                    now[j] = Math.min(now[j], before[j - 2] + 1);
                least = Math.min(least, now[j]);
            }
            if (least > most) return most + 1;
            var free = before;
            before = last;
            last = now;
            now = free;
        }
        return Math.min(last[b.length()], most + 1);
    }
}
