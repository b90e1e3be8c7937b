package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.food.Grammar;
import keenfork.core.food.Remembered;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Table;
import keenfork.core.food.Words;
import org.jspecify.annotations.Nullable;

/// What a step makes of things that stand in every kitchen: a white sauce, of flour and milk, in a list that names
/// neither. Whoever makes one has put them in.
///
/// Source: `made-of.txt`, row by row.
///
/// @param words what is made, as the step says it
/// @param of    a line that names one of these tells what it is made of
/// @param holds what it is mostly made of
public record MadeOf(String words, Materials of, List<Substance> holds) {
    private static final String AT_THE_HEAD = "^";
    private static final String WHEREVER = "*";
    private static final int CELLS = 4;
    private static final Map<String, MadeOf> ROWS = rows();
    private static final int LONGEST = 4;
    /// letters before a word that tell whether it is made
    private static final int FURTHEST = 100;
    /// a sentence, or a next thing to do, begins
    private static final String BEGINS = "(?i)(?:^|[.;:!?,]|\\b(?:and|then|or))\\s*";
    private static final Pattern HEAD = Pattern.compile(BEGINS + "$");
    /// "make a", "thicken with a": not "blend to a", which makes it of what is here
    private static final Pattern TOLD = Pattern.compile(BEGINS + "(?:" + Grammar.anyOf("makes-at-hand")
            + ")\\s+(?:(?:" + Grammar.anyOf("at-hand-how") + ")\\s+)*$");
    /// "crumble the blue over": nothing stands behind it that would make it a blue board
    private static final Pattern AS_A_THING =
            Pattern.compile("(?i)\\s*(?:$|[.,;:!?)]|(?:" + Grammar.anyOf("behind-a-thing") + ")\\b)");
    private static final Remembered<List<Said>> READ = new Remembered<>(MadeOf::read);

    /// @param words how the step says it
    private record Said(MadeOf row, String words) {}

    public MadeOf {
        holds = List.copyOf(holds);
    }

    private static Map<String, MadeOf> rows() {
        var rows = new HashMap<String, MadeOf>();
        for (var row : Table.read(MadeOf.class, "made-of.txt", CELLS)) {
            var of = Materials.of(row.list(1));
            var holds = row.read(2, _ -> Substances.shipped().getAll(row.list(2)));
            for (var word : row.list(0)) {
                var key = Words.key(word);
                rows.put(sign(word) + key, new MadeOf(key, of, holds));
            }
        }
        return Map.copyOf(rows);
    }

    private static String sign(String word) {
        return Stream.of(AT_THE_HEAD, WHEREVER).filter(word::startsWith).findAny().orElse("");
    }

    /// {@return what the steps of a recipe make of what no line names, each with its step, as one that goes in}
    public static List<Mention> in(Recipe recipe) {
        var made = new ArrayList<Mention>();
        for (var i = 0; i < recipe.steps().size(); i++)
            for (var one : READ.of(recipe.steps().get(i)))
                if (!one.row.isListed(recipe, recipe.steps().get(i)))
                    made.add(new Mention(i, one.words, one.row.holds, null, false));
        return made;
    }

    private static List<Said> read(String step) {
        var found = new ArrayList<Said>();
        // "a pastry brush" is no pastry
        var words = Words.of(NoFood.blanked(step));
        for (var at = 0; at < words.size(); at++) {
            var one = longest(words, at, step);
            if (one != null) found.add(one);
        }
        return found;
    }

    private static @Nullable Said longest(List<Words.Word> words, int at, String step) {
        var start = words.get(at).start();
        for (var length = Math.min(LONGEST, words.size() - at); length > 0; length--) {
            var key = words.subList(at, at + length).stream().map(Words.Word::text).collect(Collectors.joining(" "));
            var end = words.get(at + length - 1).end();
            var row = row(key, step, start, end);
            if (row != null) return new Said(row, step.substring(start, end));
        }
        return null;
    }

    private static @Nullable MadeOf row(String key, String step, int start, int end) {
        var atHead = ROWS.get(AT_THE_HEAD + key);
        if (atHead != null && leads(HEAD, step, start)) return atHead;
        var thing = ROWS.get(WHEREVER + key);
        if (thing != null && AS_A_THING.matcher(step).region(end, step.length()).lookingAt()) return thing;
        var made = ROWS.get(key);
        return made != null && leads(TOLD, step, start) ? made : null;
    }

    private static boolean leads(Pattern pattern, String step, int start) {
        return pattern.matcher(step.substring(Math.max(0, start - FURTHEST), start)).find();
    }

    /// what the step itself names asks by itself
    private boolean isListed(Recipe recipe, String step) {
        return of.areSaidIn(step, words) || of.areListedIn(recipe);
    }
}
