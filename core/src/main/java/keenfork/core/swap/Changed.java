package keenfork.core.swap;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
    static Recipe of(Recipe recipe, List<Move> moves) { return of(recipe, NamedLines.of(recipe), moves); }

    /// The same for a dish whose steps were looked through already.
    static Recipe of(Recipe recipe, NamedLines named, List<Move> moves) {
        Map<Line, Move> byLine = new IdentityHashMap<>();
        for (var move : moves) byLine.put(move.line(), move);
        var held = held(moves);
        var changed = recipe.withParts(part -> part.withLines(held.contains(part.name()) ? List.of()
                : part.lines().stream().flatMap(line -> after(line, byLine.get(line)))
                        .toList()));
        if (recipe.steps().isEmpty()) return called(recipe, changed.with(changed.parts(), changed.steps()));
        // whoever the portions are taken off for gets them without it
        var theirs =
                moves.stream().map(m -> m instanceof Move.TakeOff off ? new Move.LeaveOut(off.line()) : m).toList();
        var after = called(recipe, recipe.with(changed.parts(),
                Method.of(named, theirs, null).stream().map(MethodStep::plain).toList()));
        if (held.isEmpty()) return after;
        var off =
                recipe.parts().stream().filter(p -> held.contains(p.name())).flatMap(p -> p.lines().stream()).toList();
        return new Recipe(after.name(), after.serves(), after.makes(), after.parts(), after.steps(),
                after.mentions().stream()
                        .filter(m -> m.isOfName() || !m.isOnTop(off, after.steps().get(m.step()))).toList());
    }

    /// What the dish is called after and no line held is as open as before; what a line held is what a plan changes.
    private static Recipe called(Recipe before, Recipe after) {
        var open = before.mentions().stream().filter(m -> m.isOfName() && !m.isHeldBy(before.lines())).toList();
        return open.isEmpty() ? after
                : new Recipe(after.name(), after.serves(), after.makes(), after.parts(), after.steps(),
                        Stream.concat(after.mentions().stream(), open.stream()).toList(), after.suggested());
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
}
