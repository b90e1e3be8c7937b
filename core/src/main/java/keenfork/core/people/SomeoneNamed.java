package keenfork.core.people;

import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;

/// A guest told by name at the head of what is said: "Jo can't have egg", "Priya is vegan". No food does any of that.
public final class SomeoneNamed {
    private static final Pattern NAMED = Pattern.compile("(?U)^(?<name>\\p{Lu}\\p{Ll}{1,15})\\s(?i:"
            + Grammar.anyOf("person-does") + ")(?!\\p{L})");

    private SomeoneNamed() {}

    /// {@return whether the first word of a clause is somebody, and no food that the tables know}
    public static boolean is(String clause) {
        var named = NAMED.matcher(clause.replace('’', '\''));
        return named.find() && Foods.shipped().meaning(named.group("name")).isEmpty();
    }
}
