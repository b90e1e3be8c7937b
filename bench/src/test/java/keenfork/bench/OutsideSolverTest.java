package keenfork.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import java.util.Random;
import keenfork.core.people.Guests;
import keenfork.core.recipe.Recipe;
import keenfork.core.search.Budget;
import keenfork.core.search.Proof;
import keenfork.core.swap.Move;
import keenfork.core.swap.Plan;
import keenfork.core.swap.Plans;
import keenfork.core.swap.Puzzle;
import keenfork.core.swap.SwapPlanner;
import org.junit.jupiter.api.Test;

/// The planner against choco-solver 5, an outside solver, on the same puzzles: thirty lines, six avoidances, all swaps.
class OutsideSolverTest {
    /// A puzzle does not know when portions can be taken off: not before what goes in first of all, not more than half
    /// of the dish. Where its best does so, the plan lies between that and the best without.
    private static boolean isTheOptimum(Recipe dish, Puzzle puzzle, Plans plans) {
        assertThat(plans.proof()).isInstanceOf(Proof.Best.class);
        var found = plans.best().stream().map(Plan::cost).min(Comparator.naturalOrder()).orElseThrow();
        var outside = OutsideSolver.best(puzzle, 1).getFirst();
        if (found.equals(outside)) return true;
        assertThat(SwapPlanner.bestMoves(puzzle, Budget.USUAL)).as(dish.name())
                .hasAtLeastOneElementOfType(Move.TakeOff.class);
        assertThat(found).as(dish.name()).isGreaterThan(outside);
        puzzle.without(Move.TakeOff.class).ifPresent(none -> assertThat(found).as(dish.name())
                .isLessThanOrEqualTo(OutsideSolver.best(none, 1).getFirst()));
        return false;
    }

    @Test
    void the_best_plan_costs_what_the_outside_solver_finds() {
        var planned = 0;
        var exactly = 0;
        for (var dish : Planning.dishes(5, 24)) {
            var plans = Planning.plan(dish);
            // what only portions taken off could mend is no dish any more, and the puzzle does not know that
            if (plans.best().isEmpty()) {
                assertThat(plans.blocked()).as(dish.name()).isNotEmpty();
                continue;
            }
            planned++;
            if (isTheOptimum(dish, Planning.puzzle(dish), plans)) exactly++;
        }
        assertThat(planned).isGreaterThanOrEqualTo(18);
        assertThat(exactly).isGreaterThanOrEqualTo(12);
    }

    @Test
    void the_puzzle_alone_has_the_same_costs_in_full() {
        for (var dish : Planning.dishes(21, 6)) {
            var puzzle = Planning.puzzle(dish);
            assertThat(SwapPlanner.best(puzzle, 4, Budget.USUAL)).as(dish.name())
                    .isEqualTo(OutsideSolver.best(puzzle, 4));
        }
    }

    /// With guests at the table the people shut out count, which do not add up line by line.
    @Test
    void with_guests_to_shut_out_it_is_the_same_optimum() {
        var random = new Random(11);
        var words = List.of("milk", "eggs", "nuts", "sesame", "gluten", "fish", "soybeans", "mustard", "celery",
                "vegan", "no-honey", "cashew");
        for (var dish : Planning.dishes(9, 8)) {
            var guests = words.stream().filter(_ -> random.nextBoolean())
                    .map(w -> new Guests(w, 1 + random.nextInt(9), Planning.avoidances(List.of(w)))).toList();
            var planner = new SwapPlanner(Planning.kitchen(guests),
                    Planning.avoidances(List.of(words.get(random.nextInt(6)), words.get(random.nextInt(6)))));
            var plans = planner.plan(dish, 3, Budget.USUAL);
            isTheOptimum(dish, planner.puzzle(dish), plans);
            assertThat(SwapPlanner.best(planner.puzzle(dish), 3, Budget.USUAL))
                    .isEqualTo(OutsideSolver.best(planner.puzzle(dish), 3));
        }
    }
}
