package keenfork.core.recipe;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Table;
import keenfork.core.food.WordSet;
import keenfork.core.food.Words;
import keenfork.core.measure.Mass;
import keenfork.core.measure.Span;
import org.jspecify.annotations.Nullable;

/// What becomes of a food: dried chickpeas double when soaked, a drained tin gives up its water. Factors of weight.
final class Yields {
    private static final String ANY = "*";
    /// what comes out of a tin is cooked already
    private static final Pattern TINNED = Grammar.wordOf("tinned");
    /// What is done to it, and what says so; what is cooked was soaked before, so that stands first.
    enum Change {
        COOKED, SOAKED;

        /// as the table has it
        private final String id = name().toLowerCase(Locale.ROOT);
        private final WordSet words = new WordSet(Grammar.list(id).stream().map(Words::key).toList());

        private boolean isSaid(String text) { return words.isIn(text, 0); }
    }

    private static final List<Change> CHANGES = List.of(Change.values());
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
        for (var change : CHANGES) names.addAll(HELD.getOrDefault(change.id, Map.of()).keySet());
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

    /// {@return whether a line's food is one that is soaked or cooked, sold dry and weighed}
    static boolean mayChange(Line line) {
        if (line.mass() == null || line.choices().isEmpty()) return false;
        var food = line.food();
        return food.isPresent() && CHANGING.contains(food.get().name())
                && !(mayBeTinned(line.text()) && TINNED.matcher(line.text()).find());
    }

    /// {@return by change, the words of the steps that make it}
    static Map<Change, Set<String>> said(List<String> steps) {
        var said = new EnumMap<Change, Set<String>>(Change.class);
        for (var step : steps)
            for (var change : CHANGES)
                if (change.isSaid(step))
                    said.computeIfAbsent(change, _ -> new HashSet<>()).addAll(List.of(Words.key(step).split(" ")));
        return said;
    }

    /// What a line's food weighs once soaked or cooked, where the line says so or a step does that to it; empty where
    /// nothing of the kind is said, or no factor is held.
    ///
    /// @param said what the steps do, as [#said(List)] has it
    static Optional<Mass> becomes(Line line, Map<Change, Set<String>> said) {
        if (!mayChange(line)) return Optional.empty();
        var food = line.food().orElseThrow();
        for (var change : CHANGES) {
            var factor = factor(change.id, food);
            if (factor.isPresent() && (change.isSaid(line.text()) || isSaidOf(food, said.get(change))))
                return Optional.of(Objects.requireNonNull(line.mass()).times(factor.get()));
        }
        return Optional.empty();
    }

    /// @param words those of the steps that make a change, or null where none does
    private static boolean isSaidOf(Food food, @Nullable Set<String> words) {
        if (words == null) return false;
        var name = Words.key(food.name());
        return words.contains(name.substring(name.lastIndexOf(' ') + 1));
    }
}
