package keenfork.core.people;

import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Table;

/// The headings that a form or a list of guests prints before what was answered: "Dietary requirements: vegan", "Any
/// allergies? No." What is asked says nothing of what is avoided, and "no" is an answer only behind a question.
public final class FormField {
    private static final int MOST_WORDS = 10;
    private static final String JOINT = "(?:\\s|\\s?[/&,]\\s?)";
    private static final Pattern HEADING = Pattern.compile(
            "(?iUm)(?:^|(?<=[.;|,\\n]\\s?))(?<heading>(?:%1$s)(?:%2$s(?:%1$s)){0,%3$d})%4$s".formatted(
                    anyOf("asks", "around", "dish", "tells"), JOINT, MOST_WORDS - 1,
                    "\\s?(?:[:?=]|\\s[-–—]\\s)[\\s:?]*"));
    private static final Pattern ASKS = Pattern.compile("(?iU)\\b(?:%s)\\b".formatted(anyOf("asks", "dish")));
    private static final Pattern AVOIDS = Pattern.compile("(?iU)\\b(?:%s)\\b".formatted(anyOf("asks")));
    private static final Pattern TELLS = Pattern.compile("(?iU)\\b(?:%s)\\b".formatted(anyOf("tells")));
    private static final Pattern TICKED = Pattern.compile("(?iU)(?:%s)".formatted(anyOf("yes", "ticked")));
    private static final Pattern UNTICKED = Pattern.compile("(?iU)(?:%s)".formatted(anyOf("no", "unticked")));
    private static final Pattern DENIED = Pattern.compile("(?iU)(?:%s)".formatted(anyOf("no")));
    private static final Pattern LEFT_OUT = Pattern.compile("(?iU)\\b(?:%s)\\b".formatted(anyOf("left-out")));
    private static final String END = "(?=\\s*(?:$|[.,;|\\n(]|[-–—]\\s|\\bbut\\b))";
    private static final Pattern NO = Pattern.compile("(?iUm)(?:(?:%s)|[-–—])%s".formatted(anyOf("no"), END));
    private static final Pattern YES =
            Pattern.compile("(?iUm)(?:%s)\\b[\\s.,;:!–—-]*(?=[\\p{L}(])".formatted(anyOf("yes")));
    private static final String NOTHING = "none";

    private FormField() {}

    private static String anyOf(String... kinds) {
        var all = Set.of(kinds);
        return Table.read(FormField.class, "form-words.txt", 3).stream().filter(r -> all.contains(r.cell(1)))
                .flatMap(r -> r.list(0).stream()).map(Pattern::quote).collect(Collectors.joining("|"));
    }

    /// {@return whether a text is such a heading, and says nothing else: "Dietary requirements:", "Any allergies?"}
    public static boolean isHeading(String text) {
        var heading = HEADING.matcher(text.strip() + ":");
        return heading.matches() && ASKS.matcher(heading.group("heading")).find();
    }

    /// {@return whether a heading asks which dish was chosen, and nothing of what is avoided: "Meal choice"}
    public static boolean isOfDish(String heading) { return isHeading(heading) && !AVOIDS.matcher(heading).find(); }

    /// {@return whether a column of a table with such a heading tells what is avoided: "Allergies", "Please specify"}
    public static boolean isColumn(String heading) {
        var asked = HEADING.matcher(heading.strip() + ":");
        return asked.matches() && (AVOIDS.matcher(asked.group("heading")).find()
                || TELLS.matcher(asked.group("heading")).find());
    }

    /// {@return whether a cell of a table says yes and nothing else: "Y", "✓", "x"}
    public static boolean isTicked(String cell) { return TICKED.matcher(cell.strip()).matches(); }

    /// {@return whether a cell of a table says no and nothing else: "N", "-", or nothing at all}
    public static boolean isUnticked(String cell) {
        return cell.isBlank() || UNTICKED.matcher(cell.strip()).matches();
    }

    /// {@return whether a cell of a table says no in a word: "no", "N"}
    public static boolean isDenied(String cell) { return DENIED.matcher(cell.strip()).matches(); }

    /// {@return whether the name of a dish says what is not in it: "GF chicken", "cod, no butter"}
    public static boolean leavesOut(String dish) { return LEFT_OUT.matcher(dish).find(); }

    /// {@return what is answered below a heading of a table: "No" is an answer there}
    public static String answer(String heading, String cell) { return answers(heading + ": " + cell).strip(); }

    private static Matcher from(int at, Pattern pattern, String text) {
        return pattern.matcher(text).useTransparentBounds(true).region(at, text.length());
    }

    private static boolean asks(String heading) {
        return ASKS.matcher(heading).find() || TELLS.matcher(heading).find();
    }

    /// {@return a text with the answers alone}
    static String answers(String text) {
        if (text.indexOf(':') < 0 && text.indexOf('?') < 0 && text.indexOf('=') < 0 && text.indexOf(" - ") < 0)
            return text;
        var heading = HEADING.matcher(text);
        var answers = new StringBuilder();
        var at = 0;
        while (heading.find()) {
            if (!asks(heading.group("heading"))) continue;
            answers.append(text, at, heading.start());
            at = heading.end();
            var no = from(at, NO, text);
            var yes = from(at, YES, text);
            if (no.lookingAt()) answers.append(NOTHING).append(',');
            if (no.lookingAt()) at = no.end();
            else if (yes.lookingAt()) at = yes.end();
        }
        return at == 0 ? text : answers.append(text, at, text.length()).toString();
    }
}
