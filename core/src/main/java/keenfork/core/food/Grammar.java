package keenfork.core.food;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/// The short words of grammar, by what they do: "until" before a time, "but" behind everything. One table for every
/// reader.
public final class Grammar {
    private static final Map<String, List<String>> HELD = read();
    /// between two foods: "&", "+", or a word that leads on to another
    public static final Pattern AND = Pattern.compile("(?i)\\s*(?:[&+]|\\b(?:" + anyOf("goes-on") + ")\\b)\\s*");

    private Grammar() {}

    private static Map<String, List<String>> read() {
        var held = new LinkedHashMap<String, List<String>>();
        for (var row : Table.read(Grammar.class, "grammar.txt", 3)) held.put(row.cell(1), row.list(0));
        return held;
    }

    /// {@return the words of a kind, in the order of the table}
    /// @throws IllegalArgumentException when no row is of that kind
    public static List<String> list(String kind) {
        var words = HELD.get(kind);
        if (words == null) throw new IllegalArgumentException("no words of grammar are \"%s\"".formatted(kind));
        return words;
    }

    /// {@return the words of a kind}
    /// @throws IllegalArgumentException when no row is of that kind
    public static Set<String> words(String kind) { return Set.copyOf(list(kind)); }

    /// {@return the words of a kind as the alternatives of a pattern, the longest first}
    /// @throws IllegalArgumentException when no row is of that kind
    public static String anyOf(String kind) {
        return String.join("|", list(kind).stream().sorted(Comparator.comparing(w -> -w.length()))
                .map(w -> w.chars().allMatch(c -> Character.isLetter(c) || c == ' ') ? w : Pattern.quote(w)).toList());
    }

    /// {@return a pattern that finds a word of a kind wherever it stands by itself, in either case}
    /// @throws IllegalArgumentException when no row is of that kind
    public static Pattern wordOf(String kind) { return Pattern.compile("(?i)\\b(?:" + anyOf(kind) + ")\\b"); }
}
