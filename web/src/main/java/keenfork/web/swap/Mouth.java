package keenfork.web.swap;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.recipe.Recipe;
import keenfork.core.swap.Move;
import keenfork.core.swap.Plan;
import keenfork.core.swap.Swap;
import keenfork.core.swap.Taste;

/// What a plan changes in the mouth: swap by swap, then the whole dish once salt and acid are set right.
record Mouth(List<FoodLevels> rows) {
    private static final int MIDDLE = 32;
    private static final int STEP = 13;
    private static final double NOTICED = 0.001;

    /// a food, or the whole dish, with its levels in the order body, salt, acid, sweet, crunch
    record FoodLevels(String food, List<Level> levels, boolean whole) {}

    /// one level, -2 to 2, with its word
    record Level(String name, int value, String word, int x) {
        static Level of(String name, int value, String less, String more) {
            return new Level(name, value, value == 0 ? "as before" : words(value, less, more), MIDDLE + value * STEP);
        }

        private static String words(int value, String less, String more) {
            return (Math.abs(value) > 1 ? "much " : "") + (value < 0 ? less : more);
        }
    }

    static Mouth of(Recipe recipe, Plan plan) {
        var rows = new ArrayList<FoodLevels>();
        var replaces =
                plan.changes().stream().filter(Move.Replace.class::isInstance).map(Move.Replace.class::cast).toList();
        for (var move : replaces) rows.add(row(PlansView.food(move.with().getFirst()), move.swap().effects(), false));
        if (!replaces.isEmpty()) rows.add(row("Whole dish, set right", whole(recipe, plan, replaces), true));
        return new Mouth(rows);
    }

    /// Body, sweetness and crunch weigh as much as the line does in the dish; salt and acid are what is left once they
    /// were set right.
    private static Swap.Effects whole(Recipe recipe, Plan plan, List<Move.Replace> replaces) {
        var dish = Math.max(1, recipe.mass().likelyGrams());
        double body = 0;
        double sweet = 0;
        double crunch = 0;
        for (var move : replaces) {
            var share = move.line().weighed().map(m -> m.likelyGrams()).orElse(0.0) / dish;
            body += share * move.swap().effects().body();
            sweet += share * move.swap().effects().sweet();
            crunch += share * move.swap().effects().crunch();
        }
        return new Swap.Effects(level(body), left(plan, Taste.SALT, dish), left(plan, Taste.ACID, dish), level(sweet),
                level(crunch));
    }

    private static int level(double effect) { return (int) Math.clamp(Math.round(effect * 2), -2, 2); }

    private static int left(Plan plan, Taste taste, double dish) {
        return plan.balance().stream().filter(b -> b.taste() == taste).findFirst().map(b -> {
            var off = (b.after().likelyGrams() - b.before().likelyGrams()) / dish;
            if (Math.abs(off) < NOTICED) return 0;
            return (int) Math.signum(off) * (Math.abs(off) > 3 * NOTICED ? 2 : 1);
        }).orElse(0);
    }

    private static FoodLevels row(String food, Swap.Effects e, boolean whole) {
        return new FoodLevels(food,
                List.of(Level.of("Body", e.body(), "thinner", "fuller"), Level.of("Salt", e.salt(), "less", "more"),
                        Level.of("Acid", e.acid(), "softer", "sharper"),
                        Level.of("Sweet", e.sweet(), "less", "more"), Level.of("Crunch", e.crunch(), "softer", "more")),
                whole);
    }
}
