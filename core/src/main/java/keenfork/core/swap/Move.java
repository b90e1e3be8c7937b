package keenfork.core.swap;

import java.util.List;
import keenfork.core.recipe.Line;
import keenfork.core.trace.Fact;

/// One change of a plan.
public sealed interface Move {
    /// the line that is changed, as written
    Line line();

    /// something else goes in
    ///
    /// @param role what the line does in its dish
    record Replace(Line line, List<Line> with, Swap swap, Role role) implements Move {
        public Replace {
            with = List.copyOf(with);
        }
    }

    /// one of the line's own alternatives is taken
    record Choose(Line line, Line with) implements Move {}

    /// the same product goes in from another pack of the larder
    record ChangePack(Line line, Fact.PackInUse pack) implements Move {}

    /// nothing goes in
    record LeaveOut(Line line) implements Move {}

    /// the line's whole part is kept off this plate or stands beside
    record HoldBack(Line line, String part) implements Move {}

    /// portions are taken off before the line goes in
    ///
    /// @param step the step it goes in at, from 0; the number of steps where it goes on when the dish goes out
    record TakeOff(Line line, int step) implements Move {}

    /// nothing is changed yet: the pack must be read first
    record ReadPack(Line line) implements Move {}

    /// the dish that the line uses is changed inside, as a variant of its own
    ///
    /// @param with the line, using the variant
    /// @param plan what is changed inside
    record Inner(Line line, Line with, Plan plan) implements Move {}

    /// more or less of what is in the dish already, to set right the salt or the acid that other moves shift
    record Adjust(Line line, Line with) implements Move {}

    /// {@return what stands in the line's place}
    default List<Line> goesIn() {
        return switch (this) {
            case Replace(_, var with, _, _) -> with;
            case Choose(_, var with) -> List.of(with);
            case Adjust(_, var with) -> List.of(with);
            case Inner(_, var with, _) -> List.of(with);
            case ChangePack(var line, var pack) -> List.of(line.withPack(pack.declaration()));
            case LeaveOut _,HoldBack _,TakeOff _ -> List.of();
            case ReadPack(var line) -> List.of(line);
        };
    }

    /// {@return whether it changes a line for the sake of what is avoided}
    default boolean changes() { return !(this instanceof ReadPack) && !(this instanceof Adjust); }

    /// {@return whether the line stays in the recipe, and only some plates go without it}
    default boolean isForSomePlates() { return this instanceof HoldBack || this instanceof TakeOff; }

    /// {@return whether it is done the way this kitchen would rather do it}
    default boolean isOurWay() {
        return switch (this) {
            case Inner(_, _, var plan) -> plan.isOurWay();
            default -> isPreferred();
        };
    }

    /// {@return whether the kitchen would rather take this swap than another}
    default boolean isPreferred() { return this instanceof Replace(_, _, var swap, _) && swap.isLiked(); }

    /// how near the dish stays, 0 to 1 (all but a swap's own figure: common practice)
    default double closeness() {
        return switch (this) {
            case Replace(_, _, var swap, var role) -> swap.closeness(role);
            case Choose _,ReadPack _,Adjust _ -> 1;
            case ChangePack _ -> 0.98;
            case Inner(_, _, var plan) -> plan.closeness();
            case HoldBack _ -> 0.5;
            case TakeOff _ -> 0.45;
            case LeaveOut _ -> 0.4;
        };
    }

    /// {@return whether what the line does in its dish is still done}
    default boolean keepsRole() {
        return switch (this) {
            case Replace(_, _, var swap, var role) -> swap.fits(role);
            case Choose _,ReadPack _,Adjust _,ChangePack _,Inner _ -> true;
            case LeaveOut _,HoldBack _,TakeOff _ -> false;
        };
    }

    default Swap.Lead lead() {
        return switch (this) {
            case Replace(_, _, var swap, _) -> swap.lead();
            case Inner(_, _, var plan) -> plan.lead();
            default -> Swap.Lead.NONE;
        };
    }

    default int saltDrift() {
        return this instanceof Replace(_, _, var swap, _) ? Math.abs(swap.effects().salt()) : 0;
    }
}
