package keenfork.core.food;

import java.util.Map;
import java.util.stream.Collectors;

/// Foods that a kitchen names in the plural: "sunflower seeds", and never "olive oils".
public final class Plurals {
    private static final Map<String, String> PLURALS = Table.read(Plurals.class, "plurals.txt", 2).stream()
            .collect(Collectors.toUnmodifiableMap(r -> r.cell(0), r -> r.cell(1)));

    private Plurals() {}

    /// {@return a food as a list of what goes in names it}
    public static String of(Food food) { return PLURALS.getOrDefault(food.name(), food.name()); }
}
