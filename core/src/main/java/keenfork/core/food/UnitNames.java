package keenfork.core.food;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.measure.Fraction;
import keenfork.core.measure.Unit;

/// The names of units as cooks write them, from the table `units.txt`.
public final class UnitNames {
    private static final List<UnitName> ALL = read();
    private static final Set<String> PARTS = parts();

    private UnitNames() {}

    /// A unit under one of its names.
    ///
    /// @param word in lower case
    /// @param noun the count noun that a food's own weights know it by; the unit's own key for a weight or volume
    /// @param metric how many of the unit one is: a dessertspoon is two teaspoons
    /// @param us     the same in the United States
    public record UnitName(String word, Unit unit, String noun, Fraction metric, Fraction us) {}

    private static List<UnitName> read() {
        var all = new ArrayList<UnitName>();
        for (var row : Table.read(UnitNames.class, "units.txt", 6)) {
            var unit = row.read(1, UnitNames::unit);
            var times = row.read(4, c -> Arrays.stream(c.split(" ")).map(Fraction::read).toList());
            var noun = row.cell(2).isEmpty() ? unit.id() : row.cell(2);
            for (var word : row.list(0)) all.add(new UnitName(word, unit, noun, times.getFirst(), times.getLast()));
        }
        return List.copyOf(all);
    }

    private static Unit unit(String id) {
        return Arrays.stream(Unit.values()).filter(u -> u.id().equals(id)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no unit \"%s\"".formatted(id)));
    }

    private static Set<String> parts() {
        var found = new HashSet<String>();
        for (var row : Table.read(UnitNames.class, "units.txt", 6))
            if (row.cell(3).equals("part")) found.add(row.cell(2));
        return Set.copyOf(found);
    }

    /// {@return every name of every unit, in the order of the table}
    public static List<UnitName> all() { return ALL; }

    /// {@return what finds a name of some units, as the inside of a regular expression}
    public static String anyOf(Predicate<Unit> which) {
        return ALL.stream().filter(u -> which.test(u.unit())).map(u -> Pattern.quote(u.word()))
                .collect(Collectors.joining("|"));
    }

    /// {@return what finds a name of any unit}
    public static String any() { return anyOf(_ -> true); }

    /// {@return what finds a name of a unit of weight or volume}
    public static String measures() { return anyOf(u -> u.kind() != Unit.Kind.COUNT); }

    /// {@return whether one of that noun is only a part of a food: a leaf of lettuce, a bag of nuts}
    static boolean isPart(String noun) { return PARTS.contains(noun); }
}
