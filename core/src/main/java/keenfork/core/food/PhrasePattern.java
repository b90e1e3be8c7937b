package keenfork.core.food;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/// Phrases, in either case and as whole words, with what a pattern asks for behind them. A pattern tries each of its
/// alternatives at each letter of a text; this one is tried only where the first word of a phrase stands, which in most
/// texts is nowhere.
public final class PhrasePattern {
    private final WordTable firstWords = new WordTable();
    private final Pattern pattern;

    /// @param phrases each begins with a letter or a digit of ASCII
    /// @param behind a pattern for what follows the end of the phrase; "" for nothing
    public PhrasePattern(Collection<String> phrases, String behind) {
        for (var phrase : phrases) {
            var end = endOfFirstWord(phrase);
            if (end == 0) throw new IllegalArgumentException("\"%s\" begins with no plain letter".formatted(phrase));
            firstWords.add(phrase.substring(0, end).toLowerCase(Locale.ROOT), end);
        }
        pattern = Pattern.compile(phrases.stream().sorted(Comparator.comparing(p -> -p.length())).map(Pattern::quote)
                .collect(Collectors.joining("|", "(?iu)(?:", ")\\b" + behind)));
    }

    /// {@return whether a phrase stands in a text}
    public boolean isIn(String text) { return next(text, 0) != null; }

    /// {@return where phrases stand in a text, with the groups of what is behind each, in their order; none overlaps
    /// another}
    /// @param most so many at most
    public List<MatchResult> in(String text, int most) {
        var found = new ArrayList<MatchResult>();
        for (var next = next(text, 0); next != null && found.size() < most; next = next(text, next.end()))
            found.add(next);
        return found;
    }

    /// {@return a text with something else in the place of each phrase and of what is behind it}
    public String replaced(String text, String with) {
        var rest = new StringBuilder();
        var from = 0;
        for (var found : in(text, Integer.MAX_VALUE)) {
            rest.append(text, from, found.start()).append(with);
            from = found.end();
        }
        return rest.append(text, from, text.length()).toString();
    }

    private @Nullable MatchResult next(String text, int from) {
        for (var at = from; at < text.length(); at++) {
            var start = at;
            var hash = 0;
            for (char lower; at < text.length() && (lower = WordTable.lower(text.charAt(at))) != 0; at++)
                hash = WordTable.hash(hash, lower);
            var found = at == start || firstWords.find(text, start, at, hash) == WordTable.NONE ? null
                    : from(text, start);
            if (found != null) return found;
        }
        return null;
    }

    private @Nullable MatchResult from(String text, int start) {
        var matcher = pattern.matcher(text).region(start, text.length()).useTransparentBounds(true);
        return matcher.lookingAt() ? matcher.toMatchResult() : null;
    }

    private static int endOfFirstWord(String phrase) {
        var end = 0;
        while (end < phrase.length() && WordTable.lower(phrase.charAt(end)) != 0) end++;
        return end;
    }
}
