package keenfork.core.corpus;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.zip.CRC32;

/// The project's own texts, each with what must, may and must not be found in it. Two thirds are there to work with; the rest is kept aside and only
/// measured, so that a reader cannot be bent to it.
public final class Corpus {
    /// which part of a corpus is looked at
    public enum Share { TO_WORK_WITH, KEPT_ASIDE }

    private Corpus() {}

    static List<String> lines(String file) {
        try (var in = Corpus.class.getResourceAsStream("/corpus/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /// {@return whether a text belongs to a share: told by its own letters, so that no one chose it}
    static boolean isIn(Share share, String text) {
        var sum = new CRC32();
        sum.update(text.getBytes(StandardCharsets.UTF_8));
        return (sum.getValue() % 3 == 0) == (share == Share.KEPT_ASIDE);
    }

    /// Marks as they are written in a corpus: `milk` must be in it, `?milk` must at least be "may", `~milk` may be there.
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
