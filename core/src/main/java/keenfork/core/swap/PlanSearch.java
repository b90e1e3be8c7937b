package keenfork.core.swap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import keenfork.core.regime.Group;
import keenfork.core.search.Budget;
import keenfork.core.search.Proof;
import keenfork.core.swap.SwapPlanner.Option;

/// Depth-first branch and bound over one option for each line. Every part of a cost only grows on the way down,
/// so a partial plan that is no better than the worst plan kept can be left.
final class PlanSearch {
    private final List<List<Option>> choices;
    private final int most;
    private final long budget;
    private final List<Found> kept = new ArrayList<>();
    private final List<Option> taken = new ArrayList<>();
    private long nodes;

    /// A cost in the order that counts: unknown lines, groups brought in, lines changed, closeness lost, lead time, salt moved.
    private record Cost(int unknown, int bringsIn, int changed, double lost, int lead, int salt) implements Comparable<Cost> {
        private static final Comparator<Cost> ORDER = Comparator.comparingInt(Cost::unknown).thenComparingInt(Cost::bringsIn).thenComparingInt(Cost::changed)
                .thenComparingDouble(Cost::lost).thenComparingInt(Cost::lead).thenComparingInt(Cost::salt);

        @Override public int compareTo(Cost other) { return ORDER.compare(this, other); }
    }

    private record Found(Cost cost, List<Option> options) {}

    PlanSearch(List<List<Option>> choices, int most, Budget budget) {
        this.choices = choices;
        this.most = most;
        this.budget = budget.nodes();
    }

    void run() {
        descend(0, new Cost(0, 0, 0, 0, 0, 0), Set.of());
    }

    List<List<Option>> best() {
        return kept.stream().map(Found::options).toList();
    }

    Proof proof() {
        return nodes < budget ? new Proof.Best(nodes) : new Proof.Stopped(nodes);
    }

    private void descend(int line, Cost cost, Set<Group> groups) {
        if (nodes >= budget || kept.size() == most && cost.compareTo(kept.getLast().cost) >= 0) return;
        nodes++;
        if (line == choices.size()) {
            keep(new Found(cost, List.copyOf(taken)));
            return;
        }
        for (var option : choices.get(line)) {
            var move = option.move();
            var more = groups;
            if (!option.bringsIn().isEmpty()) {
                more = new HashSet<>(groups);
                more.addAll(option.bringsIn());
            }
            taken.add(option);
            descend(line + 1, new Cost(cost.unknown + (option.open() ? 1 : 0), more.size(), cost.changed + (move.changes() ? 1 : 0), cost.lost + 1 - move.closeness(),
                    Math.max(cost.lead, move.lead().high()), cost.salt + move.saltDrift()), more);
            taken.removeLast();
        }
    }

    private void keep(Found found) {
        var at = 0;
        while (at < kept.size() && kept.get(at).cost.compareTo(found.cost) <= 0) at++;
        kept.add(at, found);
        if (kept.size() > most) kept.removeLast();
    }
}
