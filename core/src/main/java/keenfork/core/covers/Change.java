package keenfork.core.covers;

import java.util.List;
import keenfork.core.swap.Plan;

/// Something done to a dish so that more people can eat it.
public sealed interface Change {
    /// the dish
    MenuDish dish();

    /// parts that come off stay off some plates
    record HoldBack(MenuDish dish, List<String> parts) implements Change {
        public HoldBack {
            parts = List.copyOf(parts);
        }
    }

    /// portions are taken off before a step, from 1
    record SplitOff(MenuDish dish, int step) implements Change {}

    /// the dish is changed for everyone
    record SwapForAll(MenuDish dish, Plan plan) implements Change {}

    /// A dish of its own is made for some, beside the dish as it is.
    ///
    /// @param extra the work of making it
    record MakeVariant(MenuDish dish, Plan plan, Effort.Extra extra) implements Change {}

    /// {@return how many lines of the recipe it touches; one where it touches plates alone}
    default int size() {
        return switch (this) {
            case HoldBack _,SplitOff _ -> 1;
            case SwapForAll(_, var plan) -> plan.changes().size();
            case MakeVariant(_, var plan, _) -> plan.changes().size();
        };
    }

    /// {@return whether the dish is made twice for it}
    default boolean isTwice() { return this instanceof MakeVariant; }

    /// {@return washes of shared kit that the run needs more for it}
    default int washes() { return this instanceof MakeVariant(_, _, var extra) ? extra.washes() : 0; }

    /// {@return minutes of lead time, at most, and of the hands of the run}
    default int minutes() {
        return switch (this) {
            case HoldBack _,SplitOff _ -> 0;
            case SwapForAll(_, var plan) -> plan.lead().high();
            case MakeVariant(_, var plan, var extra) -> plan.lead().high() + extra.minutes();
        };
    }

    /// {@return closeness lost, in thousandths}
    default int lost() {
        return switch (this) {
            case HoldBack _ -> 500;
            case SplitOff _ -> 550;
            case SwapForAll(_, var plan) -> plan.cost().lost();
            case MakeVariant(_, var plan, _) -> plan.cost().lost();
        };
    }
}
