package keenfork.core.covers;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.covers.CoverPuzzle.Cost;
import keenfork.core.covers.CoverPuzzle.Option;
import org.jspecify.annotations.Nullable;

/// Dynamic programming over what each group has on its plates, dish by dish: of all ways to the same plates only the
/// cheapest is kept, so that every choice is tried and few are carried on.
///
/// Groups that every choice feeds enough, or none, are left out; where the plates still grow too many, only the
/// cheapest ways are kept, and the answer is the best found, with no more than its bound proved.
public final class CoverSearch {
    /// ways that are carried on side by side, whatever the work
    private static final int LEAST_WAYS = 200;
    private final CoverPuzzle puzzle;
    private final int most;
    private final List<Integer> open = new ArrayList<>();
    private boolean cutShort;

    /// One way to serve the dishes so far.
    ///
    /// @param option what was chosen for the last dish
    /// @param cost   what all of it costs, without who is unfed
    private record Way(@Nullable Way before, @Nullable Option option, Cost cost) {
        List<Option> options() {
            var all = new ArrayList<Option>();
            for (var way = this; way != null && way.option != null; way = way.before) all.addFirst(way.option);
            return all;
        }
    }

    /// The best there is.
    ///
    /// @param options one for each dish
    /// @param cost    what it costs
    /// @param proved  whether nothing better is possible
    public record Best(List<Option> options, Cost cost, boolean proved) {
        public Best {
            options = List.copyOf(options);
        }
    }

    private CoverSearch(CoverPuzzle puzzle, int most) {
        this.puzzle = puzzle;
        this.most = most;
        for (var g = 0; g < puzzle.people().size(); g++) if (isOpen(g)) open.add(g);
    }

    /// {@return the best way to serve}
    /// @param steps ways that are tried in all; beyond that the answer is no more than the best found
    public static Best of(CoverPuzzle puzzle, int steps) {
        var options = puzzle.dishes().stream().mapToInt(d -> worthTrying(d).size()).sum();
        return new CoverSearch(puzzle, Math.max(LEAST_WAYS, steps / Math.max(1, options))).run();
    }

    private boolean isOpen(int group) {
        var always = puzzle.dishes().stream().filter(d -> d.stream().allMatch(o -> o.feeds().get(group))).count();
        var ever = puzzle.dishes().stream().filter(d -> d.stream().anyMatch(o -> o.feeds().get(group))).count();
        return always < puzzle.least() && ever > 0;
    }

    private Best run() {
        Map<String, Way> ways = new LinkedHashMap<>();
        ways.put("\0".repeat(open.size()), new Way(null, null, Cost.NONE));
        for (var all : puzzle.dishes()) {
            var options = worthTrying(all);
            Map<String, Way> next = new LinkedHashMap<>();
            ways.forEach((plates, way) -> {
                for (var option : options)
                    next.merge(fed(plates, option), new Way(way, option, way.cost.plus(option.cost())),
                            CoverSearch::cheaper);
            });
            ways = kept(next);
        }
        var best = ways.values().stream().map(w -> best(w.options())).min(Comparator.comparing(Best::cost))
                .orElseThrow();
        return new Best(best.options, best.cost, !cutShort);
    }

    /// {@return the options of a dish without those that feed no more than a cheaper one}
    private static List<Option> worthTrying(List<Option> all) {
        var cheapestFirst = all.stream().sorted(Comparator.comparing(Option::cost)).toList();
        var kept = new ArrayList<Option>();
        for (var option : cheapestFirst) if (kept.stream().noneMatch(k -> feeds(k, option))) kept.add(option);
        return kept;
    }

    private static boolean feeds(Option one, Option atLeast) {
        var more = (BitSet) atLeast.feeds().clone();
        more.andNot(one.feeds());
        return more.isEmpty();
    }

    private Best best(List<Option> options) { return new Best(options, puzzle.cost(options), true); }

    /// {@return how many dishes each open group has, a letter each}
    private String fed(String plates, Option option) {
        var fed = plates.toCharArray();
        for (var i = 0; i < fed.length; i++)
            if (fed[i] < puzzle.least() && option.feeds().get(open.get(i))) fed[i]++;
        return new String(fed);
    }

    /// the earlier stays where both cost the same, so that the answer is the same each time
    private static Way cheaper(Way one, Way other) {
        var order = one.cost.compareTo(other.cost);
        if (order != 0) return order < 0 ? one : other;
        return one;
    }

    private Map<String, Way> kept(Map<String, Way> ways) {
        if (ways.size() <= most) return ways;
        cutShort = true;
        var kept = new LinkedHashMap<String, Way>();
        ways.entrySet().stream().sorted((a, b) -> {
            var unfed = Integer.compare(lacking(a.getKey()), lacking(b.getKey()));
            return unfed != 0 ? unfed : a.getValue().cost.compareTo(b.getValue().cost);
        }).limit(most).forEach(e -> kept.put(e.getKey(), e.getValue()));
        return kept;
    }

    private int lacking(String plates) {
        var lacking = 0;
        for (var i = 0; i < open.size(); i++)
            lacking += (puzzle.least() - plates.charAt(i)) * puzzle.people().get(open.get(i));
        return lacking;
    }
}
