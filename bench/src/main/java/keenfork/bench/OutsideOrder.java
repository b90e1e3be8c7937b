package keenfork.bench;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.run.Batch;
import keenfork.core.run.Kit;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;

/// choco-solver 5 set the order of a prep run: the fewest minutes of washing in which nothing travels.
final class OutsideOrder {
    private final List<Batch> batches;
    private final Model model = new Model();
    private final BoolVar[][] before;
    private final IntVar[] places;

    private OutsideOrder(List<Batch> batches) {
        this.batches = batches;
        var n = batches.size();
        places = model.intVarArray("place", n, 0, n - 1);
        model.allDifferent(places).post();
        before = new BoolVar[n][n];
        for (var a = 0; a < n; a++)
            for (var b = a + 1; b < n; b++) {
                before[a][b] = model.arithm(places[a], "<", places[b]).reify();
                before[b][a] = before[a][b].not();
            }
    }

    /// {@return the fewest minutes of washing}
    static int leastWashing(List<Batch> batches) {
        var order = new OutsideOrder(batches);
        var minutes = new ArrayList<IntVar>();
        var washes = new ArrayList<BoolVar>();
        for (var kit : Kit.all()) {
            var washed = order.model.boolVarArray(kit.id(), batches.size());
            order.nothingTravels(kit, washed);
            for (var w : washed) {
                washes.add(w);
                minutes.add(order.model.intView(kit.endedBy().minutes(), w, 0));
            }
        }
        var sum = order.model.intVar("minutes of washing", 0, minutes.size() * 15);
        order.model.sum(minutes.toArray(IntVar[]::new), "=", sum).post();
        var solver = order.model.getSolver();
        solver.setSearch(Search.inputOrderLBSearch(order.places), Search.inputOrderLBSearch(washes.toArray(IntVar[]::new)));
        var best = solver.findOptimalSolution(sum, false);
        if (best == null) throw new IllegalStateException("a kit can always be washed");
        return best.getIntVal(sum);
    }

    /// Where one batch comes before another that it would reach, the kit is washed after the one and not after the other.
    private void nothingTravels(Kit kit, BoolVar[] washed) {
        for (var a = 0; a < batches.size(); a++)
            for (var b = 0; b < batches.size(); b++) {
                if (a == b || !reaches(batches.get(a), batches.get(b), kit)) continue;
                var between = new ArrayList<BoolVar>();
                between.add(before[b][a]);
                for (var c = 0; c < batches.size(); c++) {
                    if (c == a || batches.get(c).use(kit).isEmpty()) continue;
                    between.add(model.and(c == b ? new BoolVar[] {washed[c], before[a][c]} : new BoolVar[] {washed[c], before[a][c], before[c][b]}).reify());
                }
                model.or(between.toArray(BoolVar[]::new)).post();
            }
    }

    private static boolean reaches(Batch from, Batch to, Kit kit) {
        var left = from.use(kit);
        var reached = to.use(kit);
        return left.isPresent() && reached.isPresent() && left.get().leaves().stream().anyMatch(s -> !reached.get().there().contains(s));
    }
}
