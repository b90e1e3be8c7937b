package keenfork.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.run.Batch;
import keenfork.core.run.Kit;
import keenfork.core.run.Range;
import keenfork.core.run.School;
import keenfork.core.run.Sequencer;
import keenfork.core.run.Task;
import org.junit.jupiter.api.Test;

/// The order of a run against choco-solver 5, an outside solver, on more batches than can be tried one by one.
class OutsideOrderTest {
    private static List<Batch> batches(long seed, int many) {
        var random = new Random(seed);
        var batches = new ArrayList<Batch>();
        for (var i = 0; i < many; i++) {
            var uses = new ArrayList<Batch.Use>();
            for (var id : List.of("blender", "board", "fryer")) {
                if (random.nextInt(4) == 0) continue;
                Map<Substance, Optional<Range>> holds = new LinkedHashMap<>();
                for (var s : List.of("almond", "milk", "sesame", "wheat")) if (random.nextInt(3) == 0) holds.put(Substances.shipped().get(s), Optional.empty());
                uses.add(new Batch.Use(Kit.named(id).orElseThrow(), List.of("Base"), true, holds, Set.of(), holds.keySet()));
            }
            batches.add(new Batch("Batch " + i, 10, 10, uses, List.of(new Task("Make it", List.of(), 10, 0, false))));
        }
        return batches;
    }

    @Test void the_best_order_washes_no_longer_than_the_outside_solver_finds() {
        for (var seed = 1; seed <= 3; seed++) {
            var batches = batches(seed, seed == 3 ? 8 : 7);
            var best = Sequencer.order(batches, School.STRICT);
            assertThat(best.contacts()).isZero();
            assertThat(best.washing()).as("seed %d", seed).isEqualTo(OutsideOrder.leastWashing(batches));
        }
    }
}
