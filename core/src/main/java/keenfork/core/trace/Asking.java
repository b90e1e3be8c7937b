package keenfork.core.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;

/// The only way from a derivation to the facts in force: all that is asked on it is written down.
final class Asking {
    private final Facts facts;
    private final List<Asked> asked = new ArrayList<>();

    Asking(Facts facts) {
        this.facts = facts;
    }

    List<Asked> asked() { return List.copyOf(asked); }

    RuleBook home() {
        asked.add(new Asked.Home(facts.home()));
        return facts.home();
    }

    Optional<Fact.PackInUse> pack(String dish, Line line) {
        var answer = facts.pack(dish, line);
        asked.add(new Asked.PackOf(dish, line, answer));
        return answer;
    }

    boolean isLinked(String dish, Line line) {
        var answer = facts.isLinked(dish, line);
        asked.add(new Asked.IsLinked(dish, line, answer));
        return answer;
    }

    List<Fact.Contact> contacts(String dish, String part) {
        var answer = facts.contacts(dish, part);
        asked.add(new Asked.Contacts(dish, part, answer));
        return answer;
    }

    Optional<Recipe> dish(String name) {
        var answer = facts.dish(name);
        asked.add(new Asked.DishOf(name, answer));
        return answer;
    }

    Recipe linked(Recipe recipe) {
        var answer = facts.linked(recipe);
        asked.add(new Asked.Uses(recipe, answer));
        return answer;
    }
}
