package keenfork.core.run;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/// The fewest clears one kind of kit still needs by itself, in whatever order the rest is made: no order of all kit
/// does with less there.
final class WashLowerBound {
    private final KitCarryover lane;
    private final int batches;
    private final int users;
    private final Map<Left, Integer> known = new HashMap<>();
    private final long most;

    /// What is left to be done.
    ///
    /// @param done  the batches made that go over this kit, a bit each
    /// @param state what is on its pieces
    private record Left(int done, long[] state) {
        @Override
        public boolean equals(@Nullable Object other) {
            return other instanceof Left l && done == l.done && Arrays.equals(state, l.state);
        }

        @Override
        public int hashCode() { return 31 * done + Arrays.hashCode(state); }
    }

    /// @param most most answers that are remembered; past it nothing more is looked into, and 0 is said
    WashLowerBound(KitCarryover lane, int batches, long most) {
        this.lane = lane;
        this.batches = batches;
        this.most = most;
        var takes = 0;
        for (var b = 0; b < batches; b++) if (lane.takes(b)) takes |= 1 << b;
        users = takes;
    }

    /// {@return the fewest clears from here on, or less}
    /// @param done  the batches made, a bit each
    /// @param at    where this lane begins in the state
    int clears(int done, long[] state, int at) {
        return clears(done & users, Arrays.copyOfRange(state, at, at + lane.size()));
    }

    private int clears(int done, long[] state) {
        if (done == users) return 0;
        var left = new Left(done, state);
        var found = known.get(left);
        if (found != null) return found;
        if (known.size() >= most) return 0;
        var best = Integer.MAX_VALUE;
        for (var b = 0; b < batches && best > 0; b++) {
            if ((users >> b & 1) == 0 || (done >> b & 1) != 0) continue;
            var after = done | 1 << b;
            var open = open(after);
            for (var piece : lane.choices(state, 0, b)) {
                var next = state.clone();
                var clears = Long.bitCount(lane.lay(next, 0, b, piece));
                if (clears >= best) continue;
                lane.settle(next, 0, open);
                best = Math.min(best, clears + clears(after, next));
            }
        }
        known.put(left, best);
        return best;
    }

    private long[] open(int done) {
        var open = new long[lane.words];
        for (var b = 0; b < batches; b++) if ((done >> b & 1) == 0) lane.mark(open, b);
        return open;
    }
}
