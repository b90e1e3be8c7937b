package keenfork.core.food;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.food.Lexicon.Match;

/// Words that name a food and mostly do something else: a food only where they stand as one.
final class TwoSided {
    private enum Kind { DESCRIBES, WORKS }

    private static final Map<String, Kind> HELD = read();

    private TwoSided() {}

    private static Map<String, Kind> read() {
        var held = new HashMap<String, Kind>();
        for (var row : Table.read(TwoSided.class, "two-sided.txt", 3))
            held.put(Words.key(row.cell(0)), row.read(1, c -> Kind.valueOf(c.toUpperCase(java.util.Locale.ROOT))));
        return Map.copyOf(held);
    }

    /// {@return the matches that are foods where they stand}
    static List<Match> foods(String text, List<Match> matches) {
        if (matches.size() < 2) return matches;
        List<Match> kept = null;
        for (var i = 0; i < matches.size(); i++) {
            var match = matches.get(i);
            var kind = match.text().indexOf(' ') < 0 ? HELD.get(Words.key(match.text())) : null;
            if (kind == null || !isTalk(text, matches, i, kind)) continue;
            if (kept == null) kept = new ArrayList<>(matches);
            kept.remove(match);
        }
        return kept == null ? matches : kept;
    }

    private static boolean isTalk(String text, List<Match> matches, int at, Kind kind) {
        var match = matches.get(at);
        if (at + 1 < matches.size() && !Joint.parts(text, match.end(), matches.get(at + 1).start())) return true;
        return kind == Kind.WORKS && at > 0 && Joint.turnsAside(text, matches.get(at - 1).end(), match.start());
    }
}
