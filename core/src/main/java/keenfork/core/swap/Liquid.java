package keenfork.core.swap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import keenfork.core.food.Food;
import keenfork.core.measure.Volumes;
import keenfork.core.recipe.Line;

/// The water or stock of a recipe that a grain is cooked in: another grain takes another weight of it.
final class Liquid {
    private static final Set<String> LIQUIDS = Families.keys("water; any stock");

    private Liquid() {}

    /// {@return the line of water or stock that a sentence names together with a line, and that no move changes}
    static Optional<Line> of(NamedLines named, Line line, List<Move> moves) {
        return named.sentences(line).stream().flatMap(s -> s.foods().stream())
                .flatMap(f -> named.meant(f).stream()).filter(Liquid::is)
                .filter(l -> moves.stream().noneMatch(m -> m.line() == l && m.changes())).findFirst();
    }

    private static boolean is(Line line) { return line.food().map(Food::id).filter(LIQUIDS::contains).isPresent(); }

    /// {@return the moves, with the water or stock of each grain that is swapped made as much as the new one takes}
    static List<Move> adjusted(NamedLines named, List<Move> moves, Volumes volumes) {
        var all = new ArrayList<>(moves);
        for (var move : moves) {
            if (!(move instanceof Move.Replace(var line, var with, _, _))) continue;
            var cooking = with.getFirst().food().flatMap(Cooking::of);
            var dry = with.getFirst().mass();
            var liquid = of(named, line, all);
            if (cooking.isEmpty() || dry == null || liquid.isEmpty() || liquid.get().food().isEmpty()) continue;
            all.removeIf(m -> m.line() == liquid.get());
            all.add(new Move.Adjust(liquid.get(), Written.line(liquid.get().food().get(),
                    cooking.get().waterFor(dry), volumes)));
        }
        return List.copyOf(all);
    }
}
