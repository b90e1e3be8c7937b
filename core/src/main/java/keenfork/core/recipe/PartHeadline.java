package keenfork.core.recipe;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Meaning;
import keenfork.core.food.PhrasePattern;
import keenfork.core.food.Table;
import org.jspecify.annotations.Nullable;

/// Headlines of the parts of one recipe: "For the dressing:", "GARNISH", or the name of what its method makes.
final class PartHeadline {
    /// the names of parts, as alternatives of a pattern
    static final String PARTS = PartKind.headlines();
    private static final Pattern HEADING = Pattern.compile(
            "^(?<name>[^:*_=\\[-][^:]{0,79}?)\\s*(?::|\\s[–—-]+|(?<=\\p{L})[–—-]+)$|^#+\\s*(?<hash>.{1,80})$"
                    + "|^[*_=\\[-]{1,3}\\s?(?<marked>[^*_=\\[\\]\\d]{0,40}\\b(?i:"
                    + PARTS + ")\\b[^*_=\\[\\]\\d]{0,20}?)\\s?[*_=\\]-]{1,3}:?$"
                    + "|(?i)^(?<for>(?:" + Grammar.anyOf("part-for") + ") (?:\\p{L}+ )?(?:" + PARTS
                    + ")\\b[^\\d:]{0,40})$");
    /// a part's name alone on its line, with nothing about amounts: a heading where the line before it is blank
    private static final Pattern LONE =
            Pattern.compile("(?i)^(?:the )?(?:\\p{L}+ ){0,2}(?:" + PARTS + "|" + Grammar.anyOf("lone-part")
                    + ")(?: [a-z1-9])?$");
    /// a part's name with what it makes or that it is for one: "Dressing (makes 1.5 l)", "Salad pp", or in capitals:
    /// "GARNISH"
    private static final Pattern MADE = Pattern.compile("(?i)^(?<name>(?:\\p{L}+ ){0,2}(?:" + PARTS
            + "))(?:\\s*\\((?:" + Grammar.anyOf("made-for") + ")\\b[^)]*\\)|\\s+(?:" + Grammar.anyOf("each") + "))$"
            + "|^(?-i:(?<caps>(?:[A-Z]+ ){0,2}[A-Z]+))$|^(?<bare>" + Grammar.anyOf("serving-part") + ")$");
    private static final Pattern WHOLE_PART = Pattern.compile("(?i)(?:.* )?(?:" + PARTS + ")");
    private static final PhrasePattern MAKE_THE =
            new PhrasePattern(Grammar.list("made-verb"), "(?: \\p{L}+)? the (.{1,26})");
    /// so many parts a dish has at most
    private static final int MOST_MADE = 20;
    private static final Pattern BARE =
            Pattern.compile("(?i)(?:(?:" + Grammar.anyOf("part-for") + ") )?(?:the )?(?:" + PARTS + ")(?: [a-z1-9])?");
    private static final Set<String> BOUGHT = Table.read(PartHeadline.class, "bought.txt", 2).stream()
            .map(r -> r.cell(0)).collect(Collectors.toUnmodifiableSet());
    private static final Pattern LABEL = Pattern.compile("\\p{Lu}\\p{L}*(?: \\p{L}+){0,2}");
    private static final Pattern COUNTED = Pattern.compile("\\d\\s?\\p{L}");
    private static final Pattern MARKED_OFF = Pattern.compile("\\s+[-–—]+\\s+|[,;(]");
    private static final int LONGEST_PART = 60;
    private static final int LONGEST_MADE = 26;
    /// what the method says that it makes: the words behind "make the"
    private final List<String> madeHere;

    PartHeadline(String text) {
        madeHere = madeHere(text);
    }

    /// {@return the name of the part that a short line begins; null where it begins none}
    /// @param isAlone whether the line before it is blank, so that a name needs no mark of a headline
    /// @param inMethod whether it stands below the headline of the method, where only a marked one is one
    @Nullable
    String of(String line, boolean isAlone, boolean inMethod) {
        var name = named(line, isAlone, inMethod);
        return name == null || goesIn(name) ? null : name;
    }

    /// "2 tbsp oyster sauce:", "FISH SAUCE": whatever the marks around it, that is an ingredient
    private static boolean goesIn(String name) {
        var foods = Foods.shipped().recipeWords().read(name).matches();
        return !foods.isEmpty() && isMeasured(name) || foods.stream()
                .anyMatch(m -> m.meaning() instanceof Meaning.OfFood(var food) && BOUGHT.contains(food.name()));
    }

    /// "2 tbsp", "handful of", "1 tub" behind it
    private static boolean isMeasured(String name) {
        var space = name.indexOf(' ');
        return Numbers.at(name, 0) != null || COUNTED.matcher(name).find()
                || space > 0 && Units.unit(name.substring(0, space).toLowerCase(Locale.ROOT)) != null;
    }

    private @Nullable String named(String line, boolean isAlone, boolean inMethod) {
        var found = mayBeHeading(line) ? heading(line) : null;
        if (found != null || inMethod) return found;
        var made = made(line);
        return made == null && isAlone && (LONE.matcher(line).matches() || isMadeHere(line)) ? line : made;
    }

    /// "Nuoc cham" alone over its own lines, where the method says "make the nuoc cham"
    private boolean isMadeHere(String line) {
        if (line.length() > LONGEST_MADE || line.chars().anyMatch(Character::isDigit)) return false;
        var named = line.toLowerCase(Locale.ROOT);
        if (madeHere.stream().noneMatch(m -> m.startsWith(named))) return false;
        return Foods.shipped().meaning(line).filter(m -> m instanceof Meaning.OfFood(var f) && f.isCompound())
                .isPresent();
    }

    private static List<String> madeHere(String text) {
        return MAKE_THE.in(text, MOST_MADE).stream().map(m -> m.group(1).toLowerCase(Locale.ROOT)).toList();
    }

    private static @Nullable String made(String line) {
        // a part's name begins with a letter and has no comma
        if (!Character.isLetter(line.charAt(0)) || line.length() > LONGEST_PART || line.indexOf(',') >= 0) return null;
        var matcher = MADE.matcher(line);
        if (!matcher.matches()) return null;
        if (matcher.group("bare") != null) return line;
        var caps = matcher.group("caps");
        if (caps == null) return matcher.group("name");
        return WHOLE_PART.matcher(caps).matches() || LONE.matcher(caps).matches()
                || PartKind.guess(caps) != PartKind.BASE ? caps : null;
    }

    private static boolean mayBeHeading(String line) {
        return switch (line.charAt(line.length() - 1)) {
            case ':', '-', '–', '—' -> true;
            default -> switch (line.charAt(0)) {
                case '#', '*', '_', '=', '[', '-' -> true;
                case 'f', 'F' -> line.regionMatches(true, 0, "for ", 0, 4);
                case 't', 'T' -> line.regionMatches(true, 0, "to ", 0, 3);
                default -> false;
            };
        };
    }

    /// {@return whether a headline names nothing but what a part is: "For the dressing", and not "Tahini dressing"}
    static boolean isBare(String headline) {
        return !headline.isEmpty() && Character.isLetter(headline.charAt(0)) && BARE.matcher(headline).matches();
    }

    /// {@return whether a line is a few words without marks that table and dictionary know to be no food: "WET"}
    static boolean isLabel(String line) { return LABEL.matcher(line).matches() && Foods.shipped().nameNothing(line); }

    /// "to finish - sesame seeds, spring onion" says what goes in
    private static boolean goesOnWithFood(String headline) {
        var parts = MARKED_OFF.split(headline, 2);
        return parts.length > 1 && Foods.shipped().recipeWords().isNamedIn(parts[1]);
    }

    private static @Nullable String heading(String line) {
        var matcher = HEADING.matcher(line);
        if (!matcher.matches()) return null;
        for (var group : List.of("name", "hash", "marked", "for")) {
            var found = matcher.group(group);
            if (found != null) return group.equals("for") && goesOnWithFood(found) ? null
                    : found.strip().replaceFirst(":$", "");
        }
        return null;
    }
}
