package keenfork.core.swap;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.measure.Mass;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;

/// The salt of a whole dish: that of its salt, cheeses, olives, sauces and all.
///
/// @param salt    what is known of it, with its range
/// @param of      what the dish weighs
/// @param serves  portions, or 0 where none are written
/// @param unknown lines whose salt no table holds, or that have no weight: there may be more
public record DishSalt(Mass salt, Mass of, int serves, List<Line> unknown) {
    private static final double HUNDRED = 100;
    /// per cent from which a slip of the pen is likelier than a taste (common practice)
    private static final double SALTY = 2;

    public DishSalt {
        unknown = List.copyOf(unknown);
    }

    /// {@return the salt of a dish}
    public static DishSalt of(Recipe recipe) {
        var salt = Mass.NONE;
        var unknown = new ArrayList<Line>();
        for (var line : recipe.lines()) {
            if (Taste.SALT.isKnown(line)) salt = salt.plus(Taste.SALT.in(line));
            else unknown.add(line);
        }
        return new DishSalt(salt, recipe.mass(), recipe.serves(), unknown);
    }

    /// {@return per cent of the dish's weight, at the likely figures; 0 where nothing has a weight}
    public double percent() { return share(salt.likelyGrams()); }

    /// {@return the same at the least and at the most}
    public double percentLow() { return share(salt.lowGrams()); }

    public double percentHigh() { return share(salt.highGrams()); }

    private double share(double grams) { return of.likely() == 0 ? 0 : grams / of.likelyGrams() * HUNDRED; }

    /// {@return g of it in a portion; 0 where no portions are written}
    public double perPortion() { return serves == 0 ? 0 : salt.likelyGrams() / serves; }

    /// {@return whether it is so much that a slip is likelier than a taste}
    public boolean isSalty() { return percent() >= SALTY; }
}
