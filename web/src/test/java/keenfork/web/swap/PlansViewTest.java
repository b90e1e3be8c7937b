package keenfork.web.swap;

import static keenfork.web.ADish.derived;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import keenfork.core.diet.Diet;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Avoidances;
import keenfork.core.people.Guests;
import keenfork.core.regime.RuleBook;
import keenfork.core.search.Budget;
import keenfork.core.swap.Context;
import keenfork.core.swap.SwapPlanner;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import keenfork.web.ADish;
import org.junit.jupiter.api.Test;

class PlansViewTest {
    private static PlansView view(int wanted, String text, String... avoid) {
        var book = RuleBook.uk();
        var planner = new SwapPlanner(new Context(Facts.none(book), book, Volumes.METRIC),
                Stream.of(avoid).map(a -> Avoidance.parse(a, book).orElseThrow()).toList());
        return PlansView.of(planner.plan(derived(text).recipe(), 3, Budget.USUAL), wanted,
                new SwapContext(book, Diet.all(), List.of(), List.of(), ADish.FORMAT));
    }

    @Test
    void the_plan_asked_for_is_the_one_that_is_shown() {
        var text = "A salad\n300 g farro\n2 tbsp olive oil";
        assertThat(view(2, text, "gluten").choices()).filteredOn(PlansView.Choice::on).singleElement()
                .satisfies(c -> assertThat(c.number()).isEqualTo(2));
        assertThat(view(99, text, "gluten").chosen()).as("a number beyond the last is the last").isNotNull();
        assertThat(view(-1, text, "gluten").chosen().number()).isEqualTo(1);
    }

    @Test
    void a_change_is_shown_before_and_after_with_its_weight() {
        var change = view(1, "A salad\n300 g farro", "gluten").chosen().changes().getFirst();
        assertThat(change.before()).isEqualTo("300 g farro");
        assertThat(change.beforeGrams()).isEqualTo("300 g");
        assertThat(change.after().getFirst().text()).matches("\\d+ g .+");
        assertThat(change.left()).isBetween(2.0, 34.0);
    }

    @Test
    void what_is_brought_in_comes_first_and_what_is_turned_down_has_a_shape() {
        var view = view(3, "A dip\n200 g yoghurt", "milk", "nuts");
        assertThat(view.choices()).anySatisfy(c -> assertThat(c.bringsIn()).contains("soya"));
        assertThat(view(1, "A dip\n200 g feta", "milk", "nuts").rejected()).anySatisfy(r -> {
            assertThat(r.symbol()).isEqualTo("m-in");
            assertThat(r.because()).contains("almond");
        });
    }

    @Test
    void a_dish_that_needs_nothing_or_cannot_be_saved_says_so() {
        assertThat(view(1, "A salad\n1 lettuce", "milk").needed()).isFalse();
        assertThat(view(1, "A roast\n2 kg chicken", "vegan").blocked()).hasSize(1);
        assertThat(view(1, "A roast\n2 kg chicken", "vegan").chosen()).isNull();
    }

    private static String minds(List<String> unclear, String text, String avoided, String... groups) {
        return minds(Facts.none(RuleBook.uk()), unclear, text, avoided, groups);
    }

    private static String minds(Facts facts, List<String> unclear, String text, String avoided, String... groups) {
        var book = RuleBook.uk();
        var guests = Stream.of(groups).map(g -> new Guests(g, 2, Avoidances.of(g, book).all())).toList();
        var planner = new SwapPlanner(new Context(facts, book, Volumes.METRIC).withGuests(guests),
                Avoidances.of(avoided, book).all());
        var plans = planner.plan(derived(text).recipe(), 9, Budget.USUAL);
        var soya = plans.best().stream()
                .filter(p -> p.bringsIn().stream().anyMatch(b -> b.group().id().equals("soybeans"))).findFirst()
                .orElseThrow();
        return PlansView.whoMinds(plans.before(), soya,
                new SwapContext(book, Diet.all(), guests, unclear, ADish.FORMAT));
    }

    /// "Nobody avoids it" is said only where it is so: not where it only may be there, nor where they could not eat the
    /// dish before.
    @Test
    void whoever_avoids_what_is_brought_in_is_named() {
        var dip = "A dip\n200 g yoghurt";
        assertThat(minds(List.of(), dip, "milk", "milk", "soybeans")).contains("Avoided by soybeans (2)");
        assertThat(minds(List.of(), dip, "milk", "milk, soybeans")).as("they could not eat it before")
                .contains("Avoided by milk, soybeans (2)");
        assertThat(minds(List.of(), "A dip\n200 g tahini\n50 g yoghurt", "milk", "soybeans"))
                .contains("Avoided by soybeans");
        assertThat(minds(List.of(), dip, "milk", "milk")).contains("Nobody in the groups avoids it.");
        assertThat(minds(List.of("Crew"), dip, "milk", "milk")).contains("Nobody else")
                .contains("What Crew avoid is not all understood");
        assertThat(minds(List.of(), dip, "milk")).startsWith("Ask who avoids it.");
    }

    /// Lecithin of no said source, on a loose pack: soya is not known, and not known is no nobody.
    @Test
    void what_only_may_be_there_counts_for_those_who_avoid_it() {
        var pack = new Fact.PackInUse("coconut yoghurt", "Loose", Declaration.read("coconut, lecithin", Law.UNKNOWN),
                "read today", true);
        assertThat(minds(new Facts(RuleBook.uk(), List.of(pack)), List.of(), "A dip\n200 g labneh", "milk", "soybeans"))
                .contains("Avoided by soybeans (2)");
        assertThat(view(1, "A dip\n200 g labneh", "milk").choices())
                .as("no other plan for it brings in soya for certain").noneMatch(c -> c.bringsIn().contains("soya"));
    }
}
