package keenfork.core.food;

import java.util.Collection;

/// A set of words that a text is searched for, without a string being made of each word of the text.
public final class WordSet {
    private final Vocabulary words = new Vocabulary();

    /// @param words in their one form
    public WordSet(Collection<String> words) {
        words.forEach(this.words::add);
    }

    /// {@return whether a text holds one of the words, from a place on}
    public boolean isIn(String text, int from) {
        return words.holdsAny(text, from);
    }

    /// {@return whether it holds a word, given in its one form}
    public boolean contains(String word) { return words.number(word) != Vocabulary.NONE; }
}
