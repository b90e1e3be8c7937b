package keenfork.core.recipe;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import keenfork.core.food.Grammar;
import keenfork.core.pack.AllergenStatement;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;

/// What a recipe's own text says of its allergens: "Allergens: fish, soya". What it names counts like the declaration
/// of a pack, and names nothing else: that soya is no soy sauce.
final class Stated {
    private static final String HEAD = "(?:(?:" + Grammar.anyOf("stated-head") + ")(?:\\s?(?::|[-–—])\\s*|\\s+))+";
    private static final Pattern STATED = Pattern.compile("(?i)^" + HEAD + "(?<rest>\\S.*)$");
    private static final Pattern NONE = Pattern.compile("(?i)(?:" + Grammar.anyOf("stated-none") + ")\\.?");
    private static final Pattern CLAIM = Pattern.compile("(?i)(?:(?:" + Grammar.anyOf("claims-head")
            + ")\\s*[:–-]?\\s*)?(?:(?:" + Grammar.anyOf("claim") + ")(?:\\s*[,;/|&+·•-]\\s*|\\s+|$))+");
    private static final Pattern BRACKET = Pattern.compile("\\(([^()]{1,200})\\)");
    /// longer ones say more
    private static final int LONGEST = 200;

    private Stated() {}

    /// {@return the line that states allergens, empty where a line states none}
    static Optional<Line> line(String words, Law law) {
        if (words.length() > LONGEST) return Optional.empty();
        var stated = STATED.matcher(words);
        return stated.matches() && AllergenStatement.isListOf(stated.group("rest"))
                ? Optional.of(new Line(words, null, false, false, "", List.of(), Understood.ALL, "", null, null,
                        Declaration.stated(words, law)))
                : Optional.empty();
    }

    /// {@return the same in a bracket of the dish's name: "Soup (contains celery)"}
    static List<Line> inName(String name, Law law) {
        if (name.indexOf('(') < 0) return List.of();
        return BRACKET.matcher(name).results().flatMap(b -> line(b.group(1).strip(), law).stream()).toList();
    }

    /// {@return whether a line only promises: "Allergens: none", "GF, DF, vegan"}; no promise is taken at its word
    static boolean isPromise(String words) {
        if (words.length() > LONGEST) return false;
        var stated = STATED.matcher(words);
        return stated.matches() && NONE.matcher(stated.group("rest")).matches() || CLAIM.matcher(words).matches();
    }
}
