package keenfork.core.recipe;

import java.util.List;
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
        var sum = Mass.NONE;
        for (var line : lines) if (line.mass() != null) sum = sum.plus(line.mass());
        return sum;
    }
}
