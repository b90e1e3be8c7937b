package keenfork.core.trace;

import java.util.List;
import java.util.Optional;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;

/// Something that was asked of the facts in force while a dish was derived, with the answer it got. What was derived
/// stands for as long as every answer is the same.
sealed interface Asked {
    /// {@return whether these facts answer the same}
    boolean isStill(Facts facts);

    /// whose law it is
    record Home(RuleBook answer) implements Asked {
        @Override
        public boolean isStill(Facts facts) { return facts.home() == answer; }
    }

    /// which pack is in use for a line of a dish
    record PackOf(String dish, Line line, Optional<Fact.PackInUse> answer) implements Asked {
        @Override
        public boolean isStill(Facts facts) { return facts.pack(dish, line).equals(answer); }
    }

    /// whether a line of a dish is linked to a pack of its own
    record IsLinked(String dish, Line line, boolean answer) implements Asked {
        @Override
        public boolean isStill(Facts facts) { return facts.isLinked(dish, line) == answer; }
    }

    /// what shared kit left in a part of a dish
    record Contacts(String dish, String part, List<Fact.Contact> answer) implements Asked {
        @Override
        public boolean isStill(Facts facts) { return facts.contacts(dish, part).equals(answer); }
    }

    /// what dish has that name
    record DishOf(String name, Optional<Recipe> answer) implements Asked {
        @Override
        public boolean isStill(Facts facts) { return facts.dish(name).equals(answer); }
    }

    /// which lines of a dish name another one
    record Uses(Recipe recipe, Recipe answer) implements Asked {
        @Override
        public boolean isStill(Facts facts) { return facts.linked(recipe).equals(answer); }
    }
}
