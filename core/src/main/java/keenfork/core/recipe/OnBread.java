package keenfork.core.recipe;

import java.util.regex.Pattern;
import keenfork.core.food.Grammar;

/// Bread that a sandwich names by its kind alone: "pastrami on rye", and in a list of sandwiches "egg & cress – white"
/// or "egg, cress, brown x12".
final class OnBread {
    private static final String KINDS = "(?:" + Grammar.anyOf("bread-by-name") + ")";
    private static final String ON = " " + Grammar.list("on-bread").getFirst() + " ";
    private static final Pattern UNDER =
            Pattern.compile("(?i)" + ON + "(?:\\p{L}+ )?" + KINDS + "(?=\\s*(?:[,;.)/]|$))");
    private static final Pattern DASHED =
            Pattern.compile("(?i)(?:\\s[-–—]|,)\\s+" + KINDS + "(?=(?:\\s*[x×]\\s?\\d{1,3})?$)");
    private static final String NAMED = "$0 " + Grammar.list("bread-name").getFirst();

    private OnBread() {}

    /// {@return the line with the bread named that a filling stands on}
    static String under(String line) {
        return line.indexOf(ON) > 0 ? UNDER.matcher(line).replaceFirst(NAMED) : line;
    }

    /// {@return a line of a list of sandwiches with the bread named that stands behind its last dash or comma}
    static String dashed(String line) { return DASHED.matcher(line).replaceFirst(NAMED); }
}
