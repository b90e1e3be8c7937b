package keenfork.core.recipe;

import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Table;

/// What a part is to its dish. Toppings and what stands beside can be left off at the table.
public enum PartKind {
    BASE("Base"), DRESSING("Dressing"), TOPPING("Topping"), BESIDE("Beside");

    private final String word;
    private final Pattern names;

    PartKind(String word) {
        this.word = word;
        names = Pattern.compile("\\b(?:" + anyOf(r -> r.cell(1).equalsIgnoreCase(word)) + ")\\b",
                Pattern.CASE_INSENSITIVE);
    }

    /// {@return every word that makes a headline by itself, as they stand in a pattern}
    static String headlines() { return anyOf(r -> r.cell(2).equals("headline")); }

    private static String anyOf(Predicate<Table.Row> which) {
        return Table.read(PartKind.class, "part-words.txt", 4).stream().filter(which).map(r -> Pattern.quote(r.cell(0)))
                .collect(Collectors.joining("|"));
    }

    /// {@return its word on screens}
    public String word() { return word; }

    /// {@return whether a portion can go out without it}
    public boolean comesOff() { return this == TOPPING || this == BESIDE; }

    /// {@return the kind a part's name sounds like; a base where it sounds like nothing else}
    public static PartKind guess(String name) {
        for (var kind : new PartKind[] {BESIDE, TOPPING, DRESSING})
            if (kind.names.matcher(name).find()) return kind;
        return BASE;
    }
}
