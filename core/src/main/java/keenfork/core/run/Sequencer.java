package keenfork.core.run;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import keenfork.core.food.Substance;
import keenfork.core.search.Proof;

/// Orders batches on one blender: fewest contacts, then fewest washes; then the order they were given in.
public final class Sequencer {
    /// most batches whose order is proved the best
    public static final int EXACT = 12;

    private final List<Batch> batches;
    private final School school;
    private final Map<Long, Cost> known = new HashMap<>();
    /// substances that a batch would carry into another, unwashed, by index
    private final List<List<Set<Substance>>> passes = new ArrayList<>();
    /// what a block of batches carries into another, counted once for each block; -1 where it is not counted yet
    private final int[][] contacts;
    private long nodes;

    private record Cost(int contacts, int washes, int next, boolean wash) {
        boolean isBetterThan(Cost other) {
            return contacts != other.contacts ? contacts < other.contacts : washes < other.washes;
        }
    }

    private Sequencer(List<Batch> batches, School school) {
        this.batches = batches;
        this.school = school;
        contacts = new int[batches.size()][batches.size() <= EXACT ? 1 << batches.size() : 0];
        for (var row : contacts) Arrays.fill(row, -1);
        for (var from : batches) passes.add(batches.stream().map(to -> passes(from, to, Clean.NONE)).toList());
    }

    /// {@return the best order, proved up to [#EXACT] batches; beyond that the best of a greedy search}
    /// @param mostWashes full washes there is time for, 0 or more
    public static PrepRun order(List<Batch> batches, School school, int mostWashes) {
        if (mostWashes < 0) throw new IllegalArgumentException("washes are 0 or more, not %d".formatted(mostWashes));
        var sequencer = new Sequencer(List.copyOf(batches), school);
        return batches.size() <= EXACT ? sequencer.exact(mostWashes) : sequencer.greedy(mostWashes);
    }

    /// {@return a given order as it scores}
    /// @param cleans what is done before each batch; the first stands before the first batch
    public static PrepRun score(List<Batch> order, List<Clean> cleans, School school) {
        return scored(order, cleans, school, new Proof.Best(order.size()));
    }

    private static PrepRun scored(List<Batch> order, List<Clean> cleans, School school, Proof proof) {
        if (order.size() != cleans.size()) throw new IllegalArgumentException("%d cleans for %d batches".formatted(cleans.size(), order.size()));
        var turns = new ArrayList<PrepRun.Turn>();
        var at = 0;
        for (var i = 0; i < order.size(); i++) {
            at += cleans.get(i).minutes();
            var until = at + order.get(i).minutes();
            turns.add(new PrepRun.Turn(order.get(i), cleans.get(i), at, until, carriedInto(i, order, cleans, school)));
            at = until;
        }
        return new PrepRun(turns, school, proof);
    }

    /// Looks back to the last full wash: what any batch since then left and this one does not hold, the nearest one named.
    private static List<Carried> carriedInto(int turn, List<Batch> order, List<Clean> cleans, School school) {
        var carried = new ArrayList<Carried>();
        var seen = new LinkedHashSet<Substance>();
        var strongest = cleans.get(turn);
        for (var i = turn - 1; i >= 0 && strongest != Clean.WASH; i--) {
            for (var s : passes(order.get(i), order.get(turn), strongest, school))
                if (seen.add(s)) carried.add(carried(order.get(i), order.get(turn), s, strongest));
            if (cleans.get(i).compareTo(strongest) > 0) strongest = cleans.get(i);
        }
        return carried;
    }

    private Set<Substance> passes(Batch from, Batch to, Clean clean) {
        return passes(from, to, clean, school);
    }

    private static Set<Substance> passes(Batch from, Batch to, Clean clean, School school) {
        var passed = new LinkedHashSet<Substance>();
        var left = new LinkedHashSet<>(from.holds().keySet());
        left.addAll(from.unsure());
        for (var s : left)
            if (!to.holds().containsKey(s) && (school == School.STRICT || carried(from, to, s, clean).reachesDose())) passed.add(s);
        return passed;
    }

    private static Carried carried(Batch from, Batch to, Substance s, Clean clean) {
        var perGram = from.holds().get(s);
        var milligram = perGram == null || perGram < 0 ? -1 : from.residueAtMost() * clean.leavesAtMost() * perGram / to.portions();
        return new Carried(from, to, s, clean, milligram);
    }

    private PrepRun exact(int mostWashes) {
        var order = new ArrayList<Batch>();
        var cleans = new ArrayList<Clean>();
        var done = 0;
        var block = 0;
        var left = Math.min(mostWashes, batches.size());
        while (order.size() < batches.size()) {
            var step = best(done, block, left);
            order.add(batches.get(step.next));
            cleans.add(step.wash ? Clean.WASH : Clean.NONE);
            block = (step.wash ? 0 : block) | 1 << step.next;
            done |= 1 << step.next;
            if (step.wash) left--;
        }
        return scored(order, cleans, school, new Proof.Best(nodes));
    }

    /// The cheapest way to finish from here.
    ///
    /// @param done  batches made, a bit each
    /// @param block those made since the last full wash
    /// @param washes washes there is still time for
    private Cost best(int done, int block, int washes) {
        if (done == (1 << batches.size()) - 1) return new Cost(0, 0, -1, false);
        // more washes than batches left are as good as one for each
        var left = Math.min(washes, batches.size() - Integer.bitCount(done));
        var key = (long) done | (long) block << EXACT | (long) left << 2 * EXACT;
        var found = known.get(key);
        if (found != null) return found;
        nodes++;
        var best = new Cost(Integer.MAX_VALUE, 0, -1, false);
        for (var next = 0; next < batches.size(); next++) {
            if ((done & 1 << next) != 0) continue;
            best = better(best, next, false, contacts(block, next), best(done | 1 << next, block | 1 << next, left));
            if (left > 0 && block != 0 && contacts(block, next) > 0)
                best = better(best, next, true, 0, best(done | 1 << next, 1 << next, left - 1));
        }
        known.put(key, best);
        return best;
    }

    private static Cost better(Cost best, int next, boolean wash, int contacts, Cost rest) {
        var cost = new Cost(rest.contacts + contacts, rest.washes + (wash ? 1 : 0), next, wash);
        return cost.isBetterThan(best) ? cost : best;
    }

    private int contacts(int block, int next) {
        var known = contacts[next][block];
        return known >= 0 ? known : (contacts[next][block] = reached(block, next));
    }

    private int reached(int block, int next) {
        var reached = new LinkedHashSet<Substance>();
        for (var i = 0; i < batches.size(); i++) if ((block & 1 << i) != 0) reached.addAll(passes.get(i).get(next));
        return reached.size();
    }

    /// Takes, turn by turn, the batch that the blender's state harms least, holding least itself.
    private PrepRun greedy(int mostWashes) {
        var open = new ArrayList<>(batches);
        var order = new ArrayList<Batch>();
        var cleans = new ArrayList<Clean>();
        var since = new ArrayList<Batch>();
        var left = mostWashes;
        while (!open.isEmpty()) {
            var next = open.getFirst();
            for (var b : open) if (harm(since, b) * 1000 + b.holds().size() < harm(since, next) * 1000 + next.holds().size()) next = b;
            var wash = left > 0 && harm(since, next) > 0;
            if (wash) {
                since.clear();
                left--;
            }
            order.add(next);
            cleans.add(wash ? Clean.WASH : Clean.NONE);
            since.add(next);
            open.remove(next);
        }
        return scored(order, cleans, school, new Proof.Stopped(batches.size()));
    }

    private int harm(List<Batch> since, Batch next) {
        var reached = new LinkedHashSet<Substance>();
        for (var from : since) reached.addAll(passes(from, next, Clean.NONE));
        return reached.size();
    }
}
