package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.food.Food;
import keenfork.core.food.Phrase;
import keenfork.core.food.Substance;
import keenfork.core.food.Words;

/// How the words of a line were taken that the kitchen's own tables do not hold.
///
/// @param unread not known, in the place of a food: each may be anything
/// @param doubts not known, where only talk stands: each asks, and marks no more than what it resembles
/// @param as     taken for another word (a slip of the pen, a short form), by the words as written; what they hold is
///               assumed until somebody says so
/// @param past   general English that names nothing to eat
public record Understood(List<String> unread, List<Doubt> doubts, Map<String, String> as, List<String> past) {
    /// every word was read
    public static final Understood ALL = new Understood(List.of(), List.of(), Map.of(), List.of());

    public Understood {
        unread = List.copyOf(unread);
        doubts = List.copyOf(doubts);
        as = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(as));
        past = List.copyOf(past);
    }

    /// A word in the place of talk that is not known.
    ///
    /// @param resembles the substances whose names it resembles; mostly none
    public record Doubt(String word, List<Substance> resembles) {
        public Doubt {
            resembles = List.copyOf(resembles);
        }
    }

    static Understood of(Phrase phrase) {
        if (phrase.isReadThrough()) return ALL;
        var unread = new ArrayList<String>();
        var doubts = new ArrayList<Doubt>();
        var as = new LinkedHashMap<String, String>();
        for (var unknown : phrase.unknown()) {
            if (unknown.standsFor()) unread.add(unknown.word().text());
            else doubts.add(new Doubt(unknown.word().text(), unknown.resembles()));
        }
        for (var match : phrase.matches()) if (match.isTaken()) as.put(match.text(), match.taken());
        return new Understood(unread, doubts, as, phrase.past().stream().map(w -> w.text()).toList());
    }

    /// {@return the same, where a word that was read past names the food after all}
    Understood naming(String word) {
        return new Understood(unread, doubts, as, past.stream().filter(w -> !w.equals(word)).toList());
    }

    Understood and(Understood other) {
        if (this == ALL) return other;
        if (other == ALL) return this;
        var all = new LinkedHashMap<>(as);
        all.putAll(other.as);
        return new Understood(joined(unread, other.unread), joined(doubts, other.doubts), all,
                joined(past, other.past));
    }

    /// "milk, whole, cow": a word that belongs to one of the names of the food that was found is no doubt
    Understood knowing(Food food) {
        if (doubts.isEmpty()) return this;
        var left =
                doubts.stream()
                        .filter(d -> food.names().stream()
                                .noneMatch(n -> (" " + Words.key(n) + " ").contains(" " + Words.key(d.word()) + " ")))
                        .toList();
        return left.size() == doubts.size() ? this : new Understood(unread, left, as, past);
    }

    Understood withUnread(String word) { return new Understood(joined(unread, List.of(word)), doubts, as, past); }

    private static <T> List<T> joined(List<T> one, List<T> other) {
        var all = new ArrayList<>(one);
        for (var item : other) if (!all.contains(item)) all.add(item);
        return all;
    }
}
