package keenfork.core.pack;

import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import keenfork.core.food.Foods;

/// Words that printing took apart: "M I L K", "but-" at the end of a line and "ter" below it, or behind it where
/// copying made one line of the two.
///
/// They are put together in the place where they stand, with blanks behind them, so that each letter of the
/// declaration keeps its place.
final class SetApart {
    private static final Pattern SPACED = Pattern.compile("(?<![\\p{L}\\d])\\p{L}(?: \\p{L}){2,20}(?![\\p{L}\\d])");
    private static final Pattern HYPHENED = Pattern.compile("(?<!\\p{L})(?<first>\\p{L}{2,20})-\\s{1,9}"
            + "(?<last>\\p{L}{2,20})(?!\\p{L})");

    private SetApart() {}

    /// {@return a text of the same length with such words put together, where together they are a word of packs}
    static String joined(String text) {
        var spaced = SPACED.matcher(text).replaceAll(m -> padded(m, m.group().replace(" ", "")));
        return spaced.indexOf('-') < 0 ? spaced
                : HYPHENED.matcher(spaced).replaceAll(m -> padded(m, m.group("first") + m.group("last")));
    }

    private static String padded(MatchResult apart, String word) {
        var isKnown = Foods.shipped().packWords().read(word).unread().isEmpty();
        return Matcher.quoteReplacement(isKnown ? word + " ".repeat(apart.group().length() - word.length())
                : apart.group());
    }
}
