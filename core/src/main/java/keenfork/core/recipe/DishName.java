package keenfork.core.recipe;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Words;

/// What the name of a dish says is in it: the peanuts of "Peanut dressing", the walnuts of "Trail mix: walnuts". It may
/// have been forgotten in the list.
final class DishName {
    /// "Vegan egg mayo", "mock crab": called after what it does without
    private static final Pattern NOT_AS_SAID = Grammar.wordOf("not-as-said");
    private static final String QUOTES = "\"'“”‘’„«»";
    /// "Salsa for the lamb": it goes beside that
    private static final Pattern GOES_WITH = Pattern.compile("(?i)\\b(?:" + Grammar.anyOf("goes-with") + ")\\s");
    /// "Salmon glaze", "fish batter": it goes on that
    private static final Pattern GOES_ON =
            Pattern.compile("(?i)\\p{L}+ (?:(?!(?:" + Grammar.anyOf("goes-on") + "|" + Grammar.anyOf("preposition")
                    + ")\\b)\\p{L}+ )?(?:" + Grammar.anyOf("goes-on-flesh") + ")s?\\b");

    private DishName() {}

    /// {@return the foods that a name says go in, each with what it surely holds; none that a line denies: "No
    /// walnuts"}
    static List<Mention> said(String name, List<String> lines) {
        var said = said(name);
        if (said.isEmpty()) return said;
        var denied = lines.stream().filter(Suggested::isDenial)
                .flatMap(l -> Foods.shipped().phrase(l).matches().stream()).toList();
        return denied.isEmpty() ? said : said.stream().filter(m -> denied.stream().noneMatch(d -> isOf(m, d))).toList();
    }

    /// {@return whether a name tells what it does without: "vegan egg mayo"}
    static boolean isNotAsSaid(String name) { return NOT_AS_SAID.matcher(name).find(); }

    private static boolean isOf(Mention mention, Match denied) {
        return mention.words().equals(Words.key(denied.text())) || mention.substances().stream()
                .anyMatch(s -> denied.meaning().holds().stream().anyMatch(d -> Mention.canMean(s, d)));
    }

    private static List<Mention> said(String name) {
        if (isNotAsSaid(name)) return List.of();
        var with = GOES_WITH.matcher(name);
        var end = with.find() ? with.start() : name.length();
        return Foods.shipped().phrase(NoFood.blanked(name)).matches().stream()
                .filter(m -> !m.isTaken() && m.end() <= end && !isQuoted(name, m) && !Words.isDenied(name, m.end())
                        && !Words.isRuledOut(name, m.start()))
                .flatMap(m -> plainly(m).filter(DishName::isPlain).map(DishName::mention)
                        .filter(s -> !isOn(s.substances(), name, m.start())))
                .toList();
    }

    /// Chickpea "tuna" is none
    private static boolean isQuoted(String name, Match match) {
        return match.start() > 0 && QUOTES.indexOf(name.charAt(match.start() - 1)) >= 0;
    }

    /// A made food is made here of what its lines say; the food that it is called after goes in: the peanut of "peanut
    /// dressing", but not the milk of "almond milk".
    static Stream<String> plainly(Match match) {
        if (!(match.meaning() instanceof Meaning.OfFood(var food)) || !food.isCompound())
            return Stream.of(Words.key(match.text()));
        var own = Stream.concat(food.holds().stream(), food.sometimes().stream()).toList();
        return Words.of(match.text()).stream().map(Words.Word::text).filter(word -> own.containsAll(holds(word)));
    }

    /// {@return what a plain food surely holds; of what is made only what has its very name, as mustard has}
    static List<Substance> holds(String name) {
        return Foods.shipped().meaning(name)
                .map(m -> m instanceof Meaning.OfFood(var food) && food.isCompound()
                        ? food.holds().stream().filter(s -> Words.key(s.name()).equals(Words.key(name))).toList()
                        : m.holds())
                .orElse(List.of());
    }

    /// a slaw is what is made here, and nothing that goes into it
    private static boolean isPlain(String word) {
        return !holds(word).isEmpty() || Foods.shipped().meaning(word)
                .filter(m -> m instanceof Meaning.OfFood(var food) && !food.isCompound()).isPresent();
    }

    private static Mention mention(String word) { return new Mention(Mention.OF_NAME, word, holds(word), null, false); }

    private static boolean isOn(List<Substance> substances, String name, int from) {
        return GOES_ON.matcher(name).region(from, name.length()).lookingAt()
                && !substances.isEmpty() && substances.stream().allMatch(DishName::isOfAnimals);
    }

    private static boolean isOfAnimals(Substance substance) {
        var tree = Substances.shipped();
        return Grammar.list("flesh-branches").stream().anyMatch(b -> tree.isUnder(substance, tree.get(b)));
    }
}
