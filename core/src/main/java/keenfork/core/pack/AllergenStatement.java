package keenfork.core.pack;

import java.util.regex.Pattern;
import keenfork.core.food.Foods;

/// A sentence that names the allergens by themselves: "Contains: wheat, süt." What is not read there is no spice.
public final class AllergenStatement {
    private static final Pattern HEADING = Tone.pattern("statement");
    private static final Pattern PARTS = Pattern.compile("(?iu)[,/&+]|\\s(?:" + Tone.held("and-word") + ")\\s");
    private static final Pattern ENDS = Pattern.compile("[.;\\s]+$");
    /// no longer sentence is looked at: nobody declares so many allergens
    private static final int LONGEST = 300;

    private AllergenStatement() {}

    /// {@return whether each item of a list names allergens and nothing else: "milk, egg & soya"}
    public static boolean isListOf(String items) {
        var named = PARTS.splitAsStream(ENDS.matcher(items).replaceFirst("")).filter(i -> !i.isBlank()).toList();
        return !named.isEmpty() && named.stream().allMatch(Allergens::areAllOf);
    }

    /// {@return whether a word stands among allergens and nothing else, behind a heading that announces them}
    /// @param start where the word starts in the text
    /// @param end   where it ends, exclusive
    static boolean isAround(String text, int start, int end) {
        var from = start;
        while (from > 0 && start - from < LONGEST && !Tone.endsSentence(text, from - 1)) from--;
        var to = end;
        while (to < text.length() && to - start < LONGEST && !Tone.endsSentence(text, to)) to++;
        var listed = to - from > LONGEST ? -1 : listed(text, from, start);
        if (listed < 0) return false;
        var others = 0;
        var at = listed;
        for (var item : PARTS.split(text.substring(listed, to))) {
            var ends = text.indexOf(item, at) + item.length();
            var isItsOwn = at <= start && start < ends;
            at = ends;
            if (isItsOwn || item.isBlank() || isNotKnown(item)) continue;
            if (!Allergens.areAllOf(item)) return false;
            others++;
        }
        return others > 0;
    }

    /// {@return where the list of a sentence starts: behind a heading that announces allergens, or behind one in a
    /// language that is not read; -1 where it has none}
    private static int listed(String text, int from, int before) {
        var heading = HEADING.matcher(text).region(from, before);
        if (heading.find()) return heading.end();
        var colon = text.substring(from, before).indexOf(':');
        return colon > 0 && isNotKnown(text.substring(from, from + colon)) ? from + colon + 1 : -1;
    }

    private static boolean isNotKnown(String words) {
        var reading = Foods.shipped().packWords().read(words);
        return reading.matches().isEmpty() && !reading.unread().isEmpty();
    }
}
