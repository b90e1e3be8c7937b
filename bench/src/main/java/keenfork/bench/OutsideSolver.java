package keenfork.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import keenfork.core.swap.Puzzle;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.constraints.extension.Tuples;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;

/// choco-solver 5 set the puzzle of a swap plan: one option for each line, costs made least one after the other in the
/// order that counts.
///
/// It is helped as well as we know how: a line's options stand in the order of what they lose, each cost of a line is
/// looked up in a table, and the smallest option is tried first.
final class OutsideSolver {
    static final String NAME = "choco-solver 5.0.0";
    private final Puzzle puzzle;
    private final Model model = new Model();
    private final List<List<Puzzle.Option>> lines;
    private final IntVar[] taken;

    private OutsideSolver(Puzzle puzzle) {
        this.puzzle = puzzle;
        this.lines = puzzle.lines().stream()
                .map(l -> l.stream().sorted(Comparator.comparingInt(OutsideSolver::lost)).toList()).toList();
        this.taken = new IntVar[lines.size()];
        for (var line = 0; line < taken.length; line++)
            taken[line] = model.intVar("line " + line, 0, lines.get(line).size() - 1);
    }

    /// {@return the costs of the best plans, best first; fewer where there are not so many}
    static List<Puzzle.Cost> best(Puzzle puzzle, int most) {
        var found = new ArrayList<List<Integer>>();
        var costs = new ArrayList<Puzzle.Cost>();
        while (costs.size() < most) {
            var solver = new OutsideSolver(puzzle);
            found.forEach(solver::exclude);
            var best = solver.solve();
            if (best.isEmpty()) break;
            found.add(best);
            var options = new ArrayList<Puzzle.Option>();
            for (var line = 0; line < best.size(); line++) options.add(solver.lines.get(line).get(best.get(line)));
            costs.add(puzzle.cost(options));
        }
        return costs;
    }

    private List<Integer> solve() {
        var costs = costs();
        var solver = model.getSolver();
        solver.setSearch(Search.inputOrderLBSearch(taken));
        var best = List.<Integer>of();
        for (var cost : costs) {
            var solution = solver.findOptimalSolution(cost, false);
            if (solution == null) return List.of();
            best = Arrays.stream(taken).map(solution::getIntVal).toList();
            var least = solution.getIntVal(cost);
            solver.reset();
            solver.setSearch(Search.inputOrderLBSearch(taken));
            model.arithm(cost, "=", least).post();
        }
        return best;
    }

    private void exclude(List<Integer> found) {
        var same = new BoolVar[taken.length];
        for (var line = 0; line < taken.length; line++)
            same[line] = model.arithm(taken[line], "=", found.get(line)).reify();
        model.sum(same, "<", same.length).post();
    }

    private List<IntVar> costs() {
        partsAsAWhole();
        var brought = any(Puzzle.Option::brings, 64);
        var broughtIn = model.intVar("brought in", 0, brought.length);
        model.sum(brought, "=", broughtIn).post();
        var counted = puzzle.people().isEmpty() ? broughtIn : model.intVar("nobody knows", 0);
        var shutOut = model.intVar("shut out", 0);
        if (!puzzle.people().isEmpty()) {
            var people = puzzle.people().stream().mapToInt(Integer::intValue).toArray();
            shutOut = model.intVar("shut out", 0, Arrays.stream(people).sum());
            model.scalar(any(Puzzle.Option::shutsOut, people.length), people, "=", shutOut).post();
        }
        return List.of(sum(o -> o.open() ? 1 : 0), shutOut, sum(o -> o.move().keepsRole() ? 0 : 1),
                counted, sum(o -> o.move().changes() ? 1 : 0),
                sum(OutsideSolver::lost), lead(), sum(Puzzle.Option::money), sum(o -> o.move().saltDrift()));
    }

    private static int lost(Puzzle.Option option) { return (int) Math.round((1 - option.move().closeness()) * 1000); }

    private void partsAsAWhole() {
        for (var a = 0; a < taken.length; a++)
            for (var b = a + 1; b < taken.length; b++) {
                var together = new Tuples(true);
                var any = false;
                for (var i = 0; i < lines.get(a).size(); i++)
                    for (var j = 0; j < lines.get(b).size(); j++)
                        if (Puzzle.goTogether(lines.get(a).get(i), lines.get(b).get(j))) together.add(i, j);
                else any = true;
                if (any) model.table(new IntVar[] {taken[a], taken[b]}, together).post();
            }
    }

    private BoolVar[] any(Function<Puzzle.Option, BitSet> of, int places) {
        var any = new BoolVar[places];
        for (var place = 0; place < places; place++) {
            var at = place;
            var with = new ArrayList<BoolVar>();
            for (var line = 0; line < taken.length; line++) {
                var options = lines.get(line);
                if (options.stream().noneMatch(o -> of.apply(o).get(at))) continue;
                var of01 = model.boolVar();
                model.element(of01, options.stream().mapToInt(o -> of.apply(o).get(at) ? 1 : 0).toArray(), taken[line])
                        .post();
                with.add(of01);
            }
            any[place] = with.isEmpty() ? model.boolVar(false) : model.or(with.toArray(BoolVar[]::new)).reify();
        }
        return any;
    }

    private IntVar[] lookedUp(ToIntFunction<Puzzle.Option> of) {
        var figures = new IntVar[taken.length];
        for (var line = 0; line < figures.length; line++) {
            var table = lines.get(line).stream().mapToInt(of).toArray();
            figures[line] =
                    model.intVar("figure", Arrays.stream(table).min().orElse(0), Arrays.stream(table).max().orElse(0));
            model.element(figures[line], table, taken[line]).post();
        }
        return figures;
    }

    private IntVar sum(ToIntFunction<Puzzle.Option> of) {
        var figures = lookedUp(of);
        var sum = model.intVar("sum", Arrays.stream(figures).mapToInt(IntVar::getLB).sum(),
                Arrays.stream(figures).mapToInt(IntVar::getUB).sum());
        model.sum(figures, "=", sum).post();
        return sum;
    }

    /// The longest waiting, and the hands-on work of all.
    private IntVar lead() {
        var waits = lookedUp(Puzzle.Option::waiting);
        var longest = model.intVar("longest waiting", 0, Arrays.stream(waits).mapToInt(IntVar::getUB).max().orElse(0));
        model.max(longest, waits).post();
        var hands = sum(Puzzle.Option::hands);
        var lead = model.intVar("lead", 0, longest.getUB() + hands.getUB());
        model.arithm(longest, "+", hands, "=", lead).post();
        return lead;
    }
}
