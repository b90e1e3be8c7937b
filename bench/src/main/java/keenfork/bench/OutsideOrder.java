package keenfork.bench;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.run.Batch;
import keenfork.core.run.Equipment;
import keenfork.core.run.Kit;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;

/// choco-solver 5 set the order of a prep run: the fewest minutes of washing in which nothing travels, batches of one
/// use a kind of kit.
final class OutsideOrder {
    private final List<Batch> batches;
    private final Equipment equipment;
    private final Model model = new Model();
    private final BoolVar[][] before;
    private final IntVar[] places;
    private final List<IntVar> choices = new ArrayList<>();

    private OutsideOrder(List<Batch> batches, Equipment equipment) {
        this.batches = batches;
        this.equipment = equipment;
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

    /// {@return the fewest minutes of washing; what is used is made before}
    static int leastWashing(List<Batch> batches, Equipment equipment) {
        var order = new OutsideOrder(batches, equipment);
        for (var b = 0; b < batches.size(); b++)
            for (var a = 0; a < batches.size(); a++)
                if (batches.get(b).needs().containsKey(batches.get(a).dish())) order.before[a][b].eq(1).post();
        var minutes = new ArrayList<IntVar>();
        var washes = new ArrayList<BoolVar>();
        for (var kit : Kit.all()) {
            var washed = order.model.boolVarArray(kit.id(), batches.size());
            order.nothingTravels(kit, washed);
            for (var w : washed) {
                washes.add(w);
                minutes.add(order.model.intView(kit.minutes(), w, 0));
            }
        }
        var sum = order.model.intVar("minutes of washing", 0, minutes.size() * 15);
        order.model.sum(minutes.toArray(IntVar[]::new), "=", sum).post();
        var solver = order.model.getSolver();
        // places first, then pieces where there is a choice, then washes
        var inTurn = new ArrayList<IntVar>(List.of(order.places));
        inTurn.addAll(order.choices);
        inTurn.addAll(washes);
        solver.setSearch(Search.inputOrderLBSearch(inTurn.toArray(IntVar[]::new)));
        var best = solver.findOptimalSolution(sum, false);
        if (best == null) throw new IllegalStateException("a kit can always be washed");
        return best.getIntVal(sum);
    }

    /// Where one batch comes before another that it would reach on the same piece, the piece is washed after the one
    /// and not after the other.
    private void nothingTravels(Kit kit, BoolVar[] washed) {
        var on = new IntVar[batches.size()];
        for (var b = 0; b < on.length; b++) on[b] = piece(batches.get(b), kit, b);
        for (var a = 0; a < batches.size(); a++)
            for (var b = 0; b < batches.size(); b++) {
                if (a == b || !reaches(batches.get(a), batches.get(b), kit)) continue;
                var between = new ArrayList<BoolVar>();
                between.add(before[b][a]);
                if (equipment.of(kit).size() > 1) between.add(model.arithm(on[a], "!=", on[b]).reify());
                for (var c = 0; c < batches.size(); c++) {
                    if (c == a || batches.get(c).uses(kit).isEmpty()) continue;
                    var same = model.arithm(on[c], "=", on[b]).reify();
                    between.add(model.and(c == b ? new BoolVar[] {washed[c], before[a][c]}
                            : new BoolVar[] {washed[c], before[a][c], before[c][b], same}).reify());
                }
                model.or(between.toArray(BoolVar[]::new)).post();
            }
    }

    /// Only the pieces that nothing of the batch is kept from; all of them where none is left.
    private IntVar piece(Batch batch, Kit kit, int at) {
        var all = equipment.of(kit);
        var uses = batch.uses(kit);
        var may = new ArrayList<Integer>();
        for (var p = 0; p < all.size(); p++) if (uses.stream().noneMatch(all.get(p)::isKeptFrom)) may.add(p);
        var values = may.isEmpty() ? all.stream().map(all::indexOf).toList() : may;
        var piece = model.intVar(kit.id() + at, values.stream().mapToInt(Integer::intValue).toArray());
        if (!uses.isEmpty() && values.size() > 1) choices.add(piece);
        return piece;
    }

    private static boolean reaches(Batch from, Batch to, Kit kit) {
        for (var left : from.uses(kit))
            for (var reached : to.uses(kit))
                if (left.leaves().stream().anyMatch(s -> !reached.there().contains(s))) return true;
        return false;
    }
}
