package keenfork.core.food;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// What kitchens say is left out of a food, in a word before its name or behind it: "GF pasta", "feta (vegan)".
///
/// Source: `said-short.txt`, row by row.
public final class LeftOut {
    private static final List<Table.Row> ROWS = Table.read(LeftOut.class, "said-short.txt", 3);
    private static final Map<String, String> IN_FULL =
            ROWS.stream().collect(Collectors.toUnmodifiableMap(r -> Words.key(r.cell(0)), r -> r.cell(1)));
    private static final int LONGEST = 12;
    private static final String FREE = " free";
    /// "gf": what is free of something, by the word that stands for it
    private static final Map<String, String> FREE_OF = ROWS.stream()
            .filter(r -> r.cell(1).endsWith(FREE) && !r.cell(0).contains(" "))
            .collect(Collectors.toUnmodifiableMap(r -> r.cell(0),
                    r -> r.cell(1).substring(0, r.cell(1).length() - FREE.length())));
    private static final String SHORT = "(?<said>" + String.join("|", FREE_OF.keySet()) + ")";
    private static final Pattern BEFORE = Pattern.compile("(?i)(?<!\\p{L})" + SHORT + "\\s+$");
    private static final Pattern BEHIND = Pattern.compile("(?i)\\s*[,(]?\\s*" + SHORT + "\\s*(?:[,)\\d]|$)");

    private LeftOut() {}

    /// {@return whether words say by themselves what is left out: "gf", "vegan"}
    ///
    /// @param key the words, each in its one form
    public static boolean isSaid(String key) { return IN_FULL.containsKey(key); }

    /// {@return a meaning where some things are said to be left out of it: of a bought product, which a pack settles}
    /// @param denied what is said not to be in it
    public static Meaning open(Meaning meaning, List<Meaning> denied) {
        if (denied.isEmpty() || !(meaning instanceof Meaning.OfFood(var food)) || !food.isCompound()) return meaning;
        return new Meaning.OfFood(food.leavingOpen(denied.stream().flatMap(m -> m.holds().stream()).toList()));
    }

    /// {@return what short words right before a food, or right behind it, say that it is free from: "GF gochujang"}
    /// @param start where the name of the food begins
    /// @param end   where it ends, exclusive
    public static List<Meaning> saidShort(String phrase, int start, int end) {
        var before = BEFORE.matcher(phrase.substring(0, start));
        var behind = BEHIND.matcher(phrase).region(end, phrase.length());
        return Stream.of(before.find() ? before.group("said") : "", behind.lookingAt() ? behind.group("said") : "")
                .map(w -> FREE_OF.get(w.toLowerCase(Locale.ROOT))).filter(Objects::nonNull)
                .flatMap(w -> Foods.shipped().meaning(w).stream()).toList();
    }

    /// {@return the ways in which a name of the tables is written, "GF pasta" for the gluten-free one; none where it
    /// tells of nothing left out}
    static List<String> written(String name) {
        return ROWS.stream().filter(r -> name.startsWith(r.cell(1) + " "))
                .map(r -> r.cell(0) + name.substring(r.cell(1).length())).toList();
    }

    /// {@return the food of the tables that is another without what some words say: the vegan feta for feta that is
    /// "vegan", or what stands in the place of beef that is; empty where the words say nothing of the kind}
    public static Optional<Food> of(Food food, String words) {
        if (words.length() > LONGEST) return Optional.empty();
        var full = IN_FULL.get(Words.key(words));
        var held = full == null ? Optional.<Food>empty()
                : food.names().stream().flatMap(n -> Foods.shipped().find(full + " " + n).stream()).findFirst();
        return held.or(() -> Imitation.saidBehind(food, words));
    }
}
