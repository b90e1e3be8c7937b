package keenfork.core.kitchen;

import java.util.List;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Avoidances;
import keenfork.core.run.CrossContact;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;

/// Who goes without a dish because of shared kit.
///
/// @param dish the dish with what reaches it, and nothing else that shared kit may leave
public record ShutOut(Derivation dish) {
    /// @param contacts what reaches the dish
    /// @param dish     the dish
    /// @param plain    what is known without what shared kit leaves
    public static ShutOut from(List<CrossContact> contacts, Derivation dish, Facts plain) {
        return new ShutOut(Derivation.of(dish.recipe(),
                plain.with(contacts.stream().flatMap(c -> c.facts().stream()).toList())));
    }

    /// {@return whether the contacts are what keeps people from a dish that they could eat otherwise}
    public boolean keepsOut(Avoidances avoided) {
        var breaks = dish.evidence().stream()
                .filter(e -> avoided.all().stream().anyMatch(a -> a.against(e) == Avoidance.Answer.BREAKS)).toList();
        return !breaks.isEmpty() && breaks.stream().allMatch(e -> e.certainty() == Certainty.CONTACT);
    }
}
