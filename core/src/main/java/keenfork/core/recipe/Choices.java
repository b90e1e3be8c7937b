package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.regex.Pattern;

/// The alternatives of a phrase: "lime or lemon", "rava/suji", "tuna (or salmon)".
final class Choices {
    /// "tofu marinated in soy/ginger": what it lies in, and no other tofu
    private static final Pattern WITHIN = Pattern.compile("(?iU)\\p{L}{3,} in (?:\\p{L}+ )?\\p{L}+ ?$");

    private Choices() {}

    /// {@return the pieces between the ors and strokes of a phrase; the phrase itself where there is none}
    static String[] parted(String phrase) {
        if (phrase.indexOf('/') < 0 && phrase.indexOf("or ") < 0 && phrase.indexOf("OR ") < 0
                && phrase.indexOf("Or ") < 0)
            return new String[] {phrase};
        var pieces = new ArrayList<String>(2);
        var from = 0;
        for (var at = 0; at < phrase.length(); at++) {
            var c = phrase.charAt(at);
            int behind;
            if (c == '/' && !isInShortForm(phrase, at) && !WITHIN.matcher(phrase).region(from, at).find())
                behind = stroke(phrase, at);
            else if ((c == 'o' || c == 'O') && at > 0) behind = or(phrase, at);
            else continue;
            if (behind < 0) continue;
            pieces.add(phrase.substring(from, before(phrase, from, at)));
            from = behind;
            at = behind - 1;
        }
        if (from == 0) return new String[] {phrase};
        pieces.add(phrase.substring(from));
        return pieces.toArray(String[]::new);
    }

    /// {@return whether only strokes part the alternatives of a phrase: a comma before one is no "or" then}
    static boolean areByStroke(String phrase) {
        if (phrase.indexOf('/') < 0) return false;
        for (var at = 1; at < phrase.length(); at++)
            if ((phrase.charAt(at) == 'o' || phrase.charAt(at) == 'O') && or(phrase, at) >= 0) return false;
        return true;
    }

    /// "w/ herbs" is with herbs, "o/n" is overnight
    private static boolean isInShortForm(String phrase, int stroke) {
        var isOne = stroke > 0 && Character.isLetter(phrase.charAt(stroke - 1))
                && (stroke == 1 || !Character.isLetter(phrase.charAt(stroke - 2)));
        if (!isOne) return false;
        return Character.toLowerCase(phrase.charAt(stroke - 1)) == 'w' || stroke + 1 < phrase.length()
                && Character.isLetter(phrase.charAt(stroke + 1))
                && (stroke + 2 == phrase.length() || !Character.isLetter(phrase.charAt(stroke + 2)));
    }

    /// {@return where the words behind a stroke start, or -1 where no letter follows it: "1/2" parts nothing}
    private static int stroke(String phrase, int at) {
        var next = at + 1;
        while (next < phrase.length() && phrase.charAt(next) == ' ') next++;
        return next < phrase.length() && Character.isLetter(phrase.charAt(next)) ? next : -1;
    }

    /// {@return where the words behind an "or" start, or -1 where it is none}
    private static int or(String phrase, int at) {
        var isOr = at + 2 < phrase.length() && (phrase.charAt(at + 1) == 'r' || phrase.charAt(at + 1) == 'R')
                && phrase.charAt(at + 2) == ' ' && " (,".indexOf(phrase.charAt(at - 1)) >= 0;
        if (!isOr) return -1;
        var next = at + 3;
        while (next < phrase.length() && phrase.charAt(next) == ' ') next++;
        return next;
    }

    /// {@return where the words before end: the bracket or comma that opened the or goes with it}
    private static int before(String phrase, int from, int at) {
        var end = at;
        while (end > from && phrase.charAt(end - 1) == ' ') end--;
        if (end > from && (phrase.charAt(end - 1) == '(' || phrase.charAt(end - 1) == ',')) end--;
        while (end > from && phrase.charAt(end - 1) == ' ') end--;
        return end;
    }
}
