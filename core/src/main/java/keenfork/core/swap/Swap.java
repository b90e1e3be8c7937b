package keenfork.core.swap;

import java.math.BigDecimal;
import java.util.List;
import keenfork.core.food.Food;

/// One entry of the swap table.
///
/// @param id          its key
/// @param replaces    the foods it can stand in for
/// @param role        what it does in a dish: body, fat, emulsion, salt-umami, acid, sweet, bulk grain, crunch, garnish
/// @param with        what goes in, the main food first
/// @param preparation how, in kitchen words
/// @param lead        minutes before it is ready
/// @param effects     what it changes
/// @param closeness   how near it comes, 0 to 1
/// @param source      where the entry comes from
public record Swap(String id, List<Food> replaces, String role, List<Ingredient> with, String preparation, Lead lead,
        Effects effects,
        double closeness, String source) {
    /// g of a food for each g replaced, from `low` to `high`
    public record Ingredient(Food food, BigDecimal low, BigDecimal high) {}

    /// minutes of lead time
    public record Lead(int low, int high) {
        public static final Lead NONE = new Lead(0, 0);
        /// minutes from which a preparation is mostly waiting (common practice)
        private static final int WAITS = 30;

        public Lead {
            if (low < 0 || high < low)
                throw new IllegalArgumentException("lead time rises from 0: %d to %d min".formatted(low, high));
        }

        /// {@return whether it is mostly waiting: a soak, a pot or an oven does it, beside other work}
        boolean waits() { return high >= WAITS; }

        /// {@return all of them added up: what waits goes on side by side, what takes hands is done one after the
        /// other}
        static Lead all(List<Lead> leads) {
            var sum = NONE;
            var longest = NONE;
            for (var lead : leads)
                if (lead.waits())
                    longest = new Lead(Math.max(longest.low, lead.low), Math.max(longest.high, lead.high));
                else sum = new Lead(sum.low + lead.low, sum.high + lead.high);
            return new Lead(longest.low + sum.low, longest.high + sum.high);
        }
    }

    /// changes from -2 (much less) to 2 (much more)
    public record Effects(int body, int salt, int acid, int sweet, int crunch) {
        public Effects {
            for (var e : new int[] {body, salt, acid, sweet, crunch})
                if (e < -2 || e > 2)
                    throw new IllegalArgumentException("an effect is from -2 to 2, not %d".formatted(e));
        }
    }

    public Swap {
        replaces = List.copyOf(replaces);
        with = List.copyOf(with);
        if (closeness < 0 || closeness > 1)
            throw new IllegalArgumentException("closeness is from 0 to 1, not %s".formatted(closeness));
    }
}
