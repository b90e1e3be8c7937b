package keenfork.core.trace;

import java.util.List;
import java.util.Optional;
import keenfork.core.food.Words;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;

/// All facts in force.
///
/// @param home the kitchen's own rule book
/// @param all  packs, contacts and other dishes, in the order they were recorded
public record Facts(RuleBook home, List<Fact> all) {
    public Facts {
        all = List.copyOf(all);
    }

    public static Facts none(RuleBook home) {
        return new Facts(home, List.of());
    }

    /// {@return the pack in use for a food; of two the later one}
    Optional<Fact.PackInUse> pack(String food) {
        return all.stream().filter(Fact.PackInUse.class::isInstance).map(Fact.PackInUse.class::cast)
                .filter(p -> p.food().equals(food)).reduce((_, later) -> later);
    }

    List<Fact.Contact> contacts(String dish, String part) {
        return all.stream().filter(Fact.Contact.class::isInstance).map(Fact.Contact.class::cast)
                .filter(c -> c.dish().equals(dish) && c.part().equals(part)).toList();
    }

    Optional<Recipe> dish(String name) {
        var key = Words.key(name);
        return all.stream().filter(Fact.OtherDish.class::isInstance).map(f -> ((Fact.OtherDish) f).recipe())
                .filter(r -> Words.key(r.name()).equals(key)).findFirst();
    }
}
