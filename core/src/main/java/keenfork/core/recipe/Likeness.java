package keenfork.core.recipe;

import java.util.regex.Pattern;
import keenfork.core.food.Grammar;
import keenfork.core.food.Lexicon.Match;

/// Foods that only tell what another one is like: "the size of a walnut", "walnut-sized", "feta-style vegan block".
final class Likeness {
    private static final Pattern SIZE_OF = Pattern.compile("(?i)\\b(?:" + Grammar.anyOf("size-of") + ")\\s(?:(?:"
            + Grammar.anyOf("determiner") + "|" + Grammar.anyOf("one") + ")\\s)?$");
    /// "walnut-sized", "almond-shaped"; but "prawns sized 16/20" are prawns
    private static final Pattern SIZED = Pattern.compile("(?i)-(?:" + Grammar.anyOf("sized") + ")\\b");
    private static final Pattern BUT_OF_PLANTS = Pattern.compile("(?i)[- ](?:" + Grammar.anyOf("likeness")
            + ")\\s(?:\\p{L}+\\s)?(?:" + Grammar.anyOf("of-plants") + ")\\s(?=.*\\p{L})");

    private Likeness() {}

    /// {@return whether a food of a phrase is none that goes in}
    static boolean is(String phrase, Match match) {
        return SIZED.matcher(phrase).region(match.end(), phrase.length()).lookingAt()
                || BUT_OF_PLANTS.matcher(phrase).region(match.end(), phrase.length()).lookingAt()
                || SIZE_OF.matcher(phrase.substring(0, match.start())).find();
    }
}
