package keenfork.core.covers;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import keenfork.core.covers.Cover.How;
import keenfork.core.covers.Cover.Why;
import keenfork.core.covers.CoverPuzzle.Option;
import keenfork.core.swap.Context;

/// Plans the least change over a whole menu so that every group has at least so many dishes of each course.
public final class Serving {
    /// ways that are tried for one plan, beyond which an answer is no more than the best found
    private static final int STEPS = 2_000_000;
    /// the same for so many groups that not every way can be tried
    private static final int STEPS_OF_MANY = 300_000;
    private static final int MANY = 16;
    private final List<MenuDish> menu;
    private final List<GuestGroup> groups;
    private final int least;
    private final List<String> courses;
    private final List<CoverPuzzle> puzzles;
    private final Context context;
    private final Effort effort;

    /// @param context what swaps are planned with
    /// @param least   dishes that each group must have of each course, 1 or more
    /// @param effort  what it takes to make a dish a second time
    public Serving(Context context, List<MenuDish> menu, List<GuestGroup> groups, int least, Effort effort) {
        if (least < 1) throw new IllegalArgumentException("at least one dish each, not %d".formatted(least));
        this.context = context;
        this.effort = effort;
        this.menu = List.copyOf(menu);
        this.groups = List.copyOf(groups);
        this.least = least;
        this.courses = menu.stream().map(MenuDish::course).distinct().toList();
        this.puzzles = courses.stream().map(this::puzzle).toList();
    }

    /// The same where nobody tells what it takes to make a dish a second time.
    public Serving(Context context, List<MenuDish> menu, List<GuestGroup> groups, int least) {
        this(context, menu, groups, least, Effort.UNTOLD);
    }

    /// {@return the puzzle of each course: for an outside solver}
    public List<CoverPuzzle> puzzles() { return puzzles; }

    private List<MenuDish> of(String course) { return menu.stream().filter(d -> d.course().equals(course)).toList(); }

    private CoverPuzzle puzzle(String course) {
        var dishes = of(course).stream().map(d -> new DishOptions(context, d, groups, effort)).toList();
        var hungry = new BitSet();
        for (var g = 0; g < groups.size(); g++) {
            var group = g;
            if (dishes.stream().filter(d -> d.served().get(group)).count() < least) hungry.set(g);
        }
        // what can be done with one dish hangs on no other: they are looked through side by side
        var options = dishes.parallelStream().map(d -> d.all(hungry)).toList();
        return new CoverPuzzle(options, groups.stream().map(GuestGroup::people).toList(), least);
    }

    /// {@return the best ways to serve everyone, best first, each without something that the one before it does}
    /// @param most how many at most, 1 or more
    public List<ServePlan> plans(int most) {
        var plans = new ArrayList<ServePlan>();
        var now = puzzles;
        while (plans.size() < most) {
            var best = now.stream().map(p -> CoverSearch.of(p, groups.size() > MANY ? STEPS_OF_MANY : STEPS)).toList();
            plans.add(plan(best));
            var without = without(now, best);
            if (without.isEmpty()) break;
            now = without.get();
        }
        return plans;
    }

    private ServePlan plan(List<CoverSearch.Best> best) {
        var chosen = best.stream().flatMap(b -> b.options().stream()).toList();
        var cost = best.stream().map(CoverSearch.Best::cost).reduce(CoverPuzzle.Cost.NONE, CoverPuzzle.Cost::plus);
        var proved = best.stream().allMatch(CoverSearch.Best::proved);
        var bound = proved ? cost.unfed() : puzzles.stream().mapToInt(CoverPuzzle::unfedAnyway).sum();
        var unfed = unfed(best);
        return new ServePlan(chosen.stream().flatMap(o -> o.changes().stream()).toList(), unfed, proved, bound, cost,
                after(best), SmallDish.forThose(unfed, menu, context, least));
    }

    private List<ServePlan.Shortfall> unfed(List<CoverSearch.Best> best) {
        var unfed = new ArrayList<ServePlan.Shortfall>();
        for (var c = 0; c < courses.size(); c++)
            for (var g = 0; g < groups.size(); g++) {
                var group = g;
                var has = (int) best.get(c).options().stream().filter(o -> o.feeds().get(group)).count();
                if (has < least) unfed.add(new ServePlan.Shortfall(groups.get(g), courses.get(c), has));
            }
        return unfed;
    }

    private Coverage after(List<CoverSearch.Best> best) {
        var covers = new ArrayList<Cover>();
        for (var g = 0; g < groups.size(); g++)
            for (var dish : menu) {
                var course = courses.indexOf(dish.course());
                covers.add(after(g, dish, best.get(course).options().get(of(dish.course()).indexOf(dish))));
            }
        return new Coverage(covers);
    }

    private Cover after(int g, MenuDish dish, Option option) {
        var group = groups.get(g);
        var swapped = option.changes().stream().filter(Change.SwapForAll.class::isInstance).findFirst();
        if (swapped.isPresent()) {
            var plan = ((Change.SwapForAll) swapped.get()).plan();
            return Coverage.cover(group, new MenuDish(plan.after(), dish.course(), List.of()));
        }
        var before = Coverage.cover(group, dish);
        if (before.isServed() || !option.feeds().get(g)) return before;
        if (before.how() == How.PEELED && option.changes().stream().anyMatch(Change.HoldBack.class::isInstance)
                || before.how() == How.SPLIT && isOff(option, before))
            return before;
        return new Cover(group, dish, How.VARIANT, List.of(new Why.Variant(dish.name())));
    }

    private static boolean isOff(Option option, Cover before) {
        return before.why().getFirst() instanceof Why.Before(var step, _) && option.changes().stream()
                .anyMatch(c -> c instanceof Change.SplitOff(_, var at) && at <= step);
    }

    /// The same puzzles without the largest thing that an answer does; empty where it does nothing.
    private static Optional<List<CoverPuzzle>> without(List<CoverPuzzle> puzzles, List<CoverSearch.Best> best) {
        var largest = best.stream().flatMap(b -> b.options().stream()).flatMap(o -> o.changes().stream())
                .max(Comparator.comparingInt(Change::size).thenComparingInt(Change::minutes));
        return largest.map(change -> puzzles.stream().map(p -> new CoverPuzzle(
                p.dishes().stream().map(options -> options.stream().filter(o -> !o.changes().contains(change)).toList())
                        .toList(),
                p.people(), p.least())).toList());
    }
}
