package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;

/// A list told on one line: "Dressing: 3 tbsp tahini, juice of 1 lemon" is a part, "Chop: 4 tomatoes, 1 cucumber" only
/// lines.
///
/// @param name  what stands before the list
/// @param lines its lines; none where it is a step
record InlineList(Kind kind, String name, List<String> lines) {
    /// What it is; for one: "Per plate: 40 g leaves, 1 egg".
    enum Kind { PART, LINES, FOR_ONE, STEP }

    /// "Sauce (in a tub of its own): 500 g peanut butter, 40 ml soy sauce"
    private static final String ASIDE = "(?:\\s?\\([^()]{1,40}\\)(?=:))?";
    private static final Pattern LISTED = Pattern.compile(
            "(?U)^(?<name>\\p{L}+(?:\\s+\\p{L}+){0,2})" + ASIDE + "(?:(?<colon>:)|\\s+[-–—]{1,2})\\s+(?<rest>\\S.*)$");
    private static final Pattern INLINE =
            Pattern.compile("(?i)^(?<name>(?:for the |the )?(?:\\p{L}+ ){0,2}(?:" + PartHeadline.PARTS
                    + ")(?: [1-9a-z])?)" + ASIDE + "(?::|\\s*=|\\s+[-–—]{1,2})\\s+(?<rest>\\S.*)$");
    private static final Pattern KIND = Pattern.compile("(?U)(?<kind>\\p{L}{3,24})(?:,? \\d.{0,12})?");
    private static final Pattern DASHED = Pattern.compile("\\s[-–—]{1,2}\\s");
    private static final Pattern FOR_ONE = Pattern.compile("(?i)(?:" + Grammar.anyOf("for-one") + ")");

    private static final Pattern BUILT_OF = Pattern.compile("(?i)(?:" + Grammar.anyOf("built-of") + ")(?: \\p{L})?");

    InlineList {
        lines = List.copyOf(lines);
    }

    /// {@return the list that a line tells; empty where it tells none}
    /// @param inSteps whether steps stand before it, so that what names no amount is one, too
    static Optional<InlineList> of(String line, boolean inSteps) {
        if (line.indexOf(':') < 0 && line.indexOf('=') < 0 && !(hasDash(line) && DASHED.matcher(line).find()))
            return Optional.empty();
        var inline = INLINE.matcher(line);
        var isPart = inline.matches();
        var list = isPart ? inline : LISTED.matcher(line);
        if (!list.matches()) return Optional.empty();
        var name = list.group("name");
        var rest = list.group("rest");
        var isDashed = !isPart && list.group("colon") == null;
        if (inSteps && !isDashed && !isPartOf(line) && (StepLine.isDone(rest) || !isPart && !Numbers.hasFigure(line)))
            return Optional.of(new InlineList(Kind.STEP, name, List.of()));
        if (FOR_ONE.matcher(name).matches())
            return Optional.of(new InlineList(Kind.FOR_ONE, name, Several.of(rest)));
        if (isOneName(name, rest)) return Optional.empty();
        var pieces = Several.of(rest).stream().flatMap(p -> Arrays.stream(p.split("[;,]\\s+|\\s/\\s"))).toList();
        if (isPart && (pieces.size() > 1 && pieces.stream().anyMatch(InlineList::isFood) || isFood(rest))
                || !isPart && isMadeOf(pieces))
            return Optional.of(new InlineList(Kind.PART, name, joined(pieces)));
        // "Protein: roast chicken 90 g" of a bowl's sheet: its place in the bowl, and what goes there
        if (!isDashed && !pieces.isEmpty() && isFood(pieces.getFirst()) && BUILT_OF.matcher(name).matches())
            return Optional.of(new InlineList(Kind.LINES, name, joined(pieces)));
        var isDoneTo = !isPart && !isDashed && StepLine.isDone(name)
                && pieces.stream().filter(InlineList::isFood).count() > 1;
        return isDoneTo ? Optional.of(new InlineList(Kind.LINES, name, joined(pieces))) : Optional.empty();
    }

    /// "pesto - basil 200 g" is no pesto that is made of basil
    private static boolean isOneName(String name, String rest) {
        var kind = KIND.matcher(rest);
        return kind.matches() && !Inverted.turned(name + " " + kind.group("kind")).startsWith(name);
    }

    /// {@return whether a name stands before a colon and several measured foods behind it: "dress: 6 T soy, 3 T oil"}
    static boolean isPartOf(String line) {
        var colon = line.indexOf(": ");
        if (colon < 0 || !Numbers.hasFigure(line)) return false;
        var list = LISTED.matcher(line);
        return list.matches() && list.group("colon") != null && Several.of(list.group("rest")).size() > 1;
    }

    /// {@return whether more than one of its foods has an amount}
    boolean isMeasured() { return isMadeOf(lines); }

    /// "1 onion, finely chopped": what names no food goes with what stands before it
    private static List<String> joined(List<String> pieces) {
        var lines = new ArrayList<String>();
        for (var piece : pieces)
            if (lines.isEmpty() || isFood(piece) || Several.isByLetter(piece)) lines.add(piece);
            else lines.set(lines.size() - 1, lines.getLast() + ", " + piece);
        return lines;
    }

    /// "nuoc cham: fish sauce 60 ml, lime 60 ml, sugar": a name of its own over foods with amounts
    static boolean isMadeOf(List<String> pieces) {
        return pieces.stream().filter(p -> Numbers.hasFigure(p) && isFood(p)).count() > 1;
    }

    private static boolean hasDash(String line) {
        return line.indexOf('-') >= 0 || line.indexOf('–') >= 0 || line.indexOf('—') >= 0;
    }

    private static boolean isFood(String words) {
        return Foods.shipped().recipeWords().isNamedIn(words) || Foods.shipped().isShortForm(words)
                || Shorthand.isShortName(words);
    }
}
