package keenfork.core.food;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/// Text cut into words in one form: lower case, no accents or apostrophes, singular. Each keeps its place in the text.
public final class Words {
    /// what "&" is read as: "almond & milk" is no almond milk, and "salt & pepper squid" a name
    static final String AND = "and";
    private static final Pattern MARKS = Pattern.compile("[\\p{M}\\p{Cf}'’]+");
    /// figures that are printed small and high, as a note's number is
    private static final String RAISED = "¹²³⁰⁴⁵⁶⁷⁸⁹";
    /// letters of the shortest word that a plain figure is taken off from
    private static final int SHORTEST_NOTED = 4;
    private static final Map<String, String> IRREGULAR = irregular();
    /// what may follow "free" where nothing is denied: free range eggs, free-flowing salt
    private static final Set<String> NOT_DENYING = Grammar.words("not-denying");

    /// what French and Italian leave standing before an apostrophe: d'orge, l'uovo, dell'olio
    private static final Set<String> ELIDED = Grammar.words("elided");

    private Words() {}

    /// as written: the one form of a word rests on this table
    private static Map<String, String> irregular() {
        var held = new HashMap<String, String>();
        for (var row : Table.read(Words.class, "irregular.txt", 3)) held.put(row.cell(0), row.cell(1));
        return Map.copyOf(held);
    }

    /// A word of a text.
    ///
    /// @param text  the word in its one form
    /// @param start where it starts in the text, from 0
    /// @param end   where it ends, exclusive
    public record Word(String text, int start, int end) {}

    /// {@return the words of a text in order; "&" is one, and marks, brackets and hyphens only part them}
    public static List<Word> of(String text) {
        var words = new ArrayList<Word>();
        for (var word = next(text, 0); word != null; word = next(text, word.end)) words.add(word);
        return words;
    }

    /// {@return the first word from a place on, or null where none is left}
    static @Nullable Word next(String text, int from) {
        for (var at = from; at < text.length();) {
            if (text.charAt(at) == '&') return new Word(AND, at, at + 1);
            if (!isInside(text.codePointAt(at))) {
                at += Character.charCount(text.codePointAt(at));
                continue;
            }
            var start = at;
            while (at < text.length() && !isNote(text, start, at)
                    && (isInside(text.codePointAt(at)) || isQuiet(text.codePointAt(at)) && !isElided(text, start, at)))
                at += Character.charCount(text.codePointAt(at));
            var form = oneForm(text.substring(start, at));
            // a run of accents over nothing is no word
            if (!form.isEmpty() && !isBehindPoint(text, start, at)) return new Word(form, start, at);
        }
        return null;
    }

    /// {@return whether a word is the end of a figure: the "00" of "£18.00" and of "12:00" is no flour}
    static boolean isBehindPoint(String text, int start, int end) {
        return start > 1 && start < end && ".,:".indexOf(text.charAt(start - 1)) >= 0
                && isFigure(text.charAt(start - 2))
                && text.substring(start, end).chars().allMatch(Words::isFigure);
    }

    private static boolean isFigure(int c) { return c >= '0' && c <= '9'; }

    private static boolean isInside(int c) {
        if (c < 128) return c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z' || c >= '0' && c <= '9';
        return Character.isLetterOrDigit(c) || switch (Character.getType(c)) {
            case Character.OTHER_NUMBER, Character.LETTER_NUMBER, Character.NON_SPACING_MARK,
                    Character.COMBINING_SPACING_MARK, Character.ENCLOSING_MARK -> true;
            default -> false;
        };
    }

    /// the number of a note below, behind a word: "hazelnuts¹" and, where the printing was lost, "hazelnuts1"; but not
    /// "B12"
    private static boolean isNote(String text, int start, int at) {
        var c = text.charAt(at);
        if (at == start || !Character.isLetter(text.charAt(at - 1))) return false;
        if (RAISED.indexOf(c) >= 0) return true;
        return c >= '1' && c <= '9' && at - start >= SHORTEST_NOTED
                && (at + 1 == text.length() || !Character.isLetterOrDigit(text.charAt(at + 1)));
    }

    /// apostrophes, and characters nobody sees: a soft hyphen in "pea\u00ADnut" hides no peanut
    private static boolean isQuiet(int c) {
        return c == '\'' || c == '’' || c > 127 && Character.getType(c) == Character.FORMAT;
    }

    private static boolean isElided(String text, int start, int at) {
        return (text.charAt(at) == '\'' || text.charAt(at) == '’') && at - start <= 4 && at + 1 < text.length()
                && Character.isLetter(text.charAt(at + 1))
                && ELIDED.contains(text.substring(start, at).toLowerCase(Locale.ROOT));
    }

    /// {@return the words of a name joined by blanks, as a key}
    public static String key(String name) {
        return String.join(" ", of(name).stream().map(Word::text).toList());
    }

    /// {@return whether the words that end here are denied: the milk of "milk-free", but not the eggs of "eggs, free
    /// range"}
    public static boolean isDenied(String text, int end) {
        if (end >= text.length() || text.charAt(end) != '-' && text.charAt(end) != ' ') return false;
        if (!text.regionMatches(true, end + 1, "free", 0, 4)) return false;
        var after = end + 5;
        if (after < text.length() && Character.isLetter(text.charAt(after))) return false;
        return NOT_DENYING.stream().noneMatch(w -> text.regionMatches(true, after + 1, w, 0, w.length()));
    }

    /// {@return whether the words that start here are said not to be there: the vinegar of "not in vinegar"}
    public static boolean isRuledOut(String text, int start) { return Joint.denies(text, start); }

    private static String oneForm(String word) {
        var plain = true;
        for (var i = 0; i < word.length() && plain; i++) plain = word.charAt(i) < 128 && word.charAt(i) != '\'';
        var bare = plain ? word : MARKS.matcher(Normalizer.normalize(word, Normalizer.Form.NFKD)).replaceAll("")
                .replace("œ", "oe").replace("Œ", "oe").replace("æ", "ae").replace("ß", "ss").replace("ı", "i")
                .replace("ø", "o").replace("Ø", "o").replace("ł", "l").replace("đ", "d");
        return singular(bare.toLowerCase(Locale.ROOT));
    }

    private static String singular(String word) {
        if (word.length() < 4 || word.charAt(word.length() - 1) != 's') return word.equals("chile") ? "chili" : word;
        var irregular = IRREGULAR.get(word);
        if (irregular != null) return irregular;
        if (word.endsWith("ss") || word.endsWith("us") || word.endsWith("is")) return word;
        if (word.endsWith("ies")) return word.substring(0, word.length() - 3) + "y";
        if (word.endsWith("oes") || word.endsWith("sses") || word.endsWith("shes") || word.endsWith("ches")
                || word.endsWith("xes"))
            return word.substring(0, word.length() - 2);
        return word.substring(0, word.length() - 1);
    }
}
