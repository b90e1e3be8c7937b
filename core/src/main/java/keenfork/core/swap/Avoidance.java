package keenfork.core.swap;

import java.util.List;
import java.util.Optional;
import keenfork.core.diet.Diet;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Words;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Evidence;

/// Something a guest must not or will not eat.
public sealed interface Avoidance {
    /// whether a trace counts, or only what the recipe puts in
    enum Strictness { TRACE, RECIPE }

    /// a group of the rule book in force
    record OfGroup(RuleBook ruleBook, Group group, Strictness strictness) implements Avoidance {}

    /// one substance, such as cashew but not almond
    record OfSubstance(Substance substance, Strictness strictness) implements Avoidance {}

    /// all that a diet forbids
    record OfDiet(Diet diet, Strictness strictness) implements Avoidance {}

    /// a food by its word, such as vinegar of any kind
    record OfFood(String word) implements Avoidance {}

    /// what a line does to an avoidance
    enum Answer { NOTHING, OPEN, BREAKS }

    /// Reads one avoidance: an allergen id of the rule book, a member, a diet id or a food; `:recipe` behind it makes it recipe only.
    /// @return empty where the word is none of these
    static Optional<Avoidance> parse(String text, RuleBook ruleBook) {
        var word = text.strip().toLowerCase();
        var recipeOnly = word.endsWith(":recipe");
        if (recipeOnly) word = word.substring(0, word.length() - ":recipe".length());
        var strictness = recipeOnly ? Strictness.RECIPE : Strictness.TRACE;
        var group = ruleBook.group(word);
        if (group.isPresent()) return Optional.of(new OfGroup(ruleBook, group.get(), strictness));
        var diet = Diet.named(word);
        if (diet.isPresent()) return Optional.of(new OfDiet(diet.get(), diet.get().cautious() ? strictness : Strictness.RECIPE));
        // a word of another book's law means that law's group: "nuts" in a kitchen whose own book says tree nuts
        for (var book : RuleBook.all()) {
            var other = book.group(word);
            if (other.isPresent()) return Optional.of(new OfGroup(book, other.get(), strictness));
        }
        var substance = Substances.shipped().find(word.replace(' ', '-'));
        if (substance.isPresent() && !substance.get().id().equals(Substance.ANYTHING)) return Optional.of(new OfSubstance(substance.get(), strictness));
        var meaning = Foods.shipped().recipeWords().read(word).matches();
        if (meaning.size() == 1 && meaning.getFirst().meaning() instanceof Meaning.OfSubstances(var substances))
            return Optional.of(new OfSubstance(substances.getFirst(), strictness));
        // "almonds" is the substance, wherever it hides; "vinegar" is a word
        if (meaning.size() == 1 && meaning.getFirst().meaning() instanceof Meaning.OfFood(var food) && food.holds().size() == 1
                && Words.key(food.holds().getFirst().name()).equals(Words.key(food.name()))) return Optional.of(new OfSubstance(food.holds().getFirst(), strictness));
        return meaning.isEmpty() ? Optional.empty() : Optional.of(new OfFood(Words.key(word)));
    }

    /// {@return what it is called on screens}
    default String words() {
        return switch (this) {
            case OfGroup(_, var group, _) -> group.name().toLowerCase();
            case OfSubstance(var substance, _) -> substance.name();
            case OfDiet(var diet, _) -> "not " + diet.name().toLowerCase();
            case OfFood(var word) -> word;
        };
    }

    /// {@return what one piece of evidence does to it}
    default Answer against(Evidence evidence) {
        return switch (this) {
            case OfGroup(var ruleBook, var group, var strictness) -> ruleBook.member(group, evidence.substance()).isPresent()
                    && evidence.couldBeIn(group) ? answer(evidence, strictness) : Answer.NOTHING;
            case OfSubstance(var substance, var strictness) -> {
                var tree = Substances.shipped();
                var touches = tree.isUnder(evidence.substance(), substance) || tree.isUnder(substance, evidence.substance());
                yield touches && evidence.couldBe(List.of(substance)) ? answer(evidence, strictness) : Answer.NOTHING;
            }
            case OfDiet(var diet, var strictness) -> diet.touches(evidence) ? answer(evidence, strictness) : Answer.NOTHING;
            case OfFood _ -> evidence.substance().id().equals(Substance.ANYTHING) ? Answer.OPEN : Answer.NOTHING;
        };
    }

    private static Answer answer(Evidence evidence, Strictness strictness) {
        if (evidence.certainty() == Certainty.NOT_KNOWN) return Answer.OPEN;
        return strictness == Strictness.TRACE || evidence.certainty() == Certainty.CONTAINS ? Answer.BREAKS : Answer.NOTHING;
    }

    /// {@return what a whole dish does to it: the strongest of what its evidence does and of what its lines name}
    default Answer against(Derivation derivation) {
        var strongest = Answer.NOTHING;
        for (var e : derivation.evidence()) if (against(e).compareTo(strongest) > 0) strongest = against(e);
        if (this instanceof OfFood(var word)) for (var line : derivation.recipe().lines()) if (derivation.names(line, word)) return Answer.BREAKS;
        return strongest;
    }
}
