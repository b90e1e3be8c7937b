package keenfork.core.covers;

import java.math.BigDecimal;
import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.recipe.Numbers;
import org.jspecify.annotations.Nullable;

/// How many people a piece of a list tells of, in front or behind: "3 x vegan", "about five vegans", "Vegan x 6".
///
/// @param people how many, 0 or more; the most of a range
/// @param words  the text without them
/// @param isSure whether the number is told: "a few" is none
record GuestCount(int people, String words, boolean isSure) {
    /// letters of talk before a count
    private static final int MOST_TALK = 160;
    private static final BigDecimal MOST = BigDecimal.valueOf(100_000);
    private static final Pattern TIMES = Pattern.compile("\\s*[x×](?=[\\s\\p{L}])\\s*");
    private static final String ANY_DIET =
            "(?:" + Grammar.anyOf("dieters") + "|" + Grammar.anyOf("dieter") + ")";
    private static final String DIETERS = "(?:" + Grammar.anyOf("dieters") + ")";
    private static final Pattern ONE = Pattern.compile("(?i)(?:" + Grammar.anyOf("determiner") + ")\\b");
    private static final String WHAT = "(?iU)^(?<what>.*?[\\p{L})])";
    private static final String MARK =
            "\\s*[x×:=(–-]\\s*|(?<!\\|.{1,80})\\s*\\|\\s*|\\s*(?:\\.{2,}|…+)\\s*|\\t\\s*";
    private static final Pattern BEHIND = Pattern.compile(WHAT + "(?:" + MARK + "|\\s+)(?<many>\\d{1,5})\\)?(?:\\s+(?:"
            + GuestWords.ANY_OF_PEOPLE + "))?[.!]?$");
    /// "vegan x four", "coeliac (none)"
    private static final Pattern SPELLED =
            Pattern.compile(WHAT + "(?:" + MARK + ")(?<many>\\p{L}{1,12}(?:[ -]\\p{L}{1,12})?)\\)?[.!]?$");

    private static final Pattern NOBODY = Pattern.compile("(?iU)(?:" + Grammar.anyOf("nobody") + ")\\W*");
    /// of whom there may be none, with no name before it: "coeliac", "tree nut allergy"; "Ann vegan" is Ann
    private static final Pattern KIND = Pattern.compile("(?iU)\\W{0,3}(?:" + ANY_DIET
            + "|(?!(?:\\p{L}+\\s){0,2}" + ANY_DIET + ")(?:\\p{L}+[\\s-]){1,3}(?:" + Grammar.anyOf("avoided-told")
            + "))\\W*");
    private static final Pattern END = Pattern.compile("\\W*");
    /// "no vegans", "zero coeliacs or vegetarians", and nothing else
    private static final Pattern NONE = Pattern.compile("(?iU)(?:" + Grammar.anyOf("none-of") + ")\\s+(?<what>"
            + DIETERS + "(?:(?:\\s*[,/&]\\s*|\\s+(?:" + Grammar.anyOf("amount-joint") + "|" + Grammar.anyOf("or-word")
            + ")\\s+)" + DIETERS + "){0,5})\\s*[.!]?");

    /// {@return the count in front of a text, or behind words of talk in front of it: "we have 5 vegetarians"; null
    /// where none is}
    static @Nullable GuestCount ahead(String text) {
        for (var at = 0; at < Math.min(text.length(), MOST_TALK); at = GuestWords.behindTalk(text, at)) {
            var count = inFront(text.substring(at));
            if (count != null) return new GuestCount(count.people, GuestWords.withoutTalk(count.words), count.isSure);
            if (!GuestWords.isTalkAt(text, at)) return null;
        }
        return null;
    }

    /// {@return the count in front of a text; null where none is}
    static @Nullable GuestCount inFront(String text) {
        var none = NONE.matcher(text);
        if (none.matches()) return new GuestCount(0, none.group("what"), true);
        var number = Numbers.at(text, 0);
        if (number == null) return null;
        // "five spice" is no number of spices; "2 milk allergy" are two people
        if (!Character.isDigit(text.charAt(0)) && Foods.shipped().recipeWords().isNameBeyond(text, 0, number.end()))
            return null;
        var many = number.high().decimal().stripTrailingZeros();
        if (many.scale() > 0 || many.compareTo(MOST) > 0) return null;
        var times = TIMES.matcher(text).region(number.end(), text.length());
        var end = times.lookingAt() ? times.end() : number.end();
        var isParted = end > number.end() || text.charAt(end - 1) == ' ';
        var isSure = number.low().equals(number.high()) || Character.isDigit(text.charAt(0));
        // "10 am" is no ten of anybody
        if (GuestWords.isOrdinalAt(text, end)) return null;
        return isParted && end < text.length() ? new GuestCount(many.intValueExact(), text.substring(end), isSure)
                : null;
    }

    /// {@return whether a text opens with a number, and no article}
    static boolean isNumberInFront(String text) { return !ONE.matcher(text).lookingAt() && inFront(text) != null; }

    /// {@return whether a number opens a text, or stands behind words of talk in front of it}
    static boolean isNumberAhead(String text) {
        for (var at = 0; at < text.length() && !isNumberInFront(text.substring(at));
                at = GuestWords.behindTalk(text, at))
            if (!GuestWords.isTalkAt(text, at)) return false;
        return ahead(text) != null;
    }

    /// {@return the count that a text is, and nothing else: "three", "a couple", "none"; null where it is more}
    /// @param of whom it counts: "coeliacs: none" are none, and "nuts: none" is somebody who can have none
    static @Nullable GuestCount alone(String text, String of) {
        if (NOBODY.matcher(text).matches()) return KIND.matcher(of).matches() ? new GuestCount(0, of, true) : null;
        var number = Numbers.at(text, 0);
        if (number == null || !END.matcher(text).region(number.end(), text.length()).matches()) return null;
        var many = number.high().decimal().stripTrailingZeros();
        return many.scale() > 0 || many.compareTo(MOST) > 0 ? null
                : new GuestCount(many.intValueExact(), of, number.low().equals(number.high()));
    }

    /// {@return the count behind a text; null where none is}
    static @Nullable GuestCount behind(String text) {
        var behind = BEHIND.matcher(text);
        if (!behind.matches()) {
            var spelled = SPELLED.matcher(text);
            var count = spelled.matches() ? alone(spelled.group("many"), spelled.group("what").strip()) : null;
            return count == null || !count.isSure || GuestWords.isNoCountBehind(count.words) ? null : count;
        }
        if (GuestWords.isNoCountBehind(behind.group("what"))) return null;
        return new GuestCount(Integer.parseInt(behind.group("many")), behind.group("what").strip(), true);
    }
}
