package keenfork.core.swap;

import java.util.Optional;
import java.util.regex.Pattern;
import keenfork.core.food.Grammar;

/// Takes one of several foods out of the enumeration it stands in: "the garlic, chilli and lime" without chilli.
final class Enumeration {
    /// what belongs to a food and goes with it: "the", "half of the", "toasted"
    private static final Pattern BEFORE = Pattern.compile(
            "(?i)(?<own>(?:(?:" + Grammar.anyOf("share") + ")\\s+(?:of\\s+)?)?(?<the>(?:the|a|an|some)\\s+)?"
                    + "(?:\\p{L}+(?:ed|en|ly)\\s+){0,2})$");
    private static final Pattern LAST_COMMA = Pattern.compile(",(?=[^,]*$)");
    /// a word that a food of an enumeration may follow: another verb begins no food
    private static final Pattern NEXT_WORD = Pattern.compile("^(?<join>, and |, | and )(?:then )?(?<word>\\p{L}+)");

    private Enumeration() {}

    /// {@return the sentence without what stands from `start` to `end`; empty where it is no one of several}
    static Optional<String> without(String sentence, int start, int end) {
        var before = BEFORE.matcher(sentence.substring(0, start));
        var from = before.find() ? before.start() : start;
        var the = from < start && before.group("the") != null ? before.group("the") : "";
        var left = sentence.substring(0, from);
        var right = sentence.substring(end);
        var next = NEXT_WORD.matcher(right);
        var goesOn = next.find() && !isVerb(next.group("word"));
        if (left.endsWith(", ") && goesOn) return Optional.of(left.substring(0, left.length() - 2) + right);
        if (left.endsWith(", and ")) return Optional.of(joined(left.substring(0, left.length() - 6)) + right);
        if (left.endsWith(" and ") && !endsInVerb(left.substring(0, left.length() - " and ".length())))
            return Optional.of(joined(left.substring(0, left.length() - 5)) + right);
        if (left.endsWith(", ") && lastWord(left.substring(0, left.length() - 2)).length() > 0
                && right.startsWith(", "))
            return Optional.of(left.substring(0, left.length() - 2) + right);
        if (left.endsWith(" with ") && right.matches("(?s)^[.;,!].*"))
            return Optional.of(left.substring(0, left.length() - " with ".length()) + right);
        if (!goesOn) return Optional.empty();
        var rest = right.substring(next.end("join"));
        return Optional.of(left + (rest.matches("(?i)^(?:the|a|an|some)\\b.*") || the.isEmpty() ? "" : the) + rest);
    }

    /// "chop and fry the onion" joins two verbs; the juice of "lime juice and sugar" is none
    private static boolean endsInVerb(String left) {
        var word = lastWord(left);
        var before = left.substring(0, left.length() - word.length()).stripTrailing();
        return isVerb(word) && (before.isEmpty() || before.endsWith(",") || before.endsWith("then"));
    }

    private static boolean isVerb(String word) { return Verb.of(word).isPresent(); }

    /// of "A, B" is "A and B" left
    private static String joined(String left) {
        var clause = Math.max(left.lastIndexOf(" with "), Math.max(left.lastIndexOf("then "), 0));
        var list = left.substring(clause);
        return list.contains(" and ") ? left
                : left.substring(0, clause) + LAST_COMMA.matcher(list).replaceFirst(" and");
    }

    private static String lastWord(String text) {
        var stripped = text.stripTrailing();
        return stripped.substring(stripped.lastIndexOf(' ') + 1);
    }
}
