package keenfork.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToIntFunction;
import keenfork.core.covers.CoverPuzzle;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;

/// choco-solver 5 set the puzzle of serving everyone: one option for each dish, costs made least one after the other in
/// the order that counts.
final class OutsideCovers {
    private final CoverPuzzle puzzle;
    private final Model model = new Model();
    private final IntVar[] taken;

    private OutsideCovers(CoverPuzzle puzzle) {
        this.puzzle = puzzle;
        this.taken = new IntVar[puzzle.dishes().size()];
        for (var d = 0; d < taken.length; d++)
            taken[d] = model.intVar("dish " + d, 0, puzzle.dishes().get(d).size() - 1);
    }

    /// {@return what the best way to serve costs}
    static CoverPuzzle.Cost best(CoverPuzzle puzzle) { return new OutsideCovers(puzzle).solve(); }

    private CoverPuzzle.Cost solve() {
        var costs = List.of(unfed(), sum(o -> o.cost().changes()), sum(o -> o.cost().twice()),
                sum(o -> o.cost().minutes()), sum(o -> o.cost().washes()), sum(o -> o.cost().lost()));
        var solver = model.getSolver();
        solver.setSearch(Search.inputOrderLBSearch(taken));
        var best = new ArrayList<CoverPuzzle.Option>();
        for (var cost : costs) {
            var solution = solver.findOptimalSolution(cost, false);
            best.clear();
            for (var d = 0; d < taken.length; d++)
                best.add(puzzle.dishes().get(d).get(solution.getIntVal(taken[d])));
            var least = solution.getIntVal(cost);
            solver.reset();
            solver.setSearch(Search.inputOrderLBSearch(taken));
            model.arithm(cost, "=", least).post();
        }
        return puzzle.cost(best);
    }

    private IntVar unfed() {
        var people = puzzle.people().stream().mapToInt(Integer::intValue).toArray();
        var hungry = new BoolVar[people.length];
        for (var g = 0; g < people.length; g++) {
            var group = g;
            var plates = lookedUp(o -> o.feeds().get(group) ? 1 : 0);
            var has = model.intVar("has", 0, plates.length);
            model.sum(plates, "=", has).post();
            hungry[g] = model.arithm(has, "<", puzzle.least()).reify();
        }
        var unfed = model.intVar("unfed", 0, Arrays.stream(people).sum());
        model.scalar(hungry, people, "=", unfed).post();
        return unfed;
    }

    private IntVar[] lookedUp(ToIntFunction<CoverPuzzle.Option> of) {
        var figures = new IntVar[taken.length];
        for (var d = 0; d < figures.length; d++) {
            var table = puzzle.dishes().get(d).stream().mapToInt(of).toArray();
            figures[d] = model.intVar("figure", Arrays.stream(table).min().orElse(0),
                    Arrays.stream(table).max().orElse(0));
            model.element(figures[d], table, taken[d]).post();
        }
        return figures;
    }

    private IntVar sum(ToIntFunction<CoverPuzzle.Option> of) {
        var figures = lookedUp(of);
        var sum = model.intVar("sum", 0, Math.max(1, Arrays.stream(figures).mapToInt(IntVar::getUB).sum()));
        model.sum(figures, "=", sum).post();
        return sum;
    }
}
