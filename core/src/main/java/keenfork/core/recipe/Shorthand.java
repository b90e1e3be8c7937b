package keenfork.core.recipe;

import java.util.Locale;
import java.util.regex.Pattern;
import keenfork.core.food.Grammar;
import keenfork.core.measure.Unit;

/// What store lists and cooks in a hurry leave together, put apart, and what is no part of an ingredient, left out.
final class Shorthand {
    /// "4 cl garlic" are cloves, and no centilitres
    private static final Pattern CLOVES =
            Pattern.compile("(?i)(?<=[\\d½¼¾]\\s?)(?:" + Grammar.anyOf("clove-short") + ")\\b");
    private static final Pattern OF_CLOVES = Grammar.wordOf("of-cloves");
    /// "2x400g", "flatbreads x4": the times and the number are two words
    private static final Pattern TIMES = Pattern.compile("(?i)(?:(?<=\\d)|(?<= ))[x×](?=\\d)");
    /// "48213 Hummus 1 kg": a number of a store list, which no cook counts to
    private static final Pattern CODE = Pattern.compile("\\d{5,14} (?<next>\\p{L}+)(?=.*\\d)");
    /// "oats........500 g"
    private static final Pattern LEADERS = Pattern.compile("(?<=\\p{L})\\s*(?:\\.{3,}|…+\\.*|(?:\\. ){3,})\\s*(?=\\d)");
    /// "2 kg @ £0.80/kg"
    private static final Pattern PRICE =
            Pattern.compile("(?i)\\s*@\\s?(?:[£$€₹]\\s?\\d[\\d.,]{0,9}|\\d[\\d.,]{0,9}p\\b)"
                    + "(?:\\s?(?:/|per)\\s?\\p{L}{1,9})?");

    /// "2O0 g", "l tbsp": a scanner's letters for figures
    private static final Pattern ROUND = Pattern.compile("(?<![\\p{L}\\d])\\d[\\dO]*O[\\dO]*(?=\\s?(?:g|kg|ml|l)\\b)");
    private static final Pattern UPRIGHT = Pattern.compile("^[lI] (?=(?:tbsp|tsp|cup|tin|clove|kg)\\b)");

    private Shorthand() {}

    /// {@return the line as it would be written in full}
    static String written(String line) {
        var text = line.indexOf('@') < 0 ? line : PRICE.matcher(line).replaceAll("");
        if (!text.isEmpty() && Character.isDigit(text.charAt(0))) text = withoutCode(text);
        if (text.indexOf('O') > 0) text = ROUND.matcher(text).replaceAll(m -> m.group().replace('O', '0'));
        if (text.startsWith("l ") || text.startsWith("I ")) text = UPRIGHT.matcher(text).replaceFirst("1 ");
        if (text.contains("...") || text.indexOf('…') >= 0) text = LEADERS.matcher(text).replaceFirst(" ");
        return withCloves(timesApart(text));
    }

    private static String withoutCode(String text) {
        var code = CODE.matcher(text);
        return code.lookingAt() && Units.unit(code.group("next").toLowerCase(Locale.ROOT)) == null
                ? text.substring(code.start("next")) : text;
    }

    private static String timesApart(String text) {
        for (var at = text.length() - 2; at > 0; at--)
            if (Character.isDigit(text.charAt(at + 1)) && "x×X".indexOf(text.charAt(at)) >= 0)
                return TIMES.matcher(text).replaceAll(m -> text.charAt(m.start() - 1) == ' ' ? "x " : " x ");
        return text;
    }

    private static String withCloves(String text) {
        if (text.indexOf("cl") < 0) return text;
        var cloves = CLOVES.matcher(text);
        return cloves.find() && OF_CLOVES.matcher(text).find() ? cloves.replaceFirst(Unit.CLOVE.id()) : text;
    }
}
