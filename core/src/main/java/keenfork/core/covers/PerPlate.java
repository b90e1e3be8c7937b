package keenfork.core.covers;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Optional;
import java.util.function.BiPredicate;
import keenfork.core.measure.Mass;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Part;
import keenfork.core.recipe.PartKind;
import keenfork.core.recipe.Recipe;

/// What goes on each plate of a dish beside its main things: its dressing, which is a part called so or a dish by such
/// a name that goes in, and its topping.
///
/// @param dressing  of one portion; nothing where it has none with a weight
/// @param toHundred g of dressing to 100 g of what it dresses, likely; 0 where that has no weight
/// @param topping   of one portion; nothing where it has none with a weight
public record PerPlate(Mass dressing, double toHundred, Mass topping) {
    /// g a plate, and g to 100 g of leaf, at most; common practice
    private static final int MOST = 40;
    private static final int MOST_TO_HUNDRED = 25;
    private static final int HUNDRED = 100;

    /// {@return what goes on each plate of a recipe; empty where it does not say for how many it is}
    public static Optional<PerPlate> of(Recipe recipe) {
        if (recipe.serves() < 1) return Optional.empty();
        var dressing = mass(recipe, PerPlate::isDressing);
        var topping = mass(recipe, (p, l) -> p.kind() == PartKind.TOPPING && !isDressing(p, l));
        var rest = recipe.mass().likelyGrams() - dressing.likelyGrams() - topping.likelyGrams();
        var share = BigDecimal.ONE.divide(new BigDecimal(recipe.serves()), MathContext.DECIMAL64);
        return Optional.of(new PerPlate(dressing.times(share, share),
                rest <= 0 ? 0 : dressing.likelyGrams() * HUNDRED / rest, topping.times(share, share)));
    }

    private static Mass mass(Recipe recipe, BiPredicate<Part, Line> counts) {
        return recipe.parts().stream()
                .flatMap(p -> p.lines().stream().filter(l -> l.mass() != null && counts.test(p, l)))
                .map(Line::mass).reduce(Mass.NONE, Mass::plus);
    }

    private static boolean isDressing(Part part, Line line) {
        var isDish = !line.dish().isEmpty() && PartKind.guess(line.dish()) == PartKind.DRESSING;
        return part.kind() == PartKind.DRESSING || isDish && part.kind() != PartKind.BESIDE;
    }

    /// {@return whether that is more dressing than most kitchens give, by the plate and by what it dresses. Less is no
    /// fault: a plate of a buffet is small, and beans and grains take less than leaves}
    public boolean isMuch() { return dressing.lowGrams() > MOST && toHundred > MOST_TO_HUNDRED; }

    /// {@return what most kitchens give, in words}
    public static String usual() { return "30–40 g, or 15–25 g to 100 g of leaf"; }
}
