package keenfork.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.run.Batch;
import keenfork.core.run.Conditions;
import keenfork.core.run.Equipment;
import keenfork.core.run.Figures;
import keenfork.core.run.Kit;
import keenfork.core.run.Piece;
import keenfork.core.run.PrepRun;
import keenfork.core.run.Range;
import keenfork.core.run.Sequencer;
import keenfork.core.run.Task;
import keenfork.core.run.Window;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;

/// The best order of a prep run: twelve batches over eight kinds of kit, proved; forty, the best found; eight over
/// three kinds beside choco-solver.
public class Ordering {
    private static final List<String> KIT =
            List.of("blender", "board", "fryer", "processor", "bowl", "spoons", "pan", "tray");
    private static final List<String> SUBSTANCES = List.of("almond", "milk", "sesame", "wheat", "fish", "eggs");
    static final Equipment TWO_BOARDS =
            new Equipment(List.of(board("green", Set.of(Substances.shipped().get("tree-nut"))), board("red", Set.of())),
                    Figures.SHIPPED);
    static final List<Batch> TWELVE = batches(12, 12, KIT.size());
    static final List<Batch> FORTY = batches(40, 40, KIT.size());
    static final List<Batch> EIGHT = batches(1, 8, 3);

    private static Piece board(String id, Set<Substance> keptFrom) {
        return new Piece(id, Kit.named("board").orElseThrow(), id + " board", keptFrom);
    }

    /// {@return some batches, each over three of four kinds of kit or so}
    static List<Batch> batches(long seed, int many, int kinds) {
        var random = new Random(seed);
        var batches = new ArrayList<Batch>();
        for (var i = 0; i < many; i++) {
            var uses = new ArrayList<Batch.Use>();
            for (var id : KIT.subList(0, kinds)) {
                if (random.nextInt(4) == 0) continue;
                Map<Substance, Optional<Range>> holds = new LinkedHashMap<>();
                for (var s : SUBSTANCES)
                    if (random.nextInt(4) == 0) holds.put(Substances.shipped().get(s), Optional.empty());
                uses.add(new Batch.Use(Kit.named(id).orElseThrow(), List.of("Base"), false, true, holds, Set.of(),
                        holds.keySet(), 0));
            }
            var kit = uses.stream().map(Batch.Use::kit).toList();
            batches.add(new Batch("Batch " + i, 10, uses, List.of(new Task("Make it", List.of(), kit, 10, 0, 1,
                    List.of(), i % 3 == 0 ? List.of(Window.usual(Window.When.FRESH)) : List.of()))));
        }
        return batches;
    }

    @Benchmark @BenchmarkMode(Mode.AverageTime) @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public PrepRun twelve_batches() { return Sequencer.order(TWELVE, Conditions.USUAL); }

    @Benchmark @BenchmarkMode(Mode.AverageTime) @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public PrepRun forty_batches() { return Sequencer.order(FORTY, Conditions.USUAL); }

    @Benchmark @BenchmarkMode(Mode.AverageTime) @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public PrepRun eight_batches() { return Sequencer.order(EIGHT, Conditions.USUAL); }

    @Benchmark @BenchmarkMode(Mode.AverageTime) @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public int eight_batches_outside() { return OutsideOrder.leastWashing(EIGHT, Conditions.USUAL.equipment()); }
}
