package keenfork.core.corpus;

import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import keenfork.core.Kit;

/// The project's own texts, each with what must, may and must not be found in it. Two thirds are there to work with;
/// the rest is kept aside and only measured, so that a reader cannot be bent to it.
public final class Corpus {
    /// Which part of a corpus is looked at. What was kept aside at first has been looked at since; what was written
    /// later are a second to a fifth set, of recipes alone.
    public enum Share { TO_WORK_WITH, KEPT_ASIDE, WRITTEN_LATER, WRITTEN_THIRD, WRITTEN_FOURTH, WRITTEN_LAST }

    private static final Map<String, Set<String>> ASIDE = aside();

    private Corpus() {}

    public static List<String> lines(String file) { return Kit.lines("/corpus/" + file).toList(); }

    /// {@return whether a text belongs to a share}
    /// @param file the corpus
    /// @param key  the words of a pack or of people, or a recipe's name and first line
    static boolean isIn(Share share, String file, String key) {
        return ASIDE.getOrDefault(file, Set.of()).contains(key) == (share == Share.KEPT_ASIDE);
    }

    private static Map<String, Set<String>> aside() {
        var held = new HashMap<String, Set<String>>();
        var of = "";
        for (var row : lines("aside.txt")) {
            if (row.startsWith("## ")) of = row.substring(3);
            else if (!row.startsWith("# ")) held.computeIfAbsent(of, _ -> new HashSet<>()).add(row);
        }
        return Map.copyOf(held);
    }

    /// Marks as they are written in a corpus: `milk` must be in it, `?milk` must at least be "may", `~milk` may be
    /// there.
    record Gold(Set<String> in, Set<String> may, Set<String> allowed) {
        static Gold of(String words) {
            var in = new LinkedHashSet<String>();
            var may = new LinkedHashSet<String>();
            var allowed = new LinkedHashSet<String>();
            Arrays.stream(words.strip().split("\\s+")).filter(w -> !w.isEmpty()).forEach(w -> {
                if (w.startsWith("?")) may.add(w.substring(1));
                else if (w.startsWith("~")) allowed.add(w.substring(1));
                else in.add(w);
            });
            return new Gold(in, may, allowed);
        }

        boolean names(String group) { return in.contains(group) || may.contains(group) || allowed.contains(group); }
    }
}
