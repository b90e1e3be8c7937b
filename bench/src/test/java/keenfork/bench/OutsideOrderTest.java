package keenfork.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.OptionalDouble;
import keenfork.core.run.Batch;
import keenfork.core.run.Conditions;
import keenfork.core.run.KitChoice;
import keenfork.core.run.Sequencer;
import keenfork.core.search.Proof;
import org.junit.jupiter.api.Test;

/// The order of a run against choco-solver 5, an outside solver, on more batches than can be tried one by one.
class OutsideOrderTest {
    @Test
    void the_best_order_washes_no_longer_than_the_outside_solver_finds() {
        for (var seed = 1; seed <= 3; seed++) {
            var batches = Ordering.batches(seed, seed == 1 ? 8 : 7, 3);
            var best = Sequencer.order(batches, Conditions.USUAL);
            assertThat(best.contacts()).isZero();
            assertThat(best.proof()).isInstanceOf(Proof.Best.class);
            assertThat(best.washing()).as("seed %d", seed)
                    .isEqualTo(OutsideOrder.leastWashing(batches, Conditions.USUAL.equipment()));
        }
    }

    @Test
    void nor_with_two_pieces_of_a_kind_one_of_them_kept_from_nuts() {
        for (var seed = 5; seed <= 7; seed++) {
            var batches = Ordering.batches(seed, 7, 3);
            var best = Sequencer.order(batches, Conditions.USUAL.with(Ordering.TWO_BOARDS));
            assertThat(best.contacts()).isZero();
            assertThat(best.washing()).as("seed %d", seed)
                    .isEqualTo(OutsideOrder.leastWashing(batches, Ordering.TWO_BOARDS));
        }
    }

    /// What goes into another batch is made before it, though another order would wash less.
    @Test
    void nor_where_some_batches_go_into_others() {
        var dearer = 0;
        for (var seed = 8; seed <= 12; seed++) {
            var free = Ordering.batches(seed, 7, 3);
            var bound = new ArrayList<Batch>();
            for (var b : free) {
                var needs = new LinkedHashMap<String, Batch.Need>();
                if (bound.size() % 3 == 0)
                    for (var other = bound.size() + 1; other < Math.min(free.size(), bound.size() + 3); other++)
                        needs.put(free.get(other).dish(), new Batch.Need(0, OptionalDouble.empty()));
                bound.add(new Batch(b.dish(), b.portions(), b.uses(), b.tasks(), needs, List.of(), 0,
                        KitChoice.NONE));
            }
            var best = Sequencer.order(bound, Conditions.USUAL);
            var names = best.turns().stream().map(t -> t.batch().dish()).toList();
            for (var b : bound)
                for (var used : b.needs().keySet()) assertThat(names.indexOf(used)).isLessThan(names.indexOf(b.dish()));
            assertThat(best.proof()).isInstanceOf(Proof.Best.class);
            assertThat(best.washing()).as("seed %d", seed)
                    .isEqualTo(OutsideOrder.leastWashing(bound, Conditions.USUAL.equipment()));
            if (best.washing() > Sequencer.order(free, Conditions.USUAL).washing()) dearer++;
        }
        assertThat(dearer).as("it costs something at least once, or nothing is tested").isPositive();
    }
}
