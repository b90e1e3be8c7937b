package keenfork.core.swap;

import java.util.List;
import java.util.Locale;
import keenfork.core.food.Food;
import keenfork.core.food.Meaning;
import keenfork.core.measure.Amount;
import keenfork.core.measure.Fraction;
import keenfork.core.measure.Mass;
import keenfork.core.measure.Spoons;
import keenfork.core.measure.Unit;
import keenfork.core.measure.Volumes;
import keenfork.core.recipe.Line;

/// Lines that a plan writes: grams, and spoons for the eye where nobody would count over eight cups.
final class Written {
    private static final int MOST_CUPS = 8;

    private Written() {}

    /// {@return what a swap puts in the place of a line: by weight where the line has one}
    static List<Line> instead(Line replaced, Swap swap, Volumes volumes) {
        var mass = replaced.mass();
        return swap.with().stream().map(i -> mass == null ? Line.of(i.food().name(), null, choice(i.food()), null)
                : line(i.food(), mass.times(i.low(), i.high()), volumes)).toList();
    }

    /// {@return a line of so much of a food, such as `22 g lemon juice (1½ tbsp)`}
    static Line line(Food food, Mass mass, Volumes volumes) {
        return Line.of(words(food, mass, volumes), new Amount(tenths(mass.low()), tenths(mass.high()), Unit.G),
                choice(food), mass);
    }

    private static Line.Choice choice(Food food) { return new Line.Choice(new Meaning.OfFood(food), List.of()); }

    private static Fraction tenths(long micrograms) { return new Fraction(Math.round(micrograms / 1e5), 10); }

    private static String weight(double grams) {
        if (grams >= 1000) return String.format(Locale.ROOT, "%.2f kg", grams / 1000);
        return String.format(Locale.ROOT, grams >= 10 ? "%.0f g" : "%.1f g", grams);
    }

    private static String words(Food food, Mass mass, Volumes volumes) {
        var likely = mass.likelyGrams();
        var grams = weight(likely);
        var density = food.density();
        var millilitres = density == null ? 0 : likely / density.likely().doubleValue();
        var spooned = density != null && millilitres <= MOST_CUPS * volumes.millilitres(Unit.CUP).doubleValue();
        return !spooned ? "%s %s".formatted(grams, food.name()) : "%s %s (%s)".formatted(grams, food.name(),
                Spoons.of(millilitres, volumes).replace(" (", ", ").replace(")", ""));
    }
}
