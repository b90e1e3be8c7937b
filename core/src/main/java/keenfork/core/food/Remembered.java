package keenfork.core.food;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/// What short texts say, kept for those that are asked about again and again: the steps of a dish, in each of hundreds
/// of plans for it. Once so many are kept all are forgotten, so that no kitchen's texts fill the memory.
///
/// @param <V> what a text says; never changed, as many ask for the same
public final class Remembered<V> {
    private static final int MOST = 4_096;
    private static final int LONGEST = 500;
    private final Map<String, V> known = new ConcurrentHashMap<>();
    private final Function<String, V> reader;
    private final int longest;

    public Remembered(Function<String, V> reader) { this(reader, LONGEST); }

    /// @param longest letters beyond which a text is read each time
    Remembered(Function<String, V> reader, int longest) {
        this.reader = reader;
        this.longest = longest;
    }

    public V of(String text) {
        if (text.length() > longest) return reader.apply(text);
        var before = known.get(text);
        if (before != null) return before;
        if (known.size() >= MOST) known.clear();
        var now = reader.apply(text);
        known.put(text, now);
        return now;
    }
}
