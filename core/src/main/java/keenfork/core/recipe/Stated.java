package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.food.Grammar;
import keenfork.core.pack.AllergenStatement;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;

/// What a recipe's own text says of its allergens: "Allergens: fish, soya". What it names counts like the declaration
/// of a pack, and names nothing else: that soya is no soy sauce.
///
/// @param words the text without what it states
/// @param said  the statements in it, in order
record Stated(String words, List<String> said) {
    private static final String HEAD = "(?:(?:" + Grammar.anyOf("stated-head") + ")(?:\\s?(?::|[-–—])\\s*|\\s+))+";
    private static final Pattern STATED = Pattern.compile("(?i)^" + HEAD + "(?<rest>\\S.*)$");
    private static final Pattern NONE = Pattern.compile("(?i)(?:" + Grammar.anyOf("stated-none") + ")\\.?");
    private static final Pattern CLAIM = Pattern.compile("(?i)(?:(?:" + Grammar.anyOf("claims-head")
            + ")\\s*[:–-]?\\s*)?(?:(?:" + Grammar.anyOf("claim") + ")(?:\\s*[,;/|&+·•-]\\s*|\\s+|$))+");
    /// "(contains celery)", or behind a mark that parts a name: "Romesco – 2 kg – allergens: nuts"
    private static final Pattern ASIDE =
            Pattern.compile("\\s*(?:[(\\[](?<in>[^()\\[\\]]{1,200})[)\\]]|\\s[-–—|·•]\\s(?<behind>[^-–—|·•]{1,200}))");
    private static final String INITIALS = Stream.of("stated-head", "claims-head", "claim")
            .flatMap(kind -> Grammar.list(kind).stream()).map(w -> w.substring(0, 1)).distinct()
            .collect(Collectors.joining());
    /// longer ones say more
    private static final int LONGEST = 200;

    Stated {
        said = List.copyOf(said);
    }

    /// {@return the line that states allergens, empty where a line states none}
    static Optional<Line> line(String words, Law law) {
        return isStatement(words)
                ? Optional.of(new Line(words, null, false, false, "", List.of(), Understood.ALL, "", null, null,
                        Declaration.stated(words, law)))
                : Optional.empty();
    }

    /// {@return a line or a name, parted from what it states in a bracket or behind a dash}
    static Stated in(String text) {
        if (text.indexOf('(') < 0 && text.indexOf('[') < 0 && !text.contains(" -") && !text.contains(" –")
                && text.indexOf('|') < 0)
            return new Stated(text, List.of());
        var said = new ArrayList<String>();
        var words = new StringBuilder();
        var aside = ASIDE.matcher(text);
        while (aside.find()) {
            var part = (aside.group("in") == null ? aside.group("behind") : aside.group("in")).strip();
            if (!isStatement(part)) continue;
            said.add(part);
            aside.appendReplacement(words, "");
        }
        aside.appendTail(words);
        return new Stated(said.isEmpty() ? text : words.toString().strip(), said);
    }

    /// {@return the lines for what is stated beyond what the line itself holds: "pesto (contains nuts)" is nothing new}
    List<Line> beyond(Line line, Law law) {
        var held = line.choices().stream().flatMap(c -> Stream.concat(Stream.of(c.main()), c.others().stream()))
                .flatMap(m -> m.holds().stream()).toList();
        return said.stream().flatMap(s -> line(s, law).stream())
                .filter(l -> l.declaration().stream().flatMap(d -> d.findings().stream())
                        .anyMatch(f -> held.stream().noneMatch(h -> Mention.canMean(f.substance(), h))))
                .toList();
    }

    /// {@return whether a line only promises: "Allergens: none", "GF, DF, vegan"}; no promise is taken at its word
    static boolean isPromise(String words) {
        if (!mayBegin(words)) return false;
        var stated = STATED.matcher(words);
        return stated.matches() && NONE.matcher(stated.group("rest")).matches() || CLAIM.matcher(words).matches();
    }

    /// {@return whether words say that there are none: "n/a", a dash}
    static boolean isNone(String words) {
        return words.equals("-") || words.equals("–") || NONE.matcher(words).matches();
    }

    /// most lines begin with an amount or another letter: a look at it spares them the patterns
    private static boolean mayBegin(String words) {
        return words.length() <= LONGEST && !words.isEmpty()
                && INITIALS.indexOf(Character.toLowerCase(words.charAt(0))) >= 0;
    }

    private static boolean isStatement(String words) {
        if (!mayBegin(words)) return false;
        var stated = STATED.matcher(words);
        return stated.matches() && AllergenStatement.isListOf(stated.group("rest"));
    }
}
