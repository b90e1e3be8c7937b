package keenfork.core.food;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import keenfork.core.food.Words.Word;
import org.jspecify.annotations.Nullable;

/// Words and what they mean. At each place the longest run of words wins, so that `butter beans` is never butter.
public final class Lexicon {
    private final Map<String, Meaning> meanings = new HashMap<>();
    private final Set<String> descriptors;
    private int longest = 1;

    Lexicon(Set<String> descriptors) {
        this.descriptors = descriptors;
    }

    /// Words found together.
    ///
    /// @param text    as written
    /// @param meaning what they stand for
    /// @param start   where they start, from 0
    /// @param end     where they end, exclusive
    public record Match(String text, Meaning meaning, int start, int end) {}

    /// A text read: what was found, and the words that are neither found nor kitchen talk.
    ///
    /// @param matches what was found, in order
    /// @param unread  words that name something the tables do not hold
    public record Reading(List<Match> matches, List<String> unread) {
        public Reading {
            matches = List.copyOf(matches);
            unread = List.copyOf(unread);
        }
    }

    /// Adds a meaning; the one added first stays.
    void add(String name, Meaning meaning) {
        var key = Words.key(name);
        if (key.isEmpty()) throw new IllegalStateException("a name without a word: \"%s\"".formatted(name));
        meanings.putIfAbsent(key, meaning);
        longest = Math.max(longest, key.split(" ").length);
    }

    @Nullable Meaning exactly(String name) {
        return meanings.get(Words.key(name));
    }

    Set<String> names() { return meanings.keySet(); }

    /// Reads a whole text, left to right.
    public Reading read(String text) {
        var words = Words.of(text);
        var matches = new ArrayList<Match>();
        var unread = new ArrayList<String>();
        for (var at = 0; at < words.size(); ) {
            var length = longestAt(words, at);
            var end = words.get(at + Math.max(length, 1) - 1).end();
            var written = text.substring(words.get(at).start(), end);
            if (length > 0) matches.add(new Match(written, meaning(words, at, length), words.get(at).start(), end));
            else if (!isTalk(words.get(at).text())) unread.add(written);
            at += Math.max(length, 1);
        }
        return new Reading(matches, unread);
    }

    private Meaning meaning(List<Word> words, int at, int length) {
        var found = meanings.get(key(words, at, length));
        if (found == null) throw new IllegalStateException("a match without a meaning");
        return found;
    }

    private int longestAt(List<Word> words, int at) {
        for (var length = Math.min(longest, words.size() - at); length > 0; length--)
            if (meanings.containsKey(key(words, at, length))) return length;
        return 0;
    }

    private static String key(List<Word> words, int at, int length) {
        if (length == 1) return words.get(at).text();
        var key = new StringBuilder(words.get(at).text());
        for (var i = at + 1; i < at + length; i++) key.append(' ').append(words.get(i).text());
        return key.toString();
    }

    /// {@return whether a word says only how, how much or where from}
    public boolean isTalk(String word) {
        return word.length() == 1 || Character.isDigit(word.charAt(0)) || descriptors.contains(word);
    }
}
