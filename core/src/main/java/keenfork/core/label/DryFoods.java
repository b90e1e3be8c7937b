package keenfork.core.label;

import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Collectors;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.Table;
import keenfork.core.food.Words;
import keenfork.core.recipe.Line;
import keenfork.core.trace.Derivation;

/// What is made of dry foods, sugars and oils alone, and with no water: nothing grows in it. It is said only where all
/// of it is known: one line that is not read, one fresh herb or one step with water, and it is no such thing.
final class DryFoods {
    private static final Set<String> DRY = cells("food");
    /// words of steps that bring water in
    private static final Set<String> WET = cells("wet");

    private DryFoods() {}

    private static Set<String> cells(String kind) {
        return Table.read(DryFoods.class, "dry-foods.txt", 3).stream().filter(r -> r.cell(0).equals(kind))
                .flatMap(r -> Arrays.stream(r.cell(1).split(",\\s*"))).map(c -> kind.equals("food") ? food(c) : c)
                .collect(Collectors.toUnmodifiableSet());
    }

    private static String food(String name) {
        return Foods.shipped().find(name).map(Food::id)
                .orElseThrow(() -> new IllegalStateException("dry-foods.txt: no food is called " + name));
    }

    /// {@return whether a dish is made of nothing else}
    static boolean only(Derivation dish) { return only(dish, new HashSet<>()); }

    private static boolean only(Derivation dish, Set<String> opened) {
        if (!opened.add(Words.key(dish.recipe().name()))) return false;
        return !dish.recipe().lines().isEmpty()
                && dish.recipe().lines().stream().allMatch(l -> isDry(dish, l, opened))
                && dish.recipe().steps().stream().noneMatch(s -> isWet(s) || putsIn(s, dish));
    }

    private static boolean isDry(Derivation dish, Line line, Set<String> opened) {
        if (!line.dish().isEmpty()) return dish.other(line).filter(o -> only(o, opened)).isPresent();
        return line.unread().isEmpty() && line.choices().size() == 1 && !isWet(line.text())
                && line.food().filter(f -> DRY.contains(f.id())).isPresent();
    }

    /// "cashews, soaked overnight"
    private static boolean isWet(String words) {
        return Words.of(words).stream().anyMatch(w -> WET.contains(Words.key(w.text())));
    }

    /// "Toss in egg white": what a step puts in must be dry as well. A verb at its head is no food, and "the seeds" are
    /// those of the list.
    private static boolean putsIn(String step, Derivation dish) {
        return Foods.shipped().recipeWords().read(step).matches().stream()
                .anyMatch(m -> m.start() > 0 && m.meaning() instanceof Meaning.OfFood(var food)
                        && !DRY.contains(food.id()) && !isListed(m.text(), dish));
    }

    private static boolean isListed(String words, Derivation dish) {
        var named = " " + Words.key(words) + " ";
        return dish.recipe().lines().stream().anyMatch(l -> (" " + Words.key(l.text()) + " ").contains(named));
    }
}
