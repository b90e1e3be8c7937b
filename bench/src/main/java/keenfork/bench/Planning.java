package keenfork.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import keenfork.core.food.Food;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Guests;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.search.Budget;
import keenfork.core.swap.Context;
import keenfork.core.swap.Plans;
import keenfork.core.swap.Puzzle;
import keenfork.core.swap.SwapPlanner;
import keenfork.core.swap.Swaps;
import keenfork.core.trace.Facts;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/// The five best plans for a dish of thirty lines and six avoidances, from a dish that is read to plans that are
/// derived.
public class Planning {
    static final int PLANS = 5;
    static final int LINES = 30;
    private static final RuleBook BOOK = RuleBook.uk();
    private static final List<String> AVOIDED = List.of("milk", "eggs", "nuts", "sesame", "gluten", "fish");
    private static final Context KITCHEN = new Context(Facts.none(BOOK), BOOK, Volumes.METRIC);

    /// dishes in turn, so that no answer is learnt by heart
    @State(Scope.Benchmark)
    public static class Dishes {
        List<Recipe> dishes = List.of();
        private int next;

        @Setup
        public void make() { dishes = dishes(Reading.SEED, 20); }

        Recipe next() { return dishes.get(next++ % dishes.size()); }
    }

    @Benchmark @BenchmarkMode(Mode.AverageTime) @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public Plans five_plans(Dishes state) { return plan(state.next()); }

    @Benchmark @BenchmarkMode(Mode.AverageTime) @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public List<Puzzle.Cost> five_plans_searched(Puzzles state) {
        return SwapPlanner.best(state.next(), PLANS, Budget.USUAL);
    }

    /// the peer is given the puzzle ready made: no line to derive, no plan to write down
    @Benchmark @BenchmarkMode(Mode.AverageTime) @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public List<Puzzle.Cost> five_plans_outside(Puzzles state) { return OutsideSolver.best(state.next(), PLANS); }

    /// the same dishes as puzzles
    @State(Scope.Benchmark)
    public static class Puzzles {
        List<Puzzle> puzzles = List.of();
        private int next;

        @Setup
        public void make() { puzzles = dishes(Reading.SEED, 20).stream().map(Planning::puzzle).toList(); }

        Puzzle next() { return puzzles.get(next++ % puzzles.size()); }
    }

    static Plans plan(Recipe dish) { return planner().plan(dish, PLANS, Budget.USUAL); }

    static Puzzle puzzle(Recipe dish) { return planner().puzzle(dish); }

    private static SwapPlanner planner() { return new SwapPlanner(KITCHEN, avoidances(AVOIDED)); }

    static List<Avoidance> avoidances(List<String> words) {
        return words.stream().map(w -> Avoidance.parse(w, BOOK).orElseThrow()).toList();
    }

    static Context kitchen(List<Guests> guests) { return KITCHEN.withGuests(guests); }

    /// {@return dishes of thirty lines, nearly all of foods that the table has swaps for, in three parts with steps}
    static List<Recipe> dishes(long seed, int many) { return dishes(seed, many, LINES); }

    /// {@return dishes of nine lines, as a menu has them}
    static List<Recipe> small(long seed, int many) { return dishes(seed, many, 9); }

    private static List<Recipe> dishes(long seed, int many, int lines) {
        var random = new Random(seed);
        var foods =
                Swaps.shipped().all().stream().flatMap(s -> s.replaces().stream()).map(Food::name).distinct().toList();
        var dishes = new ArrayList<Recipe>();
        for (var d = 0; d < many; d++) {
            var text = new StringBuilder("Dish %d\nServes 20\nBase:\n".formatted(d));
            for (var line = 0; line < lines; line++) {
                if (line == lines * 2 / 5) text.append("Dressing:\n");
                if (line == lines * 4 / 5) text.append("Topping:\n");
                text.append(10 + random.nextInt(300)).append(" g ").append(foods.get(random.nextInt(foods.size())))
                        .append('\n');
            }
            text.append("Method:\nChop the base.\nBlend the dressing and pour it over.\nScatter the topping.\n");
            dishes.add(Recipe.read(text.toString(), Volumes.METRIC, new Law("uk")));
        }
        return dishes;
    }
}
