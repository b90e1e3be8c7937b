package keenfork.core.trace;

import java.util.List;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;

/// Everything that follows from a dish and the facts in force: one pass gives substances, a rule book's groups are a view of them.
///
/// @param recipe    the dish
/// @param evidence  every reason found, in the order of the recipe
/// @param questions what is open, in the order of the recipe
public record Derivation(Recipe recipe, List<Evidence> evidence, List<Question> questions) {
    public Derivation {
        evidence = List.copyOf(evidence);
        questions = List.copyOf(questions);
    }

    public static Derivation of(Recipe recipe, Facts facts) {
        var deriver = new Deriver(facts);
        deriver.dish(recipe);
        return new Derivation(recipe, deriver.evidence(), deriver.questions());
    }

    public Profile under(RuleBook ruleBook) {
        return Profile.of(evidence, ruleBook);
    }
}
