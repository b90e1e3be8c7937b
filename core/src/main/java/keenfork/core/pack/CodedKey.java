package keenfork.core.pack;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.regex.Pattern;

/// Allergens by numbers or letters, with the key to them beside: "Contains: 7, 9. (7 = milk, 9 = celery, 14 =
/// molluscs)".
///
/// What the codes mean is in it, and the rest of the key is not. Nothing is taken away unless the key explains every
/// code that is told, each by names of allergens alone.
final class CodedKey {
    private static final Pattern CODES = Tone.pattern("codes");
    private static final String CODE = "1[0-4]|[1-9]|[A-R]";
    private static final Pattern TOLD = Pattern.compile("(?<![\\p{L}\\d])(?:" + CODE + ")(?![\\p{L}\\d])");
    /// an equals sign or a colon: "2 eggs" and "2. Eggs" may be an ingredient
    private static final Pattern PAIR = Pattern.compile("(?<![\\p{L}\\d])\\(?(?<code>" + CODE
            + ")\\)?\\s{0,2}[=:]\\s{0,2}(?<name>\\p{L}[\\p{L} ]{2,40}?)"
            + "(?=\\s{0,3}(?:[,;|/.)\\n\\]]|$|\\(?(?:" + CODE + ")\\)?\\s?[=:]))");
    /// so many explained codes make a key
    private static final int KEY = 2;

    private CodedKey() {}

    /// {@return the names of the key, each in it or not; none where a text has no codes, or no key to each of them}
    static List<AnsweredRows.Row> of(String text) {
        var told = CODES.matcher(text);
        if (!told.find()) return List.of();
        var codes = new HashSet<String>();
        var rest = new StringBuilder(text);
        do {
            TOLD.matcher(told.group()).results().forEach(c -> codes.add(c.group()));
            for (var at = told.start(); at < told.end(); at++) rest.setCharAt(at, '\n');
        } while (told.find());
        var rows = new ArrayList<AnsweredRows.Row>();
        var explained = new HashSet<String>();
        var pair = PAIR.matcher(rest);
        while (pair.find()) {
            if (!Allergens.areAllOf(pair.group("name").strip())) continue;
            explained.add(pair.group("code"));
            rows.add(new AnsweredRows.Row(codes.contains(pair.group("code")) ? Tone.IN : Tone.NEGATED,
                    pair.start("name"), pair.end("name")));
        }
        return explained.size() >= KEY && explained.containsAll(codes) ? rows : List.of();
    }
}
