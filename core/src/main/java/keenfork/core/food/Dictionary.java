package keenfork.core.food;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/// The general dictionary: which words of English name something that can be eaten, and which name nothing of the kind.
/// It widens what is read; the kitchen's own tables always go before it.
///
/// Source: WordNet 3.1 (Princeton University), boiled down while the program is built.
final class Dictionary {
    /// What a word is: the dictionary does not have it, no sense of it can be eaten, some sense of it can, or its first
    /// sense stands below a branch of the tree.
    enum Edibility { NOT_HELD, INEDIBLE, EDIBLE, OF_A_BRANCH }

    private static final String WORDS = "/keenfork/dictionary/words.txt";
    private static final String BRANCHES = "/keenfork/dictionary/branches.txt";
    private static final int BRANCH_CELLS = 5;
    /// endings that WordNet's own morphology takes off, and what may stand in their place (morphy(7WN))
    private static final String[][] ENDINGS = {{"ies", "y"}, {"ses", "s"}, {"xes", "x"}, {"ches", "ch"}, {"shes", "sh"},
            {"es", "e"}, {"es", ""}, {"s", ""},
            {"ed", "e"}, {"ed", ""}, {"ing", "e"}, {"ing", ""}, {"er", ""}, {"er", "e"}, {"est", ""}, {"est", "e"},
            {"ly", ""}, {"y", ""}, {"y", "e"}};
    private static final int SHORTEST_STEM = 3;

    private final byte[] text;
    private final Map<Character, List<Substance>> branches;

    private Dictionary() {
        try (var in = Dictionary.class.getResourceAsStream(WORDS)) {
            if (in == null) throw new IllegalStateException("%s is not shipped".formatted(WORDS));
            text = in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        branches = branches();
    }

    /// The file is a megabyte, and a kitchen whose words are all in its own tables never needs it.
    private static final class Held {
        private static final Dictionary SHIPPED = new Dictionary();
    }

    static Dictionary shipped() { return Held.SHIPPED; }

    private static Map<Character, List<Substance>> branches() {
        var held = new HashMap<Character, List<Substance>>();
        for (var row : Table.read(Dictionary.class, BRANCHES, BRANCH_CELLS))
            held.put(row.cell(0).charAt(0), row.read(3, _ -> Substances.shipped().getAll(row.list(3))));
        return Map.copyOf(held);
    }

    /// {@return what a word is, in any of its forms; a form whose stem can be eaten ("buttered") is no talk}
    ///
    /// @param word in one form, as [Words] gives it
    Edibility kind(String word) {
        var best = of(letter(word));
        for (var stem : stems(word)) {
            var kind = of(letter(stem));
            if (kind.ordinal() > best.ordinal()) best = kind == Edibility.OF_A_BRANCH ? Edibility.EDIBLE : kind;
        }
        return best;
    }

    /// {@return the substances of the branch that a word's first sense stands below; none where it stands below no
    /// branch}
    List<Substance> branch(String word) {
        var letter = letter(word);
        return letter == null ? List.of() : branches.getOrDefault(letter, List.of());
    }

    /// {@return what a word may be a form of: "buttered" of butter}
    static List<String> stems(String word) {
        var stems = new ArrayList<String>();
        for (var ending : ENDINGS) {
            var bare = word.length() - ending[0].length();
            if (bare < SHORTEST_STEM || !word.endsWith(ending[0])) continue;
            stems.add(word.substring(0, bare) + ending[1]);
            // "chopped" of chop: the last letter is doubled
            if (ending[1].isEmpty() && bare > SHORTEST_STEM && word.charAt(bare - 1) == word.charAt(bare - 2))
                stems.add(word.substring(0, bare - 1));
        }
        return stems;
    }

    private static Edibility of(@Nullable Character letter) {
        if (letter == null) return Edibility.NOT_HELD;
        return switch (letter) {
            case '.' -> Edibility.INEDIBLE;
            case '+' -> Edibility.EDIBLE;
            default -> Edibility.OF_A_BRANCH;
        };
    }

    /// The lines of the file are in order: halved until the word's line is found.
    private @Nullable Character letter(String word) {
        var key = word.getBytes(StandardCharsets.UTF_8);
        var low = 0;
        var high = text.length;
        while (low < high) {
            var start = (low + high) >>> 1;
            while (start > low && text[start - 1] != '\n') start--;
            var at = start;
            var i = 0;
            while (i < key.length && text[at] == key[i]) {
                at++;
                i++;
            }
            if (i == key.length && text[at] == ' ') return (char) text[at + 1];
            // the blank behind a shorter word stands before every letter
            if (i == key.length || text[at] > key[i]) {
                high = start;
            } else {
                while (text[at] != '\n') at++;
                low = at + 1;
            }
        }
        return null;
    }
}
