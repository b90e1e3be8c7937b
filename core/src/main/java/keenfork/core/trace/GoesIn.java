package keenfork.core.trace;

import keenfork.core.measure.Mass;
import keenfork.core.recipe.Recipe;

/// What goes into a dish by weight.
///
/// @param mass  the lines whose weight is known, together
/// @param isAll true where that is every line
public record GoesIn(Mass mass, boolean isAll) {
    static GoesIn of(Recipe recipe) {
        var mass = Mass.NONE;
        var isAll = true;
        for (var part : recipe.parts())
            for (var line : part.lines()) {
                var one = line.mass();
                if (one == null) isAll = false;
                else mass = mass.plus(one);
            }
        return new GoesIn(mass, isAll);
    }
}
