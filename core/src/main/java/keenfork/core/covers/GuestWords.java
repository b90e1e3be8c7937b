package keenfork.core.covers;

import java.util.Comparator;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Table;
import keenfork.core.food.Words;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Avoidances;
import keenfork.core.people.FormField;
import keenfork.core.people.SomeoneNamed;
import keenfork.core.regime.RuleBook;

/// The words of a list of guests that say nothing of what they eat, and the names that stand in it.
final class GuestWords {
    private static final Set<String> PEOPLE = of("people");
    private static final Set<String> PLACE = of("place");
    private static final Set<String> TITLE = of("title");
    private static final Set<String> TALK = of("talk");
    private static final Set<String> COUNT_COLUMN = of("count-column");
    private static final Set<String> NAME_COLUMN = of("name-column");
    /// names of people that are a word of the kitchen, too
    private static final Set<String> GIVEN = of("given");
    private static final Set<String> QUIET = of("people", "place", "title", "talk", "date", "farewell");
    static final String ANY_OF_PEOPLE = PEOPLE.stream().sorted().collect(Collectors.joining("|"));
    private static final Pattern SPLIT = Pattern.compile("[^\\p{L}\\d'’.-]+");
    private static final Pattern NAME = Pattern.compile("(?U)\\p{Lu}[\\p{L}'’.-]*");
    /// "Hi Mara,"
    private static final Pattern GREETED = Pattern.compile("(?U)^(?i:" + anyOf("greeting")
            + ")(?:[\\s,]+\\p{Lu}[\\p{L}'’-]*|\\s(?:and|&)){1,4}[\\s,.!–-]*$");
    /// the first letter of a name: "Mrs A", "J. B"
    private static final Pattern INITIAL = Pattern.compile("(?U)(?:^|(?i:\\b(?:" + String.join("|", TITLE)
            + ")[.]?)\\s)(?:\\p{Lu}[.]\\s?){0,2}\\p{Lu}$");
    private static final Set<String> ANSWER = of("answer");
    private static final Set<String> ORDINAL = of("ordinal");
    private static final Pattern FIGURE = Pattern.compile("\\d+(?:" + String.join("|", ORDINAL) + ")?[.]?");
    /// "T1", "tbl4"
    private static final Pattern SEAT = Pattern.compile("(?:t|s|tbl)\\d{1,3}");
    private static final Set<String> UNKNOWN_MANY = of("unknown-many");
    private static final Pattern FAREWELL = Pattern.compile("(?iU)\\b(?:" + anyOf("farewell")
            + ")\\b[^\\p{L}]*$");
    private static final Pattern SIGNED = Pattern.compile("(?iU)^(?<before>.*?)\\b(?:"
            + anyOf("farewell") + ")[,.!–-]*\\s+(?<who>.{1,60})$");
    /// "E 621"
    private static final String E_NUMBER = "e";
    private static final Set<String> AND = Grammar.words("amount-joint");
    private static final Pattern BEFORE = Pattern.compile("(?U)(?<last>\\p{L}+)[\\s.:)]*$");
    private static final Pattern OPENING = Pattern.compile("(?U)^(?<name>\\p{Lu}[\\p{L}'’.-]*"
            + "(?:\\s\\p{Lu}[\\p{L}'’.-]*){0,2})\\s?(?:\\(|:|\\s[-–—]\\s|[-–—]\\s)");
    private static final Pattern ABOUT = Pattern.compile("(?iU)(?<heading>\\p{L}[^:]{2,40}?)\\s(?:for|at|on)\\s");
    /// "and the rest"
    static final Pattern OTHERS =
            Pattern.compile("(?i)(?:and\\s+)?(?:the\\s+)?(?:" + Grammar.anyOf("others") + ")\\b[:,]?");
    /// between names
    static final Pattern NAMES = Pattern.compile("\\s*(?:[,/&+]|\\b(?:" + Grammar.anyOf("amount-joint") + ")\\b)\\s*");
    private static final int MOST_NAMES = 4;

    private GuestWords() {}

    /// {@return the words of those kinds}
    static Set<String> of(String... kinds) {
        var wanted = Set.of(kinds);
        return Table.read(GuestWords.class, "guest-words.txt", 3).stream().filter(r -> wanted.contains(r.cell(1)))
                .flatMap(r -> r.list(0).stream()).collect(Collectors.toUnmodifiableSet());
    }

    /// the longest first: "best wishes" before "best"
    private static String anyOf(String kind) {
        return of(kind).stream().sorted(Comparator.comparing(w -> -w.length())).collect(Collectors.joining("|"));
    }

    /// {@return whether a text tells of nobody: "Hi, numbers for Saturday", "60 guests in total", "Dietary needs:"}
    static boolean isTalk(String text) {
        return FormField.isHeading(text) || words(text).allMatch(w -> QUIET.contains(w) || FIGURE.matcher(w).matches());
    }

    /// {@return whether a text is a heading of a whole list, "Dietaries for the board's lunch (42 pax)"}
    /// @param avoided what was understood of it
    static boolean isHeadline(String text, Avoidances avoided) {
        var about = ABOUT.matcher(text);
        return about.lookingAt() && FormField.isHeading(about.group("heading")) && avoided.all().isEmpty()
                && avoided.refused().stream().allMatch(r -> r.couldMean().isEmpty());
    }

    private static Stream<String> words(String text) {
        return SPLIT.splitAsStream(text).filter(w -> w.codePoints().anyMatch(Character::isLetterOrDigit))
                .map(w -> w.toLowerCase().replaceAll("[.]$", ""));
    }

    /// {@return whether a heading stands over names}
    static boolean isNameColumn(String heading) { return NAME_COLUMN.contains(heading.strip().toLowerCase()); }

    /// {@return whether a heading stands over how many people there are}
    static boolean isCountColumn(String heading) { return COUNT_COLUMN.contains(heading.strip().toLowerCase()); }

    /// {@return whether a word of talk starts at a place of a text}
    static boolean isTalkAt(String text, int at) {
        return TALK.contains(text.substring(at, end(text, at)).toLowerCase());
    }

    /// {@return whether what stands at a place of a text is of a date or an hour}
    static boolean isOrdinalAt(String text, int at) {
        return ORDINAL.contains(text.substring(at, end(text, at)).toLowerCase());
    }

    /// {@return where the next word behind a place of a text starts}
    static int behindTalk(String text, int at) {
        var next = end(text, at);
        while (next < text.length()
                && (Character.isWhitespace(text.charAt(next)) || ",-–—".indexOf(text.charAt(next)) >= 0))
            next++;
        return Math.max(next, at + 1);
    }

    private static int end(String text, int at) {
        var end = at;
        while (end < text.length() && (Character.isLetter(text.charAt(end)) || "'’".indexOf(text.charAt(end)) >= 0))
            end++;
        return end;
    }

    /// {@return whether a number behind some words counts nobody: "table 6", "E 621"}
    static boolean isNoCountBehind(String text) {
        var before = BEFORE.matcher(text);
        return !before.find() || before.group("last").toLowerCase().equals(E_NUMBER)
                || PLACE.contains(before.group("last").toLowerCase());
    }

    /// {@return whether a head says where people sit, or who they are}
    static boolean tellsWhere(String head) {
        return words(head).anyMatch(w -> PLACE.contains(w) || PEOPLE.contains(w));
    }

    /// {@return a text without the words of talk that it opens with: "of whom are vegan"}
    static String withoutTalk(String text) {
        var at = 0;
        while (at < text.length() && isTalkAt(text, at)) at = behindTalk(text, at);
        return at < text.length() ? text.substring(at) : text;
    }

    /// {@return whether a text opens with a word for a number that nobody knows: "half are vegetarian"}
    static boolean isUnknownMany(String text) {
        return UNKNOWN_MANY.contains(text.substring(0, end(text, 0)).toLowerCase()) || OTHERS.matcher(text).lookingAt();
    }

    /// {@return a line without who wrote the list at its end: "Best wishes, Bo"}
    static String withoutSignature(String line, RuleBook ruleBook) {
        var signed = SIGNED.matcher(line);
        return signed.matches() && isWho(signed.group("who"), ruleBook) ? signed.group("before") : line;
    }

    /// {@return whether who wrote the list stands on the next line}
    static boolean isFarewell(String line) { return isTalk(line) && FAREWELL.matcher(line).find(); }

    /// {@return whether words tell what is avoided, or that nothing is}
    static boolean isTold(String words, RuleBook ruleBook) {
        var avoided = Avoidances.of(words, ruleBook);
        return avoided.isEmpty() || !avoided.all().isEmpty();
    }

    /// {@return whether what was chosen tells how somebody eats: "vegan", "GF chicken", but no "cod"}
    static boolean tellsDiet(String dish, RuleBook ruleBook) {
        return FormField.leavesOut(dish)
                || Avoidances.of(dish, ruleBook).all().stream().anyMatch(Avoidance.OfDiet.class::isInstance);
    }

    /// {@return whether a line greets whom it names, and says no more: "Hi Mara,"}
    static boolean isGreeting(String line, RuleBook ruleBook) {
        return GREETED.matcher(line).matches() && Avoidances.of(line, ruleBook).all().isEmpty();
    }

    /// {@return whether words stand before what is said and say nothing themselves: "Yes", "so just checking"}
    static boolean isLead(String text) {
        return words(text).allMatch(w -> QUIET.contains(w) || ANSWER.contains(w) || FIGURE.matcher(w).matches());
    }

    /// {@return whether a full stop behind a text ends a title or the first letter of a name, and no sentence}
    static boolean endsWithTitle(String text) {
        var before = BEFORE.matcher(text);
        return before.find() && TITLE.contains(before.group("last").toLowerCase()) || INITIAL.matcher(text).find();
    }

    /// {@return whether a text is who somebody is or where they sit, and nothing that could be eaten: "Ann Weaver",
    /// "table 6"}
    static boolean isWho(String text, RuleBook ruleBook) {
        var names = SPLIT.splitAsStream(text).filter(w -> !w.isEmpty())
                .filter(w -> !FIGURE.matcher(w).matches() && !isOfPlace(w) && !AND.contains(w)).toList();
        return !text.isBlank() && names.size() <= MOST_NAMES && names.stream().allMatch(
                n -> NAME.matcher(n).matches() && !TALK.contains(n.toLowerCase()) && !isEaten(n, ruleBook));
    }

    /// {@return whether a text is the name of somebody who is called as a food is: "Jo Salmon", "Tom Rice". The first
    /// word is no word of the kitchen, and the two together are no food, as "Blue Cheese" is}
    static boolean isCalled(String text, RuleBook ruleBook) {
        var names = SPLIT.splitAsStream(text).filter(w -> !w.isEmpty()).toList();
        if (names.size() < 2 || names.size() > MOST_NAMES || isWho(text, ruleBook)
                || !names.stream().allMatch(n -> NAME.matcher(n).matches()))
            return false;
        var first = names.getFirst();
        var isName = GIVEN.contains(first.toLowerCase()) || !isEaten(first, ruleBook) && !isTalk(first)
                && !Foods.shipped().phrase(first).unknown().isEmpty() && first.length() > 1;
        return isName && names.stream().skip(1).noneMatch(n -> n.indexOf('-') >= 0 || isKept(n, ruleBook))
                && Foods.shipped().phrase(text).matches().stream()
                        .allMatch(m -> m.start() >= first.length() || m.end() <= first.length());
    }

    /// {@return whether a text is the name of somebody, and no place}
    static boolean isNamed(String text, RuleBook ruleBook) {
        return isWho(text, ruleBook) && words(text).anyMatch(w -> !QUIET.contains(w) && !FIGURE.matcher(w).matches());
    }

    private static boolean isOfPlace(String word) {
        var low = word.toLowerCase().replace(".", "");
        return PEOPLE.contains(low) || PLACE.contains(low) || TITLE.contains(low) || SEAT.matcher(low).matches();
    }

    private static boolean isEaten(String name, RuleBook ruleBook) {
        // "Bo-GF" is called Bo
        if (name.indexOf('-') > 0 && Stream.of(name.split("-")).anyMatch(n -> isEaten(n, ruleBook))) return true;
        return !GIVEN.contains(name.toLowerCase())
                && (Foods.shipped().meaning(Words.key(name)).isPresent()
                        || !Avoidances.of(name, ruleBook).all().isEmpty());
    }

    /// {@return whether a word is a diet or a group of the law: nobody is called "Vegan", and few "Milk"}
    static boolean isKept(String word, RuleBook ruleBook) {
        return Avoidances.of(word, ruleBook).all().stream()
                .anyMatch(a -> a instanceof Avoidance.OfDiet
                        || a instanceof Avoidance.OfGroup g && ruleBook.groups().contains(g.group()));
    }

    /// {@return whether somebody told by name starts a text: "Bo (coeliac)", "Cy - vegan", "Dee has a nut allergy"}
    static boolean opensWithName(String text, RuleBook ruleBook) {
        if (SomeoneNamed.is(text) || who(text, ruleBook) > 0) return true;
        var named = OPENING.matcher(text);
        return named.lookingAt() && isWho(named.group("name"), ruleBook);
    }

    /// {@return how long the name of somebody is that does something only people do: "Ann Weaver is vegan"; 0 where
    /// nobody does}
    static int who(String text, RuleBook ruleBook) {
        var related = SomeoneNamed.related(text);
        if (related > 0) return related;
        var names = SomeoneNamed.named(text);
        return !names.isEmpty() && NAMES.splitAsStream(names).allMatch(n -> isWho(n, ruleBook) || isCalled(n, ruleBook))
                ? names.length() : 0;
    }
}
