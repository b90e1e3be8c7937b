package keenfork.core.food;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/// Text cut into words in one form: lower case, no accents or apostrophes, singular. Each keeps its place in the text.
public final class Words {
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{M}\\p{N}][\\p{L}\\p{M}\\p{N}'’]*");
    private static final Pattern MARKS = Pattern.compile("[\\p{M}'’]+");
    private static final Map<String, String> IRREGULAR = Map.ofEntries(Map.entry("leaves", "leaf"), Map.entry("halves", "half"), Map.entry("loaves", "loaf"),
            Map.entry("chillies", "chilli"), Map.entry("chilies", "chili"), Map.entry("chiles", "chili"), Map.entry("chile", "chili"),
            Map.entry("cookies", "cookie"), Map.entry("brownies", "brownie"), Map.entry("smoothies", "smoothie"), Map.entry("pies", "pie"),
            Map.entry("molasses", "molasses"), Map.entry("veggies", "veggie"));

    private Words() {}

    /// A word of a text.
    ///
    /// @param text  the word in its one form
    /// @param start where it starts in the text, from 0
    /// @param end   where it ends, exclusive
    public record Word(String text, int start, int end) {}

    /// {@return the words of a text in order; marks, brackets and hyphens only part them}
    public static List<Word> of(String text) {
        var words = new ArrayList<Word>();
        var matcher = WORD.matcher(text);
        while (matcher.find()) {
            var form = oneForm(matcher.group());
            // a run of accents over nothing is no word
            if (!form.isEmpty()) words.add(new Word(form, matcher.start(), matcher.end()));
        }
        return words;
    }

    /// {@return the words of a name joined by blanks, as a key}
    public static String key(String name) {
        return String.join(" ", of(name).stream().map(Word::text).toList());
    }

    private static String oneForm(String word) {
        var plain = word;
        for (var i = 0; i < word.length(); i++)
            if (word.charAt(i) > 127 || word.charAt(i) == '\'') {
                plain = MARKS.matcher(Normalizer.normalize(word, Normalizer.Form.NFD)).replaceAll("");
                break;
            }
        return singular(plain.toLowerCase(Locale.ROOT));
    }

    private static String singular(String word) {
        var irregular = IRREGULAR.get(word);
        if (irregular != null) return irregular;
        if (word.length() < 4 || !word.endsWith("s") || word.endsWith("ss") || word.endsWith("us") || word.endsWith("is")) return word;
        if (word.endsWith("ies")) return word.substring(0, word.length() - 3) + "y";
        if (word.endsWith("oes") || word.endsWith("sses") || word.endsWith("shes") || word.endsWith("ches") || word.endsWith("xes"))
            return word.substring(0, word.length() - 2);
        return word.substring(0, word.length() - 1);
    }
}
