package keenfork.core.recipe;

import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Table;
import keenfork.core.food.Words;

/// Whether a line that no heading puts under a method is a step: it begins with what is done, and goes on as only a
/// step does.
///
/// A food and an amount at the head make an ingredient, and where both are possible a line stays an ingredient: what it
/// names is then weighed and mapped.
final class StepLine {
    private enum Opening { DOES, ALSO }

    private static final Map<String, Opening> WORDS = Table.read(StepLine.class, "step-words.txt", 3).stream()
            .collect(Collectors.toUnmodifiableMap(r -> r.cell(0),
                    r -> r.read(1, c -> Opening.valueOf(c.toUpperCase(Locale.ROOT))), (a, _) -> a));
    private static final Pattern OPENS =
            Pattern.compile("(?iU)^(?:" + Grammar.anyOf("step-opening") + ")\\b");
    /// "can be frozen", "could use oat cream"
    private static final Pattern MAY_DO = Pattern.compile("(?iU)(?:" + Grammar.anyOf("may-do") + ") (?:"
            + Grammar.anyOf("may-be-done") + ")\\b");
    private static final Pattern NUMBERED = Pattern.compile("^\\d{1,3}[.)]\\s+(?<rest>.*)$");
    /// a time, a heat, or what is meant by "it": nothing that goes in
    private static final Pattern GOES_ON = Pattern.compile(
            "(?iU)\\b\\d+\\s*(?:-\\s*\\d+\\s*)?(?:" + Grammar.anyOf("minute") + "|" + Grammar.anyOf("hour") + "|"
                    + Grammar.anyOf("second") + ")\\b"
                    + "|\\b\\d{2,3}\\s*(?:°\\s*)?[cf]\\b|\\ball\\b\\W*(?:$|(?<=\\.\\s))|\\b(?:"
                    + Table.read(StepLine.class, "step-signs.txt", 2).stream().map(r -> Pattern.quote(r.cell(0)))
                            .collect(Collectors.joining("|"))
                    + ")\\b");

    private static final Pattern HEAT =
            Pattern.compile("(?iU)(?:[6-9]\\d|[12]\\d\\d)\\s?(?:°\\s?)?[cf]\\b|\\d+(?:\\s?[-–]\\s?\\d+)?"
                    + "\\s?(?:" + Grammar.anyOf("minute") + "|" + Grammar.anyOf("hour") + ")\\b");

    /// "RC the lot till coarse", whatever the first word is short for
    private static final Pattern WHOLE =
            Pattern.compile("(?iU)\\p{L}+ (?:\\p{L}+ )?(?:" + Grammar.anyOf("whole-lot") + ")\\b");
    private static final Pattern BARE_HEAT =
            Pattern.compile("(?iU)[12]\\d\\d(?:\\s?°?[cf]|\\s?fan)?(?:\\s+|\\s*[–x,/-]\\s*)"
                    + "\\d{1,2}(?:\\s?[-–/]\\s?\\d{1,2})?(?:\\s?(?:m|mins?|h|hrs?|hours?)(?:\\s+\\p{L}+(?: x\\d)?)?)?"
                    + "(?:, \\D*)?");
    private static final Pattern HEAT_AT =
            Pattern.compile("(?i)@\\s*\\d{2,3}(?:\\s?°|\\s?[cf]\\b|\\s*(?:$|[.,;]))|\\b[12]\\d\\d\\s?fan\\b");

    private static final Pattern PUT_UP = Pattern.compile(
            "(?iU)(?:" + Grammar.anyOf("shop-vessel") + ") (?:" + Grammar.anyOf("puts-up") + ")\\b");
    private static final Pattern MANNER =
            Pattern.compile("(?i)^(?:" + Grammar.anyOf("verb-manner") + ")[ -](?=\\p{L})");
    /// sentences that an ingredient has at most: "Vinegar, the dark one. Or wine."
    private static final int MOST_OF_LINE = 2;
    private static final int SHORT_SENTENCE = 3;
    private static final int LONG_SENTENCE = 5;
    private static final Set<String> BEFORE_A_THING = Grammar.words("preposition");
    private static final Pattern TOLD = Pattern.compile("(?iU)\\b\\p{L}{2,}(?<!e)ed\\b");

    private StepLine() {}

    /// {@return whether a line is a step}
    ///
    /// @param line     without a bullet
    /// @param isBehind whether ingredients stand before it; what is done comes after what goes in
    /// @param follows  whether a step or a blank line stands right before it
    static boolean is(String line, boolean isBehind, boolean follows) {
        if (!isBehind || line.isEmpty()) return false;
        var text = Character.isDigit(line.charAt(0)) ? NUMBERED.matcher(line).replaceFirst("${rest}") : line;
        var isNumbered = text.length() < line.length();
        if (MAY_DO.matcher(text).lookingAt()) return true;
        var verb = inManner(text);
        if (!verb.isEmpty()) return isNumbered || isDoneSo(text, verb);
        var first = first(text);
        // "quarter the beans" is no quarter of them
        if (text.isEmpty() || Numbers.at(text, 0) != null
                && !(WORDS.containsKey(first) && text.startsWith(" the ", first.length())))
            return false;
        var kind = WORDS.get(first);
        var isSentence = text.endsWith(".") && text.split(" ").length >= 5;
        // "1. Whip the cream. 2. Warm honey with chilli. 3. Plonk on toasts."
        if (isNumbered && follows && text.endsWith(".") && (kind != null || isSentence)) return true;
        if (kind == null)
            return WHOLE.matcher(text).lookingAt() || isPutUp(text)
                    || "itfw".indexOf(first.isEmpty() ? '-' : first.charAt(0)) >= 0 && OPENS.matcher(text)
                            .find() && (isSentence || isNumbered && text.split(" ").length >= 5);
        var behind = text.substring(first.length());
        if (behind.isEmpty() || behind.equals(".")) return Foods.shipped().meaning(first).isEmpty();
        // "salt to taste" and "pickle, to serve" go in; "mash not too fine" and "roll into 60" are done
        if (kind == Opening.ALSO && Foods.shipped().meaning(first).isPresent())
            return isSentence
                    || behind.startsWith(" the ") || behind.startsWith(" not ") || behind.startsWith(" into ")
                    || behind.startsWith(" in ") && namesNothing(behind) || GOES_ON.matcher(behind).find();
        // "keep under a damp cloth", "squeeze out celeriac WELL"
        if (behind.startsWith(" out ")
                || kind == Opening.DOES && BEFORE_A_THING.contains(first(behind.stripLeading())))
            return true;
        // "score, oil, 40m @ 190", "mix. dont dress early"
        if (HEAT_AT.matcher(text).find()) return true;
        if (behind.startsWith(". ") && (kind == Opening.DOES || Foods.shipped().meaning(first).isEmpty())) return true;
        // "Toast, rubbed with garlic" and "squeeze of lemon" go in
        if (behind.startsWith(",") && (namesNothing(behind) || isSentence && isTold(text)
                || goesOnDoing(behind) && (kind == Opening.DOES || isSentence || GOES_ON.matcher(behind).find())))
            return true;
        if (behind.startsWith(",") || behind.startsWith(" of ") || behind.startsWith("-"))
            return isNumbered
                    && behind.startsWith("-") && isSentence;
        // "shell pasta cooked until al dente": a food by its whole name goes in, whatever is done to it
        var startsName = Foods.shipped().recipeWords().isNameBeyond(text, 0, first.length());
        if (startsName && !isNumbered && !isSentence) return false;
        if (isSentence || isAlsoDone(behind)) return true;
        var sign = GOES_ON.matcher(behind);
        // "roast squash cooked until soft" tells of the squash, "roast squash until soft" what to do
        if (sign.find() && (kind == Opening.DOES || !TOLD.matcher(behind.substring(0, sign.start())).find()))
            return true;
        if (namesNothing(behind)) return true;
        if (isNumbered) return text.split(" ").length >= 5 || kind == Opening.DOES;
        return behind.startsWith(" the ") || kind == Opening.DOES && follows;
    }

    /// {@return a text from its verb on, where it begins with how something is done, "deep-fry"; else an empty one}
    private static String inManner(String text) {
        var manner = MANNER.matcher(text);
        var verb = manner.find() ? text.substring(manner.end()) : "";
        return WORDS.containsKey(first(verb)) ? verb : "";
    }

    /// "Deep-fry in batches until golden." tells what to do, "stir-fry vegetables" what goes in
    private static boolean isDoneSo(String text, String verb) {
        var behind = verb.substring(first(verb).length());
        return text.endsWith(".") && text.split(" ").length >= SHORT_SENTENCE || behind.startsWith(" the ")
                || behind.startsWith(" in ") || GOES_ON.matcher(behind).find() || namesNothing(behind);
    }

    /// {@return whether a line has a number of a list in front, and no amount behind it}
    static boolean isNumbered(String line) {
        var numbered = NUMBERED.matcher(line);
        return numbered.matches() && Numbers.at(numbered.group("rest"), 0) == null;
    }

    /// {@return whether a line begins with a figure that is no number of a list: an ingredient}
    static boolean isMeasured(String line) {
        var at = 0;
        while (at < line.length() && Character.isDigit(line.charAt(at))) at++;
        return at > 0 && (at == line.length() || ".)".indexOf(line.charAt(at)) < 0);
    }

    /// {@return whether a line begins with what is done or goes on as a step does, though it may name what goes in:
    /// "roast peppers"}
    static boolean mayBe(String line) {
        var first = first(line);
        var kind = WORDS.get(first);
        return !isMeasured(line) && (GOES_ON.matcher(line).find()
                || line.startsWith(" ", first.length()) && !line.startsWith(" of ", first.length())
                        && (kind == Opening.DOES || kind != null && Foods.shipped().meaning(first).isEmpty()));
    }

    /// {@return whether a line is a heat and minutes, and nothing else: "180 25–28"}
    static boolean isBareHeat(String line) {
        return BARE_HEAT.matcher(line).matches() || isHeat(line) && isDoneThen(line);
    }

    /// "48h, flip x2", "160 C, stir"
    private static boolean isDoneThen(String line) {
        var heat = HEAT.matcher(line);
        if (!heat.lookingAt()) return false;
        var rest = behind(line, heat);
        // "150C 40 min, stir every 10"
        var time = HEAT.matcher(rest);
        if (time.lookingAt()) rest = behind(rest, time);
        return !rest.isEmpty() && isDone(rest);
    }

    private static String behind(String line, Matcher heat) {
        return line.substring(heat.end()).replaceFirst("^[\\s,;/–-]+", "");
    }

    /// {@return whether a line begins with a heat or a time, not with an amount: "170C 28 min", "20 mins, lid on"}
    static boolean isHeat(String line) { return HEAT.matcher(line).lookingAt(); }

    /// {@return whether the sign at a place stands before a heat, "40m @ 190", not before a dish}
    static boolean isHeatAt(String text, int at) {
        return HEAT_AT.matcher(text).region(at, text.length()).lookingAt();
    }

    /// {@return a line without its heat: "roast veg @ 200c"}
    static String withoutHeat(String text, int at) {
        return text.substring(0, at) + HEAT_AT.matcher(text.substring(at)).replaceFirst("");
    }

    /// "All through the processor, thin. Mix. Dress same day.": sentences, of which one begins with what is done
    static boolean isTold(String text) {
        var sentences = Told.sentences(text);
        // "wok v hot. beans til blistered. out." names no amount, and says more than an ingredient does
        if (sentences.size() > MOST_OF_LINE && Numbers.at(text, 0) == null) return true;
        return sentences.size() > 1
                && sentences.stream()
                        .anyMatch(s -> WORDS.get(first(s)) == Opening.DOES || isAlone(s) || HEAT.matcher(s).find());
    }

    /// "Cook quinoa. Chill. Mix." right below the list: so many sentences, one of which says what is done
    static boolean isToldAtLength(String text) {
        if (text.indexOf(". ") < 0 || Numbers.at(text, 0) != null) return false;
        var sentences = Told.sentences(text);
        return sentences.size() > MOST_OF_LINE
                && sentences.stream().anyMatch(s -> isDone(s) || HEAT.matcher(s).find());
    }

    /// {@return whether a line right below a step is one, too: "Tomatoes in, cook down to a jam.", "Into tubs, label."}
    static boolean goesOn(String text) {
        if (!text.endsWith(".") || Numbers.at(text, 0) != null) return false;
        var words = text.split(" ").length;
        return words >= LONG_SENTENCE || words >= SHORT_SENTENCE && BEFORE_A_THING.contains(first(text));
    }

    /// "Mix."
    private static boolean isAlone(String sentence) {
        return isDone(sentence) && first(sentence).length() + 1 >= sentence.length();
    }

    /// {@return whether some words begin with what is done: "chop", "chop fine"}
    static boolean isDone(String words) { return WORDS.containsKey(first(words)); }

    /// {@return whether a line right below a step begins with what is done next: "season w. soy", "plate, top w feta";
    /// "pickle, to serve" may still go in}
    static boolean isDoneNext(String words) {
        return isDone(words) && (!words.contains(",") || Foods.shipped().meaning(first(words)).isEmpty());
    }

    /// {@return whether any word of it can only be something that is done}
    static boolean isToldIn(String words) {
        return Words.of(words).stream().anyMatch(w -> WORDS.get(w.text().toLowerCase(Locale.ROOT)) == Opening.DOES);
    }

    private static String first(String text) {
        var end = 0;
        while (end < text.length() && Character.isLetter(text.charAt(end))) end++;
        return text.substring(0, end).toLowerCase(Locale.ROOT);
    }

    /// "Mix, press in tins and bake.": the next thing is done right behind the first
    private static boolean goesOnDoing(String behind) {
        return WORDS.containsKey(first(behind.substring(1).stripLeading()));
    }

    /// "chop onions, fry in butter": a second thing is done
    private static boolean isAlsoDone(String behind) {
        for (var at = behind.indexOf(' '); at >= 0 && at + 1 < behind.length(); at = behind.indexOf(' ', at + 1)) {
            var before = behind.substring(0, at).stripTrailing();
            var joins = before.endsWith(",") || before.endsWith(".") || before.endsWith("&") || before.endsWith(" and")
                    || before.endsWith("+") || before.endsWith(" n");
            if (joins && WORDS.get(first(behind.substring(at + 1))) == Opening.DOES) return true;
        }
        return false;
    }

    /// "Jar up.", "Bag and label": what is made goes into a vessel, and nothing else is named
    private static boolean isPutUp(String text) {
        var vessel = PUT_UP.matcher(text);
        return vessel.lookingAt() && namesNothing(text.substring(vessel.end()));
    }

    /// "Whisk. Keeps 3 days.": no food, and no word that might be one
    private static boolean namesNothing(String behind) {
        var phrase = Foods.shipped().phrase(behind);
        return phrase.matches().isEmpty() && phrase.unknown().stream()
                .allMatch(u -> WORDS.containsKey(Words.key(u.word().text())));
    }
}
