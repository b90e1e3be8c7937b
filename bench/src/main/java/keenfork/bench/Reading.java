package keenfork.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Threads;

/// Ingredient lines read in a second, food found, on two threads: a recipe of a thousand lines at a time.
@State(Scope.Benchmark)
public class Reading {
    static final int LINES = 1_000;
    static final long SEED = 20261125;
    private String recipe = "";

    /// {@return the lines, which the peer reads too}
    static List<String> lines() {
        var random = new Random(SEED);
        var lines = new ArrayList<String>();
        for (var i = 0; i < LINES; i++) lines.add(BigMenu.line(random));
        return lines;
    }

    @Setup
    public void write() {
        recipe = "A thousand lines\n" + String.join("\n", lines());
    }

    @Benchmark @BenchmarkMode(Mode.Throughput) @OutputTimeUnit(TimeUnit.SECONDS) @OperationsPerInvocation(LINES)
    @Threads(2)
    public Recipe lines_read() {
        return Recipe.read(recipe, Volumes.METRIC, Law.UNKNOWN);
    }

    @Benchmark @BenchmarkMode(Mode.Throughput) @OutputTimeUnit(TimeUnit.SECONDS) @OperationsPerInvocation(LINES)
    @Threads(1)
    public Recipe lines_read_alone() {
        return Recipe.read(recipe, Volumes.METRIC, Law.UNKNOWN);
    }
}
