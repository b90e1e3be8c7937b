package keenfork.core.food;

import java.util.Arrays;

/// Words with a number each, found in a text in whatever case without a string being made of them: a word of plain
/// letters and digits is compared where it stands.
public final class WordTable {
    /// no word
    public static final int NONE = -1;
    private static final int START = 1 << 8;
    private static final int PLAIN = 128;
    /// letters and digits of ASCII, lower case; 0 for everything that ends a word
    private static final char[] LOWER = new char[PLAIN];

    /// a place holds a word's hash above its index and one, or 0; so that most looks stay within one line of the cache
    private long[] places = new long[START];
    /// the letters of every word, one behind another, and where each begins
    private byte[] letters = new byte[START * 8];
    private int[] begins = new int[START];
    private int[] numbers = new int[START];
    private int size;

    static {
        for (var c = '0'; c <= '9'; c++) LOWER[c] = c;
        for (var c = 'a'; c <= 'z'; c++) LOWER[c] = LOWER[c - 'a' + 'A'] = c;
    }

    /// {@return a letter or digit in lower case, or 0 where a character is neither, or not of ASCII}
    public static char lower(char c) { return c < PLAIN ? LOWER[c] : 0; }

    /// {@return the hash of a word with one more letter, in lower case; that of an empty word is 0}
    public static int hash(int hash, char lower) { return hash * 31 + lower; }

    /// Adds a word of plain letters and digits in lower case, or one that no text can hold; the number given first
    /// stays.
    public void add(String word, int number) {
        var hash = 0;
        for (var i = 0; i < word.length(); i++) {
            if (lower(word.charAt(i)) != word.charAt(i)) return;
            hash = hash(hash, word.charAt(i));
        }
        if (find(word, 0, word.length(), hash) != NONE) return;
        if ((size + 1) * 2 >= places.length) grow();
        if (size + 2 >= begins.length) {
            begins = Arrays.copyOf(begins, begins.length * 2);
            numbers = Arrays.copyOf(numbers, numbers.length * 2);
        }
        var end = begins[size] + word.length();
        if (end > letters.length) letters = Arrays.copyOf(letters, end * 2);
        for (var i = 0; i < word.length(); i++) letters[begins[size] + i] = (byte) word.charAt(i);
        numbers[size] = number;
        begins[++size] = end;
        put(places, hash, size);
    }

    private static void put(long[] places, int hash, int index) {
        var at = spread(hash) & places.length - 1;
        while (places[at] != 0) at = at + 1 & places.length - 1;
        places[at] = (long) hash << 32 | index;
    }

    private void grow() {
        var larger = new long[places.length * 2];
        for (var place : places) if (place != 0) put(larger, (int) (place >>> 32), (int) place);
        places = larger;
    }

    private static int spread(int hash) { return hash ^ hash >>> 15; }

    /// {@return the number of the word between two places of a text, or [#NONE]}
    ///
    /// @param hash the word's, as [#hash] makes it letter by letter
    public int find(String text, int start, int end, int hash) {
        for (var at = spread(hash) & places.length - 1;; at = at + 1 & places.length - 1) {
            var place = places[at];
            if (place == 0) return NONE;
            var index = (int) place - 1;
            if ((int) (place >>> 32) == hash && isSame(index, text, start, end)) return numbers[index];
        }
    }

    private boolean isSame(int index, String text, int start, int end) {
        var begin = begins[index];
        if (begins[index + 1] - begin != end - start) return false;
        for (var i = start; i < end; i++) if (letters[begin++] != LOWER[text.charAt(i)]) return false;
        return true;
    }
}
