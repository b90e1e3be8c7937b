package keenfork.bench;

import static org.assertj.core.api.Assertions.assertThat;

import keenfork.core.run.Conditions;
import keenfork.core.run.Sequencer;
import keenfork.core.search.Proof;
import org.junit.jupiter.api.Test;

/// The order of a run against choco-solver 5, an outside solver, on more batches than can be tried one by one.
class OutsideOrderTest {
    @Test void the_best_order_washes_no_longer_than_the_outside_solver_finds() {
        for (var seed = 1; seed <= 3; seed++) {
            var batches = Ordering.batches(seed, seed == 1 ? 8 : 7, 3);
            var best = Sequencer.order(batches, Conditions.USUAL);
            assertThat(best.contacts()).isZero();
            assertThat(best.proof()).isInstanceOf(Proof.Best.class);
            assertThat(best.washing()).as("seed %d", seed).isEqualTo(OutsideOrder.leastWashing(batches, Conditions.USUAL.equipment()));
        }
    }

    @Test void nor_with_two_pieces_of_a_kind_one_of_them_kept_from_nuts() {
        for (var seed = 5; seed <= 7; seed++) {
            var batches = Ordering.batches(seed, 7, 3);
            var best = Sequencer.order(batches, Conditions.USUAL.with(Ordering.TWO_BOARDS));
            assertThat(best.contacts()).isZero();
            assertThat(best.washing()).as("seed %d", seed).isEqualTo(OutsideOrder.leastWashing(batches, Ordering.TWO_BOARDS));
        }
    }
}
