package keenfork.core.food;

import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/// What stands between two words of a line: a comma or a bracket turns aside to talk, "and" goes on to another food.
final class Joint {
    private static final Set<String> GOES_ON = Grammar.words("goes-on");
    private static final Set<String> TURNS_ASIDE = Grammar.words("turns-aside");
    private static final Set<String> COMES_TO = Grammar.words("comes-to");
    private static final Set<String> COMES_TO_COOKED = Grammar.words("comes-to-cooked");
    private static final Pattern COOKED =
            Pattern.compile("(?i)(?<!\\p{L})(?:" + Grammar.anyOf("cooked-until") + ") $");
    private static final Pattern DENIES = Pattern.compile("(?i)(?<!\\w)(?:" + Grammar.anyOf("denies") + ")\\s+(?:(?:"
            + Grammar.anyOf("denies-on") + ")\\s+)*$");
    private static final String ASIDE = ",;:([{–—!?";

    private Joint() {}

    /// {@return whether what ends before a place of a text says that what follows is not there: "not in", "no",
    /// "without any"}
    static boolean denies(String text, int before) { return DENIES.matcher(text.substring(0, before)).find(); }

    /// {@return whether what stands between parts two foods: a comma, a plus, "and"}
    static boolean parts(String text, int from, int to) {
        for (var at = from; at < to; at++) {
            var c = text.charAt(at);
            if (ASIDE.indexOf(c) >= 0 || c == '+' || c == '&' || c == '/' || isDash(text, at)) return true;
        }
        return names(text, from, to, GOES_ON);
    }

    /// {@return whether what stands between turns aside from the food: a comma, a bracket, a dash, "in", "until"}
    static boolean turnsAside(String text, int from, int to) {
        for (var at = from; at < to; at++) if (ASIDE.indexOf(text.charAt(at)) >= 0 || isDash(text, at)) return true;
        return names(text, from, to, TURNS_ASIDE);
    }

    /// {@return whether what stands behind a word is what a cook waits for: "soft", "golden", "it"; and right behind a
    /// work "black", too}
    static boolean comesTo(String text, int from, int to) {
        var word = wordAfter(text, to);
        return COMES_TO.contains(word)
                || COMES_TO_COOKED.contains(word) && COOKED.matcher(text).region(0, from).find();
    }

    /// {@return whether another word stands right behind, and not one that leads to a food}
    static boolean goesOnInTalk(String text, int from) {
        var word = wordAfter(text, from);
        return !word.isEmpty() && !GOES_ON.contains(word);
    }

    /// {@return whether a word has talk on both its sides: a word between it and the food before, which goes on to no
    /// other food, and one right behind it}
    static boolean isAmidTalk(String text, int foodEnd, int from, int to) {
        var between = text.substring(foodEnd, from);
        return between.chars().anyMatch(Character::isLetter) && between.chars().noneMatch(Character::isDigit)
                && !parts(text, foodEnd, from) && !wordAfter(text, to).isEmpty();
    }

    private static String wordAfter(String text, int from) {
        var at = from;
        while (at < text.length() && text.charAt(at) == ' ') at++;
        if (at == from) return "";
        var end = at;
        while (end < text.length() && Character.isLetter(text.charAt(end))) end++;
        return text.substring(at, end).toLowerCase(Locale.ROOT);
    }

    /// a hyphen with a blank before it is a dash
    private static boolean isDash(String text, int at) {
        return text.charAt(at) == '-' && at > 0 && text.charAt(at - 1) == ' ';
    }

    private static boolean names(String text, int from, int to, Set<String> words) {
        if (to - from < 3) return false;
        for (var word : text.substring(from, to).toLowerCase(Locale.ROOT)
                .split("[^\\p{L}/]+"))
            if (words.contains(word)) return true;
        return false;
    }
}
