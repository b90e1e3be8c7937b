package keenfork.core.pack;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.food.Meaning;

/// Where a term says what something in it is of: a bracket, a colon or a dash behind a name.
///
/// @param at     where that begins in the term
/// @param isList whether it lists what is in it: "(leek)" tells which quiche it is, and not what is in the quiche
record Opened(int at, boolean isList) {
    static final List<Opened> NOTHING = List.of();
    private static final List<String> DASHES = List.of(" – ", " — ", " - ");
    private static final Pattern STAPLE = Tone.pattern("staple");
    /// "soy sauce and mayonnaise (oil, egg)": what stands beside what is opened up is not
    private static final Pattern BESIDE = Pattern.compile(
            "(?iU)[&+/]|\\s(?:" + Tone.held("and-word") + "|" + Tone.held("beside") + ")\\s");
    private static final int FEWEST_LETTERS = 3;

    /// {@return what a bracket tells; empty where it names nothing}
    /// @param inside  its words
    /// @param at      where it begins in its term
    /// @param hasRead whether an allergen was read in it
    static Optional<Opened> by(String inside, int at, boolean hasRead) {
        var isTold = inside.chars().filter(Character::isLetter).count() >= FEWEST_LETTERS || ENumbers.areIn(inside);
        if (!isTold || !hasRead && !namesFood(inside)) return Optional.empty();
        return Optional.of(new Opened(at,
                hasRead || inside.chars().anyMatch(c -> ",;".indexOf(c) >= 0) || STAPLE.matcher(inside).find()));
    }

    /// {@return a headline before its list, "curry sauce base – onion"; a list that dashes part has none}
    static Optional<Opened> byDash(String term) {
        for (var dash : DASHES) {
            var at = term.indexOf(dash);
            if (at >= 0)
                return at == term.lastIndexOf(dash) && namesFood(term.substring(at)) ? Optional.of(new Opened(at, true))
                        : Optional.empty();
        }
        return Optional.empty();
    }

    /// {@return whether words name a food or an additive}
    static boolean namesFood(String words) {
        return Foods.shipped().packWords().isNamedIn(words) || ENumbers.areIn(words);
    }

    /// {@return whether this tells what a name of the term is of}
    boolean tells(Match match, String term) {
        if (match.start() > at) return false;
        if (!(match.meaning() instanceof Meaning.OfFood)) return true;
        return isList && (match.end() > at
                || !BESIDE.matcher(term).region(match.end(), at).useTransparentBounds(true).find());
    }
}
