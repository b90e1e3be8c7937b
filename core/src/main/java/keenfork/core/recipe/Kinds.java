package keenfork.core.recipe;

import java.util.regex.Pattern;
import keenfork.core.food.Grammar;

/// Kinds of a food that are told without its name, and may be foods of their own: the oyster of "oyster and button
/// mushrooms" and of "mushrooms (oyster, shiitake)" is a mushroom.
final class Kinds {
    /// in the plural: "steak, oyster and chestnut mushroom pie" may well hold oysters
    private static final String TOLD = Grammar.list("told-by-kinds").getFirst();
    /// without its first letter, which may be a capital
    private static final String TOLD_ON = TOLD.substring(1);
    private static final String NAME = " " + Grammar.list("name-of-kinds").getFirst();
    private static final String KIND = "(?:" + Grammar.anyOf("kind") + ")";
    private static final String JOINT = "(?:\\s*[,&+/]\\s*|\\s+(?:" + Grammar.anyOf("goes-on") + ")\\s+)";
    private static final Pattern BEFORE =
            Pattern.compile("(?i)\\b" + KIND + "(?=(?:" + JOINT + KIND + ")+\\s+" + TOLD + "\\b)");
    private static final Pattern WITHIN = Pattern.compile(
            "(?i)\\b" + TOLD + "\\s?[(:]\\s?" + KIND + "(?:" + JOINT + KIND + "){0,5}(?=\\s*(?:[,&+/)]|$))");
    private static final Pattern EACH = Pattern.compile("(?i)\\b" + KIND + "\\b");

    private Kinds() {}

    /// {@return the line with each such kind told in full}
    static String inFull(String line) {
        if (!line.contains(TOLD_ON)) return line;
        var full = "$0" + NAME;
        return WITHIN.matcher(BEFORE.matcher(line).replaceAll(full))
                .replaceAll(m -> EACH.matcher(m.group()).replaceAll(full));
    }
}
