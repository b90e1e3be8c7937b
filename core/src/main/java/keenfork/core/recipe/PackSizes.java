package keenfork.core.recipe;

import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Lexicon;
import keenfork.core.food.Meaning;
import keenfork.core.food.UnitNames;
import keenfork.core.measure.Unit;
import keenfork.core.recipe.MeasureWords.Does;

/// Packs told behind the name, as orders tell them: "butter 2 x 250 g" is read as "2 x 250 g butter", and an A10 as the
/// tin that it is.
final class PackSizes {
    /// a weight or volume, as the inside of a regular expression
    static final String EACH = "\\d+(?:[.,]\\d+)?\\s?(?:" + UnitNames.measures() + ")\\b";
    private static final String IN = "(?:\\s(?:" + UnitNames.anyOf(u -> u.kind() == Unit.Kind.COUNT) + ")\\b)?";
    private static final String FOOD = "(?iU)^(?<food>\\p{L}[^\\d,;:()@]*?)\\s*[-–—:]?\\s+";
    /// "6 x 2.5 kg tin drained"
    private static final String REST = "(?<rest>(?:\\s*[,;(].*|(?:\\s\\p{L}+){1,2})?)$";
    private static final Pattern TIMES_FIRST =
            Pattern.compile(FOOD + "(?<many>\\d{1,6})\\s?[x×]\\s?(?<each>" + EACH + ")(?<in>" + IN + ")" + REST);
    private static final Pattern TIMES_LAST =
            Pattern.compile(FOOD + "\\(?(?<each>" + EACH + ")(?<in>" + IN + ")\\)?\\s?[x×]\\s?(?<many>\\d+)"
                    + REST);
    private static final String OF =
            "(?<many>\\d{1,6})\\s?[x×]\\s?(?!" + EACH + ")(?<each>\\d{1,3})(?:\\s?(?:" + Grammar.anyOf("pack-of")
                    + ")\\b)?";
    /// "pitta 4 x 6pk"
    private static final Pattern PACKED_BEHIND = Pattern.compile(FOOD + OF + REST);
    /// "2 x 30 eggs", but not "6 x 4 inch tart cases"
    private static final Pattern PACKED = Pattern.compile("(?iU)^" + OF + "\\s+(?!(?:" + Grammar.anyOf("length-words")
            + ")\\b)(?<food>\\p{L}.*)(?<rest>)$");
    /// "4 fillets 150 g each"
    private static final Pattern EACH_BEHIND =
            Pattern.compile("(?iU)(?<=\\p{L}),?\\s(?<each>" + EACH + "\\s(?<said>\\p{L}+))$");
    /// "hake 30 @ 140 g", "30 hake @ 140": what one of them weighs; one at 180 is in the oven
    private static final String AT =
            "\\s*@\\s*(?:(?<each>" + EACH
                    + ")|(?<bare>\\d{2,3}(?![.,]?\\d|\\s?[°cfCF]\\b|°)))(?<rest>(?:[\\s,;(].*)?)$";
    private static final String MANY = "(?<many>[2-9]|[1-9]\\d{1,3})";
    private static final List<Pattern> EACH_AT = List.of(Pattern.compile(FOOD + MANY + AT),
            Pattern.compile("(?iU)^" + MANY + "\\s+(?<food>\\p{L}[^\\d,;:()@]*?)" + AT));
    /// of the size of a tin, 400 or 800
    private static final int SIZE_FIGURES = 3;
    private static final String IN_FRONT = "${many} x ${each}${in} ${food}${rest}";
    /// the caterers' tins, by their numbers
    private static final Map<Pattern, String> TINS = Map.of(tin("ten-can"), Grammar.list("ten-can-is").getFirst(),
            tin("half-can"), Grammar.list("half-can-is").getFirst());
    private static final String ANY_TIN = "(?<!\\w)(?:" + Grammar.anyOf("ten-can") + "|" + Grammar.anyOf("half-can")
            + ")(?!\\w)";
    private static final Pattern NUMBERED = Pattern.compile("(?i)" + ANY_TIN);
    /// "tomatoes 3 A10"
    private static final Pattern AFTER_MANY = Pattern.compile("(?i)(\\d )(?=" + ANY_TIN + ")");

    private PackSizes() {}

    private static Pattern tin(String kind) {
        return Pattern.compile("(?i)(?<!\\w)(?:" + Grammar.anyOf(kind) + ")(?!\\w)" + IN);
    }

    /// most lines tell none: a look at the signs settles it
    private static boolean tellsTimes(String text) {
        for (var at = 1; at + 1 < text.length(); at++) {
            if ("x×X".indexOf(text.charAt(at)) < 0) continue;
            var next = text.charAt(at + 1) == ' ' ? at + 2 : at + 1;
            if (next < text.length() && Character.isDigit(text.charAt(next))) return true;
        }
        return false;
    }

    private static String eachInBrackets(String text) {
        if (!new Cursor(text, text.lastIndexOf(' ') + 1).is(Does.EACH)) return text;
        var each = EACH_BEHIND.matcher(text);
        return each.find() ? each.replaceFirst(" (${each})") : text;
    }

    private static boolean isInPacks(String food) {
        return Foods.shipped().phrase(food).matches().stream().map(Lexicon.Match::meaning)
                .anyMatch(m -> m instanceof Meaning.OfFood(var of) && of.isInPacks());
    }

    private static String counted(Matcher packs) {
        // "tin toms 3 x 800": a size that nobody wrote g or ml behind
        if (packs.group("each").length() == SIZE_FIGURES && isInPacks(packs.group("food")))
            return packs.replaceFirst("${many} x ${each} " + Unit.G.id() + " ${food}${rest}");
        return Long.parseLong(packs.group("many")) * Long.parseLong(packs.group("each")) + " " + packs.group("food")
                + packs.group("rest");
    }

    private static String eachAt(String text) {
        for (var at : EACH_AT) {
            var told = at.matcher(text);
            if (!told.matches()) continue;
            var rest = new Cursor(told.group("rest"), 0);
            rest.blanks();
            rest.take(Does.EACH);
            return "%s x %s %s %s".formatted(told.group("many"),
                    told.group("each") != null ? told.group("each") : told.group("bare") + " g",
                    told.group("food"), rest.rest()).strip();
        }
        return text;
    }

    /// {@return the line with its packs in front}
    static String inFront(String line) {
        var text = line;
        if (NUMBERED.matcher(line).find())
            for (var tin : TINS.entrySet())
                text = tin.getKey().matcher(AFTER_MANY.matcher(text).replaceAll("$1x ")).replaceAll(tin.getValue());
        if (text.indexOf('@') > 0) text = eachAt(text);
        text = PacksTold.inFront(eachInBrackets(text));
        if (!tellsTimes(text)) return text;
        for (var packs : List.of(TIMES_FIRST, TIMES_LAST)) {
            var told = packs.matcher(text);
            if (told.matches()) return told.replaceFirst(IN_FRONT);
        }
        for (var packs : List.of(PACKED, PACKED_BEHIND)) {
            var told = packs.matcher(text);
            if (told.matches()) return counted(told);
        }
        return text;
    }
}
