package keenfork.core.trace;

import java.util.List;
import java.util.Optional;
import keenfork.core.food.Family;
import keenfork.core.pack.Declaration;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import org.jspecify.annotations.Nullable;

/// Everything that follows from a dish and the facts in force: one pass gives substances, a rule book's groups are a
/// view of them.
///
/// @param recipe    the dish
/// @param facts     the facts in force
/// @param evidence  every reason found, in the order of the recipe
/// @param questions what is open, in the order of the recipe
/// @param goesIn    what goes in by weight
/// @param asked     all that was asked of the facts for it
public record Derivation(Recipe recipe, Facts facts, List<Evidence> evidence, List<Question> questions,
        DishWeight goesIn, List<Asked> asked) {
    public Derivation {
        asked = List.copyOf(asked);
        evidence = List.copyOf(evidence);
        questions = List.copyOf(questions);
    }

    public static Derivation of(Recipe recipe, Facts facts) { return of(recipe, facts, null); }

    /// {@return the same as without what it was before, and sooner where all that was asked for that is answered alike}
    /// @param before what was derived of the dish once, by whatever facts
    public static Derivation of(Recipe recipe, Facts facts, @Nullable Derivation before) {
        var linked = facts.linked(recipe);
        if (before != null && before.recipe.equals(linked) && before.asked.stream().allMatch(a -> a.isStill(facts)))
            return new Derivation(linked, facts, before.evidence, before.questions, before.goesIn, before.asked);
        var deriver = new Deriver(facts);
        deriver.dish(linked);
        return new Derivation(linked, facts, deriver.evidence(), deriver.questions(), deriver.goesIn(),
                deriver.asked());
    }

    /// {@return the other dish a line uses, derived by the same facts; empty where it uses none, or one that is not
    /// known}
    public Optional<Derivation> other(Line line) {
        return line.dish().isEmpty() ? Optional.empty() : facts.dish(line.dish()).map(r -> of(r, facts));
    }

    /// {@return the declaration of the pack in use for a line's product, or null where none is read that lists
    /// ingredients}
    public @Nullable Declaration pack(Line line) {
        var pack = line.pack() != null ? line.pack()
                : facts.pack(recipe.name(), line).map(Fact.PackInUse::declaration).orElse(null);
        return pack != null && pack.isList() ? pack : null;
    }

    /// {@return how surely a line holds a food that is avoided by that word: by its own words, by its pack, or by a
    /// dish that it uses; a product whose pack is not read may hold what such products do}
    /// @param word a food as [keenfork.core.food.Words#key] gives it
    public Family.Held holds(Line line, String word) {
        return new Named(facts, Family.of(word)).line(recipe.name(), line);
    }

    /// {@return the same of the whole dish, what only a step names with it: that it is in the dish is not sure}
    public Family.Held holds(String word) { return new Named(facts, Family.of(word)).dish(recipe); }

    /// {@return this derivation seen through one part alone}
    /// @param part its place, from 0
    public Derivation ofPart(int part) {
        return new Derivation(recipe, facts, evidence.stream().filter(e -> e.isOfPart(part)).toList(), questions,
                goesIn, asked);
    }

    /// {@return the questions of this dish's own lines and steps; those of the dishes it uses are asked there}
    public List<Question> ownQuestions() {
        return questions.stream().filter(q -> q.dish().equals(recipe.name())).toList();
    }

    /// {@return what stands beside the law's list, in the rule book's order}
    public List<Beside> beside(RuleBook ruleBook) { return Beside.of(this, ruleBook); }

    public Profile under(RuleBook ruleBook) {
        return Profile.of(this, ruleBook);
    }
}
