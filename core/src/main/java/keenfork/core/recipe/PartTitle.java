package keenfork.core.recipe;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substance;
import keenfork.core.food.Words;

/// What the name of a part says is in it: the peanuts of "Peanut dressing", whose lines tell lime and sugar alone.
/// Whoever calls it so puts them in.
final class PartTitle {
    /// "Vegan egg mayo", "mock crab": called after what it does without
    private static final Pattern NOT_AS_SAID = Grammar.wordOf("not-as-said");

    private PartTitle() {}

    /// {@return whether a part's name names a food that the law or a diet asks about, and no line holds the like}
    /// @param lines those of the whole recipe
    static boolean saysMore(String title, List<Line> lines) {
        if (NOT_AS_SAID.matcher(title).find()) return false;
        return Foods.shipped().phrase(NoFood.blanked(title)).matches().stream()
                .filter(m -> !m.isTaken() && !Words.isDenied(title, m.end()) && !Words.isRuledOut(title, m.start()))
                .flatMap(PartTitle::plainly)
                .anyMatch(word -> lines.stream().noneMatch(l -> says(l, word)) && isMissing(word, lines));
    }

    /// A made food is made here of what its lines say; the food that it is called after goes in: the peanut of "peanut
    /// dressing", but not the milk of "almond milk".
    private static Stream<String> plainly(Match match) {
        if (!(match.meaning() instanceof Meaning.OfFood(var food)) || !food.isCompound())
            return Stream.of(Words.key(match.text()));
        var own = Stream.concat(food.holds().stream(), food.sometimes().stream()).toList();
        return Words.of(match.text()).stream().map(Words.Word::text).filter(word -> own.containsAll(holds(word)));
    }

    private static boolean says(Line line, String word) {
        return (" " + Words.key(line.text()) + " ").contains(" " + word + " ");
    }

    private static boolean isMissing(String word, List<Line> lines) {
        var named = holds(word);
        return !named.isEmpty() && lines.stream().flatMap(PartTitle::held)
                .noneMatch(h -> named.stream().anyMatch(n -> Mention.canMean(n, h)));
    }

    /// {@return what a plain food surely holds; nothing for what is made}
    private static List<Substance> holds(String word) {
        return Foods.shipped().meaning(word).map(meaning -> switch (meaning) {
            case Meaning.OfFood(var food) -> food.isCompound() ? List.<Substance>of() : food.holds();
            case Meaning.OfSubstances(var substances) -> substances;
            case Meaning.Vague _ -> List.<Substance>of();
        }).orElse(List.of());
    }

    /// what only some makes of a product hold is no reason to leave out what the name says
    private static Stream<Substance> held(Line line) {
        return line.choices().stream().flatMap(c -> Stream.concat(Stream.of(c.main()), c.others().stream()))
                .flatMap(meaning -> switch (meaning) {
                    case Meaning.OfFood(var food) -> food.holds().stream();
                    case Meaning.OfSubstances(var substances) -> substances.stream();
                    case Meaning.Vague _ -> Stream.of();
                });
    }
}
