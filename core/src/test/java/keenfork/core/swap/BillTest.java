package keenfork.core.swap;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import keenfork.core.food.Price;
import keenfork.core.food.Prices;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidance;
import keenfork.core.recipe.Recipe;
import keenfork.core.search.Budget;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;

/// What a plan costs: sums that anybody can do beside it, and nothing claimed where a price is wanting.
class BillTest {
    private static final Prices PRICES = new Prices(Map.of("tahini", price("9.00"), "sunflower seed butter",
            price("12.00"), "lemon juice", price("4.00"), "cashew", price("14.00")));

    private static Price price(String aKilogram) { return new Price(new BigDecimal(aKilogram), 1000); }

    private static Recipe read(String text) {
        return Recipe.read(text.replace('/', '\n'), Volumes.METRIC, new Law("uk"));
    }

    private static List<Plan> plans(Prices prices, String avoid, Recipe... dishes) {
        var facts = new ArrayList<Fact>();
        for (var dish : dishes) facts.add(new Fact.OtherDish(dish));
        return new SwapPlanner(new Context(new Facts(UK, facts), UK, Volumes.METRIC).withPrices(prices),
                List.of(Avoidance.parse(avoid, UK).orElseThrow())).plan(dishes[0], 5, Budget.USUAL).best();
    }

    private static double grams(Plan plan, String food) {
        return plan.moves().stream().flatMap(m -> m.goesIn().stream())
                .filter(l -> l.food().filter(f -> f.name().equals(food)).isPresent())
                .mapToDouble(l -> l.weighed().orElseThrow().likelyGrams()).sum();
    }

    @Test
    void what_goes_in_is_paid_and_what_goes_out_is_saved() {
        var plan = plans(PRICES, "sesame", read("Dip/300 g tahini/200 ml water/20 ml lemon juice")).stream()
                .filter(p -> grams(p, "sunflower seed butter") > 0).findFirst().orElseThrow();
        var butter = grams(plan, "sunflower seed butter");
        assertThat(plan.bill().unpriced()).as("of %s", plan.moves()).isEmpty();
        // 300 g at 9.00 a kilogram; lemon juice that is set right stands on both sides
        assertThat(plan.bill().out()).isGreaterThanOrEqualTo(2.70).isLessThan(2.80);
        assertThat(plan.bill().in() - plan.bill().out()).isCloseTo(butter * 12 / 1000 - 2.70, within(0.1));
    }

    @Test
    void a_price_that_nobody_said_is_never_taken_for_nothing() {
        var plans = plans(new Prices(Map.of("tahini", price("9.00"))), "sesame", read("Dip/300 g tahini/200 ml water"));
        assertThat(plans).allSatisfy(p -> {
            assertThat(p.bill().isKnown()).isEqualTo(p.moves().stream().allMatch(m -> m.goesIn().isEmpty()));
            assertThat(p.cost().money()).isNotPositive();
        });
        assertThat(plans.getFirst().bill().unpriced()).isNotEmpty();
        assertThat(plans(Prices.NONE, "sesame", read("Dip/300 g tahini")).getFirst().bill().isKnown()).isFalse();
    }

    @Test
    void of_a_dish_inside_the_share_that_is_used_is_paid() {
        var dressing = read("House dressing/300 g tahini/100 ml lemon juice/600 ml water");
        var alone = plans(PRICES, "sesame", dressing).getFirst();
        var inside = plans(PRICES, "sesame", read("Salad/1 kg kale/200 g House dressing"), dressing).getFirst();
        assertThat(inside.moves()).singleElement().isInstanceOf(Move.Inner.class);
        // about a fifth of a batch of a kilogram
        assertThat(inside.bill().out()).isCloseTo(alone.bill().out() / 5, within(0.05));
    }

    @Test
    void what_some_plates_go_without_is_bought_all_the_same() {
        var plan = plans(PRICES, "nuts", read("Salad/Base:/1 kg kale/Topping:/100 g cashews")).stream()
                .filter(Plan::isForSomePlates).findFirst().orElseThrow();
        assertThat(plan.bill()).isEqualTo(Bill.NOTHING);
    }

    @Test
    void what_is_weighed_cooked_is_bought_dry() {
        var prices = new Prices(Map.of("farro", price("3.00")));
        var plan = plans(prices, "gluten", read("Salad/900 g cooked farro/300 g kale")).getFirst();
        // farro takes up one and a half to two times its weight of water (common practice)
        assertThat(plan.bill().out()).as("of %s", plan.moves()).isBetween(0.8, 1.3);
    }

    @Test
    void the_cheaper_of_two_that_are_equal_stands_first() {
        var cheap = new Puzzle.Cost(0, 0, 0, 1, 100, 0, 10, -50, 3, 0);
        var dear = new Puzzle.Cost(0, 0, 0, 1, 100, 0, 10, 20, 1, 0);
        var slower = new Puzzle.Cost(0, 0, 0, 1, 100, 0, 11, -500, 0, 0);
        assertThat(List.of(slower, dear, cheap).stream().sorted().toList()).containsExactly(cheap, dear, slower);
    }
}
