package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.UnitNames;

/// Foods with their amounts behind them on one line, as order pads list them: "mayo 400, dijon 40, lemons 3".
final class MeasuredBehind {
    /// an "and" parts what is measured before it: "parsley 2 bunches and mint 1 bunch"
    private static final Pattern JOINED =
            Pattern.compile("\\s+\\+\\s+|[,;]\\s+(?![^()]{0,60}\\))|(?<=\\d\\s?\\p{L}{0,9})\\s+(?:"
                    + Grammar.anyOf("amount-joint") + "|&)\\s+(?=\\p{L}.{0,60}\\d)");
    private static final Pattern BEHIND = Pattern.compile("(?i)\\p{L}[^\\d,+&(]{1,40}(?:\\([^()\\d]{1,30}\\))?"
            + "(?:\\s|\\s?[(=]\\s?)\\d{1,5}(?:[.,/]\\d{1,3})?(?:\\s?(?:" + UnitNames.any()
            + "|T|c)\\b)?(?:\\s(?:" + UnitNames.any() + ")\\b)?\\)?\\s*(?:\\([^()]{1,40}\\)|(?:"
            + Grammar.anyOf("more-for") + ")\\s[^\\d]{1,40}|(?:\\s[-–])?(?<how>\\s?\\p{L}[\\p{L} ]{1,24}))?");
    private static final Pattern OR = Pattern.compile("(?i)(?:" + Grammar.anyOf("or-word") + ")\\b");

    private MeasuredBehind() {}

    /// "mayo 400 + dijon 40 + horseradish 20 (hot one)"; none where a piece has no amount behind its food
    static List<String> listed(String line) {
        if (!JOINED.matcher(line).find()) return List.of();
        var pieces = new ArrayList<String>();
        var how = new ArrayList<String>();
        for (var piece : JOINED.splitAsStream(line).map(String::strip).filter(p -> !p.isEmpty()).toList())
            if (!pieces.isEmpty() && Character.isLetter(piece.charAt(0)) && !Numbers.hasFigure(piece)
                    && (isTalk(piece) || isUnknown(piece)))
                how.set(how.size() - 1, how.getLast() + ", " + piece);
            else {
                pieces.add(piece);
                how.add("");
            }
        var isList = areSome(pieces)
                || pieces.size() > 1 && pieces.stream().allMatch(MeasuredBehind::is);
        return isList ? IntStream.range(0, pieces.size()).mapToObj(i -> pieces.get(i) + how.get(i)).toList()
                : List.of();
    }

    /// "worcester 15, tabasc, lemon 1": a word that no table holds stays a question, and parts no list
    private static boolean isUnknown(String piece) { return piece.indexOf(' ') < 0 && !Several.namesFood(piece); }

    /// "mince 4 kg, onion, peas 1 kg": some have no amount, and all name foods
    static boolean areSome(List<String> pieces) {
        return pieces.size() > 2 && pieces.stream().filter(MeasuredBehind::is).count() > 1
                && pieces.stream()
                        .allMatch(
                                p -> (Several.namesFood(p) || Shorthand.isShortName(p)) && !OR.matcher(p).lookingAt());
    }

    /// "spinach 1 kg blanched": only how stands behind the amount
    static boolean is(String piece) {
        if (Shorthand.isShortName(piece)) return true;
        var behind = BEHIND.matcher(piece);
        return behind.matches() && Several.namesFood(piece)
                && (behind.group("how") == null || isTalk(behind.group("how").strip()));
    }

    private static boolean isTalk(String words) {
        return Foods.shipped().recipeWords().isOnlyTalk(words) && Foods.shipped().phrase(words).matches().isEmpty();
    }
}
