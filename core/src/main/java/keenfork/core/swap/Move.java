package keenfork.core.swap;

import java.util.List;
import keenfork.core.recipe.Line;

/// One change of a plan.
public sealed interface Move {
    /// the line that is changed, as written
    Line line();

    /// something else goes in
    record Replace(Line line, List<Line> with, Swap swap) implements Move {
        public Replace {
            with = List.copyOf(with);
        }
    }

    /// one of the line's own alternatives is taken
    record Choose(Line line, Line with) implements Move {}

    /// nothing goes in
    record LeaveOut(Line line) implements Move {}

    /// the line's part is kept off this plate or stands beside
    record HoldBack(Line line, String part) implements Move {}

    /// nothing is changed yet: the pack must be read first
    record Keep(Line line) implements Move {}

    default List<Line> goesIn() {
        return switch (this) {
            case Replace(_, var with, _) -> with;
            case Choose(_, var with) -> List.of(with);
            case LeaveOut _, HoldBack _ -> List.of();
            case Keep(var line) -> List.of(line);
        };
    }

    default boolean changes() { return !(this instanceof Keep); }

    /// how near the dish stays, 0 to 1 (leaving out and holding back: common practice)
    default double closeness() {
        return switch (this) {
            case Replace(_, _, var swap) -> swap.closeness();
            case Choose _, Keep _ -> 1;
            case HoldBack _ -> 0.5;
            case LeaveOut _ -> 0.4;
        };
    }

    default Swap.Lead lead() {
        return this instanceof Replace(_, _, var swap) ? swap.lead() : Swap.Lead.NONE;
    }

    default int saltDrift() {
        return this instanceof Replace(_, _, var swap) ? Math.abs(swap.effects().salt()) : 0;
    }
}
