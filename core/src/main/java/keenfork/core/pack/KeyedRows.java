package keenfork.core.pack;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// A table of allergens whose signs its own key explains: "Milk 1; Egg 0; Nuts 2 (0 = absent, 1 = ingredient, 2 =
/// cross contact)".
///
/// The signs mean what the key says, whatever they mean elsewhere. Nothing is taken away unless the key tells what is
/// in it from what is not, and two rows have a sign of it.
final class KeyedRows {
    private static final String MARK = "[^\\p{L}\\d\\s,;.:=()\\[\\]'’\"]{1,2}";
    private static final String SIGN = "\\d|\\p{L}{1,2}|" + MARK + "|\\(\\p{Punct}\\)";
    private static final Pattern EXPLAINED = Pattern.compile(
            ("(?iu)(?:(?<![\\p{L}\\d])(?<sign>%s)\\s?=\\s?|(?<=[(\\[,;/:]\\s?)(?<bare>%s)\\s)"
                    + "(?:an? |as )?(?:(?<no>%s)|(?<may>%s)|(?<in>%s))(?![\\p{L}\\d])")
                            .formatted(SIGN, MARK, means(Tone.NEGATED), means(Tone.MAY), means(Tone.IN)));
    private static final Pattern ROW = Pattern.compile("(?u)(?<!\\p{L})(?<name>\\p{L}[^;,\\n|:=\\t]{1,58}?)"
            + "\\s{0,3}[:|=\\t–—-]?\\s{0,3}(?<sign>%s)"
                    .formatted(SIGN)
            + "(?=\\s{0,9}(?:[,;.|\\n]|$|\\([^()]{1,4}=))");
    private static final int TABLE = 2;

    private KeyedRows() {}

    private static String means(Tone tone) {
        return Tone.held("key-" + tone.name().toLowerCase(Locale.ROOT));
    }

    /// {@return the rows of a text whose sign its key explains, in its order; none where it has no such table}
    static List<AnsweredRows.Row> of(String text) {
        var key = key(text);
        if (!key.containsValue(Tone.IN) || !key.containsValue(Tone.NEGATED)) return List.of();
        var rows = new ArrayList<AnsweredRows.Row>();
        var found = ROW.matcher(text);
        while (found.find()) {
            var tone = key.get(found.group("sign"));
            if (tone != null && Allergens.areAllOf(found.group("name").strip()))
                rows.add(new AnsweredRows.Row(tone, found.start("name"), found.end("name")));
        }
        return rows.size() < TABLE ? List.of() : rows;
    }

    private static Map<String, Tone> key(String text) {
        var key = new HashMap<String, Tone>();
        var found = EXPLAINED.matcher(text);
        while (found.find())
            // a sign that is explained twice takes nothing away
            key.merge(sign(found), tone(found), (a, b) -> a == b ? a : Tone.IN);
        return key;
    }

    /// "(+ present, - absent)": a mark needs no equals sign
    private static String sign(Matcher explained) {
        var sign = explained.group("sign");
        return sign == null ? explained.group("bare") : sign;
    }

    private static Tone tone(Matcher explained) {
        if (explained.group("no") != null) return Tone.NEGATED;
        return explained.group("may") != null ? Tone.MAY : Tone.IN;
    }
}
