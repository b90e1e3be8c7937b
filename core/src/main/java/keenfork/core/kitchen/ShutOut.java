package keenfork.core.kitchen;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Avoidances;
import keenfork.core.run.CrossContact;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;

/// Who goes without a dish because of shared kit.
public final class ShutOut {
    private ShutOut() {}

    /// {@return whether a contact is what keeps people from a dish that they could eat otherwise}
    /// @param dish  the dish it reaches
    /// @param plain what is known without what shared kit leaves
    public static boolean by(CrossContact contact, Derivation dish, Facts plain, Avoidances avoided) {
        var facts = new ArrayList<>(plain.all());
        facts.addAll(contact.facts());
        var with = Derivation.of(dish.recipe(), new Facts(plain.home(), facts));
        var breaks = with.evidence().stream()
                .filter(e -> avoided.all().stream().anyMatch(a -> a.against(e) == Avoidance.Answer.BREAKS)).toList();
        return !breaks.isEmpty() && breaks.stream().allMatch(e -> e.certainty() == Certainty.CONTACT);
    }

    /// {@return whether any of them is}
    public static boolean byAny(List<CrossContact> contacts, Derivation dish, Facts plain, Avoidances avoided) {
        return contacts.stream().anyMatch(c -> by(c, dish, plain, avoided));
    }
}
