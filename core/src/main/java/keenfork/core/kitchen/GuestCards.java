package keenfork.core.kitchen;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import keenfork.core.covers.Eats;
import keenfork.core.label.GuestCard;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Avoidances;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;

/// Makes the cards that guests get.
public final class GuestCards {
    private GuestCards() {}

    /// {@return what people can eat of a menu, as it is served}
    /// @param name    what the crew calls them
    /// @param avoided all that they avoid; what of it is not read stands on the card as such
    /// @param served  the dishes that come to the table by themselves, in menu order
    public static GuestCard of(String name, Avoidances avoided, RuleBook ruleBook, List<Derivation> served) {
        Map<Eats, List<String>> by = new EnumMap<>(Eats.class);
        for (var dish : served)
            by.computeIfAbsent(Eats.of(dish, avoided), _ -> new ArrayList<>()).add(dish.recipe().name());
        return new GuestCard(name, ruleBook.id(), words(avoided), by.getOrDefault(Eats.AS_MADE, List.of()),
                by.getOrDefault(Eats.HELD_BACK, List.of()), by.getOrDefault(Eats.CANNOT_SAY, List.of()),
                by.getOrDefault(Eats.GOES_WITHOUT, List.of()));
    }

    private static String words(Avoidances avoided) {
        if (avoided.unread().isEmpty()) return avoided.inWords() + traces(avoided);
        return avoided.inWords() + traces(avoided) + (avoided.all().isEmpty() ? "" : ", ")
                + "and what nobody here could read: "
                + String.join(", ", avoided.unread());
    }

    /// What no law names stands on no pack as a trace, and nobody looked for it on shared kit.
    private static String traces(Avoidances avoided) {
        var foods = avoided.all().stream().filter(Avoidance.OfFood.class::isInstance).map(Avoidance::words).toList();
        return foods.isEmpty() ? "" : " (traces of %s were not looked at)".formatted(String.join(", ", foods));
    }
}
