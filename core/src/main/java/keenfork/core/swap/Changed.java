package keenfork.core.swap;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import org.jspecify.annotations.Nullable;

/// A recipe with the moves of a plan made: in its lines, and in the steps that name what was changed.
final class Changed {
    private Changed() {}

    /// {@return the dish as the people get it whom the plan is for}
    ///
    /// What is held back is cooked for the others all the same: a step that works it in still names it, one that only
    /// scatters it does not.
    static Recipe of(Recipe recipe, List<Move> moves) {
        Map<Line, Move> byLine = new IdentityHashMap<>();
        for (var move : moves) byLine.put(move.line(), move);
        var held = held(moves);
        var changed = recipe.withParts(part -> part.withLines(held.contains(part.name()) ? List.of()
                : part.lines().stream().flatMap(line -> after(line, byLine.get(line)))
                        .toList()));
        if (recipe.steps().isEmpty()) return changed;
        var swapped = moves.stream().filter(m -> m.changes() && !(m instanceof Move.HoldBack))
                .map(m -> Swapped.of(m.line(), m.goesIn())).toList();
        var after = new Recipe(changed.name(), changed.serves(), changed.makes(), changed.parts(),
                recipe.steps().stream().map(s -> rewritten(s, swapped)).toList());
        if (held.isEmpty()) return after;
        var off =
                recipe.parts().stream().filter(p -> held.contains(p.name())).flatMap(p -> p.lines().stream()).toList();
        return new Recipe(after.name(), after.serves(), after.makes(), after.parts(), after.steps(),
                after.mentions().stream().filter(m -> !m.isOnTop(off, after.steps().get(m.step()))).toList());
    }

    private static Stream<Line> after(Line line, @Nullable Move move) {
        return move == null ? Stream.of(line) : move.goesIn().stream();
    }

    /// {@return the names of the parts that a plan holds back}
    static Set<String> held(List<Move> moves) {
        return moves.stream().filter(Move.HoldBack.class::isInstance).map(m -> ((Move.HoldBack) m).part())
                .collect(Collectors.toSet());
    }

    /// {@return the lines that stand in a part held back, and hold nothing avoided themselves}
    static List<Line> besides(Recipe recipe, List<Move> moves) {
        var held = held(moves);
        return recipe.parts().stream().filter(p -> held.contains(p.name())).flatMap(p -> p.lines().stream())
                .filter(line -> moves.stream().noneMatch(m -> m.line() == line)).toList();
    }

    /// A line that goes, by its foods and their kin, and the word that stands in a step instead of it.
    private record Swapped(List<Food> gone, Set<Substance> branches, String instead) {
        static Swapped of(Line line, List<Line> goesIn) {
            var gone = line.choices().stream().flatMap(c -> Stream.concat(Stream.of(c.main()), c.others().stream()))
                    .flatMap(Changed::food).toList();
            return new Swapped(gone,
                    gone.stream().flatMap(f -> f.holds().stream()).map(Substances.shipped()::branch)
                            .collect(Collectors.toSet()),
                    goesIn.isEmpty() ? "…" : goesIn.getFirst().food().map(Food::name).orElse("…"));
        }

        boolean isNamed(Food food) {
            return gone.contains(food)
                    || food.holds().stream().map(Substances.shipped()::branch).anyMatch(branches::contains);
        }
    }

    private static String rewritten(String step, List<Swapped> swapped) {
        var text = new StringBuilder(step);
        for (var match : Foods.shipped().recipeWords().read(step).matches().reversed())
            food(match.meaning()).findFirst().ifPresent(
                    food -> bestOf(food, swapped).ifPresent(s -> text.replace(match.start(), match.end(), s.instead)));
        return text.toString();
    }

    /// The very food first, its kin after that: of feta and parmesan each has its own step.
    private static Optional<Swapped> bestOf(Food food, List<Swapped> swapped) {
        return swapped.stream().filter(s -> s.gone.contains(food)).findFirst()
                .or(() -> swapped.stream().filter(s -> s.isNamed(food)).findFirst());
    }

    private static Stream<Food> food(Meaning meaning) {
        return meaning instanceof Meaning.OfFood(var food) ? Stream.of(food) : Stream.empty();
    }
}
