package keenfork.core.recipe;

import java.util.Collection;
import java.util.Locale;

/// A place in a line that moves on as numbers, words and marks are taken.
final class Cursor {
    final String text;
    int at;
    /// the word read last and where: the same word is asked for many times over
    private int wordAt = -1;
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
        while (ahead() == ' ') at++;
        return before;
    }

    boolean mark(String marks) {
        if (at >= text.length() || marks.indexOf(text.charAt(at)) < 0) return false;
        at++;
        return true;
    }

    /// {@return the letters ahead in lower case, without moving}
    String word() {
        if (wordAt == at) return word;
        var end = at;
        while (end < text.length() && Character.isLetter(text.charAt(end))) end++;
        wordAt = at;
        word = end == at ? "" : text.substring(at, end).toLowerCase(Locale.ROOT);
        return word;
    }

    /// Moves past the word ahead.
    void pass() { at += word().length(); }

    /// {@return whether the word ahead is one of these, taken with the blanks behind it}
    boolean take(Collection<String> words) {
        if (word().isEmpty() || !words.contains(word())) return false;
        pass();
        blanks();
        return true;
    }

    String rest() { return text.substring(at); }
}
