package keenfork.web.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import keenfork.core.run.Batch;
import keenfork.core.run.School;
import keenfork.core.run.Sequencer;
import keenfork.core.trace.Fact;
import keenfork.web.ADish;
import keenfork.web.persistence.Events;
import org.junit.jupiter.api.Test;

class RunViewTest {
    private static final String PLAIN = "Very long-named leaf salad of the harbour\nServes 10\n1 kg carrots\nMethod:\nBlend smooth.";

    private static List<Batch> batches(String... texts) { return Stream.of(texts).flatMap(t -> Batch.of(ADish.derived(t)).stream()).toList(); }

    private static RunView view(boolean washed, String... texts) {
        var order = batches(texts);
        var run = washed ? Sequencer.washed(order, School.STRICT) : Sequencer.score(order, Collections.nCopies(order.size(), Map.of()), School.STRICT);
        var menu = ADish.menuOf(PLAIN, List.of(), run.facts().toArray(Fact[]::new));
        return RunView.of(run, "", menu, List.of(new Events.Guests(1, "Nuts", 3, "nuts"), new Events.Guests(2, "Milk", 2, "milk")), ADish.FORMAT);
    }

    @Test void what_travels_is_an_arc_and_a_card_with_who_goes_without_and_what_clears_it() {
        var view = view(false, "Almond cream\n200 g almonds\nMethod:\nBlend smooth.", PLAIN);
        assertThat(view.lanes()).singleElement().satisfies(l -> {
            assertThat(l.name()).isEqualTo("blender");
            assertThat(l.blocks()).extracting(RunView.Block::hit).containsExactly(false, true);
            assertThat(l.arcs()).extracting(RunView.Arc::words).containsExactly("almond");
        });
        assertThat(view.trips()).singleElement().satisfies(t -> {
            assertThat(t.title()).isEqualTo("almond to Very long-named leaf salad of the harbour, by the blender");
            assertThat(t.estimate()).contains("reference dose 1.0 mg");
            assertThat(t.people()).isEqualTo("Who goes without: Nuts 3.");
            assertThat(t.doing()).isEqualTo("Wash the blender first");
        });
    }

    @Test void a_wash_is_drawn_before_its_block_and_nothing_travels() {
        var view = view(true, "Almond cream\n200 g almonds\nMethod:\nBlend smooth.", PLAIN);
        assertThat(view.trips()).isEmpty();
        assertThat(view.lanes().getFirst().blocks().getLast().washX()).isPositive();
        assertThat(view.columns().getLast().kit()).singleElement().satisfies(k -> assertThat(k.cleared()).isTrue());
        assertThat(view.summary()).isEqualTo("2 batches over 1 kit, 1 wash, 0 contacts left");
    }

    @Test void a_long_name_is_cut_in_lines_and_ends_in_dots() {
        var lines = view(true, PLAIN).columns().getFirst().lines();
        assertThat(lines).hasSizeLessThanOrEqualTo(4).contains("Very long-");
        assertThat(lines.getLast()).endsWith("…");
    }

    @Test void fryer_oil_is_renewed_not_washed() {
        var view = view(false, "Fish\n500 g cod\nMethod:\nDeep-fry the cod.", PLAIN.replace("Blend smooth.", "Deep-fry the carrots."));
        assertThat(view.trips()).anySatisfy(t -> assertThat(t.doing()).isEqualTo("Renew the fryer oil first"));
    }
}
