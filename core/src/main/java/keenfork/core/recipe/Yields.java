package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
    /// what comes out of a tin is cooked already
    private static final Pattern TINNED = Pattern.compile("(?i)\\b(?:tin|tinned|can|canned|jar|jarred)s?\\b");
    private static final Pattern COOKED = Pattern.compile("(?i)\\b(?:cook|boil|simmer|poach|steam)(?:ed|s|ing)?\\b");
    private static final Pattern SOAKED = Pattern.compile("(?i)\\bsoak(?:ed|s|ing)?\\b");
    private static final Map<String, Map<String, Span>> HELD = read();
    /// the foods that are cooked or soaked: most are neither
    private static final Set<String> CHANGING = changing();

    private Yields() {}

    private static Map<String, Map<String, Span>> read() {
        var held = new HashMap<String, Map<String, Span>>();
        for (var row : Table.read(Yields.class, "yields.txt", 4))
            for (var name : row.list(0))
                held.computeIfAbsent(row.cell(1), _ -> new HashMap<>())
                        .put(name.equals(ANY) ? ANY : row.read(0, _ -> shown(name)), row.read(2, Span::parse));
        return held;
    }

    private static Set<String> changing() {
        var names = new HashSet<String>();
        for (var change : List.of("cooked", "soaked")) names.addAll(HELD.getOrDefault(change, Map.of()).keySet());
        return names;
    }

    private static String shown(String name) {
        return Foods.shipped().find(name)
                .orElseThrow(() -> new IllegalArgumentException("no food \"%s\" in the table".formatted(name))).name();
    }

    private static Optional<Span> factor(String change, Food food) {
        return Optional.ofNullable(HELD.getOrDefault(change, Map.of()).get(food.name()));
    }

    /// whether a word begins as "tin", "can" and "jar" do: a look that spares most lines the pattern
    private static boolean mayBeTinned(String text) {
        for (var at = 0; at < text.length(); at++)
            if ((at == 0 || !Character.isLetter(text.charAt(at - 1))) && "tcjTCJ".indexOf(text.charAt(at)) >= 0)
                return true;
        return false;
    }

    /// {@return what is left of a tin or jar of it in the sieve}
    static Mass drained(Food food, Mass tin) {
        return tin.times(factor("drained", food)
                .orElseGet(() -> Optional.ofNullable(HELD.getOrDefault("drained", Map.of()).get(ANY)).orElseThrow()));
    }

    /// What a line's food weighs once soaked or cooked, where it is sold dry and the line or a step does that to it;
    /// empty where nothing of the kind is said, no factor is held, or it comes from a tin.
    static Optional<Mass> becomes(Line line, List<String> steps) {
        if (line.mass() == null || line.choices().isEmpty()) return Optional.empty();
        var food = line.food();
        if (food.isEmpty() || !CHANGING.contains(food.get().name())
                || mayBeTinned(line.text()) && TINNED.matcher(line.text()).find())
            return Optional.empty();
        var about = new ArrayList<String>();
        about.add(line.text());
        var name = Words.key(food.get().name());
        var last = name.substring(name.lastIndexOf(' ') + 1);
        for (var step : steps) if ((" " + Words.key(step) + " ").contains(" " + last + " ")) about.add(step);
        for (var change : List.of("cooked", "soaked")) {
            var pattern = change.equals("cooked") ? COOKED : SOAKED;
            var factor = factor(change, food.get());
            if (factor.isPresent() && about.stream().anyMatch(t -> pattern.matcher(t).find()))
                return Optional.of(line.mass().times(factor.get()));
        }
        return Optional.empty();
    }
}
