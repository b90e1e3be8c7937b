package keenfork.core.run;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;

/// Finds any of many phrases where they stand as words of their own. Tried one after the other at each letter, the
/// hundreds of them took most of the time of a day's run; here a word is looked up, and only what begins with it is
/// tried.
final class Phrases {
    private static final String ANY_WORD = "\\S+";
    /// by the letters or the digits a phrase begins with, in small ones
    private final Map<String, Pattern> byFirst = new HashMap<>();
    private final boolean afterHyphen;

    /// where a phrase stands in a text: characters from the first to behind the last
    record Place(int start, int end) {}

    /// @param phrases     of those that begin alike the first that fits is taken; a star stands for one word, never
    ///                    the first
    /// @param star        what may stand for the star of a phrase, as a regular expression
    /// @param afterHyphen whether a phrase may begin behind a hyphen
    private Phrases(Collection<String> phrases, UnaryOperator<String> star, boolean afterHyphen) {
        this.afterHyphen = afterHyphen;
        var alike = new HashMap<String, List<String>>();
        for (var phrase : phrases) {
            var first = endOfRun(phrase, 0);
            if (first == 0)
                throw new IllegalArgumentException(
                        "a phrase begins with a letter or a digit: \"%s\"".formatted(phrase));
            alike.computeIfAbsent(phrase.substring(0, first).toLowerCase(Locale.ROOT), _ -> new ArrayList<>())
                    .add(Pattern.quote(phrase).replace("*", "\\E" + star.apply(phrase) + "\\Q"));
        }
        alike.forEach((first, all) -> byFirst.put(first,
                Pattern.compile("(?iu)(?:" + String.join("|", all) + ")(?!\\p{L})")));
    }

    /// {@return phrases of which the longest that fits is taken; the blender of "stick blender" is no blender, the
    /// fry of "stir-fry" no fry}
    static Phrases longestFirst(Collection<String> phrases) {
        return new Phrases(phrases.stream().distinct()
                .sorted(Comparator.comparingInt(String::length).reversed().thenComparing(w -> w)).toList(),
                _ -> ANY_WORD, false);
    }

    /// {@return phrases in their order, a star standing for one word}
    static Phrases inOrder(Collection<String> phrases) { return inOrder(phrases, _ -> ANY_WORD); }

    /// {@return phrases in their order}
    /// @param star what may stand for the star of a phrase, as a regular expression
    static Phrases inOrder(Collection<String> phrases, UnaryOperator<String> star) {
        return new Phrases(phrases, star, true);
    }

    boolean isIn(String text) { return next(text, 0).isPresent(); }

    /// {@return where phrases stand, one behind the other}
    List<Place> in(String text) {
        var places = new ArrayList<Place>();
        for (var place = next(text, 0); place.isPresent(); place = next(text, place.get().end)) places.add(place.get());
        return places;
    }

    /// {@return the text with other words for each of them}
    String replacedIn(String text, String by) {
        var replaced = new StringBuilder();
        var from = 0;
        for (var place : in(text)) {
            replaced.append(text, from, place.start).append(by);
            from = place.end;
        }
        return replaced.append(text, from, text.length()).toString();
    }

    private Optional<Place> next(String text, int from) {
        for (var at = from; at < text.length();) {
            var end = endOfRun(text, at);
            if (end == at) {
                at++;
                continue;
            }
            if (isStart(text, at)) {
                var place = placeAt(text, at, end);
                if (place.isPresent()) return place;
            }
            at = end;
        }
        return Optional.empty();
    }

    private Optional<Place> placeAt(String text, int start, int end) {
        var alike = byFirst.get(text.substring(start, end).toLowerCase(Locale.ROOT));
        if (alike == null) return Optional.empty();
        var found = alike.matcher(text).region(start, text.length());
        return found.useTransparentBounds(true).lookingAt() ? Optional.of(new Place(start, found.end()))
                : Optional.empty();
    }

    private boolean isStart(String text, int at) {
        if (at == 0) return true;
        var before = text.charAt(at - 1);
        return !Character.isLetter(before) && (afterHyphen || before != '-');
    }

    /// {@return the end of the letters or of the digits that stand at a place; the place itself where neither does}
    private static int endOfRun(String text, int at) {
        var end = at;
        while (end < text.length() && Character.isLetter(text.charAt(end))) end++;
        if (end > at) return end;
        while (end < text.length() && Character.isDigit(text.charAt(end))) end++;
        return end;
    }
}
