package keenfork.core.recipe;

import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.PhrasePattern;
import keenfork.core.food.Table;
import keenfork.core.food.Words;

/// "Lovely with sourdough bread." is no part of the dish. What has a figure is: "lovely with 6 flatbreads"; and "serve
/// with" says what is done, not what could be. Nor is it one that goes on to do something: "lovely with bread, then
/// fold in the eggs".
final class Suggested {
    /// no figure, and nothing behind its end
    private static final String ONE_SENTENCE = "[^\\p{N}.!?;:]+[.!?]*";
    private static final String WITH = anyOf("with");
    private static final Pattern SAID = Pattern.compile("(?i)^(?:(?:" + anyOf("head")
            + ")\\s*(?::|\\s[-–—])\\s*" + ONE_SENTENCE
            + "|(?:it['’]?s |it is |this is |they['’]?re |they are |is |are |this |it |these )?"
            + "(?:also |really |very |especially |just |even )?(?:" + WITH + ")(?: too| also)? with " + ONE_SENTENCE
            + ")$");
    /// a word of these is in every sentence that only suggests
    private static final PhrasePattern MAY_SAY =
            new PhrasePattern(List.of("with", "serving", "eat", "partners"), "");

    private static final Pattern ASIDE = Pattern.compile("(?iU)\\((?:" + Grammar.anyOf("aside-of") + ")\\b[^()]*\\)");
    private static final Pattern DENIES = Pattern.compile("(?i)(?:no|without) ");
    private static final Pattern NONE = Pattern.compile(
            "(?iU)([^\\p{N}:]{1,60}?)\\s*(?::|\\s[-–—])\\s*(?:" + Grammar.anyOf("told-none") + ")[.!]*");

    private Suggested() {}

    private static String anyOf(String kind) {
        return Table.read(Suggested.class, "suggestions.txt", 3).stream().filter(r -> r.cell(0).equals(kind))
                .flatMap(r -> Arrays.stream(r.cell(1).split(";"))).map(w -> Pattern.quote(w.strip()))
                .collect(Collectors.joining("|"));
    }

    /// {@return whether a line or a sentence only suggests}
    static boolean is(String words) {
        return MAY_SAY.isIn(words) && SAID.matcher(words.strip()).matches()
                && !StepLine.isToldIn(words);
    }

    /// {@return whether a line says only what is not there: "NO nuts NO seeds table 2", "without nuts", "Nuts: none"}
    static boolean isDenial(String line) {
        var told = NONE.matcher(line);
        var isNone = told.matches();
        if (!isNone && !DENIES.matcher(line).lookingAt()) return false;
        var named = Foods.shipped().phrase(isNone ? told.group(1) : line).matches();
        return !named.isEmpty() && (isNone || named.stream().allMatch(m -> Words.isRuledOut(line, m.start())));
    }

    /// {@return whether a line in brackets only tells how many the list is for: "(per pan, 6 pans)"}
    static boolean isAside(String line) {
        if (line.charAt(0) != '(' || !ASIDE.matcher(line).matches()) return false;
        var read = Foods.shipped().phrase(line);
        return read.matches().isEmpty() && read.unknown().isEmpty();
    }

    /// {@return the sentences of a step that only suggest, in their order; none for nearly all steps}
    static List<String> in(String step) {
        return MAY_SAY.isIn(step) ? Told.sentences(step).stream().filter(Suggested::is).toList() : List.of();
    }
}
