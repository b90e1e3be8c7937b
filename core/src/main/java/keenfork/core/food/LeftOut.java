package keenfork.core.food;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/// What kitchens say is left out of a food, in a word before its name or behind it: "GF pasta", "feta (vegan)".
///
/// Source: `said-short.txt`, row by row.
public final class LeftOut {
    private static final List<Table.Row> ROWS = Table.read(LeftOut.class, "said-short.txt", 3);
    private static final Map<String, String> IN_FULL =
            ROWS.stream().collect(Collectors.toUnmodifiableMap(r -> Words.key(r.cell(0)), r -> r.cell(1)));
    private static final int LONGEST = 12;

    private LeftOut() {}

    /// {@return a meaning where some things are said to be left out of it: of a bought product, which a pack settles}
    /// @param denied what is said not to be in it
    public static Meaning open(Meaning meaning, List<Meaning> denied) {
        if (denied.isEmpty() || !(meaning instanceof Meaning.OfFood(var food)) || !food.isCompound()) return meaning;
        return new Meaning.OfFood(food.leavingOpen(denied.stream().flatMap(m -> m.holds().stream()).toList()));
    }

    /// {@return the ways in which a name of the tables is written, "GF pasta" for the gluten-free one; none where it
    /// tells of nothing left out}
    static List<String> written(String name) {
        return ROWS.stream().filter(r -> name.startsWith(r.cell(1) + " "))
                .map(r -> r.cell(0) + name.substring(r.cell(1).length())).toList();
    }

    /// {@return the food of the tables that is another without what some words say: the vegan feta for feta that is
    /// "vegan"; empty where the words say nothing of the kind, or no table holds it}
    public static Optional<Food> of(Food food, String words) {
        var full = words.length() > LONGEST ? null : IN_FULL.get(Words.key(words));
        return full == null ? Optional.empty()
                : food.names().stream().flatMap(n -> Foods.shipped().find(full + " " + n).stream()).findFirst();
    }
}
