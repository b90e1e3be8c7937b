package keenfork.core.swap;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import keenfork.core.food.Food;
import keenfork.core.food.Plurals;
import keenfork.core.food.Table;
import keenfork.core.measure.Mass;
import keenfork.core.measure.Span;
import org.jspecify.annotations.Nullable;

/// How a dry grain, pulse, pasta or noodle is cooked.
///
/// @param food    what is cooked
/// @param rinse   whether it is rinsed first
/// @param soak    hours it is soaked in cold water first; 0 where it is not
/// @param way     what becomes of the water
/// @param water   g of water for each g dry
/// @param minutes minutes over the heat, or in the hot water
/// @param rest    minutes it then rests with the lid on
/// @param yield   g cooked for each g dry
/// @param source  where the figures come from
public record Cooking(Food food, boolean rinse, int soak, Way way, Span water, Swap.Lead minutes, int rest, Span yield,
        String source) {
    /// what becomes of the water: it is taken up, poured off, poured over boiling, or poured off after a soak in it
    public enum Way { ABSORB, DRAIN, POUR, SOAK }

    private static final Map<String, Cooking> BY_FOOD =
            Table.read(Cooking.class, "cooking.txt", 9).stream().map(Cooking::of)
                    .collect(java.util.stream.Collectors.toUnmodifiableMap(c -> c.food.id(), c -> c));

    private static Cooking of(Table.Row row) {
        return new Cooking(row.read(0, Families::food), row.cell(1).equals("rinse"), row.read(2, Integer::parseInt),
                row.read(3, w -> Way.valueOf(w.toUpperCase(Locale.ROOT))), row.read(4, Span::parse),
                row.read(5, Swaps::lead), row.read(6, Integer::parseInt), row.read(7, Span::parse), row.cell(8));
    }

    /// {@return how a food is cooked; empty where the table does not hold it}
    public static Optional<Cooking> of(Food food) { return Optional.ofNullable(BY_FOOD.get(food.id())); }

    /// {@return g of water that so much of it takes, dry}
    public Mass waterFor(Mass dry) { return dry.times(water); }

    /// {@return the step, in the words of a method}
    /// @param dry    what goes in, or null where the line has no weight
    /// @param liquid the recipe's own water or stock, by name; empty where it writes none down
    /// @param cools  whether it goes on cold
    String step(@Nullable Mass dry, String liquid, boolean cools) {
        var name = Plurals.of(food);
        var them = name.equals(food.name()) ? "it" : "them";
        var time = "%s minutes".formatted(minutes.low() == minutes.high() ? minutes.low()
                : "%d to %d".formatted(minutes.low(), minutes.high()));
        var start = start(name, them);
        var cooked = switch (way) {
            case ABSORB -> "%s in %s for %s with the lid on%s.".formatted(start, liquid(dry, liquid), time,
                    rest > 0 ? ", then leave %s covered for %d minutes".formatted(them, rest) : "");
            case DRAIN -> "%s in %s for %s, then drain.".formatted(start, plenty(dry, liquid), time);
            case POUR -> "Pour %s, boiling, over the %s, cover and leave %s for %s.".formatted(liquid(dry, liquid),
                    name, them, time);
            case SOAK -> "Soak the %s in plenty of hot water for %s, then drain and rinse %s.".formatted(name, time,
                    them);
        };
        return cools ? cooked + " Spread %s out to cool.".formatted(them) : cooked;
    }

    private String start(String name, String them) {
        if (soak > 0)
            return "Rinse the %s and soak %s in cold water for at least %d hours, then drain. Simmer %s".formatted(name,
                    them, soak, them);
        return rinse ? "Rinse the %s, then simmer %s".formatted(name, them) : "Simmer the %s".formatted(name);
    }

    private String liquid(@Nullable Mass dry, String liquid) {
        if (!liquid.isEmpty()) return "the " + liquid;
        return dry == null ? "%s times the weight in water".formatted(water.likely().stripTrailingZeros()
                .toPlainString()) : Written.weight(waterFor(dry).likelyGrams()) + " water";
    }

    private String plenty(@Nullable Mass dry, String liquid) {
        if (!liquid.isEmpty()) return "the " + liquid;
        return dry == null ? "plenty of water"
                : "plenty of water, about %s,".formatted(Written.weight(waterFor(dry).likelyGrams()));
    }
}
