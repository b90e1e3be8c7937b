package keenfork.core.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.ToLongFunction;
import keenfork.core.search.Proof;

/// Orders batches over shared kit so that nothing travels: no lateness, then the fewest minutes of washing, then what
/// should be fresh as late as may be.
///
/// Every piece can be cleared before every use, so an order without contacts always exists. For one order and one
/// share-out of the pieces the washes are no choice: a piece is cleared when the next use would be reached, and not
/// before. (A stretch in which nothing travels stays one when it begins later, so waiting never costs a wash more.)
public final class Sequencer {
    /// most batches whose order is proved the best, within the budget
    public static final int EXACT = 14;
    /// ways of sharing pieces followed side by side while orders are compared
    private static final int NARROW = 8;
    /// most batches moved together
    private static final int TOGETHER = 4;
    /// most orders laid out by the clock to make a late one less so
    private static final int LATE_TRIES = 400;

    private final List<Batch> batches;
    private final Conditions conditions;
    /// kinds of kit on which something could travel
    private final List<KitCarryover> lanes;
    /// kinds of which a batch may take one piece or another
    private final List<KitCarryover> shared;
    private final Map<Integer, Integer> locked;
    private final Precedence precedence;
    private long nodes;
    private boolean stopped;

    private Sequencer(List<Batch> batches, Conditions conditions) {
        this.batches = batches;
        this.conditions = conditions;
        var all = KitCarryover.of(batches, conditions);
        lanes = all.stream().filter(KitCarryover::matters).toList();
        shared = all.stream().filter(l -> l.matters() || l.pieces > 1).toList();
        precedence = new Precedence(batches, conditions.told());
        locked = SubsetSearch.places(batches, conditions.locked());
    }

    /// {@return the best order, proved up to [#EXACT] batches within the budget; else the best that was found}
    public static PrepRun order(List<Batch> batches, Conditions conditions) {
        return KitChoices.isOpen(batches) ? KitChoices.order(batches, conditions) : chosen(batches, conditions);
    }

    /// {@return the same where every batch has chosen its kit}
    static PrepRun chosen(List<Batch> batches, Conditions conditions) {
        return new Sequencer(List.copyOf(batches), conditions).order();
    }

    /// {@return an order as it is given, scored}
    public static PrepRun score(List<BatchSetup> order, Conditions conditions) {
        return scored(order, conditions, new Proof.Best(order.size()), 0);
    }

    /// {@return an order as it is given, each batch on the first pieces it may go on, nothing cleaned}
    public static PrepRun unwashed(List<Batch> order, Conditions conditions) {
        return score(order.stream().map(b -> BatchSetup.of(b, conditions.equipment())).toList(), conditions);
    }

    /// {@return a given order with its pieces shared out well, each cleared just when the next use would be reached}
    public static PrepRun washed(List<Batch> order, Conditions conditions) {
        var sequencer = new Sequencer(List.copyOf(order), conditions);
        return scored(sequencer.made(sequencer.given()), conditions, new Proof.Best(order.size()), 0);
    }

    /// {@return whether anything still travels in an order, and what}
    public static List<CrossContact> contacts(List<BatchSetup> order, Conditions conditions) {
        return Contacts.of(order, conditions.school(), conditions.equipment().figures()).stream().flatMap(List::stream)
                .toList();
    }

    private static PrepRun scored(List<BatchSetup> order, Conditions conditions, Proof proof, int least) {
        var carried = Contacts.of(order, conditions.school(), conditions.equipment().figures());
        var turns = new ArrayList<PrepRun.Turn>();
        for (var i = 0; i < order.size(); i++) turns.add(new PrepRun.Turn(order.get(i), carried.get(i)));
        return new PrepRun(turns, conditions, proof, least);
    }

    private PrepRun order() {
        var best = improved(nearest(), this::cost);
        var exactly = batches.size() <= EXACT;
        var toGo = exactly
                ? lanes.stream().map(l -> new WashLowerBound(l, batches.size(), conditions.budget().nodes())).toList()
                : List.<WashLowerBound>of();
        var least = 0;
        for (var l = 0; l < lanes.size(); l++)
            least += lanes.get(l).minutes
                    * (exactly ? Math.max(lanes.get(l).least(), toGo.get(l).clears(0, new long[lanes.get(l).size()], 0))
                            : lanes.get(l).least());
        var isProved = false;
        if (exactly && !stopped) {
            var found = SubsetSearch.under(cost(best), batches, lanes, toGo, locked, conditions);
            nodes += found.nodes();
            isProved = found.isWhole();
            if (found.order() != null) best = found.order();
        }
        var run = run(best, isProved, least);
        if (run.schedule().late() == 0) return run;
        return run(improved(best, this::lateness), false, least);
    }

    private PrepRun run(int[] order, boolean isProved, int least) {
        var run = scored(made(order), conditions, isProved ? new Proof.Best(nodes) : new Proof.Stopped(nodes), 0);
        return new PrepRun(run.turns(), conditions, run.proof(), isProved ? run.washing() : least);
    }

    private int[] given() {
        var order = new int[batches.size()];
        for (var i = 0; i < order.length; i++) order[i] = i;
        return order;
    }

    private long cost(int[] order) {
        nodes += order.length;
        var minutes = 0L;
        for (var lane : lanes) minutes += (long) lane.washes(order, NARROW) * lane.minutes;
        return minutes * SubsetSearch.MINUTE + PrepRun.stale(at(order));
    }

    private long lateness(int[] order) {
        nodes += conditions.budget().nodes() / LATE_TRIES;
        return scored(made(order), conditions, new Proof.Best(0), 0).schedule().late() * 1_000_000_000_000L
                + cost(order);
    }

    private List<Batch> at(int[] order) {
        var all = new ArrayList<Batch>();
        for (var i : order) all.add(batches.get(i));
        return all;
    }

    /// The batches of an order on the pieces that need fewest clears, each cleared when it must be.
    private List<BatchSetup> made(int[] order) {
        var made = new ArrayList<BatchSetup>();
        for (var i : order) made.add(BatchSetup.of(batches.get(i), conditions.equipment()));
        for (var lane : shared) {
            var pieces = conditions.equipment().of(lane.kit);
            var share = lane.share(order, KitCarryover.WIDE);
            for (var i = 0; i < order.length; i++)
                if (share.piece()[i] >= 0)
                    made.set(i, washed(made.get(i).on(pieces.get(share.piece()[i])), lane.kit, share.washed()[i]));
        }
        return made;
    }

    /// @param before a bit for each use of the kit before which it is cleared
    private static BatchSetup washed(BatchSetup made, Kit kit, long before) {
        for (var u = 0; u < made.batch().uses(kit).size(); u++)
            if ((before >> u & 1) != 0) made = made.with(new BatchSetup.Before(kit, u), kit.endedBy());
        return made;
    }

    /// Takes, turn by turn, the batch that needs least washing now, leaving least behind.
    private int[] nearest() {
        var open = new ArrayList<Integer>();
        for (var b = 0; b < batches.size(); b++) if (!locked.containsValue(b)) open.add(b);
        var states = new ArrayList<long[]>();
        for (var lane : lanes) states.add(new long[lane.size()]);
        var order = new int[batches.size()];
        for (var place = 0; place < order.length; place++) {
            var next = locked.getOrDefault(place, -1);
            if (next < 0) {
                next = leastHarm(states, open);
                open.remove(Integer.valueOf(next));
            }
            order[place] = next;
            for (var l = 0; l < lanes.size(); l++)
                if (lanes.get(l).takes(next)) states.set(l, laid(lanes.get(l), states.get(l), next));
        }
        return order;
    }

    /// {@return the open batch that does least harm now}
    private int leastHarm(List<long[]> states, List<Integer> open) {
        // dishes that use each other in a ring wait for ever: the first of them goes
        var next = open.getFirst();
        var least = Long.MAX_VALUE;
        for (var b : open) {
            if (precedence.waits(b, open)) continue;
            var harm = harm(states, b);
            if (harm >= least) continue;
            least = harm;
            next = b;
        }
        return next;
    }

    private long harm(List<long[]> states, int batch) {
        nodes++;
        var minutes = 0L;
        for (var l = 0; l < lanes.size(); l++)
            if (lanes.get(l).takes(batch))
                minutes += (long) clears(lanes.get(l), states.get(l), batch) * lanes.get(l).minutes;
        return minutes * 1000 + batches.get(batch).leaves().size() * 2L + (batches.get(batch).isFresh() ? 1 : 0);
    }

    private static int clears(KitCarryover lane, long[] state, int batch) {
        return lane.choices(state, 0, batch).stream().mapToInt(p -> Long.bitCount(lane.lay(state.clone(), 0, batch, p)))
                .min().orElse(0);
    }

    private static long[] laid(KitCarryover lane, long[] state, int batch) {
        var best = state;
        var fewest = Integer.MAX_VALUE;
        for (var p : lane.choices(state, 0, batch)) {
            var after = state.clone();
            var clears = Long.bitCount(lane.lay(after, 0, batch, p));
            if (clears >= fewest) continue;
            fewest = clears;
            best = after;
        }
        return best;
    }

    /// Moves batches, alone or with those that follow, as long as that helps, within the budget.
    private int[] improved(int[] start, ToLongFunction<int[]> cost) {
        var best = new Tried(start, cost.applyAsLong(start));
        var until = nodes + conditions.budget().nodes();
        for (Tried before = null; best != before && !stopped;) {
            before = best;
            for (var length = 1; length <= Math.min(TOGETHER, start.length - 1); length++)
                best = movedTogether(best, length, cost, until);
        }
        return best.order;
    }

    /// an order with what it costs
    private record Tried(int[] order, long cost) {}

    /// {@return the best order that moves of so many batches in a row lead to, each from the best so far}
    private Tried movedTogether(Tried best, int length, ToLongFunction<int[]> cost, long until) {
        var last = best.order.length - length;
        for (var from = 0; from <= last; from++)
            for (var to = 0; to <= last && !stopped; to++) {
                var moved = moved(best.order, from, length, to);
                if (moved.length == 0 || precedence.broken(moved) > precedence.broken(best.order)) continue;
                var now = cost.applyAsLong(moved);
                if (nodes > until || !conditions.watch().goesOn(nodes, best.cost / SubsetSearch.MINUTE)) stopped = true;
                if (now < best.cost) best = new Tried(moved, now);
            }
        return best;
    }

    /// {@return an order with some batches moved, what is locked in its place; empty where that changes nothing}
    private int[] moved(int[] order, int from, int length, int to) {
        if (from == to) return new int[0];
        for (var i = from; i < from + length; i++) if (locked.containsKey(i)) return new int[0];
        var free = new ArrayList<Integer>();
        for (var i = 0; i < order.length; i++)
            if (!locked.containsKey(i) && (i < from || i >= from + length)) free.add(order[i]);
        var at = 0;
        for (var i = 0; i < to; i++) if (!locked.containsKey(i)) at++;
        for (var i = 0; i < length; i++) free.add(Math.min(at + i, free.size()), order[from + i]);
        var moved = new int[order.length];
        var next = free.iterator();
        for (var i = 0; i < moved.length; i++) moved[i] = locked.containsKey(i) ? order[i] : next.next();
        return moved;
    }
}
