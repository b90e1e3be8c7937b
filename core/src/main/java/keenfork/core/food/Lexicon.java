package keenfork.core.food;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/// Words and what they mean. At each place the longest run of words wins, so that `butter beans` is never butter.
public final class Lexicon {
    private static final int START = 1 << 13;
    private static final int ROOT = 0;
    private static final int LONGEST_NAME = 8;
    /// letters of a word that is mostly not cut short
    private static final int WHOLE_WORD = 5;
    private static final String PARTING = ",;:()[]{}/|+•…\n，；：、（）［］=→>·~\\^!?●▪◦‣#";

    private final Vocabulary words = new Vocabulary();
    private final Map<String, Meaning> meanings = new TreeMap<>();
    /// the words that may follow each other: at a node and a word's number stands the next node
    /// a key and its node side by side: a look finds both in one line of the cache
    private long[] pairs = new long[2 * START];
    private int edges;
    private @Nullable Meaning[] meaningAt = new Meaning[START];
    private int nodes = 1;
    private boolean[] isTalk = new boolean[START];

    /// @param descriptors words that say only how, how much or where from
    Lexicon(Set<String> descriptors) {
        for (var word : descriptors) {
            var number = words.add(word);
            if (number >= isTalk.length) isTalk = Arrays.copyOf(isTalk, number * 2);
            isTalk[number] = true;
        }
    }

    /// Words found together.
    ///
    /// @param text    as written
    /// @param meaning what they stand for
    /// @param start   where they start, from 0
    /// @param end     where they end, exclusive
    /// @param taken   how it was read where a word of it was taken for another, as by a slip of the pen; else an empty
    ///                string
    public record Match(String text, Meaning meaning, int start, int end, String taken) {
        public Match(String text, Meaning meaning, int start, int end) {
            this(text, meaning, start, end, "");
        }

        public boolean isTaken() { return !taken.isEmpty(); }

        /// {@return this match, where another name takes its end}
        Match upTo(int other) {
            return new Match(text.substring(0, other - start).strip(), meaning, start, other, taken);
        }

        /// {@return this match, told to the cook by the name of what it means}
        Match takenForItself() {
            var named = switch (meaning) {
                case Meaning.OfFood(var food) -> food.name();
                case Meaning.OfSubstances(var s) -> s.stream().map(Substance::name).collect(Collectors.joining(", "));
                case Meaning.Vague _ -> "";
            };
            return new Match(text, meaning, start, end, named);
        }
    }

    /// A word that names something the tables do not hold.
    ///
    /// @param text  as written
    /// @param word  in its one form
    /// @param start where it starts, from 0
    /// @param end   where it ends, exclusive
    public record Unread(String text, String word, int start, int end) {}

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
        var node = ROOT;
        for (var word : key.split(" ")) node = below(node, words.add(word));
        meaningAt[node] = meaning;
    }

    private int below(int node, int word) {
        var found = next(node, word);
        if (found != Vocabulary.NONE) return found;
        if (nodes == meaningAt.length) meaningAt = Arrays.copyOf(meaningAt, nodes * 2);
        put(node, word, nodes);
        return nodes++;
    }

    private void put(int node, int word, int next) {
        if (edges * 4 >= pairs.length) grow();
        put(pairs, key(node, word), next);
        edges++;
    }

    private static void put(long[] pairs, long key, long next) {
        var at = place(key, pairs.length);
        while (pairs[at] != 0) at = at + 2 & pairs.length - 1;
        pairs[at] = key;
        pairs[at + 1] = next;
    }

    private void grow() {
        var larger = new long[pairs.length * 2];
        for (var i = 0; i < pairs.length; i += 2) if (pairs[i] != 0) put(larger, pairs[i], pairs[i + 1]);
        pairs = larger;
    }

    /// never 0, so that 0 marks a free place
    private static long key(int node, int word) { return (long) (node + 1) << 32 | word; }

    private static int place(long key, int room) {
        var mixed = key * 0x9E3779B97F4A7C15L;
        return (int) (mixed >>> 40) * 2 & room - 1;
    }

    private int next(int node, int word) {
        if (word == Vocabulary.NONE) return Vocabulary.NONE;
        var key = key(node, word);
        for (var at = place(key, pairs.length); pairs[at] != 0; at = at + 2 & pairs.length - 1)
            if (pairs[at] == key) return (int) pairs[at + 1];
        return Vocabulary.NONE;
    }

    @Nullable
    Meaning exactly(String name) {
        return meanings.get(Words.key(name));
    }

    /// {@return what a key means, as [Words#key] gives it, or null}
    @Nullable
    Meaning ofKey(String key) { return meanings.get(key); }

    Set<String> names() { return meanings.keySet(); }

    /// {@return every word of a name, and every word of talk, in its one form}
    List<String> vocabulary() {
        var all = new ArrayList<String>(words.size());
        for (var i = 0; i < words.size(); i++) all.add(words.word(i));
        return all;
    }

    /// {@return whether a name of several words starts at a place of a text and runs beyond another place: "glass
    /// noodles" are no glass of noodles}
    public boolean isNameBeyond(String text, int from, int beyond) {
        // most words start no name: one look settles it
        if (next(ROOT, words.first(text, from)) == Vocabulary.NONE) return false;
        var run = words.run(text, from, LONGEST_NAME);
        var node = ROOT;
        for (var i = 0; i < run.size; i++) {
            if (i > 0 && !isTogether(text, run.ends[i - 1], run.starts[i])) return false;
            node = next(node, run.numbers[i]);
            if (node == Vocabulary.NONE) return false;
            if (meaningAt[node] != null && run.ends[i] > beyond) return true;
        }
        return false;
    }

    /// {@return whether a text says only how, how much or where from}
    public boolean isOnlyTalk(String text) {
        var read = read(text);
        return read.matches().isEmpty() && read.unread().isEmpty();
    }

    /// {@return whether a text names anything}
    public boolean isNamedIn(String text) { return !read(text).matches().isEmpty(); }

    /// Reads a whole text, left to right.
    public Reading read(String text) { return read(text, Map.of()); }

    /// The same, with some words taken for others: a slip of the pen, a short form.
    ///
    /// @param taken by the place where a word starts, the word of the lexicon that it is taken for
    Reading read(String text, Map<Integer, String> taken) {
        var run = words.run(text, 0, Integer.MAX_VALUE);
        if (!taken.isEmpty())
            for (var i = 0; i < run.size; i++) {
                var as = taken.get(run.starts[i]);
                if (as != null) run.numbers[i] = words.number(as);
            }
        List<Match> matches = new ArrayList<>(4);
        List<Unread> unread = List.of();
        for (var at = 0; at < run.size;) {
            var length = longest(text, run, at);
            if (length > 0) {
                at = addName(text, run, at, length, taken, matches);
                continue;
            }
            if (!isTalk(text, run, at)) {
                if (unread.isEmpty()) unread = new ArrayList<>(2);
                var written = text.substring(run.starts[at], run.ends[at]);
                unread.add(new Unread(written,
                        run.numbers[at] == Vocabulary.NONE ? Words.key(written) : words.word(run.numbers[at]),
                        run.starts[at], run.ends[at]));
            }
            at++;
        }
        return new Reading(matches, unread);
    }

    /// {@return where to read on behind a name that was found, or where the longer one begins that it leads to}
    private int addName(String text, Vocabulary.Run run, int at, int length, Map<Integer, String> taken,
            List<Match> matches) {
        var found = match(text, run, at, length, taken);
        var within = length == 1 ? at : within(text, run, at, length);
        if (within == at) {
            matches.add(found);
            return at + length;
        }
        var longer = match(text, run, within, longest(text, run, within), taken);
        if (!longer.meaning().holds().containsAll(found.meaning().holds())) matches.add(found.upTo(longer.start()));
        return within;
    }

    /// "fresh egg roll" is an egg roll, and no fresh egg; "beef brisket chili" a brisket chili.
    ///
    /// @return where a name begins behind a word of talk, or with the words of a name that say what it is already, and
    ///         goes on beyond it; or the place itself
    private int within(String text, Vocabulary.Run run, int at, int length) {
        var isTalk = true;
        for (var i = at + 1; i < at + length; i++) {
            isTalk &= isTalk(text, run, i - 1);
            if ((isTalk || saysAll(run, at, length, i)) && i + longest(text, run, i) > at + length) return i;
        }
        return at;
    }

    /// {@return whether the last words of a name hold all that it holds: the brisket of "beef brisket"}
    private boolean saysAll(Vocabulary.Run run, int at, int length, int from) {
        var whole = meaningOf(run, at, at + length);
        var last = meaningOf(run, from, at + length);
        return whole instanceof Meaning.OfFood(var food) && last instanceof Meaning.OfFood && !food.holds().isEmpty()
                && food.holds().equals(last.holds());
    }

    private @Nullable Meaning meaningOf(Vocabulary.Run run, int from, int to) {
        var node = ROOT;
        for (var i = from; i < to && node != Vocabulary.NONE; i++) node = next(node, run.numbers[i]);
        return node == Vocabulary.NONE ? null : meaningAt[node];
    }

    /// {@return how many words from a place on are one name, 0 where none is; the run holds its node}
    private int longest(String text, Vocabulary.Run run, int at) {
        var length = 0;
        var node = next(ROOT, run.numbers[at]);
        for (var i = at; node != Vocabulary.NONE;) {
            if (meaningAt[node] != null) {
                length = i + 1 - at;
                run.node = node;
            }
            node = ++i < run.size && isTogether(text, run.ends[i - 1], run.starts[i]) ? next(node, run.numbers[i])
                    : Vocabulary.NONE;
        }
        return length;
    }

    private Match match(String text, Vocabulary.Run run, int at, int length, Map<Integer, String> taken) {
        var isTaken = false;
        if (!taken.isEmpty()) for (var i = at; i < at + length; i++) isTaken |= taken.containsKey(run.starts[i]);
        var start = run.starts[at];
        var end = run.ends[at + length - 1];
        var meaning = Objects.requireNonNull(meaningAt[run.node]);
        if (!isTaken) return new Match(text.substring(start, end), meaning, start, end);
        var as = new StringBuilder();
        for (var i = at; i < at + length; i++) as.append(i > at ? " " : "").append(words.word(run.numbers[i]));
        return new Match(text.substring(start, end), meaning, start, end, as.toString());
    }

    /// "coconut, milk" is no coconut milk, nor is "coconut * milk", or "the coconut. Milk".
    private static boolean isTogether(String text, int from, int to) {
        if (to - from == 1 && text.charAt(from) == ' ') return true;
        if (isSentenceEnd(text, from, to)) return false;
        for (var at = from; at < to; at++) {
            var c = text.charAt(at);
            // "milk* chocolate" has a note to it
            if ((c == '*' || c == '_') && at > from) return false;
            // "s+p" is one word to a cook, "salt + pepper" two
            if (c != ' ' && c != '-' && PARTING.indexOf(c) >= 0 && !(c == '+' && to - from == 1)) return false;
            // "nuts - milk", and no "coconut-milk"
            if (isDash(c) && at > from && text.charAt(at - 1) == ' ' && text.charAt(at + 1) == ' ') return false;
        }
        return true;
    }

    private static boolean isDash(char c) { return c == '-' || c == '–' || c == '—'; }

    /// a full stop, dots, and a capital behind a word that is not cut short: "Worc. Sauce" is one
    private static boolean isSentenceEnd(String text, int from, int to) {
        if (text.charAt(from) != '.') return false;
        if (to - from > 1 && text.charAt(from + 1) == '.') return true;
        if (!Character.isUpperCase(text.charAt(to))) return false;
        var start = from;
        while (start > 0 && from - start < WHOLE_WORD && Character.isLetter(text.charAt(start - 1))) start--;
        return from - start >= WHOLE_WORD;
    }

    private boolean isTalk(String text, Vocabulary.Run run, int at) {
        var number = run.numbers[at];
        if (number != Vocabulary.NONE && number < isTalk.length && isTalk[number]) return true;
        return run.ends[at] - run.starts[at] == 1 || Character.isDigit(text.charAt(run.starts[at]))
                && !isGarbledName(Words.key(text.substring(run.starts[at], run.ends[at])));
    }

    /// "5oya" is no five of anything
    private boolean isGarbledName(String word) {
        for (var meant : LookAlike.behindFigure(word)) if (meanings.containsKey(meant)) return true;
        return false;
    }

    /// {@return whether the word at a place of a text says only how, how much or where from}
    public boolean isTalkAt(String text, int from) {
        var number = words.first(text, from);
        return number != Vocabulary.NONE ? number < isTalk.length && isTalk[number]
                : isTalk(Words.key(text.substring(from)));
    }

    /// {@return whether the word at a place of a text stands in a name or is talk}
    public boolean isWordAt(String text, int from) { return words.first(text, from) != Vocabulary.NONE; }

    /// {@return whether a word says only how, how much or where from; so does one without a letter, such as a lone
    /// accent}
    public boolean isTalk(String word) {
        var number = words.number(word);
        return word.length() <= 1 || Character.isDigit(word.charAt(0)) && !isGarbledName(word)
                || number != Vocabulary.NONE && number < isTalk.length && isTalk[number];
    }
}
