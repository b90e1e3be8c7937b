package keenfork.core.people;

import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;

/// A guest told by name at the head of what is said: "Jo can't have egg", "my mother is vegan". No food does any of
/// that.
public final class SomeoneNamed {
    /// "is also coeliac", "'s a vegan"
    private static final String SO = "(?:(?:" + Grammar.anyOf("how-much-so") + ")\\s)*(?:"
            + Grammar.anyOf("person-is") + ")";
    /// a note and "who" may stand between who it is and what they do
    private static final String NOTED = "(?:\\s\\([^()]{1,60}\\))?,?(?:\\s(?:" + Grammar.anyOf("relative") + "))?";
    private static final String END = "(?!\\p{L})";
    private static final String DOES = NOTED + "(?:\\s(?i:" + Grammar.anyOf("person-does") + "|(?:"
            + Grammar.anyOf("person-be") + ")\\s" + SO + ")|'s\\s(?i:" + SO + "))" + END;
    private static final String DO = NOTED + "\\s(?i:" + Grammar.anyOf("people-do") + "|(?:"
            + Grammar.anyOf("people-be") + ")\\s" + SO + ")" + END;
    private static final String NAME = "\\p{Lu}\\p{Ll}{1,15}";
    private static final String RELATION =
            "(?i:" + Grammar.anyOf("relation") + "|" + Grammar.anyOf("relations") + ")";
    private static final Pattern OF_SEVERAL = Grammar.wordOf("relations");
    private static final Pattern NAMED = Pattern.compile("(?U)^(?<who>" + NAME + ")" + DOES);
    private static final Pattern RELATED = Pattern.compile("(?U)^(?<who>%s(?:\\s%s)?)(?:%s|%s)"
            .formatted(RELATION, NAME, DOES, DO));
    /// "my partner", "her little Finn", "Dan's wife" may do anything
    private static final Pattern RELATED_TO =
            Pattern.compile("(?U)^(?<who>(?:(?i:%s)|%s's)\\s%s(?:\\s%s)?)(?:%s|%s|%s\\s(?i:%s)%s)"
                    .formatted(Grammar.anyOf("relation-of"), NAME, RELATION, NAME, DOES, DO, NOTED,
                            Grammar.anyOf("related-does"), END));
    private static final String FULL_NAME = "\\p{Lu}[\\p{L}'.-]*(?:\\s\\p{Lu}[\\p{L}'.-]*){0,2}";
    private static final Pattern ONE = Pattern.compile("(?U)^(?<who>" + FULL_NAME + ")" + DOES);
    private static final Pattern SEVERAL = Pattern.compile(
            "(?U)^(?<who>%1$s(?:(?:,\\s?|(?:,?\\s(?:[&+]|%2$s)\\s))%1$s){1,5})%3$s".formatted(
                    FULL_NAME, Grammar.anyOf("amount-joint"), DO));

    private SomeoneNamed() {}

    /// {@return whether a clause opens with somebody, and with no food that the tables know}
    public static boolean is(String clause) { return end(clause) > 0; }

    /// {@return where the words end that a clause opens with and that name somebody; 0 where it opens with none}
    static int end(String clause) {
        var related = related(clause);
        if (related > 0) return related;
        var named = NAMED.matcher(plain(clause));
        return named.find() && Foods.shipped().meaning(named.group("who")).isEmpty() ? named.end("who") : 0;
    }

    /// {@return where the words end that a clause opens with and that tell somebody by who they are to another: "my mum
    /// Joan can't have nuts"; 0 where it opens with none}
    public static int related(String clause) {
        for (var form : new Pattern[] {RELATED_TO, RELATED}) {
            var related = form.matcher(plain(clause));
            if (related.find()) return related.end("who");
        }
        return 0;
    }

    /// {@return the words with capitals that open a clause and do what only people do, "Ann Weaver", "Cy, Di and Eve",
    /// whether they are names or not; empty where none do}
    public static String named(String clause) {
        for (var form : new Pattern[] {SEVERAL, ONE}) {
            var named = form.matcher(plain(clause));
            if (named.find()) return clause.substring(0, named.end("who"));
        }
        return "";
    }

    /// {@return whether who it is are more than one by the word for them: "my parents"}
    public static boolean isOfSeveral(String who) { return OF_SEVERAL.matcher(who).find(); }

    private static String plain(String clause) { return clause.replace('’', '\''); }
}
