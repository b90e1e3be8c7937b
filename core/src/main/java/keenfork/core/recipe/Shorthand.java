package keenfork.core.recipe;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Meaning;
import keenfork.core.food.UnitNames;
import keenfork.core.measure.Unit;

/// What store lists and cooks in a hurry leave together, put apart, and what is no part of an ingredient, left out.
final class Shorthand {
    /// "4 cl garlic" are cloves, and no centilitres
    private static final Pattern CLOVES =
            Pattern.compile("(?i)(?<=[\\d½¼¾]\\s?)(?:" + Grammar.anyOf("clove-short") + ")\\b");
    private static final String POTATOES_WORD = Grammar.list("potatoes").getFirst();
    private static final Pattern OF_CLOVES = Grammar.wordOf("of-cloves");
    /// "2x400g", "flatbreads x4": the times and the number are two words
    private static final Pattern TIMES = Pattern.compile("(?i)(?:(?<=\\d)|(?<=[ (]))[x×](?=\\d)");
    /// "48213 Hummus 1 kg": a number of a store list, which no cook counts to
    private static final Pattern CODE = Pattern.compile("\\d{5,14} (?<next>\\p{L}+)(?=.*\\d)");
    /// "oats........500 g"
    private static final Pattern LEADERS = Pattern.compile("(?<=\\p{L})\\s*(?:\\.{3,}|…+\\.*|(?:\\. ){3,})\\s*(?=\\d)");
    /// "walnuts @ 50 g"
    private static final Pattern AT = Pattern.compile("(?i)(?<=\\p{L})\\s?@\\s?(?=\\d+\\s?(?:k?g|ml|l)\\b)");
    /// "(200g) beetroot"
    private static final Pattern IN_BRACKETS =
            Pattern.compile("(?U)^\\((?<amount>\\d[\\d.,/½¼¾–-]{0,8}\\s?\\p{L}{1,8})\\.?\\)\\s*(?=\\p{L})");
    /// 12" tortillas: how wide
    private static final Pattern INCHES = Pattern.compile("(?<=\\d) ?[\"”″](?= ?\\p{L})");
    private static final String INCH = " " + Grammar.list("inch").getFirst() + " ";
    /// "2 kg @ £0.80/kg"
    private static final Pattern PRICE =
            Pattern.compile("(?i)\\s*@\\s?(?:[£$€₹]\\s?\\d[\\d.,]{0,9}|\\d[\\d.,]{0,9}p\\b)"
                    + "(?:\\s?(?:/|per)\\s?\\p{L}{1,9})?");

    /// "2O0 g", "l tbsp": a scanner's letters for figures
    private static final Pattern ROUND = Pattern.compile("(?<![\\p{L}\\d])\\d[\\dO]*O[\\dO]*(?=\\s?(?:g|kg|ml|l)\\b)");
    private static final Pattern UPRIGHT = Pattern.compile("^[lI] (?=(?:tbsp|tsp|cup|tin|clove|kg)\\b)");

    /// what spoons told in words have in common: "c. à s.", "cuillère à café"
    private static final char IN_FRENCH = 'à';
    private static final Map<Pattern, String> SPOONS = Map.of(spoon("tablespoon-in-french"), Unit.TBSP.id(),
            spoon("teaspoon-in-french"), Unit.TSP.id());

    private static final Pattern BUN = Pattern.compile("(?U)(?<food>\\p{L}[\\p{L}, ]{1,40}) \\d{1,3} buns?");
    /// "2xcarrots"
    private static final Pattern TIMES_IN_FRONT = Pattern.compile("^(\\d{1,3})[x×X](?=\\p{L}{3})");
    /// "chickpeas 6xtins"
    private static final Pattern TIMES_IN = Pattern.compile("(?<= \\d{1,3})([x×])(?=\\p{L}{3})");
    private static final int ALL_SHARES = 100;
    /// "rice and quinoa 50:50, 2 kg": a mix, by its shares
    private static final Pattern SHARES = Pattern.compile("(?<![\\d.:/])([1-9]0)\\s?[:/]\\s?([1-9]0)(?![\\d:/%])");
    /// "add 200 g tahini", "& 3 eggs", "um, 2 tins": what is done, before how much
    private static final Pattern LEAD = Pattern.compile("(?iU)^(?:(?:" + Grammar.anyOf("before-amount") + ")\\s|(?:"
            + Grammar.anyOf("hesitates") + "),?\\s|[&]\\s?){1,5}");
    /// "shrimp 21-25 ct, 2 lb"
    private static final Pattern GRADE = Pattern
            .compile("(?i)(?<!\\d)\\d{1,3}\\s?[-/–]\\s?\\d{1,3}\\s?(?:" + Grammar.anyOf("to-the-pound") + ")\\b\\.?,?");
    /// "s/onions", "b/crumbs"
    private static final Map<Pattern, String> BY_STROKE = Map.of(byStroke("onion-by-stroke"),
            Grammar.list("onion-meant").getFirst(), byStroke("crumb-by-stroke"),
            Grammar.list("crumb-meant").getFirst());

    private static final Set<String> FIRST_OF_LEAD = Stream.concat(
            Grammar.list("before-amount").stream().map(w -> w.split(" ")[0]),
            Grammar.list("hesitates").stream().flatMap(w -> Stream.of(w, w + ","))).collect(
                    Collectors.toUnmodifiableSet());
    /// "oil/vinegar 3:1": how much of the one for how much of the other
    private static final Pattern RATIO = Pattern.compile("(?<![\\d.:/])[1-9](?::[1-9]){1,3}(?![\\d:/%])");
    private static final Pattern STROKE = Pattern.compile("(?<=\\p{L})\\s?/\\s?(?=\\p{L})");
    /// "eggs 12 + 1 for wash"
    private static final Pattern AND_MORE =
            Pattern.compile("(?iU)(?<=\\p{L}\\s)(\\d{1,3})\\s?\\+\\s?(\\d{1,3})(?=\\s(?:" + Grammar.anyOf("more-for")
                    + ")\\b)");

    /// "yolks of 4 eggs", "the white of one egg"
    private static final Pattern EGG_PARTS =
            Pattern.compile("(?iU)^(?:" + Grammar.anyOf("before-egg-part") + " )?(?<part>(?:"
                    + Grammar.anyOf("egg-part") + ")s?) (?:" + Grammar.anyOf("taken-from") + ") (?<many>\\S{1,9}) (?:"
                    + Grammar.anyOf("egg-word")
                    + ")\\b");
    private static final String EGG = Grammar.list("egg-word").getFirst();

    /// "tahini c.200 g", "butter ca. 200", "feta ~400 g"
    private static final Pattern CIRCA =
            Pattern.compile("(?iU)(?:^|(?<=\\p{L}[\\s,:–-]{1,3}))(?:(?:" + Grammar.anyOf("circa")
                    + ")\\.\\s?|[~≈]\\s?)(?=[\\d½¼¾])");
    private static final String ABOUT = Grammar.list("about").getFirst() + " ";

    /// "pots 3 kg", "pots for wedges": potatoes, and no pots of anything
    private static final Pattern POTATOES =
            Pattern.compile("(?i)^(?:" + Grammar.anyOf("potatoes-short") + ")(?=\\s(?:\\d|(?:"
                    + Grammar.anyOf("meant-for") + ")\\b))");

    /// "1 tbsp wholegrain": mustard
    private static final Pattern MUSTARD = Pattern.compile("(?i)[\\d½¼¾/., ]+(?:" + spoons() + ") (?:"
            + Grammar.anyOf("mustard-short") + ")\\s*");
    private static final String SHORT_NAME =
            "(?:[\\d½¼¾/., ]+(?:%1$s)\\s(?:%2$s)|(?:%2$s)[ :–-]{1,3}[\\d½¼¾/.,]+\\s?(?:%1$s)?)"
                    .formatted(UnitNames.measures() + "|t",
                            Grammar.anyOf("food-short") + "|" + Grammar.anyOf("mustard-short"));
    /// "50 g flaked", "flaked 50 g": almonds to whoever wrote it, and no more of the sugar before the comma
    private static final Pattern ONLY_SHORT_NAME = Pattern.compile("(?i)" + SHORT_NAME + "\\s*");
    /// "juice of 1 lime, then 100 g ground"
    private static final Pattern ENDS_SHORT =
            Pattern.compile("(?i)(?<=[\\p{L}\\d)][\\s,;:(–-]{1,4})" + SHORT_NAME + "[\\s.)]*$");
    private static final String MUSTARD_NAME = " " + Grammar.list("mustard-name").getFirst();

    private static final int LONGEST_SHORT = 40;

    private Shorthand() {}

    private static String spoons() {
        return UnitNames.anyOf(u -> u == Unit.TBSP || u == Unit.TSP) + "|t";
    }

    private static boolean isMustard(String words) {
        return !words.isEmpty() && !Character.isLetter(words.charAt(0)) && MUSTARD.matcher(words).matches();
    }

    /// {@return whether words are an amount of a food by a word that names none: it is a line, and asks what it is}
    static boolean isShortName(String words) {
        return ONLY_SHORT_NAME.matcher(words).matches();
    }

    /// {@return the last words of a line, where they are such an amount beside the food of the line}
    static Optional<String> shortNameBehind(String line) {
        var end = ENDS_SHORT.matcher(line.substring(Math.max(0, line.length() - LONGEST_SHORT)));
        return end.find() ? Optional.of(end.group().strip()) : Optional.empty();
    }

    private static Pattern byStroke(String kind) {
        return Pattern.compile("(?iU)(?<!\\p{L})(?:" + Grammar.anyOf(kind) + ")\\b");
    }

    private static Pattern spoon(String kind) {
        return Pattern.compile("(?iU)(?<=\\d\\s?)(?:" + Grammar.anyOf("french-spoon") + ")\\.?\\s?à\\s?(?:"
                + Grammar.anyOf(kind) + ")\\b\\.?");
    }

    /// {@return the line as it would be written in full}
    static String written(String line) {
        var text = line.indexOf('@') < 0 ? line : AT.matcher(PRICE.matcher(line).replaceAll("")).replaceFirst(" ");
        // what is done is no part of the name: "roast 20 red peppers" are no roasted ones out of a jar
        if (opensWithLead(text)) text = withoutLead(text);
        if (text.startsWith("(")) text = IN_BRACKETS.matcher(text).replaceFirst("${amount} ");
        if (!text.isEmpty() && Character.isDigit(text.charAt(0)))
            text = withoutCode(TIMES_IN_FRONT.matcher(text).replaceFirst("$1 x "));
        if (text.indexOf("ct") > 0 || text.indexOf("count") > 0) text = withoutGrade(text);
        if (text.indexOf('O') > 0) text = ROUND.matcher(text).replaceAll(m -> m.group().replace('O', '0'));
        if (text.indexOf('"') > 0 || text.indexOf('”') > 0 || text.indexOf('″') > 0)
            text = INCHES.matcher(text).replaceAll(INCH);
        if (text.indexOf('x') > 0) text = TIMES_IN.matcher(text).replaceAll("$1 ");
        if (text.startsWith("l ") || text.startsWith("I ")) text = UPRIGHT.matcher(text).replaceFirst("1 ");
        if (text.contains("...") || text.indexOf('…') >= 0) text = LEADERS.matcher(text).replaceFirst(" ");
        if (text.indexOf(IN_FRENCH) >= 0)
            for (var spoon : SPOONS.entrySet()) text = spoon.getKey().matcher(text).replaceFirst(spoon.getValue());
        if (text.startsWith("p") || text.startsWith("P")) text = POTATOES.matcher(text).replaceFirst(POTATOES_WORD);
        if (text.indexOf('/') > 0)
            for (var name : BY_STROKE.entrySet()) text = name.getKey().matcher(text).replaceFirst(name.getValue());
        if (text.indexOf(':') > 0) text = withoutRatio(text);
        if (text.indexOf('0') > 0) text = withoutShares(text);
        if (text.contains(EGG)) text = byParts(text);
        if (text.endsWith(" bun") || text.endsWith(" buns")) text = inBunches(text);
        if (text.indexOf('+') > 0)
            text = AND_MORE.matcher(text)
                    .replaceAll(m -> String.valueOf(Integer.parseInt(m.group(1)) + Integer.parseInt(m.group(2))) + ",");
        if (mayBeCirca(text)) text = CIRCA.matcher(text).replaceFirst(ABOUT);
        text = OnBread.under(Kinds.inFull(PackSizes.inFront(Inverted.kindFirst(text))));
        return isMustard(text) ? text.strip() + MUSTARD_NAME : withCloves(timesApart(text));
    }

    /// "radish 2 bun": of what is sold by the bunch
    private static String inBunches(String text) {
        var bun = BUN.matcher(text);
        return bun.matches() && isBunched(bun.group("food"))
                ? text.replaceFirst("buns?$", Unit.BUNCH.id()) : text;
    }

    /// "coriander, picked"
    private static boolean isBunched(String words) {
        var phrase = Foods.shipped().phrase(words);
        return phrase.unknown().isEmpty() && !phrase.matches().isEmpty() && phrase.matches().stream()
                .allMatch(m -> m.meaning() instanceof Meaning.OfFood(var food) && food.isBunched());
    }

    private static String byParts(String text) {
        var parts = EGG_PARTS.matcher(text);
        return parts.find() && Numbers.at(parts.group("many"), 0) != null
                ? parts.replaceFirst("${many} " + EGG + " ${part}") : text;
    }

    /// how many go to the pound says how large they are, where something else says how much
    private static String withoutGrade(String text) {
        var without = GRADE.matcher(text).replaceFirst("").strip();
        return Numbers.hasFigure(without) ? without : text;
    }

    private static boolean mayBeCirca(String text) {
        return text.indexOf('~') >= 0 || text.indexOf('≈') >= 0 || text.indexOf("c.") >= 0 || text.indexOf("ca.") >= 0;
    }

    /// most lines open with no such word, which spares them the pattern
    private static boolean opensWithLead(String text) {
        if (text.isEmpty() || Character.isDigit(text.charAt(0))) return false;
        var blank = text.indexOf(' ');
        return text.charAt(0) == '&'
                || blank > 0 && FIRST_OF_LEAD.contains(text.substring(0, blank).toLowerCase(Locale.ROOT));
    }

    private static String withoutLead(String text) {
        var lead = LEAD.matcher(text);
        return lead.lookingAt() && Numbers.at(text, lead.end()) != null ? text.substring(lead.end()) : text;
    }

    private static String withoutRatio(String text) {
        var ratio = RATIO.matcher(text);
        return ratio.find() ? STROKE.matcher(ratio.replaceFirst("").strip()).replaceAll(" & ") : text;
    }

    private static String withoutShares(String text) {
        var shares = SHARES.matcher(text);
        return shares.find() && Integer.parseInt(shares.group(1)) + Integer.parseInt(shares.group(2)) == ALL_SHARES
                ? text.substring(0, shares.start()).stripTrailing() + text.substring(shares.end()) : text;
    }

    private static String withoutCode(String text) {
        var code = CODE.matcher(text);
        return code.lookingAt() && Units.unit(code.group("next").toLowerCase(Locale.ROOT)) == null
                ? text.substring(code.start("next")) : text;
    }

    private static String timesApart(String text) {
        for (var at = text.length() - 2; at > 0; at--)
            if (Character.isDigit(text.charAt(at + 1)) && "x×X".indexOf(text.charAt(at)) >= 0)
                return TIMES.matcher(text).replaceAll(m -> text.charAt(m.start() - 1) == ' ' ? "x " : " x ");
        return text;
    }

    private static String withCloves(String text) {
        if (text.indexOf("cl") < 0) return text;
        var cloves = CLOVES.matcher(text);
        return cloves.find() && OF_CLOVES.matcher(text).find() ? cloves.replaceFirst(Unit.CLOVE.id()) : text;
    }
}
