package keenfork.core.people;

import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;

/// A guest told by name at the head of what is said: "Jo can't have egg", "my mother is vegan". No food does any of
/// that.
public final class SomeoneNamed {
    private static final Pattern NAMED = Pattern.compile("(?U)^(?<name>\\p{Lu}\\p{Ll}{1,15})\\s(?i:"
            + Grammar.anyOf("person-does") + ")(?!\\p{L})");

    private static final Pattern RELATED =
            Pattern.compile(
                    "(?iU)^(?<who>(?:(?:%1$s)\\s)?(?:%2$s)(?:\\s(?-i:\\p{Lu})\\p{L}{1,15})?)\\s(?:%3$s)(?!\\p{L})"
                            .formatted(Grammar.anyOf("relation-of"), Grammar.anyOf("relation"),
                                    Grammar.anyOf("person-does")));

    private SomeoneNamed() {}

    /// {@return whether a clause opens with somebody, and with no food that the tables know}
    public static boolean is(String clause) { return end(clause) > 0; }

    /// {@return where the words end that a clause opens with and that name somebody; 0 where it opens with none}
    static int end(String clause) {
        var plain = clause.replace('’', '\'');
        var related = RELATED.matcher(plain);
        if (related.find()) return related.end("who");
        var named = NAMED.matcher(plain);
        return named.find() && Foods.shipped().meaning(named.group("name")).isEmpty() ? named.end("name") : 0;
    }
}
