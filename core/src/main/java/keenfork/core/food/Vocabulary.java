package keenfork.core.food;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// The words of a lexicon, each with a number, found in a text without a string being made of each.
///
/// A word of plain letters is looked up as it stands, in whatever case; every plural that the one form of a word is
/// made from has a place of its own. Any other word takes the long way through [Words].
final class Vocabulary {
    static final int NONE = WordTable.NONE;
    private static final int PLAIN = 128;
    /// a shorter word in i is no noun that is counted
    private static final int SHORTEST_IN_I = 3;

    private final Map<String, Integer> numbers = new HashMap<>();
    private final List<String> words = new ArrayList<>();
    private final WordTable forms = new WordTable();

    /// {@return the number of a word in its one form, given to it where it has none yet}
    int add(String word) {
        var known = numbers.get(word);
        if (known != null) return known;
        var number = words.size();
        numbers.put(word, number);
        words.add(word);
        for (var form : List.of(word, word + "s", word + "es",
                word.endsWith("y") ? word.substring(0, word.length() - 1) + "ies" : word)) {
            var read = Words.next(form, 0);
            if (read != null && read.end() == form.length() && read.text().equals(word)) forms.add(form, number);
        }
        // idlis and rotis; the one form leaves an "is" alone, for there are oasis and cassis
        if (word.endsWith("i") && word.length() > SHORTEST_IN_I) forms.add(word + "s", number);
        return number;
    }

    int number(String word) { return numbers.getOrDefault(word, NONE); }

    String word(int number) { return words.get(number); }

    int size() { return words.size(); }

    /// The words of a text, in order: where each starts and ends, and its number. Made anew for each text; the arrays
    /// grow.
    static final class Run {
        private static final int USUAL = 10;
        int[] starts;
        int[] ends;
        int[] numbers;
        int size;
        /// where the name that was found last ends in the tree of names
        int node;

        Run(int room) {
            starts = new int[room];
            ends = new int[room];
            numbers = new int[room];
        }

        private void add(int start, int end, int number) {
            if (size == starts.length) {
                var room = size * 2 + 1;
                starts = Arrays.copyOf(starts, room);
                ends = Arrays.copyOf(ends, room);
                numbers = Arrays.copyOf(numbers, room);
            }
            starts[size] = start;
            ends[size] = end;
            numbers[size++] = number;
        }
    }

    /// {@return the number of the first word from a place on, or [#NONE]}
    int first(String text, int from) {
        var run = new Run(1);
        step(text, from, run);
        return run.size == 0 ? NONE : run.numbers[0];
    }

    /// {@return whether one of the words stands in a text, from a place on}
    boolean holdsAny(String text, int from) {
        var run = new Run(1);
        for (var at = from; at >= 0;) {
            run.size = 0;
            at = step(text, at, run);
            if (run.size > 0 && run.numbers[0] != NONE) return true;
        }
        return false;
    }

    /// {@return the words from a place of a text on, at most so many}
    Run run(String text, int from, int most) {
        var run = new Run(Math.min(most, Run.USUAL));
        var at = from;
        while (at >= 0 && run.size < most) at = step(text, at, run);
        return run;
    }

    /// Adds the first word from a place on to a run; {@return where it ends, or -1 where there is none}
    private int step(String text, int from, Run run) {
        var at = from;
        var length = text.length();
        while (at < length) {
            var c = text.charAt(at);
            var lower = WordTable.lower(c);
            if (c == '&') {
                run.add(at, at + 1, number(Words.AND));
                return at + 1;
            }
            if (lower == 0 && c < PLAIN) {
                at++;
                continue;
            }
            var start = at;
            var hash = 0;
            while (lower != 0) {
                hash = WordTable.hash(hash, lower);
                lower = ++at < length ? WordTable.lower(c = text.charAt(at)) : 0;
            }
            if (Words.isBehindPoint(text, start, at)) continue;
            if (at == length || c < PLAIN && c != '\'') {
                var number = forms.find(text, start, at, hash);
                if (number != NONE) {
                    run.add(start, at, number);
                    return at;
                }
            }
            var word = Words.next(text, start);
            if (word == null) return -1;
            run.add(word.start(), word.end(), number(word.text()));
            return word.end();
        }
        return -1;
    }
}
