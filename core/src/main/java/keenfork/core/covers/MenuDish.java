package keenfork.core.covers;

import java.util.List;
import keenfork.core.people.Avoidance;
import keenfork.core.trace.Derivation;

/// A dish of the menu.
///
/// @param dish     the dish as it is made, derived
/// @param course   the course it belongs to
/// @param variants dishes the kitchen made from it before, for people who avoid something
/// @param plates   plates of it that go out without something, as it was said before
public record MenuDish(Derivation dish, String course, List<Derivation> variants, List<Plates> plates) {
    /// Plates that go out without something.
    ///
    /// @param takenOff whether they are taken off before it goes in; else a part is held back
    /// @param avoid    what they are without
    public record Plates(boolean takenOff, List<Avoidance> avoid) {
        public Plates {
            avoid = List.copyOf(avoid);
        }
    }

    /// A dish of which no plate goes out without anything as yet.
    public MenuDish(Derivation dish, String course, List<Derivation> variants) {
        this(dish, course, variants, List.of());
    }

    public MenuDish {
        variants = List.copyOf(variants);
        plates = List.copyOf(plates);
    }

    /// {@return whether plates go out already that are without all that a group avoids}
    boolean hasPlates(boolean takenOff, GuestGroup group) {
        return plates.stream().anyMatch(p -> p.takenOff == takenOff && p.avoid.containsAll(group.avoid()));
    }

    public String name() { return dish.recipe().name(); }
}
