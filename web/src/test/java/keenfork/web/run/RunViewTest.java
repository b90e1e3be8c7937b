package keenfork.web.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import keenfork.core.run.Batch;
import keenfork.core.run.BatchSetup;
import keenfork.core.run.Clean;
import keenfork.core.run.Conditions;
import keenfork.core.run.Day;
import keenfork.core.run.PrepRun;
import keenfork.core.run.Sequencer;
import keenfork.core.trace.Facts;
import keenfork.web.ADish;
import keenfork.web.kitchen.Menu;
import keenfork.web.persistence.guest.Events;
import keenfork.web.persistence.settings.Settings;
import org.junit.jupiter.api.Test;

class RunViewTest {
    private static final String PLAIN =
            "Very long-named leaf salad of the harbour\nServes 10\n1 kg carrots\nMethod:\nBlend smooth.";
    private static final String NUTS = "Almond cream\n200 g almonds\nMethod:\nBlend smooth.";

    private static List<Batch> batches(String... texts) {
        return Stream.of(texts).flatMap(t -> Batch.of(ADish.derived(t)).stream()).toList();
    }

    private static Batches batches(Menu menu, Conditions conditions) {
        var byDish = new HashMap<Long, Batch>();
        for (var d : menu.dishes()) Batch.of(d.derivation()).ifPresent(b -> byDish.put(d.id(), b));
        return new Batches(menu,
                new Settings.RunDay(null, conditions.day().cooks(), LocalTime.of(8, 0), LocalTime.of(17, 30), true),
                menu.day(), conditions, Facts.none(menu.ruleBook()), Map.copyOf(byDish), List.of(), "", PrepRun.NONE);
    }

    private static RunView view(List<BatchSetup> order, Conditions conditions, boolean wide) {
        var batches = batches(ADish.menuOf(PLAIN), conditions);
        return RunView.of(Sequencer.score(order, conditions), batches,
                List.of(new Events.Guests(1, "Nuts", 3, "nuts"), new Events.Guests(2, "Milk", 2, "milk")),
                new RunPage.Asked("yours", 7, 0, wide), List.of(), ADish.FORMAT);
    }

    private static RunView view(boolean washed, String... texts) {
        var order = batches(texts);
        return view(washed ? Sequencer.washed(order, Conditions.USUAL).order()
                : Sequencer.unwashed(order, Conditions.USUAL).order(), Conditions.USUAL, false);
    }

    @Test
    void what_travels_is_an_arc_and_a_card_with_who_goes_without_and_what_clears_it() {
        var view = view(false, NUTS, PLAIN);
        var lane = view.sheet().lanes().getFirst();
        assertThat(lane.name()).isEqualTo("Blender");
        assertThat(lane.blocks()).extracting(Timeline.Block::hit).containsExactly(false, true);
        assertThat(view.sheet().arcs()).extracting(Timeline.Arc::words).containsExactly("almond");
        assertThat(view.trip()).isNotNull().satisfies(t -> {
            assertThat(t.title()).isEqualTo("Almond to Very long-named leaf salad of the harbour, by the blender");
            assertThat(t.estimates()).singleElement().asString().contains("reference dose 1.0 mg");
            assertThat(t.people()).isEqualTo("Who goes without: Nuts 3.");
            assertThat(t.ways()).extracting(ContactView.Way::label).containsExactly("Wash the blender first",
                    "Make it before Almond cream");
            assertThat(t.ways()).extracting(ContactView.Way::then).containsExactly("0 contacts, 1 wash",
                    "0 contacts, 0 washes");
        });
        assertThat(view.opened()).isNotNull().satisfies(o -> assertThat(o.uses()).singleElement()
                .satisfies(u -> assertThat(u.reach()).isEqualTo("reached by almond")));
    }

    @Test
    void a_wash_is_drawn_before_its_block_on_the_piece_and_with_the_hands_that_do_it() {
        var view = view(true, NUTS, PLAIN);
        assertThat(view.trips()).isEmpty();
        var lanes = view.sheet().lanes();
        assertThat(lanes.getFirst().blocks()).extracting(Timeline.Block::kind).containsExactly("task", "wash", "task");
        assertThat(lanes.stream().filter(Timeline.PieceLane::hands).flatMap(l -> l.blocks().stream())
                .filter(b -> b.kind().equals("wash"))).hasSize(1);
        assertThat(view.sheet().summary()).isEqualTo("2 batches over 1 piece of kit, 0 contacts, 1 wash");
    }

    @Test
    void a_wipe_is_drawn_as_no_wash() {
        var order = Sequencer.unwashed(batches(NUTS, PLAIN), Conditions.USUAL).order();
        var blender = order.getLast().batch().kit().getFirst();
        var view = view(List.of(order.getFirst(), order.getLast().with(new BatchSetup.Before(blender, 0), Clean.WIPE)),
                Conditions.USUAL, false);
        assertThat(view.sheet().lanes().getFirst().blocks()).extracting(Timeline.Block::kind).containsExactly("task",
                "wipe", "task");
        assertThat(view.trips()).hasSize(1);
    }

    @Test
    void a_label_fits_its_block_and_the_whole_name_is_in_its_words() {
        var blocks = view(true, PLAIN).sheet().lanes().getFirst().blocks();
        assertThat(blocks.getFirst().words())
                .startsWith("1. Very long-named leaf salad of the harbour: Blend smooth., 17:23 to 17:30");
        assertThat(blocks.getFirst().label().length() * 8).isLessThanOrEqualTo(blocks.getFirst().width());
        assertThat(view(Sequencer.unwashed(batches(PLAIN), Conditions.USUAL).order(), Conditions.USUAL, true).sheet()
                .width()).isGreaterThan(2 * view(true, PLAIN).sheet().width());
    }

    @Test
    void fryer_oil_is_renewed_not_washed() {
        var view = view(false, "Fish\n500 g cod\nMethod:\nDeep-fry the cod.",
                PLAIN.replace("Blend smooth.", "Deep-fry the carrots."));
        assertThat(view.trip()).isNotNull()
                .satisfies(t -> assertThat(t.ways().getFirst().label()).isEqualTo("Renew the fryer oil first"));
    }

    @Test
    void where_the_day_is_too_short_the_drawing_shows_when_we_open() {
        var view = view(Sequencer.unwashed(batches(NUTS, PLAIN), Conditions.USUAL).order(),
                Conditions.USUAL.with(new Day(1, 8)), false);
        assertThat(view.sheet().opens()).isPositive();
        assertThat(view.late()).startsWith("It does not fit: it takes 12 min");
        assertThat(view.blocks()).isNotEmpty();
    }
}
