package keenfork.core.run;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/// Subset dynamic programming with dominance: every order, batch by batch, where of the ways to have made the same
/// batches only those are followed that no other one beats with less on its pieces.
final class SubsetSearch {
    /// a minute of washing outweighs all that is stale
    static final long MINUTE = 1_000_000;

    private static final List<Integer> NO_PIECE = List.of(-1);

    private final List<Batch> batches;
    private final List<KitCarryover> lanes;
    private final int[] offsets;
    private final int size;
    private final Map<Integer, Integer> locked;
    private final Precedence precedence;
    private final long budget;
    private final Conditions conditions;
    /// for each lane the fewest clears it still needs by itself
    private final List<WashLowerBound> toGo;
    private final long under;
    private long nodes;
    private boolean stopped;

    /// some batches made
    private record Way(long[] state, long cost, int batch, @Nullable Way before) {}

    private SubsetSearch(List<Batch> batches, List<KitCarryover> lanes, List<WashLowerBound> toGo,
            Map<Integer, Integer> locked, long under, Conditions conditions) {
        this.batches = batches;
        this.lanes = lanes;
        this.toGo = toGo;
        this.locked = locked;
        precedence = new Precedence(batches, conditions.told());
        this.under = under;
        budget = conditions.budget().nodes();
        this.conditions = conditions;
        offsets = new int[lanes.size()];
        var at = 0;
        for (var l = 0; l < offsets.length; l++) {
            offsets[l] = at;
            at += lanes.get(l).size();
        }
        size = at;
    }

    /// What was found.
    ///
    /// @param order   the batches by their places, or null where none beats the bound, or the search was cut short
    /// @param isWhole whether every order was ruled out or found
    record Outcome(int @Nullable [] order, boolean isWhole, long nodes) {}

    /// {@return the best order that costs less than a bound}
    /// @param locked for each place in the run the batch that keeps it
    static Outcome under(long bound, List<Batch> batches, List<KitCarryover> lanes, List<WashLowerBound> toGo,
            Map<Integer, Integer> locked, Conditions conditions) {
        var exact = new SubsetSearch(batches, lanes, toGo, locked, bound, conditions);
        var best = exact.best();
        return new Outcome(best == null || exact.stopped ? null : exact.order(best), !exact.stopped, exact.nodes);
    }

    private @Nullable Way best() {
        Map<Integer, List<Way>> layer = Map.of(0, List.of(new Way(new long[size], 0, -1, null)));
        for (var place = 0; place < batches.size(); place++) {
            layer = after(layer, place);
            if (stopped) return null;
        }
        Way best = null;
        for (var ways : layer.values()) for (var way : ways) if (best == null || way.cost < best.cost) best = way;
        return best;
    }

    /// {@return all ways that go on from others by one batch, by what they made}
    private Map<Integer, List<Way>> after(Map<Integer, List<Way>> layer, int place) {
        var next = new TreeMap<Integer, List<Way>>();
        for (var entry : layer.entrySet())
            for (var batch = 0; batch < batches.size(); batch++)
                if (mayStand(batch, place) && mayFollow(batch, entry.getKey()))
                    follow(entry.getValue(), batch, entry.getKey() | 1 << batch, next);
        return next;
    }

    private boolean mayFollow(int batch, int done) {
        return (done >> batch & 1) == 0 && precedence.isReady(batch, done);
    }

    /// Makes a batch after each of some ways that made the same ones.
    private void follow(List<Way> ways, int batch, int done, Map<Integer, List<Way>> next) {
        var open = open(done);
        var stale = batches.get(batch).isFresh() ? minutesLeft(done) : 0;
        var into = next.computeIfAbsent(done, _ -> new ArrayList<>());
        for (var way : ways)
            if (!stopped) follow(new Following(way, batch, done, open, into), 0, way.state, way.cost + stale);
    }

    private boolean mayStand(int batch, int place) {
        var keeper = locked.get(place);
        return keeper == null ? !locked.containsValue(batch) : keeper == batch;
    }

    private List<long[]> open(int done) {
        var open = new ArrayList<long[]>();
        for (var lane : lanes) {
            var bits = new long[lane.words];
            for (var b = 0; b < batches.size(); b++) if ((done >> b & 1) == 0) lane.mark(bits, b);
            open.add(bits);
        }
        return open;
    }

    private int minutesLeft(int done) {
        var minutes = 0;
        for (var b = 0; b < batches.size(); b++) if ((done >> b & 1) == 0) minutes += batches.get(b).minutes();
        return minutes;
    }

    /// A batch made after a way.
    ///
    /// @param done a bit for each batch that is made by then
    /// @param open for each lane the uses that are still to come
    /// @param into the ways that made the same batches
    private record Following(Way from, int batch, int done, List<long[]> open, List<Way> into) {}

    /// Goes through the lanes, one piece after the other where a lane has several.
    private void follow(Following making, int lane, long[] state, long cost) {
        var batch = making.batch;
        if (lane == lanes.size()) {
            keep(making.done, new Way(state, cost, batch, making.from), making.into);
            return;
        }
        var on = lanes.get(lane);
        for (var piece : on.takes(batch) ? on.choices(state, offsets[lane], batch) : NO_PIECE) {
            var after = state.clone();
            var clears = piece < 0 ? 0 : Long.bitCount(on.lay(after, offsets[lane], batch, piece));
            on.settle(after, offsets[lane], making.open.get(lane));
            follow(making, lane + 1, after, cost + clears * on.minutes * MINUTE);
        }
    }

    private void keep(int done, Way way, List<Way> into) {
        nodes += 1 + into.size() / 16;
        if (nodes > budget || (nodes & 1023) < 1 && !conditions.watch().goesOn(nodes, under / MINUTE)) stopped = true;
        for (var other : into) if (other.cost <= way.cost && isWithin(other.state, way.state)) return;
        if (atLeast(done, way) >= under) return;
        into.removeIf(other -> way.cost <= other.cost && isWithin(way.state, other.state));
        into.add(way);
    }

    /// What a way costs at least once it is finished: each lane needs what it needs by itself.
    private long atLeast(int done, Way way) {
        var cost = way.cost;
        for (var l = 0; l < lanes.size() && cost < under; l++)
            cost += toGo.get(l).clears(done, way.state, offsets[l]) * lanes.get(l).minutes * MINUTE;
        return cost;
    }

    private static boolean isWithin(long[] less, long[] more) {
        for (var w = 0; w < less.length; w++) if ((less[w] & ~more[w]) != 0) return false;
        return true;
    }

    private int[] order(Way best) {
        var order = new int[batches.size()];
        Way at = best;
        for (var i = order.length - 1; i >= 0 && at != null; i--) {
            order[i] = at.batch;
            at = at.before;
        }
        return order;
    }

    /// {@return locks by place; of two that want one place the first keeps it, and what lies past the end keeps none}
    static Map<Integer, Integer> places(List<Batch> batches, Map<String, Integer> locked) {
        var places = new LinkedHashMap<Integer, Integer>();
        for (var b = 0; b < batches.size(); b++) {
            var place = locked.get(batches.get(b).dish());
            if (place != null && place >= 0 && place < batches.size()) places.putIfAbsent(place, b);
        }
        return places;
    }

}
