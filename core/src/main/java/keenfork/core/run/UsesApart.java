package keenfork.core.run;

import java.util.List;
import java.util.stream.IntStream;

/// The most uses of one kind of kit of which any two can follow each other in neither order: the largest clique of the
/// graph of such pairs, by branch and bound.
final class UsesApart {
    /// steps after which what was found is enough: a smaller clique is a bound, too
    private static final int STEPS = 200_000;

    private final int uses;
    private final Pairs pairs;
    private int most;
    private int steps;

    /// Which two uses can follow each other in neither order.
    interface Pairs {
        boolean areApart(int one, int other);
    }

    UsesApart(int uses, Pairs pairs) {
        this.uses = uses;
        this.pairs = pairs;
    }

    /// {@return how many}
    int most() {
        grow(IntStream.range(0, uses).boxed().toList(), 0);
        return most;
    }

    /// @param of those that are apart from all that were taken
    private void grow(List<Integer> of, int taken) {
        most = Math.max(most, taken);
        for (var i = 0; i < of.size() && taken + of.size() - i > most && steps < STEPS; i++) {
            steps++;
            var use = of.get(i);
            grow(of.subList(i + 1, of.size()).stream().filter(u -> pairs.areApart(use, u)).toList(), taken + 1);
        }
    }
}
