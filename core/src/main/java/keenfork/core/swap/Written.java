package keenfork.core.swap;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import keenfork.core.food.Food;
import keenfork.core.food.Meaning;
import keenfork.core.food.Plurals;
import keenfork.core.measure.Amount;
import keenfork.core.measure.Fraction;
import keenfork.core.measure.Mass;
import keenfork.core.measure.Spoons;
import keenfork.core.measure.Unit;
import keenfork.core.measure.Volumes;
import keenfork.core.recipe.Line;

/// Lines that a plan writes, in measures a kitchen has: whole grams under 20 g, steps of 5 g under 500 g and of 10 g
/// above, quarter teaspoons for what is less than a scale can tell, pieces for what comes in pieces; and spoons for the
/// eye where they come near enough.
final class Written {
    private static final double FINE = 20;
    private static final double MIDDLE = 500;
    private static final double COARSE_STEP = 10;
    private static final double MIDDLE_STEP = 5;
    /// less than a kitchen's scale tells apart (common practice)
    private static final double LEAST = 3;
    /// nobody counts spoons beyond (common practice)
    private static final double MOST_SPOONED = 250;
    private static final Set<String> PIECES = Families.keys("any piece");

    private Written() {}

    /// {@return what a swap puts in the place of a line: by weight where the line has one}
    /// @param oil g of oil in the line's part, for what is weighed by it
    static List<Line> instead(Line replaced, Swap swap, Mass oil, Volumes volumes) {
        return swap.with().stream().map(i -> {
            var by = i.by() == Swap.By.OIL ? oil : replaced.mass();
            return by == null || by.likely() == 0 ? Line.of(name(i), null, choice(i.food()), null)
                    : line(i.food(), i.cooked(), by.times(i.low(), i.high()), volumes);
        }).toList();
    }

    private static String name(Swap.Ingredient ingredient) {
        return (ingredient.cooked() ? "cooked " : "") + Plurals.of(ingredient.food());
    }

    /// {@return a line of so much of a food, such as `22 g lemon juice (1½ tbsp)`}
    static Line line(Food food, Mass mass, Volumes volumes) { return line(food, false, mass, volumes); }

    private static Line line(Food food, boolean cooked, Mass mass, Volumes volumes) {
        var name = (cooked ? "cooked " : "") + Plurals.of(food);
        var one = food.counts().get("piece");
        if (PIECES.contains(food.id()) && one != null) {
            var pieces = Math.max(1, Math.round(mass.likelyGrams() / one.likely().doubleValue()));
            var counted = new Amount(new Fraction(pieces, 1), new Fraction(pieces, 1), Unit.NONE);
            return Line.of(pieces + " " + (pieces == 1 ? food.name() : name), counted, choice(food),
                    food.weigh(counted, volumes).orElse(mass));
        }
        return mass.likelyGrams() < LEAST && food.density() != null ? spoons(food, name, mass, volumes)
                : weighed(food, name, mass, volumes);
    }

    private static Line spoons(Food food, String name, Mass mass, Volumes volumes) {
        var ml = mass.likelyGrams() / density(food);
        var quarters = Math.max(1, Math.round(ml / volumes.millilitres(Unit.TSP).doubleValue() * 4));
        var amount = new Amount(new Fraction(quarters, 4), new Fraction(quarters, 4), Unit.TSP);
        var words = Spoons.of(quarters * volumes.millilitres(Unit.TSP).doubleValue() / 4, volumes);
        return Line.of(words + " " + name, amount, choice(food), food.weigh(amount, volumes).orElse(mass));
    }

    private static Line weighed(Food food, String name, Mass mass, Volumes volumes) {
        var grams = rounded(mass.likelyGrams());
        var low = Math.min(mass.lowGrams(), grams);
        var high = Math.max(mass.highGrams(), grams);
        return Line.of(weight(grams) + " " + name + eye(food, grams, volumes),
                new Amount(tenths(grams), tenths(grams), Unit.G), choice(food),
                Mass.ofGrams(BigDecimal.valueOf(low), BigDecimal.valueOf(grams), BigDecimal.valueOf(high)));
    }

    /// {@return grams that a kitchen weighs}
    static double rounded(double grams) {
        var coarse = grams < MIDDLE ? MIDDLE_STEP : COARSE_STEP;
        var step = grams < FINE ? 1 : coarse;
        return Math.max(1, Math.round(grams / step) * step);
    }

    /// {@return a weight in words, rounded as above}
    static String weight(double likely) {
        var grams = rounded(likely);
        return grams >= 1000
                ? String.format(Locale.ROOT, "%.2f kg", grams / 1000).replaceFirst("\\.?0+ kg", " kg")
                : String.format(Locale.ROOT, "%.0f g", grams);
    }

    private static Line.Choice choice(Food food) { return new Line.Choice(new Meaning.OfFood(food), List.of()); }

    private static Fraction tenths(double grams) { return new Fraction(Math.round(grams * 10), 10); }

    private static double density(Food food) {
        var density = food.density();
        return density == null ? 1 : density.likely().doubleValue();
    }

    /// ` (1½ tbsp)`, where spoons are counted at all and come as near as a scale
    private static String eye(Food food, double grams, Volumes volumes) {
        if (food.density() == null || grams > MOST_SPOONED) return "";
        var spoons = Spoons.of(grams / density(food), volumes);
        return spoons.contains("(") ? "" : " (" + spoons + ")";
    }
}
