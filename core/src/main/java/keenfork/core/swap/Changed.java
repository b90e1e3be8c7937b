package keenfork.core.swap;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
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

/// A recipe with the moves of a plan made: in its lines, and in the steps that name what was changed.
final class Changed {
    private Changed() {}

    static Recipe of(Recipe recipe, List<Move> moves) {
        Map<Line, Move> byLine = new IdentityHashMap<>();
        for (var move : moves) byLine.put(move.line(), move);
        var changed = recipe.withParts(part -> part.withLines(part.lines().stream()
                .flatMap(line -> byLine.containsKey(line) ? byLine.get(line).goesIn().stream() : Stream.of(line)).toList()));
        var steps = recipe.steps();
        for (var move : moves) if (move.changes()) steps = steps.stream().map(step -> rewritten(step, move)).toList();
        return new Recipe(changed.name(), changed.serves(), changed.makes(), changed.parts(), steps);
    }

    private static String rewritten(String step, Move move) {
        var gone = move.line().choices().stream().flatMap(c -> Stream.concat(Stream.of(c.main()), c.others().stream())).flatMap(Changed::food).toList();
        var branches = gone.stream().flatMap(f -> f.holds().stream()).map(Substances.shipped()::branch).collect(Collectors.toSet());
        var instead = move.goesIn().isEmpty() ? "…" : move.goesIn().getFirst().food().map(Food::name).orElse("…");
        var text = new StringBuilder(step);
        for (var match : Foods.shipped().recipeWords().read(step).matches().reversed())
            if (food(match.meaning()).anyMatch(f -> gone.contains(f) || sharesBranch(f, branches))) text.replace(match.start(), match.end(), instead);
        return text.toString();
    }

    private static boolean sharesBranch(Food food, Set<Substance> branches) {
        return food.holds().stream().map(Substances.shipped()::branch).anyMatch(branches::contains);
    }

    private static Stream<Food> food(Meaning meaning) {
        return meaning instanceof Meaning.OfFood(var food) ? Stream.of(food) : Stream.empty();
    }
}
