package keenfork.core.recipe;

import java.math.BigDecimal;
import java.util.Locale;
import keenfork.core.food.WordTable;
import keenfork.core.recipe.MeasureWords.Does;
import keenfork.core.recipe.MeasureWords.Said;

/// A place in a line that moves on as numbers, words and marks are taken.
final class Cursor {
    final String text;
    int at;
    /// the word looked at last: where it starts and ends, and what it is said for; the same word is asked about many
    /// times over
    private int wordAt = -1;
    private int wordEnd;
    private Said said = MeasureWords.NOTHING;
    private String word = "";

    Cursor(String text, int at) {
        this.text = text;
        this.at = at;
    }

    /// {@return the character ahead, or 0 at the end}
    char ahead() { return at < text.length() ? text.charAt(at) : 0; }

    boolean isDigit() { return ahead() >= '0' && ahead() <= '9'; }

    /// Skips blanks and gives the place before them.
    int blanks() {
        var before = at;
        while (at < text.length() && text.charAt(at) == ' ') at++;
        return before;
    }

    boolean mark(String marks) {
        if (at >= text.length() || marks.indexOf(text.charAt(at)) < 0) return false;
        at++;
        return true;
    }

    private void look() {
        if (wordAt == at) return;
        var end = at;
        var hash = 0;
        var c = (char) 0;
        var isPlain = true;
        for (; end < text.length(); end++) {
            c = text.charAt(end);
            var lower = WordTable.lower(c);
            if (lower > '9') hash = WordTable.hash(hash, lower);
            else if (c > 127 && Character.isLetter(c)) isPlain = false;
            else break;
        }
        wordAt = at;
        wordEnd = end;
        word = "";
        said = end == at || !isPlain ? MeasureWords.NOTHING : MeasureWords.at(text, at, end, hash);
    }

    /// {@return the letters ahead in lower case, without moving}
    String word() {
        look();
        if (word.isEmpty() && wordEnd > wordAt) word = text.substring(wordAt, wordEnd).toLowerCase(Locale.ROOT);
        return word;
    }

    /// {@return whether letters are ahead}
    boolean isWord() {
        look();
        return wordEnd > wordAt;
    }

    /// {@return the first letter ahead in lower case, or 0}
    char initial() { return WordTable.lower(ahead()); }

    /// {@return how many letters are ahead}
    int wordLength() {
        look();
        return wordEnd - wordAt;
    }

    /// {@return what the word ahead is said for}
    Said said() {
        look();
        return said;
    }

    /// {@return whether the word ahead does something, without moving}
    boolean is(Does what) { return said().is(what); }

    /// Moves past the word ahead.
    void pass() {
        look();
        at = wordEnd;
    }

    /// {@return whether the word ahead does that, taken with the blanks behind it}
    boolean take(Does what) {
        if (!is(what)) return false;
        pass();
        blanks();
        return true;
    }

    /// {@return whether the word ahead does one of two things, taken with the blanks behind it}
    boolean take(Does what, Does or) { return take(is(what) ? what : or); }

    /// {@return the size factor or the centimetres of the word ahead}
    BigDecimal factor() { return said().factor(); }

    String rest() { return text.substring(at); }
}
