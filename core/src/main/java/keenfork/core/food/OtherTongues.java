package keenfork.core.food;

import java.util.HashSet;
import java.util.Set;

/// Words of French, German, Spanish and Italian. A recipe that is written in one of them is read as its packs are;
/// in an English one they stand for nothing: "pain" is no bread there.
final class OtherTongues {
    private static final String OURS = "English";
    /// a shorter beginning may be that of any word
    private static final int SHORTEST_BEGINNING = 4;
    private final Set<String> words = new HashSet<>();

    OtherTongues() {
        for (var row : Table.read(OtherTongues.class, "pack-talk.txt", 3))
            if (!row.cell(1).equals(OURS)) add(row.cell(0));
    }

    /// Adds each word of a name.
    void add(String name) { for (var word : Words.of(name)) words.add(Words.key(word.text())); }

    /// {@return whether a word is one of them, or a German compound that begins with one}
    ///
    /// @param word in its one form
    boolean holds(String word, Lexicon lexicon) {
        if (words.contains(word)) return true;
        for (var end = word.length() - 1; end >= SHORTEST_BEGINNING; end--)
            if (words.contains(word.substring(0, end))) return !Compound.of(word, lexicon).isEmpty();
        return false;
    }
}
