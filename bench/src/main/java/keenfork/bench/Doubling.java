package keenfork.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.IntFunction;
import java.util.function.ToIntFunction;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidances;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.run.Batch;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;

/// How long each reader takes over texts of doubling sizes, the last as large as a field lets in: none may grow faster
/// than its text.
final class Doubling {
    private static final int SIZES = 4;
    private static final int ROUNDS = 5;
    private static final RuleBook BOOK = RuleBook.uk();

    private Doubling() {}

    /// a reader
    ///
    /// @param most the largest size, in letters or lines
    /// @param text makes a text of a size
    private record Reader(String name, int most, IntFunction<String> text, ToIntFunction<String> read) {}

    private static final List<Reader> READERS = List.of(
            new Reader("a recipe, lines", 600, n -> "Salad\n" + lines(n), Doubling::recipe),
            new Reader("a recipe, one line so many times", 600, n -> "Salad\n" + "100 g tahini\n".repeat(n),
                    Doubling::recipe),
            new Reader("the same, derived, with its kit", 600, n -> "Salad\n" + "100 g tahini\n".repeat(n),
                    Doubling::derived),
            new Reader("a method, steps", 400,
                    n -> "Dip\n200 g chickpeas\n\nMethod:\n"
                            + "Blend the chickpeas with the oil until smooth.\n".repeat(n),
                    Doubling::derived),
            new Reader("a recipe told in one paragraph, letters", 16_000,
                    n -> "Dip\n" + fill("so I take about two handfuls of almonds and then a good glug of oil, and ", n),
                    Doubling::recipe),
            new Reader("a recipe, one word of letters", 16_000, n -> "Dip\n" + "a".repeat(n), Doubling::recipe),
            new Reader("a declaration, letters", 16_000,
                    n -> fill("wheat flour, sugar, soya lecithin (emulsifier), milk powder, salt, ", n),
                    Doubling::pack),
            new Reader("a declaration, one word of letters", 16_000, n -> "a".repeat(n), Doubling::pack),
            new Reader("a declaration, brackets only", 16_000, n -> "(".repeat(n), Doubling::pack),
            new Reader("what people avoid, letters", 8_000, n -> fill("no nuts, sesame, milk allergy, zugwort, ", n),
                    t -> Avoidances.of(t, BOOK).all().size()),
            new Reader("what people avoid, one word of letters", 8_000, n -> "a".repeat(n),
                    t -> Avoidances.of(t, BOOK).unread().size()));

    private static String fill(String with, int letters) {
        return with.repeat(letters / with.length() + 1).substring(0, letters);
    }

    private static String lines(int many) {
        var random = new Random(Reading.SEED);
        var lines = new ArrayList<String>();
        for (var i = 0; i < many; i++) lines.add(BigMenu.line(random));
        return String.join("\n", lines);
    }

    private static int recipe(String text) { return Recipe.read(text, Volumes.METRIC, Law.UNKNOWN).lines().size(); }

    private static int pack(String text) { return Declaration.read(text, new Law("uk")).findings().size(); }

    private static int derived(String text) {
        var dish = Derivation.of(Recipe.read(text, Volumes.METRIC, Law.UNKNOWN), Facts.none(BOOK));
        return dish.under(BOOK).marks().size() + Batch.of(dish).map(b -> b.asks().size()).orElse(0);
    }

    /// {@return a row for each reader: milliseconds at each size, and how many times longer the last took than the one
    /// before}
    static String table() {
        var rows = new StringBuilder();
        for (var reader : READERS) {
            var times = new ArrayList<Double>();
            for (var i = SIZES - 1; i >= 0; i--) times.add(best(reader, reader.text.apply(reader.most >> i)));
            rows.append("| %s | %,d |".formatted(reader.name, reader.most));
            for (var t : times) rows.append(" %.1f |".formatted(t));
            rows.append(" %.1f |%n".formatted(times.getLast() / times.get(SIZES - 2)));
        }
        return rows.toString();
    }

    private static double best(Reader reader, String text) {
        var best = Double.MAX_VALUE;
        for (var round = 0; round < ROUNDS; round++) {
            var began = System.nanoTime();
            if (reader.read.applyAsInt(text) < 0) throw new IllegalStateException("less than nothing was read");
            best = Math.min(best, (System.nanoTime() - began) / 1e6);
        }
        return best;
    }

    public static void main(String[] words) { System.out.print(table()); }
}
