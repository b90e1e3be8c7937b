package keenfork.bench;

import static org.assertj.core.api.Assertions.assertThat;

import keenfork.core.covers.Serving;
import keenfork.core.measure.Volumes;
import keenfork.core.regime.RuleBook;
import keenfork.core.swap.Context;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;

/// Serving everyone against choco-solver 5, an outside solver, on the same puzzles.
class OutsideCoversTest {
    @Test
    void the_optimum_is_what_the_outside_solver_finds() {
        for (var puzzle : Serve.puzzles(3, 60)) assertThat(Serve.best(puzzle)).isEqualTo(OutsideCovers.best(puzzle));
    }

    @Test
    void an_event_costs_what_the_outside_solver_finds() {
        var book = RuleBook.uk();
        var serving = new Serving(new Context(Facts.none(book), book, Volumes.METRIC), Serve.menu(8), Serve.groups(6),
                2);
        var plan = serving.plans(1).getFirst();
        assertThat(plan.proved()).isTrue();
        assertThat(plan.cost()).isEqualTo(OutsideCovers.best(serving.puzzles().getFirst()));
    }
}
