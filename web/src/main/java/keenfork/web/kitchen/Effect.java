package keenfork.web.kitchen;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.trace.Difference;

/// What a change does to one dish on the map.
///
/// @param dish        the dish's key
/// @param name        what it is called
/// @param differences the groups whose mark changes, at least one
public record Effect(long dish, String name, List<Difference> differences) {
    public Effect {
        differences = List.copyOf(differences);
    }

    /// {@return the dishes on both menus that carry other marks, in menu order, under the rule book of the first}
    public static List<Effect> between(Menu before, Menu after) {
        var effects = new ArrayList<Effect>();
        for (var dish : before.dishes())
            after.dish(dish.id()).ifPresent(other -> {
                var found = Difference.between(dish.derivation().under(before.ruleBook()),
                        other.derivation().under(before.ruleBook()));
                if (!found.isEmpty()) effects.add(new Effect(dish.id(), dish.name(), found));
            });
        return effects;
    }
}
