package keenfork.core.run;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import keenfork.core.food.Substance;
import keenfork.core.search.Budget;
import keenfork.core.search.Proof;
import org.jspecify.annotations.Nullable;

/// Orders batches over shared kit so that nothing travels, with the fewest minutes of washing; then the order they were given in.
///
/// Every kit can be cleared before every batch, so an order without contacts always exists. For one order the washes are no choice: a kit is cleared when the next batch would be reached, and not
/// before. (A stretch in which nothing travels stays one when it begins later, so waiting never costs a wash more.)
public final class Sequencer {
    /// most batches whose order is proved the best
    public static final int EXACT = 14;

    private final List<Batch> batches;
    private final List<Kit> kit;
    /// for each kit and batch, the batches it would reach, a bit each
    private final int[][] reaches;
    /// for each kit, the batches that go over it, a bit each
    private final int[] over;
    private final Map<State, Cost> known = new HashMap<>();
    private final long budget;
    private long nodes;
    private boolean stopped;

    /// What is left to decide from here on.
    ///
    /// @param done    batches made, a bit each
    /// @param reached for each kit the batches still to come that what is on it would reach: nothing else of the past matters
    private record State(int done, int[] reached) {
        @Override public boolean equals(@Nullable Object other) { return other instanceof State s && done == s.done && Arrays.equals(reached, s.reached); }

        @Override public int hashCode() { return 31 * done + Arrays.hashCode(reached); }
    }

    private record Cost(int minutes, int next) {}

    private Sequencer(List<Batch> batches, School school, Budget budget) {
        this.batches = batches;
        this.budget = budget.nodes();
        kit = Kit.all().stream().filter(k -> batches.stream().anyMatch(b -> b.use(k).isPresent())).toList();
        reaches = new int[kit.size()][batches.size()];
        over = new int[kit.size()];
        // longer runs are searched batch by batch
        for (var k = 0; k < kit.size() && batches.size() <= EXACT; k++)
            for (var from = 0; from < batches.size(); from++) {
                if (batches.get(from).use(kit.get(k)).isPresent()) over[k] |= 1 << from;
                for (var to = 0; to < batches.size(); to++) if (!passes(batches.get(from), batches.get(to), kit.get(k), Clean.NONE, school).isEmpty()) reaches[k][from] |= 1 << to;
            }
    }

    /// {@return the best order, proved up to [#EXACT] batches within the usual budget; else the best that was found}
    public static PrepRun order(List<Batch> batches, School school) { return order(batches, school, Budget.USUAL); }

    static PrepRun order(List<Batch> batches, School school, Budget budget) {
        var sequencer = new Sequencer(List.copyOf(batches), school, budget);
        if (batches.size() > EXACT) return sequencer.nearest(school);
        var order = sequencer.exact();
        if (sequencer.stopped) return sequencer.nearest(school);
        var best = scored(order, lazily(order, school), school, new Proof.Best(sequencer.nodes), 0);
        return new PrepRun(best.turns(), school, best.proof(), best.washing());
    }

    /// {@return a given order as it scores}
    /// @param cleans for each batch what is done to each kit before it
    public static PrepRun score(List<Batch> order, List<Map<Kit, Clean>> cleans, School school) {
        return scored(order, cleans, school, new Proof.Best(order.size()), 0);
    }

    /// {@return a given order with a kit cleared just when the next batch would be reached}
    public static PrepRun washed(List<Batch> order, School school) {
        return scored(order, lazily(order, school), school, new Proof.Best(order.size()), 0);
    }

    private static PrepRun scored(List<Batch> order, List<Map<Kit, Clean>> cleans, School school, Proof proof, int least) {
        if (order.size() != cleans.size()) throw new IllegalArgumentException("%d cleans for %d batches".formatted(cleans.size(), order.size()));
        var turns = new ArrayList<PrepRun.Turn>();
        var at = 0;
        for (var i = 0; i < order.size(); i++) {
            // a clean of what the batch does not go over is no clean before it
            var done = new LinkedHashMap<Kit, Clean>();
            for (var use : order.get(i).uses()) if (cleans.get(i).getOrDefault(use.kit(), Clean.NONE) != Clean.NONE) done.put(use.kit(), cleans.get(i).get(use.kit()));
            for (var clean : done.values()) at += clean.minutes();
            var until = at + order.get(i).minutes();
            turns.add(new PrepRun.Turn(order.get(i), done, at, until, carriedInto(i, order, cleans, school)));
            at = until;
        }
        return new PrepRun(turns, school, proof, least);
    }

    /// Of batches that can follow each other in neither order each needs its kit cleared: as many as are found so, less one, on every kit.
    private static int least(List<Batch> batches, School school) {
        var minutes = 0;
        for (var kit : Kit.all()) {
            var apart = new ArrayList<Batch>();
            for (var b : batches)
                if (b.use(kit).isPresent() && apart.stream().allMatch(a -> !passes(a, b, kit, Clean.NONE, school).isEmpty() && !passes(b, a, kit, Clean.NONE, school).isEmpty())) apart.add(b);
            minutes += Math.max(0, apart.size() - 1) * kit.endedBy().minutes();
        }
        return minutes;
    }

    private static List<Carried> carriedInto(int turn, List<Batch> order, List<Map<Kit, Clean>> cleans, School school) {
        var carried = new ArrayList<Carried>();
        for (var use : order.get(turn).uses()) carried.addAll(carriedBy(use.kit(), turn, order, cleans, school));
        return carried;
    }

    /// Looks back to where the kit was last cleared: what any batch since then left and this one does not hold, the nearest one named.
    private static List<Carried> carriedBy(Kit kit, int turn, List<Batch> order, List<Map<Kit, Clean>> cleans, School school) {
        var carried = new ArrayList<Carried>();
        var seen = new LinkedHashSet<Substance>();
        var strongest = cleans.get(turn).getOrDefault(kit, Clean.NONE);
        for (var i = turn - 1; i >= 0 && !kit.isClearedBy(strongest); i--) {
            if (order.get(i).use(kit).isEmpty()) continue;
            for (var s : passes(order.get(i), order.get(turn), kit, strongest, school))
                if (seen.add(s)) carried.add(carried(order.get(i), order.get(turn), kit, s, strongest));
            var before = cleans.get(i).getOrDefault(kit, Clean.NONE);
            if (kit.isClearedBy(before) || before.compareTo(strongest) > 0) strongest = before;
        }
        return carried;
    }

    private static Set<Substance> passes(Batch from, Batch to, Kit kit, Clean clean, School school) {
        var left = from.use(kit);
        var reached = to.use(kit);
        if (left.isEmpty() || reached.isEmpty()) return Set.of();
        var passed = new LinkedHashSet<Substance>();
        for (var s : left.get().leaves())
            if (!reached.get().there().contains(s) && (school == School.STRICT || carried(from, to, kit, s, clean).reachesDose())) passed.add(s);
        return passed;
    }

    private static Carried carried(Batch from, Batch to, Kit kit, Substance s, Clean clean) {
        var use = from.use(kit).orElseThrow();
        var perGram = use.holds().getOrDefault(s, Optional.empty());
        var milligram = perGram.map(p -> kit.residue(use.thick()).times(clean.leaves()).times(p)).map(lump -> kit.spreads() == Kit.Spreads.LUMP ? lump : lump.dividedBy(to.portions()));
        return new Carried(from, to, kit, s, clean, milligram);
    }

    private static List<Map<Kit, Clean>> lazily(List<Batch> order, School school) {
        var cleans = new ArrayList<Map<Kit, Clean>>();
        for (var i = 0; i < order.size(); i++) {
            var before = new LinkedHashMap<Kit, Clean>();
            cleans.add(before);
            for (var use : order.get(i).uses()) if (!carriedBy(use.kit(), i, order, cleans, school).isEmpty()) before.put(use.kit(), use.kit().endedBy());
        }
        return cleans;
    }

    private List<Batch> exact() {
        var order = new ArrayList<Batch>();
        var state = new State(0, new int[kit.size()]);
        while (order.size() < batches.size()) {
            var next = best(state).next;
            if (stopped) break;
            order.add(batches.get(next));
            state = after(state, next);
        }
        return order;
    }

    /// The cheapest way to finish from here.
    private Cost best(State state) {
        if (state.done == (1 << batches.size()) - 1) return new Cost(0, -1);
        var found = known.get(state);
        if (found != null) return found;
        if (++nodes > budget) stopped = true;
        var best = new Cost(Integer.MAX_VALUE, -1);
        for (var next = 0; next < batches.size() && !stopped; next++) {
            if ((state.done & 1 << next) != 0) continue;
            var minutes = washing(state, next) + best(after(state, next)).minutes;
            if (minutes < best.minutes) best = new Cost(minutes, next);
        }
        if (stopped) return new Cost(0, -1);
        known.put(state, best);
        return best;
    }

    private int washing(State state, int next) {
        var minutes = 0;
        for (var k = 0; k < state.reached.length; k++) if ((state.reached[k] & 1 << next) != 0) minutes += kit.get(k).endedBy().minutes();
        return minutes;
    }

    private State after(State state, int next) {
        var done = state.done | 1 << next;
        var reached = new int[state.reached.length];
        for (var k = 0; k < reached.length; k++) {
            var washed = (state.reached[k] & 1 << next) != 0;
            var more = (over[k] & 1 << next) == 0 ? 0 : reaches[k][next];
            reached[k] = ((washed ? 0 : state.reached[k]) | more) & ~done;
        }
        return new State(done, reached);
    }

    /// Takes, turn by turn, the batch that needs least washing now, holding least itself.
    private PrepRun nearest(School school) {
        var open = new ArrayList<>(batches);
        var order = new ArrayList<Batch>();
        while (!open.isEmpty()) {
            var next = open.getFirst();
            var least = Integer.MAX_VALUE;
            for (var b : open) {
                order.add(b);
                var run = washed(order, school);
                var harm = (run.minutes() - order.stream().map(Batch::minutes).reduce(0, Integer::sum)) * 1000 + b.holds().size() + b.unsure().size();
                order.removeLast();
                if (harm >= least) continue;
                least = harm;
                next = b;
            }
            order.add(next);
            open.remove(next);
        }
        return scored(order, lazily(order, school), school, new Proof.Stopped(nodes + batches.size()), least(batches, school));
    }
}
