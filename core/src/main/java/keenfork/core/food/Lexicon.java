package keenfork.core.food;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/// Words and what they mean. At each place the longest run of words wins, so that `butter beans` is never butter.
public final class Lexicon {
    private final Node root = new Node();
    private final Map<String, Meaning> meanings = new TreeMap<>();
    private final Set<String> descriptors;

    /// one word of a name, with the words that may follow it
    private static final class Node {
        private final Map<String, Node> next = new HashMap<>();
        private @Nullable Meaning meaning;
    }

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

    /// A word that names something the tables do not hold.
    ///
    /// @param text  as written
    /// @param start where it starts, from 0
    /// @param end   where it ends, exclusive
    public record Unread(String text, int start, int end) {}

    /// A text read: what was found, and the words that are neither found nor kitchen talk.
    ///
    /// @param matches what was found, in order
    /// @param unread  what is left, in order
    public record Reading(List<Match> matches, List<Unread> unread) {
        public Reading {
            matches = List.copyOf(matches);
            unread = List.copyOf(unread);
        }
    }

    /// Adds a meaning; the one added first stays.
    void add(String name, Meaning meaning) {
        var key = Words.key(name);
        if (key.isEmpty()) throw new IllegalStateException("a name without a word: \"%s\"".formatted(name));
        if (meanings.putIfAbsent(key, meaning) != null) return;
        var node = root;
        for (var word : key.split(" ")) node = node.next.computeIfAbsent(word, _ -> new Node());
        node.meaning = meaning;
    }

    @Nullable Meaning exactly(String name) {
        return meanings.get(Words.key(name));
    }

    Set<String> names() { return meanings.keySet(); }

    /// {@return whether a name of several words starts at a place of a text and runs beyond another place: "glass noodles" are no glass of noodles}
    public boolean isNameBeyond(String text, int from, int beyond) {
        var node = root;
        var end = from;
        for (var word = Words.next(text, from); word != null && (end == from || isTogether(text, end, word.start())); word = Words.next(text, end)) {
            node = node.next.get(word.text());
            if (node == null) return false;
            end = word.end();
            if (node.meaning != null && end > beyond) return true;
        }
        return false;
    }

    /// Reads a whole text, left to right.
    public Reading read(String text) {
        var words = Words.of(text);
        var matches = new ArrayList<Match>();
        var unread = new ArrayList<Unread>();
        for (var at = 0; at < words.size(); ) {
            var start = words.get(at).start();
            var length = 0;
            Meaning meaning = null;
            var node = root.next.get(words.get(at).text());
            for (var i = at; node != null; ) {
                if (node.meaning != null) {
                    meaning = node.meaning;
                    length = i + 1 - at;
                }
                node = ++i < words.size() && isTogether(text, words.get(i - 1).end(), words.get(i).start()) ? node.next.get(words.get(i).text()) : null;
            }
            var end = words.get(at + Math.max(length, 1) - 1).end();
            if (meaning != null) matches.add(new Match(text.substring(start, end), meaning, start, end));
            else if (!isTalk(words.get(at).text())) unread.add(new Unread(text.substring(start, end), start, end));
            at += Math.max(length, 1);
        }
        return new Reading(matches, unread);
    }

    /// "coconut, milk" is no coconut milk.
    private static boolean isTogether(String text, int from, int to) {
        for (var at = from; at < to; at++) if (",;:()[]{}/|+•\n，；：、（）［］".indexOf(text.charAt(at)) >= 0) return false;
        return true;
    }

    /// {@return whether a word says only how, how much or where from}
    public boolean isTalk(String word) {
        return word.length() == 1 || Character.isDigit(word.charAt(0)) || descriptors.contains(word);
    }
}
