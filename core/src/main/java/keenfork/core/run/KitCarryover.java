package keenfork.core.run;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/// One kind of kit in a run: which of its uses would be reached by which. A piece is remembered as the uses still to
/// come that what is on it would reach: nothing else of its past matters.
final class KitCarryover {
    /// most ways of sharing the pieces that are followed side by side for one order
    static final int WIDE = 4096;

    final Kit kit;
    final int minutes;
    final int pieces;
    /// words of bits that remember one piece
    final int words;
    /// for each batch its uses of this kit, numbered over all batches
    private final int[][] uses;
    /// for each use what it would reach
    private final long[][] reaches;
    private final boolean[][] may;
    /// for each batch the minutes it takes its piece
    private final int[] takes;
    /// for each piece the first one that the same batches may go on
    private final int[] twin;

    /// One way of sharing the pieces.
    ///
    /// @param piece  the piece the last batch took
    /// @param washed a bit for each of that batch's uses that the piece was cleared before
    /// @param load   minutes each piece is taken
    private record Way(long[] state, int washes, int piece, long washed, int[] load, @Nullable Way before) {
        /// {@return how unevenly the work is spread}
        long uneven() {
            var sum = 0L;
            for (var l : load) sum += (long) l * l;
            return sum;
        }

        Way orBetter(Way other) {
            return other.washes < washes || other.washes == washes && other.uneven() < uneven() ? other : this;
        }
    }

    /// what is on each piece, for comparing
    private record Seen(long[] state) {
        @Override
        public boolean equals(@Nullable Object other) {
            return other instanceof Seen s && Arrays.equals(state, s.state);
        }

        @Override
        public int hashCode() { return Arrays.hashCode(state); }
    }

    /// How the pieces of a kind are shared in one order.
    ///
    /// @param washes clears in all
    /// @param piece  for each turn the piece, -1 for none
    /// @param washed for each turn a bit for each of its uses that the piece is cleared before
    record Shared(int washes, int[] piece, long[] washed) {}

    private KitCarryover(List<Batch> batches, Kit kit, Conditions conditions) {
        this.kit = kit;
        minutes = conditions.equipment().figures().clearing(kit);
        var all = conditions.equipment().of(kit);
        pieces = all.size();
        var flat = new ArrayList<Batch.Use>();
        var owner = new ArrayList<Integer>();
        uses = new int[batches.size()][];
        may = new boolean[batches.size()][pieces];
        takes = new int[batches.size()];
        for (var b = 0; b < batches.size(); b++) {
            var own = batches.get(b).uses(kit);
            uses[b] = new int[own.size()];
            for (var u = 0; u < own.size(); u++) {
                uses[b][u] = flat.size();
                flat.add(own.get(u));
                owner.add(b);
            }
            for (var task : batches.get(b).tasks())
                if (task.kit().contains(kit) && !task.isDayBefore()) takes[b] += task.hands() + task.waits();
            var open = conditions.equipment().open(batches.get(b), kit);
            for (var p = 0; p < pieces; p++) may[b][p] = open.contains(all.get(p));
        }
        words = Math.max(1, (flat.size() + 63) / 64);
        reaches = new long[flat.size()][words];
        for (var from = 0; from < flat.size(); from++)
            for (var to = 0; to < flat.size(); to++) {
                var own = owner.get(from).equals(owner.get(to));
                if (from == to || own && to < from) continue;
                if (!Contacts.passes(flat.get(from), flat.get(to), batches.get(owner.get(to)), own, Clean.NONE,
                        Contacts.Counted.by(conditions)).isEmpty())
                    reaches[from][to >> 6] |= 1L << to;
            }
        twin = new int[pieces];
        for (var p = 0; p < pieces; p++) while (twin[p] < p && !isTwin(twin[p], p)) twin[p]++;
    }

    /// {@return a lane for each kind of kit that any batch goes over}
    static List<KitCarryover> of(List<Batch> batches, Conditions conditions) {
        return Kit.all().stream().filter(k -> batches.stream().anyMatch(b -> !b.uses(k).isEmpty()))
                .map(k -> new KitCarryover(batches, k, conditions)).toList();
    }

    /// {@return whether anything could travel on it}
    boolean matters() { return Arrays.stream(reaches).anyMatch(r -> Arrays.stream(r).anyMatch(w -> w != 0)); }

    private boolean isTwin(int one, int other) {
        for (var b : may) if (b[one] != b[other]) return false;
        return true;
    }

    boolean takes(int batch) { return uses[batch].length > 0; }

    /// {@return the pieces worth trying for a batch: of two that the same batches may go on, with the same on them, one
    /// is enough}
    /// @param at where this lane begins in the state
    List<Integer> choices(long[] state, int at, int batch) {
        var choices = new ArrayList<Integer>();
        for (var p = 0; p < pieces; p++) {
            if (!may[batch][p]) continue;
            var same = false;
            for (var q : choices)
                if (twin[q] == twin[p] && Arrays.equals(state, at + q * words, at + (q + 1) * words,
                        state, at + p * words, at + (p + 1) * words))
                    same = true;
            if (!same) choices.add(p);
        }
        return choices;
    }

    /// Lays a batch on a piece, clearing it where it must be.
    /// @return a bit for each use it was cleared before
    long lay(long[] state, int at, int batch, int piece) {
        var from = at + piece * words;
        var washed = 0L;
        for (var u = 0; u < uses[batch].length; u++) {
            var use = uses[batch][u];
            if ((state[from + (use >> 6)] >> use & 1) != 0) {
                washed |= 1L << u;
                Arrays.fill(state, from, from + words, 0);
            }
            for (var w = 0; w < words; w++) state[from + w] |= reaches[use][w];
        }
        return washed;
    }

    /// Forgets what is done, and puts pieces that stand for each other in one order.
    void settle(long[] state, int at, long[] open) {
        for (var p = 0; p < pieces; p++) for (var w = 0; w < words; w++) state[at + p * words + w] &= open[w];
        for (var p = 1; p < pieces; p++)
            for (var q = p;
                    q > 0 && twin[q] == twin[q - 1]
                            && Arrays.compare(state, at + q * words, at + (q + 1) * words, state, at + (q - 1) * words,
                                    at + q * words) < 0;
                    q--)
                for (var w = 0; w < words; w++) {
                    var held = state[at + q * words + w];
                    state[at + q * words + w] = state[at + (q - 1) * words + w];
                    state[at + (q - 1) * words + w] = held;
                }
    }

    void mark(long[] open, int batch) { for (var use : uses[batch]) open[use >> 6] |= 1L << use; }

    int size() { return pieces * words; }

    /// {@return the fewest clears of one order, and how; of ways that clear as often, one that spreads the work over
    /// the pieces}
    /// @param wide most ways followed side by side
    Shared share(int[] order, int wide) {
        var left = new long[order.length + 1][words];
        for (var i = order.length - 1; i >= 0; i--) {
            left[i] = left[i + 1].clone();
            mark(left[i], order[i]);
        }
        List<Way> ways = List.of(new Way(new long[size()], 0, -1, 0, new int[pieces], null));
        for (var i = 0; i < order.length; i++) ways = takes(order[i]) ? next(ways, order[i], left[i + 1], wide) : ways;
        var best = ways.stream().reduce(Way::orBetter).orElseThrow();
        var shared = new Shared(best.washes, new int[order.length], new long[order.length]);
        Arrays.fill(shared.piece, -1);
        Way at = best;
        for (var i = order.length - 1; i >= 0; i--) {
            if (!takes(order[i]) || at == null) continue;
            shared.piece[i] = at.piece;
            shared.washed[i] = at.washed;
            at = at.before;
        }
        return shared;
    }

    /// The pieces are not put in one order here, for it matters which one was taken; ways that leave the same behind
    /// are one.
    private List<Way> next(List<Way> ways, int batch, long[] open, int wide) {
        Map<Seen, Way> found = new HashMap<>();
        for (var way : ways)
            for (var p = 0; p < pieces; p++) {
                if (!may[batch][p]) continue;
                var state = way.state.clone();
                var washed = lay(state, 0, batch, p);
                var plain = state.clone();
                settle(plain, 0, open);
                for (var w = 0; w < state.length; w++) state[w] &= open[w % words];
                var load = way.load.clone();
                load[p] += takes[batch];
                found.merge(new Seen(plain), new Way(state, way.washes + Long.bitCount(washed), p, washed, load, way),
                        Way::orBetter);
            }
        return found.values().stream().sorted(Comparator.comparingInt(Way::washes).thenComparingLong(Way::uneven)
                .thenComparing(Way::state, Arrays::compare)).limit(wide).toList();
    }

    /// {@return the fewest clears of one order}
    /// @param wide most ways of sharing the pieces followed side by side
    int washes(int[] order, int wide) {
        if (pieces > 1) return share(order, wide).washes();
        var state = new long[words];
        var washes = 0;
        for (var batch : order) washes += Long.bitCount(lay(state, 0, batch, 0));
        return washes;
    }

    /// Of uses that can follow each other in neither order each needs the piece cleared: as many as there are so, less
    /// one a piece, whatever the order.
    int least() {
        return Math.max(0, new UsesApart(reaches.length, (a, b) -> reach(a, b) && reach(b, a)).most() - pieces);
    }

    private boolean reach(int from, int to) { return (reaches[from][to >> 6] >> to & 1) != 0; }
}
