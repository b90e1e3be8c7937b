package keenfork.core.covers;

import java.util.List;
import keenfork.core.trace.Derivation;

/// A dish of the menu.
///
/// @param dish     the dish as it is made, derived
/// @param course   the course it belongs to
/// @param variants dishes the kitchen made from it before, for people who avoid something
public record MenuDish(Derivation dish, String course, List<Derivation> variants) {
    public MenuDish {
        variants = List.copyOf(variants);
    }

    public String name() { return dish.recipe().name(); }
}
