package keenfork.web.larder;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import keenfork.core.food.Food;
import keenfork.core.food.Substance;
import keenfork.core.measure.Span;

/// The foods of the table as a page.
///
/// @param q     what is looked for, as typed
/// @param count how many were found
/// @param rows  the first of them
record FoodList(String q, int count, List<FoodRow> rows) {
    private static final int MOST_NAMES = 3;

    /// {@return that there are more than are shown; empty where there are not}
    public String more() {
        return count > rows.size() ? ", the first %d shown: find one by name".formatted(rows.size()) : "";
    }

    /// a row of the table
    record FoodRow(String name, String others, String holds, String sometimes, String weighs, String source) {
        static FoodRow of(Food food, boolean isWeighedHere) {
            var weights = new ArrayList<String>();
            if (food.density() != null) weights.add("1 ml " + span(food.density()));
            new TreeMap<>(food.counts()).forEach((noun, g) -> weights.add("1 " + noun + " " + span(g)));
            var nothing = food.isCompound() ? "depends on the pack" : "–";
            return new FoodRow(food.name(), String.join(", ", food.names().stream().skip(1).limit(MOST_NAMES).toList()),
                    food.holds().isEmpty() ? nothing : names(food.holds()), names(food.sometimes()),
                    String.join(", ", weights.stream().limit(MOST_NAMES).toList())
                            + (isWeighedHere ? " · some weighed here" : ""),
                    food.source());
        }
    }

    static String names(List<Substance> substances) {
        return String.join(", ", substances.stream().map(Substance::name).toList());
    }

    /// {@return grams, with least and most where they differ: `17 g (15–20)`}
    static String span(Span span) {
        var low = span.low().stripTrailingZeros().toPlainString();
        var high = span.high().stripTrailingZeros().toPlainString();
        return span.likely().stripTrailingZeros().toPlainString() + " g"
                + (low.equals(high) ? "" : " (" + low + "–" + high + ")");
    }
}
