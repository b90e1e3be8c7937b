package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.food.Meaning;
import keenfork.core.food.Words;
import keenfork.core.measure.Unit;

/// A recipe told, not written: "so I take about two handfuls of walnuts and then a good glug of oil". Cut into
/// ingredient lines, each in the words it was told in, and into steps. A food that is told without an amount is a line
/// of its own: nothing that was said is lost.
///
/// @param lines what goes in, in the order it was told
/// @param steps the sentences
record Told(List<String> lines, List<String> steps) {
    /// a shorter text with several foods is a line of several
    private static final int SHORTEST = 60;
    private static final int FEWEST_MEASURED = 2;
    private static final int FEWEST_NAMED = 3;
    /// words of a food in a list without amounts
    private static final int MOST_WORDS = 4;
    /// nobody tells more in one breath
    private static final int LONGEST_CLAUSE = 600;
    private static final String CUT_UNIT = "\\d\\s?(?:" + Grammar.anyOf("cut-unit") + ")\\.";
    /// a full stop behind a unit ends nothing where no capital follows, "120 g. soy sauce", nor where a comma stands
    /// before the amount: "feta, 20 g. Dijon mustard"
    private static final Pattern SENTENCE = Pattern.compile("(?<=[.!?])(?!(?<=" + CUT_UNIT + ")\\s+\\p{Ll})"
            + "(?<!(?:[,;(&]|\\band|\\bwith)\\s{0,2}\\d{0,4}" + CUT_UNIT + ")\\s+");
    private static final Pattern CLAUSE = Pattern.compile(
            "(?i)\\s*[,;:]\\s*|\\s+-\\s+|\\s+(?:" + Grammar.anyOf("clause") + ")\\s+|\\s+and\\s+(?!(?:"
                    + Grammar.anyOf("not-clause") + ")\\b)");
    /// "some people put egg in, we don't": the step asks whether it is in, no line says so
    private static final Pattern NOT_US = Pattern.compile("(?i)\\b(?:" + Grammar.anyOf("others-do")
            + ")\\b[^,.;]{1,60}[,;] (?:but )?(?:" + Grammar.anyOf("not-us") + ")(?=[.!]?$)");
    private static final Pattern BEFORE_AMOUNT =
            Pattern.compile("(?iU)\\b(?:" + Grammar.anyOf("pressed") + ")(?:\\sof)?\\s$");
    private static final Pattern PRESSED = Grammar.wordOf("pressed");
    /// "Take 300g yoghurt, 2 cloves garlic, salt": a verb, and an amount right behind it
    private static final Pattern TAKE = Pattern.compile("(?iU)^\\p{L}+\\b[^.]{0,14}?(?:\\d|[½⅓⅔¼¾]|\\ban? )");
    private static final Pattern PAUSE = Pattern.compile("\\s*(?:[,:;.!?…(]|\\s[-–—]\\s).*", Pattern.DOTALL);
    private static final Pattern TALKING = Grammar.wordOf("telling");

    /// "1/ Rinse the beans. 2/ Fry the spices": a method on one line, whose numbers measure nothing
    private static final Pattern STEPS = Pattern.compile("^1[/.)]\\s+\\p{L}.*\\s2[/.)]\\s+\\p{L}");

    static Optional<Told> of(String text) {
        var takes = StepLine.isDone(text) && TAKE.matcher(text).lookingAt();
        if (text.length() < SHORTEST && !takes || STEPS.matcher(text).find()
                || !isTalking(text) && !listsWithin(text) && !takes)
            return Optional.empty();
        return cut(text, text.length() < SHORTEST ? FEWEST_NAMED : FEWEST_MEASURED);
    }

    /// "Please do the mushroom one. 3 kg mushrooms, 1 kg leeks, 500 ml cream. No nuts."
    private static boolean listsWithin(String text) {
        var sentences = sentences(text);
        return sentences.size() > 1 && sentences.stream().anyMatch(s -> Several.of(s).size() >= FEWEST_NAMED);
    }

    /// {@return a whole recipe on one line as what was told, whether it talks or lists; none where it names hardly
    /// anything}
    static Optional<Told> ofOnly(String text) {
        return cut(text, text.length() < SHORTEST ? FEWEST_NAMED : 1).filter(t -> t.lines.size() >= FEWEST_NAMED);
    }

    /// {@return a whole recipe on one line whose list is parted by semicolons, "papaya 1; beans 6, snapped; lime 3.
    /// Pound the garlic."; none where it is no such list}
    static Optional<Told> ofList(String text) {
        var sentences = sentences(text);
        var first = sentences.getFirst().replaceFirst("\\.$", "");
        var lines = pieces(first, ";");
        if (lines.size() < FEWEST_NAMED) lines = named(pieces(first, ","));
        return lines.size() < FEWEST_NAMED ? Optional.empty()
                : Optional.of(new Told(lines, sentences.subList(1, sentences.size())));
    }

    /// "fish goujons, oven chips, peas": commas part foods only where each part names one, and little else
    private static List<String> named(List<String> pieces) {
        return pieces.stream().allMatch(p -> isNamedIn(p) && p.split(" ").length <= MOST_WORDS && !StepLine.isDone(p))
                ? pieces : List.of();
    }

    private static List<String> pieces(String list, String mark) {
        return Arrays.stream(list.split(mark)).map(String::strip).filter(l -> !l.isEmpty()).toList();
    }

    /// {@return what a recipe is called that was told in one breath without a name: its words up to the first pause}
    /// @param longest how many letters a name has at most
    static String name(String text, int longest) {
        var paused = PAUSE.split(text, 2)[0];
        var words = paused.isBlank() ? text : paused;
        if (words.length() <= longest) return words;
        var blank = words.lastIndexOf(' ', longest);
        return words.substring(0, blank > 0 ? blank : longest);
    }

    private static Optional<Told> cut(String text, int fewest) {
        var lines = new ArrayList<String>();
        var named = new HashSet<Meaning>();
        var steps = sentences(text);
        var measured =
                steps.stream().filter(s -> !Suggested.is(s) && !Suggested.isDenial(s))
                        .map(s -> NOT_US.matcher(s).replaceAll(""))
                        .flatMap(Told::clauses).flatMap(Told::byAmounts)
                        .filter(c -> takesMeasured(c, lines, named)).count();
        return measured < fewest ? Optional.empty() : Optional.of(new Told(lines, steps));
    }

    /// parted where one thing ends, and not within a name: "salt and pepper squid"
    private static Stream<String> clauses(String sentence) {
        var names = Foods.shipped().recipeWords().read(sentence).matches();
        var pieces = new ArrayList<String>();
        var from = 0;
        for (var joint = CLAUSE.matcher(sentence); joint.find();) {
            var at = joint.start();
            var behind = joint.end();
            if (names.stream().anyMatch(n -> n.start() < at && behind < n.end())) continue;
            pieces.add(sentence.substring(from, at));
            from = behind;
        }
        pieces.add(sentence.substring(from));
        return pieces.stream();
    }

    /// "two bunches of parsley about ten anchovies": an amount behind a food begins another
    private static Stream<String> byAmounts(String clause) {
        if (clause.length() > LONGEST_CLAUSE) return Stream.of(clause);
        var pieces = new ArrayList<String>();
        var from = 0;
        for (var at = clause.indexOf(' ') + 1; at > 0; at = clause.indexOf(' ', at) + 1) {
            // "juice of one lemon"
            if (BEFORE_AMOUNT.matcher(clause.substring(from, at)).find()) continue;
            if (Numbers.at(clause, at) == null || !isNamedIn(clause.substring(from, at))
                    || !isNamedIn(clause.substring(at)))
                continue;
            pieces.add(clause.substring(from, at).strip());
            from = at;
        }
        pieces.add(clause.substring(from));
        return pieces.stream();
    }

    private static boolean isNamedIn(String words) { return Foods.shipped().recipeWords().isNamedIn(words); }

    static List<String> sentences(String text) { return List.of(SENTENCE.split(text)); }

    /// Takes what a clause names into the lines.
    /// @return whether it names it with an amount
    private static boolean takesMeasured(String clause, List<String> lines, Set<Meaning> named) {
        var bare = clause.replaceFirst("[.!?]+$", "").strip();
        var from = opensWithHands(bare) ? 0 : amountFrom(bare);
        var matches = Foods.shipped().phrase(from < 0 ? bare : bare.substring(from)).matches();
        if (matches.isEmpty() && Shorthand.isShortName(bare)) return lines.add(bare);
        if (matches.isEmpty()) return false;
        if (from < 0) {
            for (var match : matches) if (isNew(match, named)) lines.add(match.text());
            return false;
        }
        // "so the freekeh salad: 2 kilos of freekeh" is one freekeh
        for (var match : matches) lines.remove(match.text());
        lines.add(bare.substring(from));
        matches.forEach(m -> named.add(m.meaning()));
        return true;
    }

    /// "big handful mint": an amount without a number
    private static boolean opensWithHands(String clause) {
        var words = clause.toLowerCase(Locale.ROOT).split(" ", 3);
        for (var at = 0; at < Math.min(2, words.length); at++) {
            var unit = Units.unit(words[at]);
            if (unit == Unit.HANDFUL || unit == Unit.BUNCH || unit == Unit.PINCH || unit == Unit.SPRIG) return true;
        }
        return false;
    }

    private static boolean isTalking(String text) {
        var found = 0;
        for (var words = TALKING.matcher(text); found < 2 && words.find();) found++;
        return found >= 2;
    }

    private static boolean isNew(Match match, Set<Meaning> named) {
        // "blend it to a pesto": what a product's name tells is mostly what is being made
        if (match.meaning() instanceof Meaning.OfFood(var food) && food.isCompound() && match.text().indexOf(' ') < 0
                && (named.size() > 1 || MadeHere.isMostlyMade(match)))
            return false;
        if (named.stream().anyMatch(n -> isShortFor(match, n))) return false;
        return named.add(match.meaning());
    }

    /// {@return where an amount with a food behind it starts, or -1}
    private static int amountFrom(String clause) {
        var pressed = PRESSED.matcher(clause);
        // "juice of 1 lemon", "juice 1 lemon"
        if (pressed.find() && (Numbers.at(clause, Math.min(clause.length(), pressed.end() + 4)) != null
                || Numbers.at(clause, Math.min(clause.length(), pressed.end() + 1)) != null))
            return pressed.start();
        for (var at = 0; at < clause.length(); at++) {
            if (at > 0 && clause.charAt(at - 1) != ' ') continue;
            var number = Numbers.at(clause, at);
            if (number == null) continue;
            var rest = clause.substring(number.end());
            if (!Foods.shipped().recipeWords().read(rest).matches().isEmpty()) return at;
        }
        return -1;
    }

    /// "blitz with the cheese", where it was cream cheese
    private static boolean isShortFor(Match match, Meaning named) {
        var last = " " + Words.key(match.text());
        return named instanceof Meaning.OfFood(var longer) && match.meaning() instanceof Meaning.OfFood(var food)
                && longer.holds().containsAll(food.holds()) && longer.sometimes().containsAll(food.sometimes())
                && longer.names().stream().anyMatch(n -> Words.key(n).endsWith(last));
    }
}
