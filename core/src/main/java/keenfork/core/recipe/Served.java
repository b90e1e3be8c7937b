package keenfork.core.recipe;

import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.measure.Fraction;

/// How many a recipe says it feeds, and what it makes.
///
/// @param people how many it feeds, at least; 0 where it only says what it makes
/// @param makes  what it makes, in words; empty where it only says how many it feeds
record Served(int people, String makes) {
    /// "people", "side portions"
    private static final String EATERS =
            "(?:(?:" + Grammar.anyOf("portion-kind") + ")\\s)?(?:" + Grammar.anyOf("eater") + ")";
    private static final Pattern COUNTED = Pattern
            .compile("(?i)^(?:" + Grammar.anyOf("serving-head") + "|" + Grammar.anyOf("yield-head")
                    + ")[:\\s]+(?:(?:" + Grammar.anyOf("serving-lead") + ")\\s+)?(?<rest>\\S.{0,60})$");
    /// what only says how many eat, wherever in a recipe it stands
    private static final Pattern LATE = Pattern.compile("(?i)^(?:" + Grammar.anyOf("served-late") + ")\\b.*");
    private static final Pattern MAKES =
            Pattern.compile("(?i)^(?:" + Grammar.anyOf("yield-head") + ")[:\\s]+(?<what>.{1,80})$");
    private static final Pattern YIELDED = Pattern.compile("(?i)[\\p{L} ]*");
    private static final Pattern ASIDE =
            Pattern.compile("(?i)(?<of>[\\p{L} ]*)\\s*(?:[,;(@]|[-–]\\s)\\s*(?<more>[^;]+?)\\)?");
    private static final Pattern EACH = Pattern.compile("(?i)[x×]\\s?\\d{1,4}\\s?(?:g|kg|ml|l|oz)");
    private static final Pattern ONLY_EATERS =
            Pattern.compile("(?i)" + EATERS + "?\\s*(?:(?:" + Grammar.anyOf("served-as") + ")\\b.*)?");
    private static final Pattern IN_TITLE =
            Pattern.compile(
                    "(?i)(?<![\\p{L}\\d])(?<count>\\d{1,5})(?:\\s?[-–]\\s?\\d{1,5})?\\s?" + EATERS + "\\b|\\b(?:"
                            + Grammar.anyOf("served-late")
                            + ")\\s+(?<served>\\d{1,5})\\b|\\bfor (?<for>\\d{1,5})(?=\\)|$|\\s*\\()"
                            + "|\\s\\(?[x×]\\s?(?<times>\\d{2,4})\\)?$");
    /// "(60 people)", "20 boxes": a line by itself
    private static final Pattern ALONE = Pattern.compile("(?i)^\\(?\\s*(?:for |about |approx |c )?(?<count>\\d{1,5})"
            + "(?:\\s?[-–]\\s?\\d{1,5})?\\s?(?:(?<eaters>" + EATERS + ")|(?<what>" + Grammar.anyOf("yield-of")
            + "))\\s*\\)?$");
    /// "(feeds a table of 8)"
    private static final Pattern BRACKETED = Pattern.compile("^\\((?<said>[^()]{1,60})\\)$");
    private static final Pattern FOR_ONE = Pattern.compile("(?i)\\((?:" + Grammar.anyOf("for-one") + ")\\)$");
    private static final Pattern TRAY =
            Pattern.compile("(?i)^(?:a )?(?:" + Grammar.anyOf("tray-of") + ") of \\d{1,4}$");
    private static final Pattern PORTION = Pattern.compile("(?i)(?:" + Grammar.anyOf("portion-of")
            + ")(?: (?:" + Grammar.anyOf("portion-size")
            + "))?\\s?[:=–-]?\\s?\\d[\\d.,]{0,6}\\s?(?:g|gr|kg|ml|l|oz|fl oz|cups?)\\.?");
    private static final Pattern SIZE = Pattern.compile("(?i)(?:" + Grammar.anyOf("portion-kind") + ")");
    private static final Fraction MOST = Fraction.of(99_999);

    /// {@return what a line above the list says: "Serves four to six", "Makes: enough for 10", "Makes 2 tubs"}
    static Optional<Served> above(String written) {
        var line = BRACKETED.matcher(written).replaceFirst("${said}");
        if (TRAY.matcher(line).matches()) return Optional.of(new Served(0, line.toLowerCase(Locale.ROOT)));
        var alone = ALONE.matcher(line);
        if (alone.matches()) {
            var number = Integer.parseInt(alone.group("count"));
            return Optional.of(alone.group("eaters") != null ? new Served(number, "")
                    : new Served(0, number + " " + alone.group("what").toLowerCase(Locale.ROOT)));
        }
        var counted = COUNTED.matcher(line);
        var count = counted.matches() ? count(counted.group("rest")) : Optional.<Served>empty();
        if (count.isPresent()) return count;
        var made = MAKES.matcher(line);
        return made.matches() ? Optional.of(new Served(0, made.group("what"))) : Optional.empty();
    }

    /// {@return whether a line only tells what a recipe makes or feeds, wherever it stands: "Makes approx 2 kg"}
    static boolean isMade(String line) {
        return above(line).isPresent() && Foods.shipped().nameNothing(line);
    }

    /// {@return whether a line only tells how large a portion is: "per portion 180 g", "PORTION: 2 OZ"}
    static boolean isPortion(String line) { return PORTION.matcher(line).matches(); }

    /// {@return how many eat of it, as a line below the list or a sentence of what is told says; empty where it says
    /// more}
    static Optional<Served> below(String line) {
        return LATE.matcher(line).matches() ? above(line).filter(s -> s.people > 0) : Optional.empty();
    }

    /// {@return how many a recipe feeds by its name, "Satay salad (40 covers)"; 0 where it does not say}
    static int inTitle(String name) {
        var found = IN_TITLE.matcher(name);
        if (!found.find()) return FOR_ONE.matcher(name).find() ? 1 : 0;
        return Stream.of("count", "served", "for", "times").map(found::group).filter(Objects::nonNull)
                .mapToInt(Integer::parseInt).findFirst().orElse(0);
    }

    private static boolean isNothingToEat(String words) {
        return ONLY_EATERS.matcher(words).matches() || SIZE.matcher(words).matches()
                || Foods.shipped().nameNothing(words);
    }

    /// "four to six", "about 12 portions", "2 tubs": the least it feeds is what is counted on.
    private static Optional<Served> count(String rest) {
        var count = Numbers.at(rest, 0);
        if (count == null || rest.startsWith("a ") || count.low().bottom() != 1 || count.low().compareTo(MOST) > 0)
            return Optional.empty();
        var what = rest.substring(count.end()).replaceFirst("(?i)^-?ish\\b|\\.$", "").strip();
        // "10, easily doubled", "40 (buffet)", "24 @ 80g"
        var aside = ASIDE.matcher(what);
        if (aside.matches() && isNothingToEat(aside.group("more"))) what = aside.group("of").strip();
        // "20 x 350g"
        if (EACH.matcher(what).matches()) return Optional.of(new Served((int) count.low().top(), ""));
        if (!YIELDED.matcher(what).matches()) return Optional.empty();
        return Optional.of(ONLY_EATERS.matcher(what).matches() ? new Served((int) count.low().top(), "")
                : new Served(0, count.low().top() + " " + what.toLowerCase(Locale.ROOT)));
    }
}
