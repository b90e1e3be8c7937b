package keenfork.core.people;

import java.util.List;
import java.util.Optional;
import keenfork.core.diet.Diet;
import keenfork.core.food.Family;
import keenfork.core.food.Lexicon;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Words;
import keenfork.core.recipe.Line;
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

    /// Reads one avoidance as people say it: "no nuts", "coeliac", `cashew:recipe`.
    /// @return empty where it is not exactly one thing, or not understood to its last word
    static Optional<Avoidance> parse(String text, RuleBook ruleBook) {
        var read = Avoidances.of(text, ruleBook);
        return read.refused().isEmpty() && read.said().size() == 1 ? Optional.of(read.said().getFirst().avoidance())
                : Optional.empty();
    }

    /// Reads an exact key: an allergen's id of the rule book or of another, a diet's id, a substance of the tree;
    /// `:recipe` behind it makes it recipe only.
    static Optional<Avoidance> exactly(String text, RuleBook ruleBook) {
        var word = text.strip().toLowerCase();
        var recipeOnly = word.endsWith(":recipe");
        if (recipeOnly) word = word.substring(0, word.length() - ":recipe".length());
        var strictness = recipeOnly ? Strictness.RECIPE : Strictness.TRACE;
        var group = ruleBook.group(word);
        if (group.isPresent()) return Optional.of(new OfGroup(ruleBook, group.get(), strictness));
        var diet = Diet.named(word);
        if (diet.isPresent())
            return Optional.of(new OfDiet(diet.get(), diet.get().cautious() ? strictness : Strictness.RECIPE));
        // a word of another book's law means that law's group: "nuts" in a kitchen whose own book says tree nuts
        for (var book : RuleBook.all()) {
            var other = book.group(word);
            if (other.isPresent()) return Optional.of(new OfGroup(book, other.get(), strictness));
        }
        var plain = word;
        var named = ruleBook.groups().stream()
                .filter(g -> g.name().equalsIgnoreCase(plain) || g.label().equalsIgnoreCase(plain)).findFirst();
        if (named.isPresent()) return Optional.of(new OfGroup(ruleBook, named.get(), strictness));
        return Substances.shipped().find(word.replace(' ', '-')).filter(s -> !s.id().equals(Substance.ANYTHING))
                .map(s -> new OfSubstance(s, strictness));
    }

    /// {@return what a name of the table means to somebody who avoids it: the almonds of "almonds" wherever they hide,
    /// vinegar by its name}
    static Optional<Avoidance> named(Lexicon.Match match) {
        return switch (match.meaning()) {
            case Meaning.OfSubstances(var substances) -> substances.isEmpty() ? Optional.empty()
                    : Optional.of(new OfSubstance(substances.getFirst(), Strictness.TRACE));
            case Meaning.OfFood(var food) -> Optional.of(
                    food.holds().size() == 1 && Words.key(food.holds().getFirst().name()).equals(Words.key(food.name()))
                            ? new OfSubstance(food.holds().getFirst(), Strictness.TRACE)
                            : new OfFood(Words.key(match.text())));
            case Meaning.Vague _ -> Optional.empty();
        };
    }

    /// {@return the same, for people who mind only what the recipe puts in; a diet and a food are told by the recipe
    /// anyway}
    default Avoidance recipeOnly() {
        return switch (this) {
            case OfGroup(var ruleBook, var group, _) -> new OfGroup(ruleBook, group, Strictness.RECIPE);
            case OfSubstance(var substance, _) -> new OfSubstance(substance, Strictness.RECIPE);
            case OfDiet(var diet, _) -> new OfDiet(diet, Strictness.RECIPE);
            case OfFood _ -> this;
        };
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
            case OfGroup(var ruleBook, var group, var strictness) ->
                    ruleBook.member(group, evidence.substance()).isPresent()
                            && evidence.couldBeIn(group) ? answer(evidence, strictness) : Answer.NOTHING;
            case OfSubstance(var substance, var strictness) -> {
                var tree = Substances.shipped();
                var touches =
                        tree.isUnder(evidence.substance(), substance) || tree.isUnder(substance, evidence.substance());
                yield touches && evidence.couldBe(List.of(substance)) ? answer(evidence, strictness) : Answer.NOTHING;
            }
            case OfDiet(var diet, var strictness) ->
                    diet.touches(evidence) ? answer(evidence, strictness) : Answer.NOTHING;
            case OfFood _ -> evidence.substance().id().equals(Substance.ANYTHING) ? Answer.OPEN : Answer.NOTHING;
        };
    }

    private static Answer answer(Evidence evidence, Strictness strictness) {
        if (evidence.certainty() == Certainty.NOT_KNOWN) return Answer.OPEN;
        return strictness == Strictness.TRACE || evidence.certainty() == Certainty.CONTAINS ? Answer.BREAKS
                : Answer.NOTHING;
    }

    /// {@return what a line does to it by what it names; nothing for all that evidence tells}
    default Answer named(Derivation derivation, Line line) {
        return this instanceof OfFood(var word) ? answer(derivation.holds(line, word)) : Answer.NOTHING;
    }

    private static Answer answer(Family.Held held) {
        return switch (held) {
            case NO -> Answer.NOTHING;
            case MAY -> Answer.OPEN;
            case YES -> Answer.BREAKS;
        };
    }

    /// {@return what a whole dish does to it: the strongest of what its evidence does and of what its lines name}
    default Answer against(Derivation derivation) {
        var strongest = Answer.NOTHING;
        for (var e : derivation.evidence()) if (against(e).compareTo(strongest) > 0) strongest = against(e);
        if (!(this instanceof OfFood(var word))) return strongest;
        var named = answer(derivation.holds(word));
        return named.compareTo(strongest) > 0 ? named : strongest;
    }
}
