package keenfork.core.recipe;

import java.util.List;
import java.util.Optional;
import keenfork.core.measure.Mass;

/// A component of a dish.
///
/// @param name  as written, such as `Dressing`
/// @param kind  what it is to the dish, guessed from its name
/// @param lines its ingredient lines in order
public record Part(String name, PartKind kind, List<Line> lines) {
    public Part {
        lines = List.copyOf(lines);
    }

    public Part withLines(List<Line> other) {
        return new Part(name, kind, other);
    }

    /// {@return what is known to go in; lines without a weight are left out}
    public Mass mass() {
        return lines.stream().map(Line::weighed).flatMap(Optional::stream).reduce(Mass.NONE, Mass::plus);
    }
}
