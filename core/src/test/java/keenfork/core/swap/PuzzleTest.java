package keenfork.core.swap;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.aDish;
import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.food.Price;
import keenfork.core.food.Prices;
import keenfork.core.measure.Volumes;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Guests;
import keenfork.core.search.Budget;
import keenfork.core.search.Proof;
import keenfork.core.trace.Facts;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/// The search against every combination there is. Against choco-solver it is held in the bench module, on larger
/// puzzles.
class PuzzleTest {
    private static final List<String> WORDS = List.of("eggs", "fish", "milk", "nuts", "sesame", "gluten", "soybeans",
            "mustard", "celery", "vegan", "cashew", "no-honey");

    private static List<Avoidance> avoid(Iterable<String> words) {
        var avoid = new ArrayList<Avoidance>();
        for (var word : words) avoid.add(Avoidance.parse(word, UK).orElseThrow());
        return avoid;
    }

    @Provide
    Arbitrary<List<String>> dishes() {
        return Arbitraries
                .of("4 anchovy fillets", "2 egg yolks", "60 g parmesan", "100 g cashews", "3 tbsp tahini", "200 g feta",
                        "300 g farro", "2 tbsp soy sauce", "1 tbsp Dijon mustard", "100 g yoghurt",
                        "2 celery sticks", "2 tbsp honey", "2 tbsp mayonnaise", "1 tbsp miso", "Topping:",
                        "50 g pistachios", "30 g butter", "40 g croutons", "To serve:", "1 flatbread", "100 g bread")
                .list().ofMinSize(1).ofMaxSize(7).uniqueElements();
    }

    @Provide
    Arbitrary<Set<String>> words() { return Arbitraries.of(WORDS).set().ofMinSize(1).ofMaxSize(4); }

    @Provide
    Arbitrary<List<Guests>> guests() {
        return Arbitraries.of(WORDS)
                .flatMap(w -> Arbitraries.integers().between(1, 9).map(n -> new Guests(w, n, avoid(List.of(w))))).list()
                .ofMaxSize(5);
    }

    /// of some foods, at random
    @Provide
    Arbitrary<Prices> prices() {
        return Arbitraries.integers().between(0, 3000).list().ofSize(60).map(amounts -> {
            var prices = new HashMap<String, Price>();
            var foods = Foods.shipped().all();
            for (var i = 0; i < foods.size(); i++)
                prices.put(foods.get(i).name(),
                        new Price(BigDecimal.valueOf(amounts.get(i % amounts.size()), 2), 1000));
            return new Prices(prices);
        });
    }

    @Property(tries = 400)
    void it_finds_what_trying_everything_finds(@ForAll("dishes") List<String> dish, @ForAll("words") Set<String> words,
            @ForAll("guests") List<Guests> guests, @ForAll("prices") Prices prices) {
        var kitchen = new Context(Facts.none(UK), UK, Volumes.METRIC).withGuests(guests).withPrices(prices);
        var puzzle = new SwapPlanner(kitchen, avoid(words)).puzzle(aDish(dish.toArray(String[]::new)));
        var all = new ArrayList<Puzzle.Cost>();
        everything(puzzle, new ArrayList<>(), all);
        assertThat(SwapPlanner.best(puzzle, 5, Budget.USUAL)).isEqualTo(all.stream().sorted().limit(5).toList());
    }

    private static void everything(Puzzle puzzle, List<Puzzle.Option> chosen, List<Puzzle.Cost> costs) {
        if (chosen.size() == puzzle.lines().size()) {
            costs.add(puzzle.cost(chosen));
            return;
        }
        for (var option : puzzle.lines().get(chosen.size())) {
            if (!chosen.stream().allMatch(c -> Puzzle.goTogether(c, option))) continue;
            chosen.add(option);
            everything(puzzle, chosen, costs);
            chosen.removeLast();
        }
    }

    @Test
    void a_search_cut_short_says_so_and_gives_the_best_so_far() {
        var dish = aDish("100 g cashews", "200 g feta", "300 g farro", "100 g yoghurt", "100 g bread");
        var plans = new SwapPlanner(new Context(Facts.none(UK), UK, Volumes.METRIC),
                avoid(List.of("nuts", "milk", "gluten"))).plan(dish, 2, new Budget(8));
        assertThat(plans.proof()).isInstanceOf(Proof.Stopped.class);
        assertThat(plans.best()).isNotEmpty();
    }

    @Test
    void costs_count_in_their_order() {
        var better =
                Stream.of(new Puzzle.Cost(0, 1, 3, 9, 900, 90, 0, 0, 9, 1),
                        new Puzzle.Cost(0, 2, 0, 9, 900, 90, 0, 0, 9, 3),
                        new Puzzle.Cost(0, 2, 1, 1, 900, 90, 0, 0, 9, 1),
                        new Puzzle.Cost(0, 2, 1, 2, 100, 90, 0, 0, 9, 1),
                        new Puzzle.Cost(0, 2, 1, 2, 200, 10, 0, 0, 9, 1),
                        new Puzzle.Cost(0, 2, 1, 2, 200, 20, 0, 0, 1, 1),
                        new Puzzle.Cost(0, 2, 1, 2, 200, 20, 0, 0, 2, 1),
                        new Puzzle.Cost(0, 2, 1, 2, 200, 20, 0, 5, 1, 1),
                        new Puzzle.Cost(0, 2, 1, 1, 100, 20, 0, 0, 1, 2),
                        new Puzzle.Cost(1, 0, 0, 0, 0, 0, 0, 0, 0, 0)).toList();
        assertThat(better.stream().sorted().toList()).isEqualTo(better);
    }
}
