package keenfork.web.swap;

import java.util.List;
import keenfork.core.swap.Role;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.AsideView;
import keenfork.web.page.SplitView;
import org.jspecify.annotations.Nullable;

/// The bench for swaps as it is shown.
///
/// @param own        words of the kitchen's own for what must be out
/// @param counts     what must be out, and whether only the recipe counts for it
/// @param unknown    what was not understood, in words
/// @param understood all that is avoided, in words
/// @param without    the same, short
/// @param every      the plans of all dishes, where they are asked for
/// @param plans      the plans of one dish, where one is asked for
/// @param wrong      why something was not kept, or null
record SwapsView(SwapQuery asked, List<Menu.Dish> dishes, List<GroupChoice> groups, List<Choice> choices,
        List<String> own, List<Counts> counts, List<String> unknown, String understood, String without,
        @Nullable MenuPlans every, @Nullable OfDish plans, @Nullable String wrong) {

    /// something that can be chosen to be avoided
    record Choice(String id, String name, boolean chosen) {}

    /// a word that must be out, and whether only the recipe counts for it
    record Counts(String word, boolean recipeOnly) {}

    /// guests that can be chosen
    record GroupChoice(long id, String name, int people, boolean chosen) {}

    /// What can be done with one dish.
    ///
    /// @param holdBack what to hold back, in words; empty where that helps nobody
    /// @param asides   what is kept for it
    /// @param variants the kitchen's own variants of it
    /// @param variant  the name of the variant that was just kept, or null
    /// @param priced   whether the kitchen says what it pays for anything
    /// @param keep     how the chosen plan can be kept, or null where none is chosen
    record OfDish(PlansView view, @Nullable ComparedView compared, String holdBack, @Nullable SplitView split,
            List<AsideView> asides, List<Menu.Dish> variants, @Nullable String variant, boolean priced,
            @Nullable Keep keep) {
        /// {@return whether it helps to hold something back}
        public boolean holdsBack() { return !holdBack.isEmpty(); }

        /// {@return whether anything is kept for this dish already}
        public boolean keepsSomething() { return !asides.isEmpty() || !variants.isEmpty(); }
    }

    /// How a plan can be kept.
    ///
    /// @param print      tells the plan from any other
    /// @param version    the dish's, so that a text that changed meanwhile is seen
    /// @param somePlates whether plates go out changed while the dish stays
    /// @param avoids     what must be out, in words of the command line
    /// @param made       whether a dish that it uses is made first
    /// @param written    the text with the plan in it, or null where it is for some plates only
    record Keep(String print, long version, boolean asVariant, boolean somePlates, String avoids,
            boolean made, @Nullable String written) {
        /// {@return whether the text can be worked out on the bench: all that it uses must be there}
        public boolean onBench() { return written != null && !made; }

        /// {@return whether there is any way to keep it}
        public boolean isPossible() { return asVariant || somePlates || written != null; }
    }

    /// {@return whether words for what must be out stand open}
    public boolean isOutShown() { return groups.isEmpty() || !counts.isEmpty(); }

    /// {@return whether plans are asked for, of one dish or of every one}
    public boolean asksSomething() { return plans != null || every != null; }

    /// {@return the head of what is chosen to be out}
    public String head() { return groups.isEmpty() ? "Must be without" : "Or say what must be out"; }

    public List<Role> roles() { return List.of(Role.values()); }
}
