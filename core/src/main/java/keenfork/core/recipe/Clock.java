package keenfork.core.recipe;

import java.util.regex.Pattern;
import keenfork.core.food.Grammar;

/// What web pages and cards write over a recipe about the clock: "Prep: 10 min   Cook: 25 min". Nothing goes in of it.
final class Clock {
    private static final String TIME = "(?:" + Grammar.anyOf("minute") + "|" + Grammar.anyOf("hour") + ")\\b";
    private static final Pattern ONLY = Pattern.compile(
            "(?i)^(?:(?:" + Grammar.anyOf("clock-head") + ")(?: "
                    + "time)?\\s*:?\\s*(?:about )?\\d+[\\d ½¼¾-]*"
                    + TIME + "(?:,? ?(?:and )?\\d+ ?" + TIME
                    + ")*(?:,? plus (?:" + Grammar.anyOf("clock-wait") + "))?\\.?(?:\\s*[|;,·•/–-]?\\s+|$))+$");

    private Clock() {}

    /// {@return whether a line tells times and nothing else}
    static boolean isOnly(String line) { return ONLY.matcher(line).matches(); }
}
