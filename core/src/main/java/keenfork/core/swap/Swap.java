package keenfork.core.swap;

import java.math.BigDecimal;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import keenfork.core.food.Food;

/// One entry of the swap table.
///
/// @param id       its key
/// @param replaces the foods it can stand in for
/// @param roles    what it does in a dish, and how near it comes in that role, 0 to 1
/// @param with     what goes in, the main food first
/// @param make     the step it brings, in the words of a method; empty where it goes in as it is, or as
///                 [Cooking] says
/// @param becomes  how it behaves under the hand once it is made, where that differs from its main food; else an empty
///                 string
/// @param lead     minutes before it is ready
/// @param effects  what it changes
/// @param school   the school of creams it belongs to, or an empty string
/// @param note     what the cook should know, or an empty string
/// @param source   where the entry comes from
/// @param isLiked  whether the kitchen would rather do it this way than another
public record Swap(String id, List<Food> replaces, Map<Role, Double> roles, List<Ingredient> with, String make,
        String becomes, Lead lead, Effects effects, String school, String note, String source,
        boolean isLiked) {
    /// what an ingredient is weighed by
    public enum By { WEIGHT, OIL }

    /// What goes in.
    ///
    /// @param cooked whether it is weighed cooked, where it could be dry
    /// @param low    g of it for each g of what it is weighed by, at least
    /// @param high   the same, at most
    /// @param by     the food it replaces, or the oil of the part
    public record Ingredient(Food food, boolean cooked, BigDecimal low, BigDecimal high, By by) {}

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
        public static final Effects NONE = new Effects(0, 0, 0, 0, 0);

        public Effects {
            for (var e : new int[] {body, salt, acid, sweet, crunch})
                if (e < -2 || e > 2)
                    throw new IllegalArgumentException("an effect is from -2 to 2, not %d".formatted(e));
        }
    }

    /// {@return the same as a kitchen has it that would rather do it this way; it comes no nearer by that}
    Swap liked() {
        return new Swap(id, replaces, roles, with, make, becomes, lead, effects, school, note, source, true);
    }

    public Swap {
        replaces = List.copyOf(replaces);
        with = List.copyOf(with);
        if (roles.isEmpty()) throw new IllegalArgumentException("it has no role");
        roles = Collections.unmodifiableMap(new EnumMap<>(roles));
        for (var closeness : roles.values())
            if (closeness < 0 || closeness > 1)
                throw new IllegalArgumentException("closeness is from 0 to 1, not %s".formatted(closeness));
    }

    /// {@return how near it comes to a food in a role, 0 to 1; where it was not made for that role, half of its best}
    public double closeness(Role role) {
        var held = roles.get(role);
        return held != null ? held : Collections.max(roles.values()) / 2;
    }

    /// {@return whether it can do in a dish what the food does that it replaces}
    public boolean fits(Role role) { return roles.containsKey(role); }

    /// {@return the main food}
    public Food main() { return with.getFirst().food(); }
}
