package keenfork.web.swap;

import static keenfork.web.ADish.derived;
import static org.assertj.core.api.Assertions.assertThat;

import keenfork.web.ADish;
import java.util.List;
import java.util.stream.Stream;
import keenfork.core.diet.Diet;
import keenfork.core.measure.Volumes;
import keenfork.core.regime.RuleBook;
import keenfork.core.search.Budget;
import keenfork.core.swap.Avoidance;
import keenfork.core.swap.Context;
import keenfork.core.swap.SwapPlanner;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;

class PlansViewTest {
    private static PlansView view(int wanted, String text, String... avoid) {
        var book = RuleBook.uk();
        var planner = new SwapPlanner(new Context(Facts.none(book), book, Volumes.METRIC), Stream.of(avoid).map(a -> Avoidance.parse(a, book).orElseThrow()).toList());
        return PlansView.of(planner.plan(derived(text).recipe(), 3, Budget.USUAL), wanted, new Seen(book, Diet.all(), List.of(), ADish.FORMAT));
    }

    @Test void the_plan_asked_for_is_the_one_that_is_shown() {
        var text = "A salad\n300 g farro\n2 tbsp olive oil";
        assertThat(view(2, text, "gluten").choices()).filteredOn(PlansView.Choice::on).singleElement().satisfies(c -> assertThat(c.number()).isEqualTo(2));
        assertThat(view(99, text, "gluten").chosen()).as("a number beyond the last is the last").isNotNull();
        assertThat(view(-1, text, "gluten").chosen().number()).isEqualTo(1);
    }

    @Test void a_change_is_shown_before_and_after_with_its_weight() {
        var change = view(1, "A salad\n300 g farro", "gluten").chosen().changes().getFirst();
        assertThat(change.before()).isEqualTo("300 g farro");
        assertThat(change.beforeGrams()).isEqualTo("300 g");
        assertThat(change.after().getFirst().text()).matches("\\d+ g .+");
        assertThat(change.left()).isBetween(2.0, 34.0);
    }

    @Test void what_is_brought_in_comes_first_and_what_is_turned_down_has_a_shape() {
        var view = view(3, "A dip\n200 g yoghurt", "milk", "nuts");
        assertThat(view.choices()).anySatisfy(c -> assertThat(c.bringsIn()).contains("soya"));
        assertThat(view(1, "A dip\n200 g feta", "milk", "nuts").rejected()).anySatisfy(r -> {
            assertThat(r.symbol()).isEqualTo("m-in");
            assertThat(r.because()).contains("almond");
        });
    }

    @Test void a_dish_that_needs_nothing_or_cannot_be_saved_says_so() {
        assertThat(view(1, "A salad\n1 lettuce", "milk").needed()).isFalse();
        assertThat(view(1, "A roast\n2 kg chicken", "vegan").blocked()).hasSize(1);
        assertThat(view(1, "A roast\n2 kg chicken", "vegan").chosen()).isNull();
    }
}
