package keenfork.core.run;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalDouble;
import keenfork.core.food.Substance;
import keenfork.core.food.Table;

/// Reference doses, mg of protein on one eating occasion. Estimates order the work; they are never grounds for dropping
/// a warning.
public final class Doses {
    private static final Map<String, Double> HELD = read();

    private Doses() {}

    private static Map<String, Double> read() {
        var doses = new LinkedHashMap<String, Double>();
        for (var row : Table.read(Doses.class, "doses.txt", 3))
            doses.put(row.cell(0), row.read(1, Double::parseDouble));
        return doses;
    }

    /// {@return the dose of a substance, or empty where none is held}
    public static OptionalDouble of(Substance substance) {
        var dose = HELD.get(substance.id());
        return dose == null ? OptionalDouble.empty() : OptionalDouble.of(dose);
    }
}
