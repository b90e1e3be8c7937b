package keenfork.core.recipe;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.food.Phrase;
import keenfork.core.food.PhrasePattern;
import keenfork.core.food.Table;

/// "Page 12", "Updated 3 May by Ann", "Total batch 3 kg", "GP 72 %": what the card of a recipe says of itself. Such a
/// line puts nothing in, and is read past.
///
/// Only a line that names no food and says nothing beyond what cards say is one, but for what stands behind a label
/// that is never of what goes in: "Station: pastry", "Ref: SAL/012".
final class CardNote {
    /// a longer line tells of more
    private static final int LONGEST = 90;
    private static final int LONGEST_LONE = 24;
    private static final Set<String> LABELS = Set.copyOf(words("label"));
    private static final Set<String> LABELS_OF_NAMES = Set.copyOf(words("label-named"));
    private static final Pattern GREETING = Pattern.compile("(?iU)(?:" + anyOf("greeting") + ")\\b[^\\d]{0,30}");
    private static final Pattern SIGN_OFF = Pattern.compile("(?iU)(?:" + anyOf("sign-off") + ")\\b.{0,40}");
    private static final Set<String> LONE = Set.copyOf(words("lone"));
    private static final Pattern AROUND = Pattern.compile("(?U)^\\W+|\\W+$");
    private static final Pattern LABELLED = Pattern.compile("(?iU)(?<label>\\p{L}[\\p{L}'’ -]{0,30}?)(?: ?(?:"
            + anyOf("label-more") + "))?\\s*(?::|=|\\s[-–—](?=\\s))\\s*(?<said>\\S.*)");
    private static final Pattern TITLED = Pattern.compile("(?iU)(?:" + anyOf("title") + ")\\s*:\\s*(?<said>\\p{L}.*)");
    private static final Pattern FIELD =
            Pattern.compile("(?U)\\s*[|;,·•/–-]?\\s+(?=\\p{Lu}\\p{L}{1,15}(?: \\p{Ll}\\p{L}{1,12})?:)");
    /// "3/4/25", "Tuesday 3rd March 2026", "Summer 2025"
    private static final String DATE = "(?:\\b(?:" + anyOf("dated") + ")\\b:?\\s*)*"
            + "(?:\\b\\d{1,4}[./-]\\d{1,2}[./-]\\d{2,4}\\b"
            + "|\\b(?:(?:" + anyOf("weekday") + ")\\b,?\\s*)?(?:\\b\\d{1,2}(?:st|nd|rd|th)?\\s)?(?:of )?\\b(?:"
            + anyOf("month") + ")\\b\\.?,?(?:\\s?['’]?\\d{2,4}\\b)?"
            + "|\\b(?:" + anyOf("weekday") + ")\\b|\\b(?:19|20)\\d\\d\\b(?!\\s?\\p{L}{1,2}\\b))";
    /// "p. 3", "v2.1", "#14", "week 2"
    private static final String NUMBERED = "\\bpp?\\.? ?\\d{1,4}\\b|\\bv\\.? ?\\d+(?:\\.\\d+)?\\b|#\\s?\\d+"
            + "|\\b(?:" + anyOf("numbered") + ")\\b\\s*[:=-]?\\s*\\d[\\d.,/]*(?:\\s?°?\\s?[cf]\\b)?";
    /// an address of the net or of post, or the number of a card and nothing else
    private static final String SIGN = "_{3,}|\\S+@\\S+|\\bwww\\.\\S+|\\bhttps?:\\S+|^[@#]\\p{L}+$|^©"
            + "|\\S+\\.(?:jpe?g|png|pdf|docx?|xlsx?)\\b|^\\(?\\d{1,3} of \\d{1,3}\\)?$"
            + "|^[£$€]\\s?\\d[\\d.]*(?:\\s?/\\s?[£$€]?\\s?\\d[\\d.]*)?$"
            + "|^no\\.?\\s?\\d{1,5}$|^\\d{1,5}[.)]$";
    /// each of these alone makes a note
    private static final Pattern MARK = Pattern.compile("(?iU)" + SIGN + "|" + DATE + "|" + NUMBERED);
    private static final Pattern FIGURE = Pattern.compile("(?iU)[£$€]\\s?\\d[\\d.,]*"
            + "|\\d[\\d.,/]*\\s?(?:%|p\\b|°\\s?[cf]?\\b|(?:c|f|k?cals?|calories|kj|k?g|grams?|ml|l|lit(?:re|er)s?"
            + "|oz|lbs?|secs?|m|mins?|hrs?)\\b)"
            + "|\\b\\d{1,2}:\\d\\d\\b|\\b(?-i:[A-Z]{1,4})[-/]\\d+\\b|\\b[x×]\\s?\\d+\\b");
    private static final Pattern WORD = Pattern.compile("\\P{L}+");
    private static final Pattern WEIGHED = Pattern.compile("(?iU)\\d\\s?(?:k?g|grams?|kilos?|k|ml|l|oz|lbs?|pts?)\\b");
    /// "by Ann Weaver and Joe", "Ann's"
    private static final Pattern NAMED = Pattern.compile("(?U)\\b(?i:" + anyOf("named")
            + ")[:\\s]\\s*\\p{Lu}[\\p{L}.'’-]*(?:(?:,? (?:and |& )?|,\\s?)\\p{Lu}[\\p{L}.'’-]*){0,3}"
            + "|\\b\\p{Lu}\\p{L}*['’]s(?=\\s)");
    /// "By Ann", "Chef Ann's recipe", and nothing else
    private static final Pattern BY = Pattern.compile("(?U)(?i:recipe )?(?i:by|from|chef) (?:(?i:chef|mr|mrs|ms) )?"
            + "\\p{Lu}[\\p{L}.'’-]*(?: (?:and |& )?\\p{Lu}[\\p{L}.'’-]*){0,2}(?: (?i:recipe|version))?");
    /// what a mark must have of figures, in a look that most lines fail at once
    private static final Pattern MARKED_FIGURE = Pattern.compile("(?i)\\d[./-]\\d{1,2}[./-]\\d\\d|\\b(?:19|20)\\d\\d\\b"
            + "|#\\s?\\d|\\bpp?\\.? ?\\d|\\bv\\.? ?\\d|^\\(?\\d{1,3} of |^no\\.?\\s?\\d|^\\d{1,5}[.)]$|^[£$€]");
    private static final PhrasePattern DAYS =
            new PhrasePattern(Stream.concat(words("month").stream(), words("weekday").stream()).toList(), "");
    private static final PhrasePattern COUNTED = new PhrasePattern(words("numbered"), "\\s*[:=-]?\\s*\\d");
    private static final Set<String> FIRST_OF_LETTER = Stream
            .concat(words("greeting").stream(), words("sign-off").stream()).map(w -> w.split(" ")[0])
            .collect(Collectors.toUnmodifiableSet());
    private static final String MARKS = "@_©/";
    private static final Pattern CALORIES = Pattern.compile("(?i)\\d\\s?(?:kcal|cals?|calories|kj)\\b");
    private static final Pattern NUTRIENT = Pattern.compile("(?iU)\\b\\d[\\d.,]*\\s?m?g\\s(?:of )?(?:"
            + anyOf("nutrient") + ")\\b|\\b(?:" + anyOf("nutrient") + ")\\b:?\\s\\d[\\d.,]*\\s?m?g\\b");
    private static final PhrasePattern NOTES = new PhrasePattern(words("note"), "");
    private static final PhrasePattern NOTES_ALONE = new PhrasePattern(words("note-alone"), "");
    private static final PhrasePattern ALL_NOTES =
            new PhrasePattern(Stream.concat(words("note").stream(), words("note-alone").stream()).toList(), "");
    private static final PhrasePattern TOLD = new PhrasePattern(words("told"), "");
    private static final PhrasePattern BESIDE = new PhrasePattern(words("beside"), "");
    private static final PhrasePattern NO_FOOD_THERE = new PhrasePattern(words("said"), "");
    /// "1 batch base mix": what that is, nobody told
    private static final PhrasePattern STANDS_IN = new PhrasePattern(words("stands-in"), "");

    private CardNote() {}

    /// {@return whether a line is such a note and nothing else}
    static boolean is(String line) {
        if (line.isEmpty() || line.length() > LONGEST) return false;
        if (line.startsWith("(") && line.endsWith(")")) return is(line.substring(1, line.length() - 1));
        return isLone(line) || isLabelled(line)
                || isTold(line) || isSignOff(line)
                || opensLetter(line) && GREETING.matcher(line).matches() && namesNoFood(line)
                || mayBe(line) && saysNoMore(MARK.matcher(withoutNutrients(line)).replaceAll(","));
    }

    /// {@return whether a line above the name of a dish is such a note, and could not be the name itself, as "Dish of
    /// the day" could}
    static boolean isAbove(String line) {
        return is(line) && !NOTES_ALONE.isIn(line) && !LONE.contains(line.toLowerCase(Locale.ROOT));
    }

    /// {@return whether a line ends a letter: "Thanks,", "Shout if any questions". What stands below it is the name of
    /// who wrote it}
    static boolean isSignOff(String line) {
        return opensLetter(line) && SIGN_OFF.matcher(line).matches() && namesNoFood(line);
    }

    private static boolean isLone(String line) {
        return line.length() <= LONGEST_LONE
                && LONE.contains(AROUND.matcher(line).replaceAll("").toLowerCase(Locale.ROOT));
    }

    private static boolean opensLetter(String line) {
        var end = 0;
        while (end < line.length() && Character.isLetter(line.charAt(end))) end++;
        return end > 1 && FIRST_OF_LETTER.contains(line.substring(0, end).toLowerCase(Locale.ROOT));
    }

    /// {@return "Date: 3/4/25  Author: AW  Portions: 20" as its fields; the line alone where it has no more than one}
    static List<String> fields(String line) {
        return line.length() > LONGEST || line.indexOf(':') == line.lastIndexOf(':') ? List.of(line)
                : FIELD.splitAsStream(line).map(String::strip).toList();
    }

    /// {@return the name of the dish behind a word that announces it, "Recipe: Green goddess"; else the line itself}
    static String untitled(String line) {
        if (line.indexOf(':') < 0) return line;
        var titled = TITLED.matcher(line);
        return titled.matches() ? titled.group("said") : line;
    }

    private static boolean isLabelled(String line) {
        if (line.indexOf(':') < 0 && line.indexOf('=') < 0 && !line.contains(" - ") && !line.contains(" – ")
                && !line.contains(" — "))
            return false;
        var labelled = LABELLED.matcher(line);
        if (!labelled.matches()) return false;
        var label = labelled.group("label").strip().toLowerCase(Locale.ROOT);
        return LABELS.contains(label)
                || LABELS_OF_NAMES.contains(label)
                        && namesNoFood(BESIDE.replaced(NO_FOOD_THERE.replaced(labelled.group("said"), ","), ","));
    }

    private static boolean isOfNoFood(String said) {
        return !STANDS_IN.isIn(said) && !WEIGHED.matcher(said).find()
                && Foods.shipped().nameNothing(BESIDE.replaced(NAMED.matcher(said).replaceAll(","), ","));
    }

    private static boolean mayBe(String line) {
        return NOTES.isIn(line) || !Numbers.hasFigure(line) && NOTES_ALONE.isIn(line)
                || mayBeMarked(line) && MARK.matcher(line).find()
                || "rbfcRBFC".indexOf(line.charAt(0)) >= 0 && BY.matcher(line).matches();
    }

    private static boolean mayBeMarked(String line) {
        return DAYS.isIn(line) || Numbers.hasFigure(line) && (MARKED_FIGURE.matcher(line).find() || COUNTED.isIn(line))
                || line.chars().anyMatch(c -> MARKS.indexOf(c) >= 0) || line.indexOf('.') > 0 && !line.endsWith(".");
    }

    /// "Went down well", "Keep out of the sun": a sentence, or what is to be done, and no amount
    private static boolean isTold(String line) {
        // "mixed peel", "deli slice": two words may be a thing
        var isSaid = TOLD.isIn(line);
        if (!isSaid && (WORD.splitAsStream(line).count() < 3 || !StepLine.is(line, true, true))
                || STANDS_IN.isIn(line))
            return false;
        var read = read(TOLD.replaced(FIGURE.matcher(line).replaceAll(","), ","));
        // "chuck, diced" is beef
        return read.unknown().stream().noneMatch(u -> u.word().start() == 0)
                && isOfNoFood(TOLD.replaced(FIGURE.matcher(line).replaceAll(","), ","))
                && !WEIGHED.matcher(line).find();
    }

    private static String withoutNutrients(String line) {
        return CALORIES.matcher(line).find() ? NUTRIENT.matcher(line).replaceAll(",") : line;
    }

    /// {@return whether nothing is left beside the notes but words that are no food in any dictionary}
    private static boolean saysNoMore(String rest) {
        var said = ALL_NOTES.replaced(rest, ",");
        if (!namesNoFood(said) || STANDS_IN.isIn(said)) return false;
        var unnamed = FIGURE.matcher(NAMED.matcher(rest).replaceAll(",")).replaceAll(",");
        var left = BESIDE.replaced(ALL_NOTES.replaced(unnamed, ","), ",");
        var read = read(left);
        if (!read.matches().isEmpty()) return false;
        for (var past : read.past()) left = left.replace(past.text(), ",");
        for (var unknown : read.unknown()) {
            if (!Foods.shipped().isInedible(unknown.word().word())) return false;
            left = left.replace(unknown.word().text(), ",");
        }
        return left.chars().noneMatch(Character::isLetter);
    }

    private static boolean namesNoFood(String said) { return read(said).matches().isEmpty(); }

    private static Phrase read(String words) { return Foods.shipped().phrase(words); }

    private static String anyOf(String kind) {
        return words(kind).stream().sorted((a, b) -> b.length() - a.length()).map(Pattern::quote)
                .collect(Collectors.joining("|"));
    }

    private static List<String> words(String kind) {
        return Table.read(CardNote.class, "card-notes.txt", 3).stream().filter(r -> r.cell(0).equals(kind))
                .flatMap(r -> Arrays.stream(r.cell(1).split(";"))).map(String::strip).toList();
    }
}
