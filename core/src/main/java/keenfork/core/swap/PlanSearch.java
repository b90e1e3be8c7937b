package keenfork.core.swap;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
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
    private static final int UNDECIDED = -1;
    private static final Comparator<Choice> BEST_FIRST = Comparator.<Choice>comparingInt(c -> c.own.unknown())
            .thenComparingInt(c -> c.option.shutsOut().cardinality()).thenComparingInt(c -> c.own.roles())
            .thenComparingInt(c -> c.option.brings().cardinality()).thenComparingInt(c -> c.own.changed())
            .thenComparingInt(c -> c.own.lost()).thenComparingInt(c -> c.own.lead())
            .thenComparingInt(c -> c.own.money())
            .thenComparingInt(c -> c.own.salt());

    /// An option with what it costs by itself.
    private record Choice(Option option, Cost own) {
        static Choice of(Option option) { return new Choice(option, option.cost()); }
    }

    private final Puzzle puzzle;
    private final int most;
    private final long budget;
    private final Whole whole;
    private final List<RankedPlan> kept = new ArrayList<>();
    private final List<Option> taken = new ArrayList<>();
    /// of the case that is searched
    private List<List<Choice>> lines = List.of();
    /// for each line the least it can add: where nothing is held back, and where it is
    private @Nullable Cost[][] least = {};
    /// for each line the least that it and all behind it can add, where nothing of its part is decided
    private @Nullable Cost[] behind = {};
    private final boolean shutsOut;
    private long nodes;

    record RankedPlan(Cost cost, List<Option> options) {}

    /// what is said of a plan as a whole, which no line of it says alone
    interface Whole {
        /// {@return what is still not known of a whole plan beyond its lines, or [#NEVER] for one that must not be
        /// kept}
        int unknown(List<Option> plan);

        /// {@return whether a plan that begins so may still be kept; must be true wherever it may}
        default boolean canBecomeOne(List<Option> begun) { return true; }

        /// {@return the puzzle in cases that hold every plan of it that may be kept, each in one of them: what a case
        /// cannot hold loosens no bound in it}
        default List<Puzzle> cases(Puzzle puzzle) { return List.of(puzzle); }

        /// {@return how many nodes of a search it takes as long as}
        default int effort() { return 0; }
    }

    /// @param most  how many plans are kept, 1 or more
    PlanSearch(Puzzle puzzle, int most, Budget budget, Whole whole) {
        this.puzzle = puzzle;
        this.most = most;
        this.budget = budget.nodes();
        this.whole = whole;
        this.shutsOut = puzzle.lines().stream().flatMap(List::stream).anyMatch(o -> !o.shutsOut().isEmpty());
    }

    void run() {
        for (var one : whole.cases(puzzle)) {
            lines = one.lines().stream().map(l -> l.stream().map(Choice::of).sorted(BEST_FIRST).toList()).toList();
            least = new Cost[lines.size()][2];
            for (var line = 0; line < least.length; line++)
                for (var held = 0; held < 2; held++) least[line][held] = leastOf(lines.get(line), held, _ -> true);
            behind = new Cost[lines.size() + 1];
            behind[lines.size()] = Cost.NONE;
            for (var line = lines.size() - 1; line >= 0; line--) behind[line] = least(line, UNDECIDED, this::leastOf);
            descend(0, Cost.NONE, new BitSet(), new BitSet());
        }
    }

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
        for (var choice : lines.get(line)) {
            var option = choice.option;
            if (!fits(option)) continue;
            var more = with(brought, option.brings());
            var others = with(guests, option.shutsOut());
            taken.add(option);
            if (whole.canBecomeOne(taken)) descend(line + 1, puzzle.plus(cost, choice.own, more, others), more, others);
            taken.removeLast();
        }
    }

    private boolean fits(Option option) {
        for (var other : taken) if (!Puzzle.goTogether(option, other)) return false;
        return true;
    }

    private boolean cannotBeat(Cost worst, int line, Cost cost, BitSet brought, BitSet guests) {
        var rest = least(line, held(line), this::leastOf);
        if (rest == null) return true;
        var bound = sum(cost, rest);
        if (bound.compareTo(worst) >= 0) return true;
        if (!shutsOut || bound.unknown() != worst.unknown() || cost.shutOut() != worst.shutOut()) return false;
        // nobody more may be shut out
        var now = puzzle.shutOut(guests);
        Least few = (at, held) -> leastOf(lines.get(at), held,
                o -> o.shutsOut().isEmpty() || puzzle.shutOut(with(guests, o.shutsOut())) <= now);
        for (int at = line; rest != null && at < lines.size(); at = endOfPart(at)) {
            var part = leastOfPart(at, at == line ? held(line) : UNDECIDED, few);
            cost = part == null ? cost : sum(cost, part);
            rest = part;
        }
        return rest == null || cost.compareTo(worst) >= 0;
    }

    /// the least one line can add: 0 for its moves that hold nothing back, 1 for those that do; null where it has none
    private interface Least {
        @Nullable
        Cost of(int line, int held);
    }

    private @Nullable Cost leastOf(int line, int held) { return least[line][held]; }

    /// The least that all lines from one on can add.
    private @Nullable Cost least(int from, int held, Least one) {
        if (from == lines.size()) return Cost.NONE;
        if (held == UNDECIDED && behind[from] != null) return behind[from];
        var part = leastOfPart(from, held, one);
        var rest = behind[endOfPart(from)];
        return part == null || rest == null ? null : sum(part, rest);
    }

    /// The least that the rest of a part can add. It is held back as a whole or not at all, so its lines are summed
    /// both ways; null where neither can be.
    private @Nullable Cost leastOfPart(int from, int decided, Least one) {
        var end = endOfPart(from);
        var not = decided == 1 ? null : sum(from, end, 0, one);
        var held = decided == 0 || part(from).isEmpty() ? null : sum(from, end, 1, one);
        return not == null || held != null && held.compareTo(not) < 0 ? held : not;
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

    private String part(int line) { return lines.get(line).getFirst().option.part(); }

    private int endOfPart(int line) {
        var end = line + 1;
        if (!part(line).isEmpty()) while (end < lines.size() && part(end).equals(part(line))) end++;
        return end;
    }

    /// {@return 1 where the part of a line is held back already, 0 where it is not, [#UNDECIDED] where nothing of it is
    /// taken}
    private int held(int line) {
        if (line == lines.size() || part(line).isEmpty()) return UNDECIDED;
        for (var option : taken) if (option.part().equals(part(line))) return option.holdsBack() ? 1 : 0;
        return UNDECIDED;
    }

    /// The least of what adds up, over some options of a line; null where there are none.
    private static @Nullable Cost leastOf(List<Choice> choices, int held, Predicate<Option> counted) {
        Cost least = null;
        for (var choice : choices) {
            if (choice.option.holdsBack() != (held == 1) || !counted.test(choice.option)) continue;
            var own = choice.own;
            var cost = new Cost(own.unknown(), 0, own.roles(), own.changed(), own.lost(), 0, 0, own.money(),
                    own.salt(), 0);
            if (least == null || cost.compareTo(least) < 0) least = cost;
        }
        return least;
    }

    private static Cost sum(Cost one, Cost more) {
        return new Cost(one.unknown() + more.unknown(), one.shutOut(), one.roles() + more.roles(),
                one.changed() + more.changed(),
                one.lost() + more.lost(), one.waiting(), one.hands(), one.money() + more.money(),
                one.salt() + more.salt(), one.bringsIn());
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
