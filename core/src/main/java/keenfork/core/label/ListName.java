package keenfork.core.label;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Lexicon;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Words;
import keenfork.core.recipe.Line;
import org.jspecify.annotations.Nullable;

/// What a line brings into the list of ingredients: a food by its name, and not the line. "250 g bread, fried in olive
/// oil" is bread and olive oil.
///
/// @param key     what lines of the same food are merged by
/// @param words   what it is called, as the cook writes it where that is one of its names: `chickpeas`
/// @param meaning what it stands for, or null where that is not known
record ListName(String key, String words, @Nullable Meaning meaning) {
    /// between the words of one name: "cheese & onion pasty"
    private static final Pattern JOINS = Pattern.compile("[ -]*(?:" + Grammar.AND.pattern() + ")?");

    /// {@return the names of a line; the first is what is weighed}
    static List<ListName> of(Line line) {
        if (!line.dish().isEmpty()) return List.of(new ListName(Words.key(line.dish()), line.dish(), null));
        if (line.isUnread() || line.choices().isEmpty()) return List.of(new ListName(line.text(), line.text(), null));
        var matches = Foods.shipped().phrase(line.text()).matches();
        if (line.choices().size() > 1) {
            var either =
                    line.choices().stream().map(c -> called(c.main(), matches)).collect(Collectors.joining(" or "));
            return List.of(new ListName(either, either, null));
        }
        var choice = line.choices().getFirst();
        var names = new ArrayList<ListName>();
        names.add(named(choice.main(), inFull(choice, matches, line.text())));
        for (var other : choice.others())
            if (!choice.inName().contains(other)) names.add(named(other, called(other, matches)));
        return names;
    }

    private static ListName named(Meaning meaning, String words) {
        return new ListName(meaning instanceof Meaning.OfFood(var food) ? food.name() : Words.key(words), words,
                meaning);
    }

    /// "olive oil mayonnaise" is called so, and not mayonnaise.
    private static String inFull(Line.Choice choice, List<Lexicon.Match> matches, String text) {
        var main = match(choice.main(), matches);
        var named = matches.stream().filter(m -> choice.inName().contains(m.meaning())).toList();
        if (main.isEmpty() || named.isEmpty() || named.getFirst().start() >= main.get().start()
                || !isOneName(text, named, main.get()))
            return called(choice.main(), matches);
        return text.substring(named.getFirst().start(), main.get().start()).toLowerCase(Locale.UK)
                + called(choice.main(), matches);
    }

    /// {@return whether what stands before the main name are other names, and what joins them}
    private static boolean isOneName(String text, List<Lexicon.Match> named, Lexicon.Match main) {
        var at = named.getFirst().end();
        for (var match : Stream.concat(named.stream().skip(1).filter(m -> m.start() < main.start()), Stream.of(main))
                .toList()) {
            if (!JOINS.matcher(text.substring(at, match.start())).matches()) return false;
            at = match.end();
        }
        return true;
    }

    private static String called(Meaning meaning, List<Lexicon.Match> matches) {
        var written = match(meaning, matches).filter(m -> !m.isTaken()).map(Lexicon.Match::text);
        if (!(meaning instanceof Meaning.OfFood(var food))) return written.orElse("what is not known");
        return written.filter(w -> isNameOf(w, food))
                .map(w -> hasCapital(food.name()) ? food.name() : w.toLowerCase(Locale.UK)).orElse(food.name());
    }

    private static Optional<Lexicon.Match> match(Meaning meaning, List<Lexicon.Match> matches) {
        return matches.stream().filter(m -> m.meaning().equals(meaning)).reduce((_, last) -> last);
    }

    private static boolean isNameOf(String written, Food food) {
        var key = Words.key(written);
        return food.names().stream().anyMatch(n -> Words.key(n).equals(key));
    }

    private static boolean hasCapital(String name) { return name.chars().anyMatch(Character::isUpperCase); }

    Optional<Food> food() { return meaning instanceof Meaning.OfFood(var food) ? Optional.of(food) : Optional.empty(); }

    /// {@return whether something is brought in by it}
    /// @param isSure whether it surely is; else perhaps is enough
    boolean holds(Substance substance, boolean isSure) {
        return switch (meaning) {
            case null -> false;
            case Meaning.OfFood(var food) ->
                    isIn(substance, food.holds()) || !isSure && isIn(substance, food.sometimes());
            case Meaning.OfSubstances(var all) -> isIn(substance, all);
            case Meaning.Vague(var suspects, _) -> !isSure && isIn(substance, suspects);
        };
    }

    private static boolean isIn(Substance substance, List<Substance> all) {
        return all.stream().anyMatch(s -> Substances.shipped().isUnder(substance, s)
                || Substances.shipped().isUnder(s, substance));
    }
}
