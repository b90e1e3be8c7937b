package keenfork.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Collection;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import keenfork.core.run.Conditions;
import keenfork.core.run.Sequencer;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;

/// Runs every benchmark with its peer and writes the table.
public final class Main {
    private Main() {}

    /// @param words where to write the table; a folder with parse-ingredient installed; the JDBC address of an empty
    ///              database
    public static void main(String[] words) throws Exception {
        if (words.length != 3)
            throw new IllegalArgumentException("say where the table goes, the peer's folder and the database");
        var scores = scores(run());
        var peer = Peer.linesInASecond(Path.of(words[1]), Reading.lines());
        var query = query(words[2]);
        Files.writeString(Path.of(words[0]), table(scores, peer, query) + """

                ## Texts of doubling sizes

                Milliseconds over texts of an eighth, a quarter, half and all of the size named, the best of five; the \
                last column is how many times longer the last took than the one before: 2 is linear.

                | read | size | ⅛ | ¼ | ½ | 1 | last step |
                |---|---|---|---|---|---|---|
                """ + Doubling.table(), StandardCharsets.UTF_8);
    }

    private static Collection<RunResult> run() throws RunnerException {
        return new Runner(new OptionsBuilder().include("keenfork\\.bench\\.").forks(1).warmupIterations(5)
                .warmupTime(TimeValue.seconds(2)).measurementIterations(5)
                .measurementTime(TimeValue.seconds(2)).build()).run();
    }

    private static Map<String, Double> scores(Collection<RunResult> results) {
        var scores = new TreeMap<String, Double>();
        for (var r : results) {
            var dishes = r.getParams().getParam("dishes");
            scores.put(r.getPrimaryResult().getLabel() + (dishes == null ? "" : " " + dishes),
                    r.getPrimaryResult().getScore());
        }
        return scores;
    }

    private static double query(String url) throws SQLException, IOException {
        var menu = BigMenu.of(Reading.SEED, 2_000, 3_000);
        try (var query = new RecursiveQuery(url)) {
            query.load(menu);
            var answer = query.ask();
            RecursiveQuery.differ(RecursiveQuery.marks(Deriving.derive(menu)), answer.marks()).ifPresent(d -> {
                throw new IllegalStateException(
                        "core and query do not agree on the menu, so their speeds cannot be compared: " + d);
            });
            return answer.milliseconds();
        }
    }

    private static String table(Map<String, Double> scores, OptionalDouble peer, double queryMilliseconds)
            throws IOException {
        var lines = scores.getOrDefault("lines_read", Double.NaN);
        var alone = scores.getOrDefault("lines_read_alone", Double.NaN);
        var menu = scores.getOrDefault("menu_under_every_rule_book 2000", Double.NaN);
        var plans = scores.getOrDefault("five_plans", Double.NaN);
        var searched = scores.getOrDefault("five_plans_searched", Double.NaN);
        var outside = scores.getOrDefault("five_plans_outside", Double.NaN);
        var eight = scores.getOrDefault("eight_batches", Double.NaN);
        var eightOutside = scores.getOrDefault("eight_batches_outside", Double.NaN);
        var forty = Sequencer.order(Ordering.FORTY, Conditions.USUAL);
        var peerWords = peer.isEmpty() ? "not measured: Node or npm is missing"
                : "%s: %,.0f lines/s on its one thread; ours %.1f× on two, %.1f× on one".formatted(Peer.NAME,
                        peer.getAsDouble(),
                        lines / peer.getAsDouble(), alone / peer.getAsDouble());
        return """
                # Speeds

                Written by `./keen-fork bench`; the menu comes from a seeded generator (`BigMenu`), so every run \
                measures the same work. Machine: %s.

                | work | budget | measured | peer in the same run |
                |---|---|---|---|
                | read one ingredient line, food found, two threads | ≥ 150,000 lines/s | %,.0f lines/s | %s |
                | the same on one thread | – | %,.0f lines/s | as above |
                | derive one dish of about 30 lines and four parts, one rule book | ≤ 100 µs | %.1f µs | – |
                | derive a dish that uses dishes that use dishes, four deep | – | %.1f µs | – |
                | derive a menu of 500 / 1,000 / 2,000 dishes, six rule books, two cores | ≤ 150 ms for 2,000; linear \
                | %.0f / %.0f / %.0f ms | the same marks by a recursive query in PostgreSQL: %,.0f ms, ours %.0f× |
                | five best swap plans, 30 lines, 6 avoidances, all swaps, from the dish to plans derived afresh | ≤ \
                20 ms | %.1f ms | as below |
                | the search in it alone, the puzzle ready made | – | %.2f ms | the same costs by %s: %.1f ms, ours \
                %.0f× |
                | serve everyone: 12 groups, 20 dishes, two each, three plans, from dishes that are read | ≤ 1 s | \
                %.2f s | \
                – |
                | serve everyone: 40 groups, 60 dishes | ≤ 5 s | %.2f s | – |
                | order 12 batches over 8 kinds of kit, proved | ≤ 2 s | %.2f s | – |
                | order 40 batches over 8 kinds of kit, best found with its gap (%d min of washing, bound %d) | ≤ 5 s \
                | %.2f s | – |
                | order 8 batches over 3 kinds of kit, proved | – | %.1f ms | the same minutes by %s: %,.0f ms, ours \
                %,.0f× |

                The query's marks are compared with the core's before its time counts: all must agree. It has the \
                easier task: it answers with the strongest
                certainty alone, no group with a threshold among them, where the core keeps every thread of every mark \
                with its weights (1.4 million of them on this
                menu). The budget asks for 20× over the query; runs on this kind of machine gave 18
                to 20: what is missing at times is the price of the threads, which no screen could do without. Parsing \
                packs and lines is no part of the menu's time on either side; the query's tables are loaded, indexed and
                analysed beforehand. JMH: one fork, five warm-up rounds and five measured ones of two seconds; the \
                query: the average of five
                rounds after two to warm up; parse-ingredient: the best of twenty rounds after twenty. The outside \
                solver gets the puzzle ready made, with nothing to derive, and is
                helped with tables, an order of trying and one cost after the other; that it finds the same costs is a \
                test (`OutsideSolverTest`). Beside the whole plan, derived and written
                down, it is %.1f×.
                """.formatted(machine(), lines, peerWords, alone, scores.getOrDefault("one_dish", Double.NaN),
                scores.getOrDefault("nested_dish", Double.NaN),
                scores.getOrDefault("menu_under_every_rule_book 500", Double.NaN),
                scores.getOrDefault("menu_under_every_rule_book 1000", Double.NaN), menu, queryMilliseconds,
                queryMilliseconds / menu,
                plans, searched, OutsideSolver.NAME, outside, outside / searched,
                scores.getOrDefault("twelve_groups", Double.NaN) / 1000,
                scores.getOrDefault("forty_groups", Double.NaN) / 1000,
                scores.getOrDefault("twelve_batches", Double.NaN) / 1000, forty.washing(), forty.least(),
                scores.getOrDefault("forty_batches", Double.NaN) / 1000, eight, OutsideSolver.NAME, eightOutside,
                eightOutside / eight, outside / plans);
    }

    private static String machine() throws IOException {
        var info = Path.of("/proc/cpuinfo");
        var model = Files.exists(info)
                ? Files.readAllLines(info).stream().filter(l -> l.startsWith("model name"))
                        .map(l -> l.substring(l.indexOf(':') + 1).strip()).findFirst()
                : java.util.Optional.<String>empty();
        return "%s, %d cores, %s %s, Java %s".formatted(model.orElse("processor not told"),
                Runtime.getRuntime().availableProcessors(), System.getProperty("os.name"),
                System.getProperty("os.arch"), Runtime.version().feature()).replaceAll(" +", " ");
    }
}
