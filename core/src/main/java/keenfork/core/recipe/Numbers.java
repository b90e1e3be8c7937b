package keenfork.core.recipe;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import keenfork.core.measure.Fraction;
import org.jspecify.annotations.Nullable;

/// Numbers as cooks write them: 2, 1.5, 1/2, 1 1/2, 2½, half a, a couple of, and ranges of them.
final class Numbers {
    private static final Map<Character, Fraction> GLYPHS = Map.ofEntries(Map.entry('½', new Fraction(1, 2)), Map.entry('⅓', new Fraction(1, 3)),
            Map.entry('⅔', new Fraction(2, 3)), Map.entry('¼', new Fraction(1, 4)), Map.entry('¾', new Fraction(3, 4)),
            Map.entry('⅕', new Fraction(1, 5)), Map.entry('⅖', new Fraction(2, 5)), Map.entry('⅗', new Fraction(3, 5)),
            Map.entry('⅘', new Fraction(4, 5)), Map.entry('⅙', new Fraction(1, 6)), Map.entry('⅚', new Fraction(5, 6)),
            Map.entry('⅛', new Fraction(1, 8)), Map.entry('⅜', new Fraction(3, 8)), Map.entry('⅝', new Fraction(5, 8)), Map.entry('⅞', new Fraction(7, 8)));
    private static final Map<String, Fraction[]> WORDS = words();
    private static final String GLYPH = "[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]";
    private static final String ONE = "(?:\\d{1,3}(?:,\\d{3})+|\\d{1,6}\\s+(?:and\\s+)?\\d{1,3}\\s?[/⁄]\\s?\\d{1,3}|\\d{1,6}\\s?(?:and\\s)?" + GLYPH
            + "|\\d{1,3}\\s?[/⁄]\\s?\\d{1,3}|\\d{0,6}[.,]\\d{1,4}|\\d{1,6}|" + GLYPH + "|" + String.join("|", WORDS.keySet()) + ")";
    private static final Pattern RANGE = Pattern.compile("(?i)^(?:about |approx\\.? |approximately |around |roughly |up to |ca\\.? |c\\. ?|~ ?|at least )?(?<low>" + ONE
            + ")(?![\\p{L}](?<!\\d[\\p{L}]))(?:\\s*(?:-|–|—|\\bto\\b|\\bor\\b)\\s*(?<high>" + ONE + ")(?![\\p{L}](?<!\\d[\\p{L}])))?\\s*");

    private Numbers() {}

    /// A number or a range at the start of a text.
    ///
    /// @param length how many characters it takes up
    record Found(Fraction low, Fraction high, int length) {}

    private static Map<String, Fraction[]> words() {
        var words = new LinkedHashMap<String, Fraction[]>();
        put(words, "half a dozen", Fraction.of(6), Fraction.of(6));
        put(words, "a dozen", Fraction.of(12), Fraction.of(12));
        put(words, "a couple of", Fraction.of(2), Fraction.of(3));
        put(words, "a couple", Fraction.of(2), Fraction.of(3));
        put(words, "a few", Fraction.of(2), Fraction.of(5));
        put(words, "one and a half", new Fraction(3, 2), new Fraction(3, 2));
        put(words, "two and a half", new Fraction(5, 2), new Fraction(5, 2));
        put(words, "half an", new Fraction(1, 2), new Fraction(1, 2));
        put(words, "half a", new Fraction(1, 2), new Fraction(1, 2));
        put(words, "half of an", new Fraction(1, 2), new Fraction(1, 2));
        put(words, "half of a", new Fraction(1, 2), new Fraction(1, 2));
        put(words, "half", new Fraction(1, 2), new Fraction(1, 2));
        put(words, "a quarter of an", new Fraction(1, 4), new Fraction(1, 4));
        put(words, "a quarter of a", new Fraction(1, 4), new Fraction(1, 4));
        put(words, "a third of a", new Fraction(1, 3), new Fraction(1, 3));
        var small = new String[] {"one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"};
        for (var i = 0; i < small.length; i++) put(words, small[i], Fraction.of(i + 1), Fraction.of(i + 1));
        put(words, "an", Fraction.ONE, Fraction.ONE);
        put(words, "a", Fraction.ONE, Fraction.ONE);
        return words;
    }

    private static void put(Map<String, Fraction[]> words, String word, Fraction low, Fraction high) {
        words.put(word, new Fraction[] {low, high});
    }

    /// {@return the number or range that a text starts with, or null}
    static @Nullable Found at(String text) {
        var matcher = RANGE.matcher(text);
        if (!matcher.find()) return null;
        if (endsInsideWord(text, matcher)) return null;
        var low = value(matcher.group("low"));
        var highText = matcher.group("high");
        var high = highText == null ? low : value(highText);
        if (low == null || high == null) return null;
        // a range told downwards ("3-2 spoons") is the same range
        var least = low[0].compareTo(high[0]) <= 0 ? low[0] : high[0];
        var most = low[1].compareTo(high[1]) >= 0 ? low[1] : high[1];
        return new Found(least, most, matcher.end());
    }

    /// "a" of "aubergine" and "half" of "halves" are no numbers.
    private static boolean endsInsideWord(String text, Matcher matcher) {
        var end = matcher.end();
        return end > 0 && end < text.length() && Character.isLetter(text.charAt(end - 1)) && Character.isLetter(text.charAt(end));
    }

    private static Fraction @Nullable [] value(String written) {
        var text = written.strip().toLowerCase().replaceAll("\\s+", " ");
        var word = WORDS.get(text);
        if (word != null) return word;
        var total = Fraction.ZERO;
        for (var piece : text.replace('⁄', '/').replaceAll("\\s?/\\s?", "/").replace("and ", "").replaceAll("(" + GLYPH + ")", " $1").strip().split("\\s+")) {
            var number = piece(piece);
            if (number == null) return null;
            total = total.plus(number);
        }
        return new Fraction[] {total, total};
    }

    private static @Nullable Fraction piece(String piece) {
        if (piece.length() == 1 && GLYPHS.containsKey(piece.charAt(0))) return GLYPHS.get(piece.charAt(0));
        if (piece.matches("\\d{1,3}(,\\d{3})+")) return Fraction.of(Long.parseLong(piece.replace(",", "")));
        var slash = piece.indexOf('/');
        if (slash > 0) {
            var bottom = Long.parseLong(piece.substring(slash + 1));
            return bottom == 0 ? null : new Fraction(Long.parseLong(piece.substring(0, slash)), bottom);
        }
        var point = piece.replace(',', '.').indexOf('.');
        if (point < 0) return Fraction.of(Long.parseLong(piece));
        var decimals = piece.substring(point + 1);
        var scale = (long) Math.pow(10, decimals.length());
        var whole = point == 0 ? 0 : Long.parseLong(piece.substring(0, point));
        return new Fraction(whole * scale + Long.parseLong(decimals), scale);
    }
}
