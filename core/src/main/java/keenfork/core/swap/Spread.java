package keenfork.core.swap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.stream.IntStream;

/// Of the best plans the few that a cook is shown: plans that differ in what they do, not five of one idea.
final class Spread {
    /// one school of creams, or one food in another company, is shown at most so often while others are left
    private static final int OF_ONE_IDEA = 2;

    private Spread() {}

    /// {@return so many of the plans, in their order: the best, then those that bring another idea, then the rest}
    static List<PlanSearch.RankedPlan> of(List<PlanSearch.RankedPlan> ranked, int most) {
        var chosen = new ArrayList<Integer>();
        var moves = new HashMap<String, Integer>();
        var ideas = new HashMap<String, Integer>();
        for (var at = 0; at < ranked.size() && chosen.size() < most; at++) {
            var main = main(ranked.get(at));
            if (moves.getOrDefault(key(main), 0) > 0 || ideas.getOrDefault(idea(main), 0) >= OF_ONE_IDEA) continue;
            chosen.add(at);
            moves.merge(key(main), 1, Integer::sum);
            ideas.merge(idea(main), 1, Integer::sum);
        }
        for (var at = 0; at < ranked.size() && chosen.size() < most; at++) if (!chosen.contains(at)) chosen.add(at);
        otherwise(ranked, chosen, most);
        return chosen.stream().sorted().map(ranked::get).toList();
    }

    /// Where every plan shown puts something else in, the last makes room for one that holds back, takes off or leaves
    /// out: it is less work, and a cook decides.
    private static void otherwise(List<PlanSearch.RankedPlan> ranked, List<Integer> chosen, int most) {
        if (chosen.size() < most || most < 3
                || !chosen.stream().allMatch(at -> main(ranked.get(at)) instanceof Move.Replace))
            return;
        IntStream.range(0, ranked.size()).filter(at -> !(main(ranked.get(at)) instanceof Move.Replace)).findFirst()
                .ifPresent(at -> chosen.set(chosen.size() - 1, at));
    }

    /// {@return the move that makes the most of a plan: that of the heaviest line that changes}
    private static Move main(PlanSearch.RankedPlan plan) {
        var moves = plan.options().stream().map(Puzzle.Option::move).toList();
        return moves.stream().filter(Move::changes).max(Comparator.comparingDouble(Spread::grams))
                .orElse(moves.getFirst());
    }

    private static double grams(Move move) { return move.line().weighed().map(m -> m.likelyGrams()).orElse(0.0); }

    private static String key(Move move) {
        return move.getClass().getSimpleName() + move.goesIn().stream().map(l -> l.text()).toList();
    }

    private static String idea(Move move) {
        if (!(move instanceof Move.Replace replace)) return move.getClass().getSimpleName();
        var swap = replace.swap();
        return swap.school().isEmpty() ? swap.main().id() : "school of " + swap.school();
    }
}
