package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Table;
import keenfork.core.food.Words;
import keenfork.core.measure.Mass;
import keenfork.core.measure.Span;

/// What becomes of a food: dried chickpeas double when soaked, a drained tin gives up its water. Factors of weight.
final class Yields {
    private static final String ANY = "*";
    private static final Pattern DRY = Pattern.compile("(?i)\\b(?:dry|dried|uncooked)\\b");
    private static final Pattern COOKED = Pattern.compile("(?i)\\b(?:cook|boil|simmer|poach|steam)(?:ed|s|ing)?\\b");
    private static final Pattern SOAKED = Pattern.compile("(?i)\\bsoak(?:ed|s|ing)?\\b");
    private static final Map<String, Map<String, Span>> HELD = read();

    private Yields() {}

    private static Map<String, Map<String, Span>> read() {
        var held = new HashMap<String, Map<String, Span>>();
        for (var row : Table.read(Yields.class, "yields.txt", 4))
            for (var name : row.list(0)) held.computeIfAbsent(row.cell(1), _ -> new HashMap<>()).put(name.equals(ANY) ? ANY : row.read(0, _ -> shown(name)), row.read(2, Span::parse));
        return held;
    }

    private static String shown(String name) {
        return Foods.shipped().find(name).orElseThrow(() -> new IllegalArgumentException("no food \"%s\" in the table".formatted(name))).name();
    }

    private static Optional<Span> factor(String change, Food food) {
        return Optional.ofNullable(HELD.getOrDefault(change, Map.of()).get(food.name()));
    }

    /// {@return what is left of a tin or jar of it in the sieve}
    static Mass drained(Food food, Mass tin) {
        return times(tin, factor("drained", food).orElseGet(() -> Optional.ofNullable(HELD.getOrDefault("drained", Map.of()).get(ANY)).orElseThrow()));
    }

    /// What a line's food weighs once soaked or cooked, where the line tells it dry (or the food is sold dry) and the line or a step cooks it;
    /// empty where nothing of the kind is said or no factor is held.
    static Optional<Mass> becomes(Line line, List<String> steps) {
        var food = line.food();
        if (food.isEmpty() || line.mass() == null || factor("cooked", food.get()).isEmpty() && factor("soaked", food.get()).isEmpty()) return Optional.empty();
        var about = new ArrayList<String>();
        about.add(line.text());
        var name = Words.key(food.get().name());
        var last = name.substring(name.lastIndexOf(' ') + 1);
        for (var step : steps) if ((" " + Words.key(step) + " ").contains(" " + last + " ")) about.add(step);
        var saysDry = DRY.matcher(line.text()).find();
        for (var change : List.of("cooked", "soaked")) {
            var pattern = change.equals("cooked") ? COOKED : SOAKED;
            var factor = factor(change, food.get());
            if (factor.isPresent() && about.stream().anyMatch(t -> pattern.matcher(t).find()) && (saysDry || !line.text().toLowerCase(Locale.ROOT).contains("tin")))
                return Optional.of(times(line.mass(), factor.get()));
        }
        return Optional.empty();
    }

    private static Mass times(Mass mass, Span factor) {
        return new Mass(scaled(mass.low(), factor.low()), scaled(mass.likely(), factor.likely()), scaled(mass.high(), factor.high()));
    }

    private static long scaled(long micrograms, java.math.BigDecimal factor) {
        return java.math.BigDecimal.valueOf(micrograms).multiply(factor).setScale(0, java.math.RoundingMode.HALF_UP).longValueExact();
    }
}
