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
/// @param each of one portion
public record PlateDressing(Mass each) {
    /// g a plate, common practice
    private static final int LEAST = 30;
    private static final int MOST = 40;

    /// {@return what goes on each plate of a recipe; empty where it has no dressing with a weight, or does not say for
    /// how many it is}
    public static Optional<PlateDressing> of(Recipe recipe) {
        if (recipe.serves() < 1) return Optional.empty();
        var all = Mass.NONE;
        for (var part : recipe.parts())
            for (var line : part.lines())
                if (line.mass() != null && (part.kind() == PartKind.DRESSING || isDressing(line)))
                    all = all.plus(line.mass());
        var share = BigDecimal.ONE.divide(new BigDecimal(recipe.serves()), MathContext.DECIMAL64);
        return all.likely() == 0 ? Optional.empty() : Optional.of(new PlateDressing(all.times(share, share)));
    }

    private static boolean isDressing(Line line) {
        return !line.dish().isEmpty() && PartKind.guess(line.dish()) == PartKind.DRESSING;
    }

    /// {@return less than most kitchens give where it is negative, more where it is positive, 0 within what is usual}
    public int beyondUsual() {
        if (each.highGrams() < LEAST) return -1;
        return each.lowGrams() > MOST ? 1 : 0;
    }

    /// {@return what most kitchens give, in words}
    public static String usual() { return "%d–%d g".formatted(LEAST, MOST); }
}
