package keenfork.core.covers;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import keenfork.core.covers.Cover.How;
import keenfork.core.covers.Cover.Why;
import keenfork.core.covers.CoverPuzzle.Option;
import keenfork.core.people.Avoidance;
import keenfork.core.search.Budget;
import keenfork.core.swap.Context;
import keenfork.core.swap.Move;
import keenfork.core.swap.Plan;
import keenfork.core.swap.SwapPlanner;

/// All that can be done with one dish so that more people eat it.
final class DishOptions {
    /// groups, the largest first, for each of which the dish is planned by itself
    private static final int PLANNED_FOR = 4;
    private static final Budget BUDGET = new Budget(200_000);
    private final Context context;
    private final MenuDish dish;
    private final List<GuestGroup> groups;
    private final List<Cover> covers;
    private final Effort effort;

    DishOptions(Context context, MenuDish dish, List<GuestGroup> groups, Effort effort) {
        this.context = context;
        this.dish = dish;
        this.groups = groups;
        this.effort = effort;
        this.covers = groups.stream().map(g -> Coverage.cover(g, dish)).toList();
    }

    /// {@return the groups that eat it with nothing done}
    BitSet served() { return where(i -> covers.get(i).isServed()); }

    /// {@return the options, the first of them to leave it as it is}
    /// @param hungry groups that have too little as it is
    List<Option> all(BitSet hungry) {
        var options = new ArrayList<Option>();
        options.add(new Option(List.of(), served()));
        var platings = platings();
        options.addAll(platings);
        for (var plan : plans(hungry)) {
            var feeds = where(i -> eats(groups.get(i), plan));
            options.add(new Option(List.of(new Change.SwapForAll(dish, plan)), feeds));
            var variant =
                    new Option(List.of(new Change.MakeVariant(dish, plan, extra(plan, feeds))), or(served(), feeds));
            options.add(variant);
            for (var plating : platings) {
                var both = new ArrayList<>(plating.changes());
                both.addAll(variant.changes());
                options.add(new Option(both, or(variant.feeds(), plating.feeds())));
            }
        }
        return options;
    }

    /// the variant is made for those who do not eat the dish as it is
    private Effort.Extra extra(Plan plan, BitSet feeds) {
        var more = (BitSet) feeds.clone();
        more.andNot(served());
        return effort.of(plan.after(), Math.max(1, more.stream().map(g -> groups.get(g).people()).sum()));
    }

    private static boolean eats(GuestGroup group, Plan plan) {
        return Eats.of(plan.after(), group.avoided()) == Eats.AS_MADE;
    }

    /// What is done on plates alone: a part held back, portions taken off, both.
    private List<Option> platings() {
        var options = new ArrayList<Option>();
        var peeled = where(i -> covers.get(i).how() == How.PEELED);
        if (!peeled.isEmpty())
            options.add(new Option(List.of(new Change.HoldBack(dish, parts())), or(served(), peeled)));
        for (var split : splits().entrySet()) {
            var off = new Change.SplitOff(dish, split.getKey());
            options.add(new Option(List.of(off), or(served(), split.getValue())));
            if (!peeled.isEmpty())
                options.add(new Option(List.of(new Change.HoldBack(dish, parts()), off),
                        or(or(served(), peeled), split.getValue())));
        }
        return options;
    }

    private List<String> parts() {
        return covers.stream().flatMap(c -> c.why().stream()).filter(Why.Without.class::isInstance)
                .flatMap(w -> ((Why.Without) w).parts().stream()).distinct().toList();
    }

    /// Portions taken off early are clear for all who could wait longer.
    private Map<Integer, BitSet> splits() {
        var steps = new TreeSet<Integer>();
        for (var cover : covers) if (cover.how() == How.SPLIT) steps.add(step(cover));
        var splits = new LinkedHashMap<Integer, BitSet>();
        for (var step : steps)
            splits.put(step, where(i -> covers.get(i).how() == How.SPLIT && step(covers.get(i)) >= step));
        return splits;
    }

    private static int step(Cover cover) {
        return cover.why().getFirst() instanceof Why.Before(var step, _) ? step : 0;
    }

    /// Plans for each group that has too little, and for all of them together: whole, and with nothing left unknown.
    private List<Plan> plans(BitSet hungry) {
        var asked = new LinkedHashSet<Set<Avoidance>>();
        var together = new LinkedHashSet<Avoidance>();
        var without = IntStream.range(0, groups.size())
                .filter(i -> hungry.get(i) && !covers.get(i).isServed() && groups.get(i).isUnderstood())
                .mapToObj(groups::get).sorted(Comparator.comparingInt(GuestGroup::people).reversed()).toList();
        for (var group : without) {
            if (asked.size() < PLANNED_FOR) asked.add(new LinkedHashSet<>(group.avoid()));
            together.addAll(group.avoid());
        }
        if (asked.size() > 1) asked.add(together);
        var plans = new LinkedHashMap<List<String>, Plan>();
        for (var avoid : asked)
            new SwapPlanner(context, List.copyOf(avoid)).best(dish.dish().recipe(), BUDGET)
                    .filter(DishOptions::isWhole)
                    .ifPresent(p -> plans.putIfAbsent(
                            p.moves().stream().map(m -> m.line().text() + m.goesIn()).toList(), p));
        return List.copyOf(plans.values());
    }

    private static boolean isWhole(Plan plan) {
        return plan.unknown() == 0 && !plan.changes().isEmpty()
                && plan.moves().stream().noneMatch(Move::isForSomePlates);
    }

    private BitSet where(java.util.function.IntPredicate holds) {
        var set = new BitSet();
        IntStream.range(0, groups.size()).filter(holds).forEach(set::set);
        return set;
    }

    private static BitSet or(BitSet one, BitSet other) {
        var both = (BitSet) one.clone();
        both.or(other);
        return both;
    }
}
