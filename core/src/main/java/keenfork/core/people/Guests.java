package keenfork.core.people;

import java.util.List;
import keenfork.core.trace.Derivation;

/// People to be fed who avoid the same.
///
/// @param name   what the crew calls them
/// @param people how many, 1 or more
/// @param avoid  what they avoid, all of it
public record Guests(String name, int people, List<Avoidance> avoid) {
    public Guests {
        avoid = List.copyOf(avoid);
    }

    /// {@return whether a dish surely holds something they avoid}
    public boolean areShutOutOf(Derivation dish) {
        for (var a : avoid) if (a.against(dish) == Avoidance.Answer.BREAKS) return true;
        return false;
    }
}
