package keenfork.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// A step that allows either of two kits: nobody has chosen until an order does.
class KitChoicesTest {
    private static final String NUTS = "Nut dressing\nServes 10\n200 g walnuts\n300 ml olive oil\nMethod:\n%s";
    private static final String DIP = "Bean dip\nServes 10\n1 kg white beans\nMethod:\nStir the beans in a bowl.";

    private static Batch batch(String text) {
        return Batch.of(Derivation.of(Recipe.read(text, Volumes.METRIC, new Law("uk")), Facts.none(RuleBook.uk())))
                .orElseThrow();
    }

    private static List<Batch> day(String step) {
        return Batch.together(List.of(batch(NUTS.formatted(step)), batch(DIP)));
    }

    private static String kit(Batch batch) {
        return batch.kit().stream().map(Kit::id).sorted().collect(Collectors.joining(" "));
    }

    /// Common practice.
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Shake in a jar or whisk in a bowl.                    | bottle    | bowl
            Whisk or shake in a jar.                              | bowl      | bottle
            Blend in the food processor or with a stick blender.  | processor | stick
            Chop the walnuts by hand or in the food processor.    | board hands | processor
            Mash with a fork or a potato masher.                  | bowl spoons | mill
            Pound in a mortar, or blitz in a mini chopper.        | mortar    | processor
            """)
    void a_choice_is_read(String step, String one, String other) {
        var batch = batch(NUTS.formatted(step));
        assertThat(batch.choice().taken()).isEmpty();
        assertThat(batch.choice().ways()).extracting(KitChoicesTest::kit).containsExactly(one, other);
        assertThat(List.of(kit(batch).split(" "))).as("it may go over both until somebody chooses")
                .containsExactlyInAnyOrderElementsOf(
                        Stream.of((one + " " + other).split(" ")).distinct().toList());
    }

    @ParameterizedTest
    @ValueSource(strings = {"Stir or toss the walnuts.", "Serve hot or cold.", "Blend with or without the oil.",
            "Chop the walnuts, then blend them.", "Rinse the walnuts, or soak them."})
    void what_leaves_no_choice_of_kit_has_none(String step) {
        assertThat(batch(NUTS.formatted(step)).choice().ways()).isEmpty();
    }

    /// The trade case of a jar or a whisk: the bowl stays clean for the dip.
    @Test
    void the_kit_is_taken_that_keeps_a_contact_from_happening() {
        var run = Sequencer.order(day("Whisk in a bowl or shake in a jar."), Conditions.USUAL);
        assertThat(run.contacts()).isZero();
        assertThat(run.washing()).isZero();
        var nuts = run.turns().stream().filter(t -> t.batch().dish().equals("Nut dressing")).findFirst().orElseThrow();
        assertThat(nuts.batch().choice().taken()).hasSize(1);
        assertThat(run.worth()).isEqualTo("Nothing better is possible with what is known here.");
        var forced = Sequencer.order(day("Whisk in a bowl."), Conditions.USUAL.withLocked(
                java.util.Map.of("Nut dressing", 0)));
        assertThat(forced.washing()).as("with the bowl alone it is washed").isPositive();
        var free = Sequencer.order(day("Whisk in a bowl or shake in a jar."), Conditions.USUAL.withLocked(
                java.util.Map.of("Nut dressing", 0)));
        assertThat(free.washing()).isZero();
        assertThat(free.choices()).anyMatch(
                r -> r.contains("takes the bottles and jars") && r.contains("not the bowl and spatula"));
    }

    @Test
    void nobody_has_chosen_so_both_count() {
        assertThat(Sequencer.unwashed(day("Shake in a jar or whisk in a bowl."), Conditions.USUAL).carried())
                .anyMatch(c -> c.kit().id().equals("bowl"));
    }

    @Test
    void a_way_is_found_again_by_its_key() {
        var batch = batch(NUTS.formatted("Shake in a jar or whisk in a bowl."));
        for (var way : batch.choice().ways()) assertThat(kit(batch.way(way.choice().id()))).isEqualTo(kit(way));
        assertThat(batch.way("zugwort")).isEqualTo(batch);
        assertThat(batch.way("bottle").way("bowl").choice().id()).as("the other way is still known").isEqualTo("bowl");
    }

    /// No order with a choice washes more than the best order of any way of choosing.
    @Property(tries = 40)
    void a_choice_never_costs(@ForAll @IntRange(min = 0, max = 5) int one,
            @ForAll @IntRange(min = 0, max = 5) int two) {
        var steps = List.of("Shake in a jar or whisk in a bowl.", "Chop or tear the walnuts.",
                "Blend in the food processor or with a stick blender.", "Stir in a bowl or toss on a tray.",
                "Pound in a mortar or blend.", "Mince or grate the walnuts.");
        var batches = Batch.together(List.of(batch(NUTS.formatted(steps.get(one))), batch(DIP),
                batch("Sesame paste\nServes 10\n300 g tahini\nMethod:\n" + steps.get(two))));
        var best = Sequencer.order(batches, Conditions.USUAL);
        for (var first : batches.get(0).choice().ways())
            for (var last : batches.get(2).choice().ways())
                assertThat(best.washing()).isLessThanOrEqualTo(
                        Sequencer.order(List.of(first.with(List.of()), batches.get(1), last.with(List.of())),
                                Conditions.USUAL).washing());
    }
}
