package keenfork.core.swap;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.function.Predicate;
import keenfork.core.search.Budget;
import keenfork.core.search.Proof;
import keenfork.core.swap.Puzzle.Cost;
import keenfork.core.swap.Puzzle.Option;
import org.jspecify.annotations.Nullable;

/// Depth-first branch and bound over one option for each line.
///
/// Costs compare in order, and all but the people shut out and the waiting add up line by line: so the least that the
/// lines to come can add is the sum of the least each can, and a partial plan that cannot beat the worst plan kept is
/// left. Once it may shut out nobody more, only options that do not are counted.
final class PlanSearch {
    /// what a check answers for a plan that must not be kept
    static final int NEVER = -1;
    private static final Comparator<Option> BEST_FIRST = Comparator.<Option>comparingInt(o -> o.open() ? 1 : 0)
            .thenComparingInt(o -> o.shutsOut().cardinality()).thenComparingInt(o -> o.move().keepsRole() ? 0 : 1)
            .thenComparingInt(o -> o.brings().cardinality()).thenComparingInt(o -> o.move().changes() ? 1 : 0)
            .thenComparingInt(Option::lost).thenComparingInt(o -> o.move().lead().high())
            .thenComparingInt(o -> o.move().saltDrift());
    private final Puzzle puzzle;
    private final List<List<Option>> lines;
    private final int most;
    private final long budget;
    private final Whole whole;
    private final List<RankedPlan> kept = new ArrayList<>();
    private final List<Option> taken = new ArrayList<>();
    private final @Nullable Cost[][] least;
    private long nodes;

    record RankedPlan(Cost cost, List<Option> options) {}

    /// what is said of a plan as a whole, which no line of it says alone
    interface Whole {
        /// {@return what is still not known of a whole plan beyond its lines, or [#NEVER] for one that must not be
        /// kept}
        int unknown(List<Option> plan);

        /// {@return whether a plan that begins so may still be kept; must be true wherever it may}
        default boolean canBecomeOne(List<Option> begun) { return true; }

        /// {@return how many nodes of a search it takes as long as}
        default int effort() { return 0; }
    }

    /// @param most  how many plans are kept, 1 or more
    PlanSearch(Puzzle puzzle, int most, Budget budget, Whole whole) {
        this.puzzle = puzzle;
        this.lines = puzzle.lines().stream().map(options -> options.stream().sorted(BEST_FIRST).toList()).toList();
        this.most = most;
        this.budget = budget.nodes();
        this.whole = whole;
        this.least = new Cost[lines.size()][2];
        for (var line = 0; line < least.length; line++)
            for (var held = 0; held < 2; held++) least[line][held] = leastOf(lines.get(line), held, _ -> true);
    }

    void run() { descend(0, Cost.NONE, new BitSet(), new BitSet()); }

    /// {@return the best plans, best first}
    List<RankedPlan> best() { return kept; }

    Proof proof() {
        return nodes < budget ? new Proof.Best(nodes) : new Proof.Stopped(nodes);
    }

    private void descend(int line, Cost cost, BitSet brought, BitSet guests) {
        if (nodes >= budget || kept.size() == most && cannotBeat(kept.getLast().cost, line, cost, brought, guests))
            return;
        nodes++;
        if (line == lines.size()) {
            nodes += whole.effort();
            var unknown = whole.unknown(taken);
            if (unknown != NEVER) keep(new RankedPlan(cost.withUnknown(unknown), List.copyOf(taken)));
            return;
        }
        for (var option : lines.get(line)) {
            if (!fits(option)) continue;
            var more = with(brought, option.brings());
            var others = with(guests, option.shutsOut());
            taken.add(option);
            if (whole.canBecomeOne(taken)) descend(line + 1, puzzle.plus(cost, option, more, others), more, others);
            taken.removeLast();
        }
    }

    private boolean fits(Option option) {
        for (var other : taken) if (!Puzzle.goTogether(option, other)) return false;
        return true;
    }

    private boolean cannotBeat(Cost worst, int line, Cost cost, BitSet brought, BitSet guests) {
        var rest = least(line, (at, held) -> least[at][held]);
        if (rest == null) return true;
        var bound = sum(cost, rest);
        if (bound.compareTo(worst) >= 0) return true;
        if (bound.unknown() != worst.unknown() || cost.shutOut() != worst.shutOut()) return false;
        // nobody more may be shut out
        var now = puzzle.shutOut(guests);
        rest = least(line,
                (at, held) -> leastOf(lines.get(at), held, o -> o.shutsOut().isEmpty()
                        || puzzle.shutOut(with(guests, o.shutsOut())) <= now));
        return rest == null || sum(cost, rest).compareTo(worst) >= 0;
    }

    /// the least one line can add: 0 for its moves that hold nothing back, 1 for those that do; null where it has none
    private interface Least {
        @Nullable
        Cost of(int line, int held);
    }

    /// The least that all lines from one on can add. A part is held back as a whole or not at all, so its lines are
    /// summed both ways; null where neither can be.
    private @Nullable Cost least(int from, Least one) {
        var sum = Cost.NONE;
        for (int at = from, end; at < lines.size(); at = end) {
            end = endOfPart(at);
            var decided = held(part(at));
            var not = decided == 1 ? null : sum(at, end, 0, one);
            var held = decided == 0 || part(at).isEmpty() ? null : sum(at, end, 1, one);
            if (not == null && held == null) return null;
            sum = sum(sum, not == null || held != null && held.compareTo(not) < 0 ? Objects.requireNonNull(held) : not);
        }
        return sum;
    }

    private @Nullable Cost sum(int from, int end, int held, Least one) {
        var sum = Cost.NONE;
        for (var at = from; at < end; at++) {
            var least = one.of(at, held);
            if (least == null) return null;
            sum = sum(sum, least);
        }
        return sum;
    }

    private String part(int line) { return lines.get(line).getFirst().part(); }

    private int endOfPart(int line) {
        var end = line + 1;
        if (!part(line).isEmpty()) while (end < lines.size() && part(end).equals(part(line))) end++;
        return end;
    }

    /// {@return 1 where a part is held back already, 0 where it is not, -1 where nothing is decided}
    private int held(String part) {
        if (!part.isEmpty()) for (var option : taken) if (option.part().equals(part)) return option.holdsBack() ? 1 : 0;
        return -1;
    }

    /// The least of what adds up, over some options of a line; null where there are none.
    private static @Nullable Cost leastOf(List<Option> options, int held, Predicate<Option> counted) {
        Cost least = null;
        for (var option : options) {
            if (option.holdsBack() != (held == 1) || !counted.test(option)) continue;
            var cost = new Cost(option.open() ? 1 : 0, 0, option.move().keepsRole() ? 0 : 1,
                    option.move().changes() ? 1 : 0, option.lost(), 0, 0,
                    option.move().saltDrift(), 0);
            if (least == null || cost.compareTo(least) < 0) least = cost;
        }
        return least;
    }

    private static Cost sum(Cost one, Cost more) {
        return new Cost(one.unknown() + more.unknown(), one.shutOut(), one.roles() + more.roles(),
                one.changed() + more.changed(),
                one.lost() + more.lost(), one.waiting(), one.hands(), one.salt() + more.salt(), one.bringsIn());
    }

    private static BitSet with(BitSet set, BitSet more) {
        if (more.isEmpty()) return set;
        var both = (BitSet) set.clone();
        both.or(more);
        return both;
    }

    private void keep(RankedPlan found) {
        var at = 0;
        while (at < kept.size() && kept.get(at).cost.compareTo(found.cost) <= 0) at++;
        kept.add(at, found);
        if (kept.size() > most) kept.removeLast();
    }
}
