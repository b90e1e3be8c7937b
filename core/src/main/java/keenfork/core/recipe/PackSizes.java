package keenfork.core.recipe;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Grammar;
import keenfork.core.food.UnitNames;
import keenfork.core.measure.Unit;

/// Packs told behind the name, as orders tell them: "butter 2 x 250 g" is read as "2 x 250 g butter", and an A10 as the
/// tin that it is.
final class PackSizes {
    private static final String EACH = "\\d+(?:[.,]\\d+)?\\s?(?:" + UnitNames.all().stream()
            .filter(u -> u.unit().kind() != Unit.Kind.COUNT).map(u -> Pattern.quote(u.word()))
            .collect(Collectors.joining("|")) + ")\\b";
    private static final String IN = "(?:\\s(?:" + UnitNames.all().stream()
            .filter(u -> u.unit().kind() == Unit.Kind.COUNT).map(u -> Pattern.quote(u.word()))
            .collect(Collectors.joining("|")) + ")\\b)?";
    private static final String FOOD = "(?iU)^(?<food>\\p{L}[^\\d,;:()@]*?)\\s*[-–—:]?\\s+";
    private static final String REST = "(?<rest>\\s*(?:[,;(].*)?)$";
    private static final Pattern TIMES_FIRST =
            Pattern.compile(FOOD + "(?<many>\\d+)\\s?[x×]\\s?(?<each>" + EACH + ")(?<in>" + IN + ")" + REST);
    private static final Pattern TIMES_LAST =
            Pattern.compile(FOOD + "(?<each>" + EACH + ")(?<in>" + IN + ")\\s?[x×]\\s?(?<many>\\d+)" + REST);
    /// "pitta 4 x 6pk"
    private static final Pattern PACKED = Pattern.compile(FOOD + "(?<many>\\d+)\\s?[x×]\\s?(?<each>\\d{1,2}(?:\\s?(?:"
            + Grammar.anyOf("pack-of") + "))?)(?<in>)" + REST);
    /// "4 fillets 150 g each"
    private static final Pattern EACH_BEHIND = Pattern
            .compile("(?iU)(?<=\\p{L})\\s(?<each>" + EACH + ")\\s(?:" + Grammar.anyOf("said-each") + ")$");
    private static final String IN_FRONT = "${many} x ${each}${in} ${food}${rest}";
    /// the caterers' tin, of about 2.5 kg (common practice)
    private static final Pattern TEN = Pattern.compile("(?i)(?<!\\w)(?:" + Grammar.anyOf("ten-can") + ")\\b(?:"
            + "\\s(?:tins?|cans?)\\b)?");
    private static final String TIN = "2.5 kg tin";

    private PackSizes() {}

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
        return text.endsWith("h") || text.endsWith("a") || text.endsWith("e")
                ? EACH_BEHIND.matcher(text).replaceFirst(" (${each} each)") : text;
    }

    /// {@return the line with its packs in front}
    static String inFront(String line) {
        var text = line.indexOf("10") < 0 ? line : TEN.matcher(line).replaceAll(TIN);
        text = eachInBrackets(text);
        if (!tellsTimes(text)) return text;
        for (var packs : List.of(TIMES_FIRST, TIMES_LAST, PACKED)) {
            var told = packs.matcher(text);
            if (told.matches()) return told.replaceFirst(IN_FRONT);
        }
        return text;
    }
}
