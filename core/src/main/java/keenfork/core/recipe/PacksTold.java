package keenfork.core.recipe;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.UnitNames;
import keenfork.core.measure.Unit;

/// How many packs there are and what is in each, told in two places: "mayo 2 tubs 5 L", "2 tubs of mayo, 5 L", "2 trays
/// of 30 eggs", "tins chickpeas 4".
final class PacksTold {
    private static final String HOLDER =
            "(?:" + UnitNames.anyOf(u -> u == Unit.TIN || u == Unit.JAR || u == Unit.POT) + "|"
                    + Grammar.anyOf("holder") + ")\\b\\.?";
    private static final String COUNT_NOUN =
            "(?:" + UnitNames.anyOf(u -> u != Unit.NONE && u.kind() == Unit.Kind.COUNT) + ")\\b";
    private static final String BEFORE_EACH = "(?:\\s?(?:[x×@,]|(?:" + Grammar.anyOf("before-size") + ")\\b))?\\s?";
    private static final String FOOD = "(?<food>\\p{L}[^\\d,;:()@]*?)";
    private static final String MANY = "(?<many>\\d{1,3})\\s?(?:[x×]\\s?)?";
    private static final String BEHIND = "(?:\\s(?:" + Grammar.anyOf("each") + "))?";
    private static final String REST = "(?<rest>\\s*[,;(].*)?$";
    /// what each holds: "tofu 6 blks @ 280g", "prawns 2 bags (1 kg each)", "2 tubs 5 L mayo", "2 tubs of mayo, 5 L"
    private static final List<Pattern> HOLDING = List.of(
            Pattern.compile("(?iU)^" + FOOD + "\\s*[-–—:,]?\\s" + MANY + "(?<in>" + HOLDER + ")" + BEFORE_EACH
                    + "\\(?(?<each>" + PackSizes.EACH + ")" + BEHIND + "\\)?" + REST),
            Pattern.compile(
                    "(?iU)^" + MANY + "(?<in>" + HOLDER + ")" + BEFORE_EACH + "(?<each>" + PackSizes.EACH + ")" + BEHIND
                            + "\\s" + FOOD + REST),
            Pattern.compile(
                    "(?iU)^" + MANY + "(?<in>" + HOLDER + ")\\s" + FOOD + BEFORE_EACH + "(?<each>" + PackSizes.EACH
                            + ")" + BEHIND + REST));
    /// "tub mayo 5L", "joint of pork 2 kg": one
    private static final Pattern HOLDING_ONE = Pattern.compile("(?iU)^(?<many>)(?<in>" + COUNT_NOUN + ")\\s" + FOOD
            + "\\s(?<each>" + PackSizes.EACH + ")" + REST);
    private static final String MANY_OF = MANY + HOLDER + "\\sof\\s(?<each>\\d{1,3})(?![\\d.,/]|\\s?(?:"
            + UnitNames.measures() + "|[x×])\\b)";
    /// how many each holds: "2 trays of 30 eggs", "wraps 1 pk of 8"
    private static final List<Pattern> COUNTED = List.of(
            Pattern.compile("(?iU)^" + MANY_OF + "\\s" + FOOD + REST),
            Pattern.compile("(?iU)^" + FOOD + "\\s*[-–—:,]?\\s" + MANY_OF + REST));
    /// "sheets of lasagne 40", "tins chickpeas 4"
    private static final Pattern NUMBER_LAST = Pattern.compile("(?iU)^(?<in>" + COUNT_NOUN + ")\\s" + FOOD
            + "\\s*[-–—:,]?\\s?(?:[x×]\\s?)?(?<many>[1-9]|[1-4]\\d)$");

    private PacksTold() {}

    /// {@return a line with its packs in front; as it is where it tells none}
    static String inFront(String line) {
        var figures = figures(line);
        if (figures == 0) return line;
        if (figures == 1) return opensWithUnit(line) ? oneFigure(line) : line;
        for (var told : HOLDING) {
            var packs = told.matcher(line);
            if (packs.matches()) return holding(line, packs);
        }
        for (var told : COUNTED) {
            var packs = told.matcher(line);
            if (packs.matches())
                return "%d x %s%s".formatted(Long.parseLong(packs.group("many")) * Long.parseLong(packs.group("each")),
                        packs.group("food"), rest(packs));
        }
        return line;
    }

    private static boolean opensWithUnit(String line) {
        var blank = line.indexOf(' ');
        return blank > 0 && Units.unit(line.substring(0, blank).toLowerCase(Locale.ROOT)) != null;
    }

    private static String oneFigure(String line) {
        var last = NUMBER_LAST.matcher(line);
        if (last.matches()) return withNumberFirst(line, last);
        var one = HOLDING_ONE.matcher(line);
        return one.matches() ? holding(line, one) : line;
    }

    private static String holding(String line, Matcher packs) {
        if (isName(line, packs.end("in"))) return line;
        return "%s x %s %s %s%s".formatted(packs.group("many").isEmpty() ? "1" : packs.group("many"),
                packs.group("each"), packs.group("in"), packs.group("food"), rest(packs));
    }

    /// how many runs of figures stand in a line: a look at them spares most lines the patterns
    private static int figures(String line) {
        var runs = 0;
        for (var at = 0; at < line.length(); at++)
            if (Character.isDigit(line.charAt(at)) && (at == 0 || !Character.isDigit(line.charAt(at - 1)))) runs++;
        return runs;
    }

    private static String rest(Matcher packs) { return packs.group("rest") == null ? "" : packs.group("rest"); }

    private static boolean isName(String line, int end) {
        return Character.isLetter(line.charAt(0)) && Foods.shipped().recipeWords().isNameBeyond(line, 0, end);
    }

    /// "pot noodles 4" are no pots of noodles
    private static String withNumberFirst(String line, Matcher told) {
        return isName(line, told.end("in")) ? line
                : "%s %s %s".formatted(told.group("many"), told.group("in"), told.group("food"));
    }
}
