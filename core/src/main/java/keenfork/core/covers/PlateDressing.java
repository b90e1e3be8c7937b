package keenfork.core.covers;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Optional;
import keenfork.core.measure.Mass;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.PartKind;
import keenfork.core.recipe.Recipe;

/// How much dressing goes on a plate: what a part called a dressing weighs, or a dish by such a name that goes in.
///
/// @param each      of one portion
/// @param toHundred g to 100 g of the rest, likely; 0 where nothing else has a weight
public record PlateDressing(Mass each, double toHundred) {
    /// g a plate, and g to 100 g of leaf, at most; common practice
    private static final int MOST = 40;
    private static final int MOST_TO_HUNDRED = 25;
    private static final int HUNDRED = 100;

    /// {@return what goes on each plate of a recipe; empty where it has no dressing with a weight, or does not say for
    /// how many it is}
    public static Optional<PlateDressing> of(Recipe recipe) {
        if (recipe.serves() < 1) return Optional.empty();
        var all = Mass.NONE;
        var rest = 0.0;
        for (var part : recipe.parts())
            for (var line : part.lines())
                if (line.mass() != null && (part.kind() == PartKind.DRESSING || isDressing(line)))
                    all = all.plus(line.mass());
                else if (line.mass() != null) rest += line.mass().likelyGrams();
        var share = BigDecimal.ONE.divide(new BigDecimal(recipe.serves()), MathContext.DECIMAL64);
        if (all.likely() == 0) return Optional.empty();
        return Optional
                .of(new PlateDressing(all.times(share, share), rest == 0 ? 0 : all.likelyGrams() * HUNDRED / rest));
    }

    private static boolean isDressing(Line line) {
        return !line.dish().isEmpty() && PartKind.guess(line.dish()) == PartKind.DRESSING;
    }

    /// {@return whether that is more than most kitchens give, by the plate and by what it dresses. Less is no fault: a
    /// plate of a buffet is small, and beans and grains take less than leaves}
    public boolean isMuch() { return each.lowGrams() > MOST && toHundred > MOST_TO_HUNDRED; }

    /// {@return what most kitchens give, in words}
    public static String usual() { return "30–40 g, or 15–25 g to 100 g of leaf"; }
}
