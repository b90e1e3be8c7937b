package keenfork.bench;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import keenfork.core.covers.Change;
import keenfork.core.covers.CoverPuzzle;
import keenfork.core.covers.CoverSearch;
import keenfork.core.covers.GuestGroup;
import keenfork.core.covers.MenuDish;
import keenfork.core.covers.ServePlan;
import keenfork.core.covers.Serving;
import keenfork.core.measure.Volumes;
import keenfork.core.people.Avoidances;
import keenfork.core.regime.RuleBook;
import keenfork.core.swap.Context;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/// Serving everyone at an event: from dishes that are read to plans over the whole menu.
public class Serve {
    private static final RuleBook BOOK = RuleBook.uk();
    private static final int STEPS = 2_000_000;
    private static final List<String> AVOIDED = List.of("vegan", "coeliac", "nuts", "sesame", "eggs", "milk", "fish",
            "cashew", "pregnant", "no honey", "celery", "mustard", "soya", "peanuts", "no alcohol", "no pork", "gluten",
            "milk, eggs", "vegetarian", "no onion or garlic");

    /// an event
    @State(Scope.Benchmark)
    public static class Event {
        List<MenuDish> menu = List.of();
        List<GuestGroup> groups = List.of();

        @Setup
        public void make() {
            menu = menu(20);
            groups = groups(12);
        }
    }

    /// a large event
    @State(Scope.Benchmark)
    public static class LargeEvent {
        List<MenuDish> menu = List.of();
        List<GuestGroup> groups = List.of();

        @Setup
        public void make() {
            menu = menu(60);
            groups = groups(40);
        }
    }

    @Benchmark @BenchmarkMode(Mode.AverageTime) @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public List<ServePlan> twelve_groups(Event event) { return serve(event.menu, event.groups); }

    @Benchmark @BenchmarkMode(Mode.AverageTime) @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public List<ServePlan> forty_groups(LargeEvent event) { return serve(event.menu, event.groups); }

    private static List<ServePlan> serve(List<MenuDish> menu, List<GuestGroup> groups) {
        return new Serving(new Context(Facts.none(BOOK), BOOK, Volumes.METRIC), menu, groups, 2).plans(3);
    }

    static List<MenuDish> menu(int many) {
        return Planning.small(17, many).stream()
                .map(d -> new MenuDish(Derivation.of(d, Facts.none(BOOK)), "menu", List.of())).toList();
    }

    static List<GuestGroup> groups(int many) {
        var groups = new ArrayList<GuestGroup>();
        for (var g = 0; g < many; g++) {
            var words = AVOIDED.get(g % AVOIDED.size())
                    + (g < AVOIDED.size() ? "" : ", " + AVOIDED.get((g * 7 + 3) % AVOIDED.size()));
            groups.add(new GuestGroup("Group " + g, 1 + g % 9, Avoidances.of(words, BOOK)));
        }
        return groups;
    }

    /// {@return puzzles in plain figures, as events make them: most dishes feed most groups, changes feed some more}
    static List<CoverPuzzle> puzzles(long seed, int many) {
        var random = new Random(seed);
        var dish = menu(1).getFirst();
        var puzzles = new ArrayList<CoverPuzzle>();
        for (var p = 0; p < many; p++) {
            var groups = 3 + random.nextInt(6);
            var dishes = new ArrayList<List<CoverPuzzle.Option>>();
            for (var d = 0; d < 4 + random.nextInt(5); d++) dishes.add(options(random, dish, groups));
            var people = random.ints(groups, 1, 12).boxed().toList();
            puzzles.add(new CoverPuzzle(dishes, people, 1 + random.nextInt(3)));
        }
        return puzzles;
    }

    private static List<CoverPuzzle.Option> options(Random random, MenuDish dish, int groups) {
        var options = new ArrayList<CoverPuzzle.Option>();
        options.add(new CoverPuzzle.Option(List.of(), feeds(random, groups, 3)));
        for (var o = 0; o < random.nextInt(5); o++) {
            var changes = new ArrayList<Change>();
            for (var c = 0; c <= random.nextInt(2); c++)
                changes.add(random.nextBoolean() ? new Change.HoldBack(dish, List.of("Topping " + c))
                        : new Change.SplitOff(dish, 1 + random.nextInt(5)));
            options.add(new CoverPuzzle.Option(changes, feeds(random, groups, 2)));
        }
        return options;
    }

    private static BitSet feeds(Random random, int groups, int one) {
        var feeds = new BitSet();
        for (var g = 0; g < groups; g++) if (random.nextInt(one) == 0) feeds.set(g);
        return feeds;
    }

    static CoverPuzzle.Cost best(CoverPuzzle puzzle) { return CoverSearch.of(puzzle, STEPS).cost(); }
}
