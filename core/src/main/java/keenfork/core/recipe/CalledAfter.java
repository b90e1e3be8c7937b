package keenfork.core.recipe;

import java.util.List;
import java.util.Set;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.food.Words;

/// "Cheese & onion pasty" is one bought thing, called after what it holds: the pasty is weighed, and its pack tells. In
/// "cheese and crackers" and "mash & steak pie" each thing is one of its own.
final class CalledAfter {
    private static final Set<String> HEADS = Grammar.words("called-after");
    private static final Set<String> SERVED = Grammar.words("served-beside");
    private static final int FEWEST = 3;

    private CalledAfter() {}

    /// {@return what a name of several foods names, the last of them; or the one it begins with}
    /// @param from which of the matches the name begins with
    static Match head(String phrase, List<Match> matches, int from) {
        var first = matches.get(from);
        if (matches.size() - from < FEWEST || SERVED.contains(Words.key(first.text()))) return first;
        for (var at = from + 1; at + 1 < matches.size(); at++) {
            if (!Grammar.AND.matcher(between(phrase, matches, at)).matches()) return first;
            var next = matches.get(at + 1);
            if (between(phrase, matches, at + 1).isBlank() && isHead(next)) return next;
        }
        return first;
    }

    /// {@return whether words are one such name, with what is counted of it: "ham & mushroom pizza slices"}
    static boolean isOne(String words) {
        var matches = Foods.shipped().phrase(words).matches();
        return matches.size() >= FEWEST && head(words, matches, 0) != matches.getFirst();
    }

    /// {@return what a name of several foods ends in, right behind one of them: the crumble of "blackberry crumble";
    /// else an empty string}
    static String tail(String phrase, List<Match> matches) {
        if (matches.size() < 2) return "";
        var last = matches.getLast();
        return between(phrase, matches, matches.size() - 1).isBlank() && isHead(last) ? last.text() : "";
    }

    /// {@return whether one of them is sold so}
    static boolean isAmong(List<Match> matches) { return matches.stream().anyMatch(CalledAfter::isHead); }

    private static String between(String phrase, List<Match> matches, int at) {
        return phrase.substring(matches.get(at - 1).end(), matches.get(at).start());
    }

    private static boolean isHead(Match match) {
        var name = Words.key(match.text());
        return HEADS.contains(name) || HEADS.contains(name.substring(name.lastIndexOf(' ') + 1));
    }
}
