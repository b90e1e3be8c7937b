package keenfork.core.trace;

import keenfork.core.measure.Mass;
import org.jspecify.annotations.Nullable;

/// One knot of a thread.
///
/// @param kind what it is
/// @param text its words, as written or as the table has them
/// @param mass how much of it, or null where that is not known
/// @param from where that is known from, in a few words; may be empty
public record Link(Place kind, String text, @Nullable Mass mass, String from) {
    /// what a knot of a thread can be
    public enum Place { DISH, PART, LINE, STEP, PACK, FOOD, INGREDIENT, KIT, SUBSTANCE }

    static Link of(Place kind, String text) {
        return new Link(kind, text, null, "");
    }
}
