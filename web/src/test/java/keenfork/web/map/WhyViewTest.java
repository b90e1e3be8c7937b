package keenfork.web.map;

import static keenfork.web.ADish.menuOf;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import keenfork.core.food.Substances;
import keenfork.core.people.Avoidances;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Peel;
import keenfork.web.ADish;
import keenfork.web.kitchen.Menu;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WhyViewTest {
    private static final Diners NOBODY = new Diners("", Avoidances.NONE);

    private static MapQuery asked(Long dish) { return new MapQuery(null, dish, null, null, null, null, null, null); }

    private static WhyView why(Menu menu, String group, Peel peel) {
        return WhyView.of(menu, menu.dishes().getFirst(),
                new Column(menu.ruleBook().group(group).orElseThrow(), null, false, false), peel, ADish.FORMAT);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"3 tbsp tahini | sesame | Sesame: in it | solid",
            "2 tbsp mayonnaise | eggs | Eggs: assumed in it | dashed", "2 tsp miso | fish | Fish: not known | dotted"})
    void the_twine_says_how_sure(String line, String group, String title, String look) {
        var view = why(menuOf("A dip\n" + line), group, Peel.COMPLETE);
        assertThat(view.title()).isEqualTo(title);
        assertThat(view.threads().getFirst().twine()).last().extracting(WhyView.Twine::look).isEqualTo(look);
    }

    @Test
    void a_thread_runs_from_the_dish_to_the_group_and_its_twine_joins_every_knot() {
        var thread = why(menuOf("A dip\nServes 4\n200 g feta"), "milk", Peel.COMPLETE).threads().getFirst();
        assertThat(thread.knots()).extracting(WhyView.Knot::text).containsExactly("A dip", "Base", "“200 g feta”",
                "feta", "sheep's milk", "Milk");
        assertThat(thread.twine()).hasSize(thread.knots().size() - 1);
        assertThat(thread.knots().get(2).note()).isEqualTo("200 g, as written");
        assertThat(thread.knots()).extracting(WhyView.Knot::y).isSorted().doesNotHaveDuplicates();
        assertThat(thread.height()).isGreaterThan(thread.knots().getLast().y());
    }

    @Test
    void what_would_clear_it_leads_to_the_place_and_says_no_where_it_is_no() {
        var base = why(menuOf("A dip\n2 tbsp mayonnaise"), "eggs", Peel.COMPLETE).ways();
        assertThat(base).extracting(WhyView.Way::link).contains("/larder/new?food=mayonnaise",
                "/swaps?dish=7&avoid=eggs");
        assertThat(base).last().satisfies(w -> assertThat(w.rest()).startsWith("no"));
        var topping = why(menuOf("A dip\n1 kg white beans\nTopping:\n50 g almonds"), "nuts", Peel.COMPLETE).ways();
        assertThat(topping).last().satisfies(w -> assertThat(w.rest()).startsWith("yes"));
    }

    @Test
    void a_contact_sends_the_cook_to_the_run() {
        var contact = new Fact.Contact("A dip", "Base", List.of(Substances.shipped().get("hazelnut")),
                "after Pesto on the blender, not washed");
        var view = why(menuOf("A dip\n1 kg white beans", contact), "nuts", Peel.COMPLETE);
        assertThat(view.title()).isEqualTo("Nuts: contact");
        assertThat(view.ways().getFirst().link()).isEqualTo("/run");
        assertThat(view.threads().getFirst().knots()).extracting(WhyView.Knot::text)
                .contains("after Pesto on the blender, not washed");
    }

    @Test
    void nothing_found_is_no_promise_and_a_peeled_part_is_not_traced() {
        var menu = menuOf("A dip\n1 kg white beans\nTopping:\n50 g almonds");
        assertThat(why(menu, "nuts", Peel.NO_TOPPING).threads()).isEmpty();
        assertThat(why(menu, "eggs", Peel.COMPLETE).title()).isEqualTo("Eggs: nothing found");
        assertThat(why(menu, "eggs", Peel.COMPLETE).ways()).isEmpty();
    }

    @Test
    void the_map_opens_one_dish_into_its_parts() {
        var menu = menuOf("A dip\n1 kg white beans\nTopping:\n50 g almonds");
        var rows = MapView.of(menu, asked(7L), NOBODY, ADish.FORMAT).rows();
        assertThat(rows).extracting(MapView.MapRow::name).containsExactly("A dip", "Base", "Topping");
        assertThat(rows.getFirst().cells()).hasSize(14)
                .anySatisfy(c -> assertThat(c.label()).isEqualTo("A dip: Nuts in it, comes off"));
        assertThat(rows.getLast().cells())
                .anySatisfy(c -> assertThat(c.symbol()).as("a part's own mark is not lifted").isEqualTo("m-in"));
        assertThat(MapView.of(menu, asked(0L), NOBODY, ADish.FORMAT).rows()).hasSize(1);
    }
}
