package keenfork.core.run;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.marks;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.search.Proof;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class SequencerTest {
    private static Recipe recipe(String text) {
        return Recipe.read(text, Volumes.METRIC, new Law("uk"));
    }

    private static Batch batch(String name, String... substances) {
        Map<Substance, Double> holds = new LinkedHashMap<>();
        for (var s : substances) holds.put(Substances.shipped().get(s), 10.0);
        return new Batch(name, "Base", true, 10, 12, holds, Set.of());
    }

    private static List<Clean> unwashed(List<Batch> batches) {
        return Collections.nCopies(batches.size(), Clean.NONE);
    }

    @Test void two_blended_batches_with_no_wash_leave_the_first_ones_allergens_on_the_second() {
        var pesto = recipe("Almond pesto\nServes 10\n200 g almonds\n1 bunch basil\n200 ml olive oil\nMethod:\nBlend everything.");
        var dip = recipe("Bean dip\nServes 10\n1 kg white beans\n100 ml olive oil\nMethod:\nBlend smooth.");
        var batches = List.of(pesto, dip).stream().map(r -> Batch.blended(Derivation.of(r, Facts.none(UK))).orElseThrow()).toList();
        var run = Sequencer.score(batches, unwashed(batches), School.STRICT);
        var derivation = Derivation.of(dip, new Facts(UK, List.copyOf(run.facts())));
        assertThat(marks(derivation, UK)).containsExactly("nuts:contact");
        assertThat(derivation.under(UK).marks().getFirst().threads().getFirst().because()).contains("after Almond pesto: base on the blender, not washed");
        var washed = Sequencer.score(batches, List.of(Clean.NONE, Clean.WASH), School.STRICT);
        assertThat(washed.facts()).isEmpty();
        assertThat(Sequencer.score(batches, List.of(Clean.NONE, Clean.RINSE), School.STRICT).contacts()).as("a rinse is no wash").isEqualTo(1);
    }

    @Test void the_batch_without_nuts_goes_before_the_one_with() {
        var best = Sequencer.order(List.of(batch("nuts", "almond"), batch("plain")), School.STRICT, 0);
        assertThat(best.turns().getFirst().batch().dish()).isEqualTo("plain");
        assertThat(best.contacts()).isZero();
        assertThat(best.washes()).isZero();
        assertThat(best.proof()).isInstanceOf(Proof.Best.class);
    }

    @Test void bread_before_a_gluten_free_dip_flags_gluten_two_batches_on() {
        var order = List.of(batch("bread pesto", "wheat"), batch("wheat salad", "wheat", "milk"), batch("dip"));
        var run = Sequencer.score(order, unwashed(order), School.STRICT);
        assertThat(run.turns().get(2).carried()).extracting(c -> c.substance().id()).containsExactlyInAnyOrder("wheat", "milk");
        assertThat(run.turns().get(2).carried()).allMatch(c -> c.from().dish().equals("wheat salad"));
    }

    @Test void what_is_only_not_known_travels_too_and_never_counts_as_there() {
        var unread = Batch.blended(Derivation.of(recipe("Secret dip\n100 g zugwort\nMethod:\nBlend."), Facts.none(UK))).orElseThrow();
        var vague = Batch.blended(Derivation.of(recipe("Miso dip\n100 g miso\nMethod:\nBlend."), Facts.none(UK))).orElseThrow();
        var order = List.of(vague, batch("plain"));
        assertThat(Sequencer.score(order, unwashed(order), School.STRICT).carried()).extracting(c -> c.substance().id()).contains("soybeans", "fish");
        var after = List.of(unread, vague);
        assertThat(Sequencer.score(after, unwashed(after), School.STRICT).carried()).extracting(c -> c.substance().id()).containsExactly("anything");
    }

    @Test void one_kind_of_nut_on_another_is_a_contact() {
        var order = List.of(batch("cashew", "cashew"), batch("almond", "almond"));
        assertThat(Sequencer.score(order, unwashed(order), School.STRICT).contacts()).isEqualTo(1);
    }

    @Test void the_measured_school_flags_what_reaches_the_dose_or_has_none() {
        var little = new Batch("trace of milk", "Base", true, 1000, 12, Map.of(Substances.shipped().get("milk"), 0.1), Set.of());
        var noDose = new Batch("mustard", "Base", true, 10, 12, Map.of(Substances.shipped().get("mustard"), 0.0001), Set.of());
        var plain = new Batch("plain", "Base", true, 1000, 12, Map.of(), Set.of());
        assertThat(Sequencer.score(List.of(little, plain), unwashed(List.of(little, plain)), School.STRICT).contacts()).isEqualTo(1);
        assertThat(Sequencer.score(List.of(little, plain), unwashed(List.of(little, plain)), School.MEASURED).contacts()).isZero();
        assertThat(Sequencer.score(List.of(noDose, plain), unwashed(List.of(noDose, plain)), School.MEASURED).contacts()).isEqualTo(1);
    }

    /// FAO/WHO ad hoc expert consultation, part 2 (2022).
    @Test void reference_doses_are_those_published() {
        var tree = Substances.shipped();
        assertThat(Doses.of(tree.get("walnut"))).hasValue(1.0);
        assertThat(Doses.of(tree.get("peanuts"))).hasValue(2.0);
        assertThat(Doses.of(tree.get("hazelnut"))).hasValue(3.0);
        assertThat(Doses.of(tree.get("wheat"))).hasValue(5.0);
        assertThat(Doses.of(tree.get("prawn"))).hasValue(200.0);
        assertThat(Doses.of(tree.get("celery"))).isEmpty();
    }

    @Test void a_longer_run_says_that_it_is_not_proved() {
        var many = new ArrayList<Batch>();
        for (var i = 0; i < 20; i++) many.add(batch("batch " + i, i % 3 == 0 ? "almond" : i % 3 == 1 ? "milk" : "sesame"));
        var run = Sequencer.order(many, School.STRICT, 20);
        assertThat(run.proof()).isInstanceOf(Proof.Stopped.class);
        assertThat(run.turns()).hasSize(20);
        assertThat(run.contacts()).isZero();
    }

    @Provide Arbitrary<List<Batch>> batches() {
        var substance = Arbitraries.of("almond", "milk", "sesame", "wheat", "fish");
        return substance.set().ofMaxSize(4).list().ofMinSize(1).ofMaxSize(5).map(sets -> {
            var made = new ArrayList<Batch>();
            for (var i = 0; i < sets.size(); i++) made.add(batch("b" + i, sets.get(i).stream().sorted().toArray(String[]::new)));
            return List.copyOf(made);
        });
    }

    @Property(tries = 60) void the_exact_order_equals_brute_force(@ForAll("batches") List<Batch> batches, @ForAll @IntRange(max = 3) int washes) {
        var best = Sequencer.order(batches, School.STRICT, washes);
        assertThat(best.washes()).isLessThanOrEqualTo(washes);
        var forced = bruteForce(batches, new ArrayList<>(), new ArrayList<>(), washes);
        assertThat(List.of(best.contacts(), best.washes())).isEqualTo(forced);
    }

    @Property(tries = 60) void a_given_order_scores_the_same_as_when_found(@ForAll("batches") List<Batch> batches) {
        var best = Sequencer.order(batches, School.STRICT, 2);
        var again = Sequencer.score(best.turns().stream().map(PrepRun.Turn::batch).toList(), best.turns().stream().map(PrepRun.Turn::clean).toList(), School.STRICT);
        assertThat(again.turns()).isEqualTo(best.turns());
    }

    @Property(tries = 100) void a_wash_more_never_adds_a_contact(@ForAll("batches") List<Batch> batches, @ForAll @IntRange(max = 5) int at) {
        var cleans = new ArrayList<>(unwashed(batches));
        var before = Sequencer.score(batches, cleans, School.STRICT).contacts();
        cleans.set(at % batches.size(), Clean.WASH);
        assertThat(Sequencer.score(batches, cleans, School.STRICT).contacts()).isLessThanOrEqualTo(before);
    }

    /// Every order with every placing of washes, scored one by one: contacts, then washes.
    private static List<Integer> bruteForce(List<Batch> left, List<Batch> order, List<Clean> cleans, int washes) {
        if (left.isEmpty()) {
            var run = Sequencer.score(order, cleans, School.STRICT);
            return List.of(run.contacts(), run.washes());
        }
        var best = List.of(Integer.MAX_VALUE, 0);
        for (var next : left)
            for (var clean : washes > 0 ? List.of(Clean.NONE, Clean.WASH) : List.of(Clean.NONE)) {
                var rest = new ArrayList<>(left);
                rest.remove(next);
                order.add(next);
                cleans.add(clean);
                var score = bruteForce(rest, order, cleans, clean == Clean.WASH ? washes - 1 : washes);
                order.removeLast();
                cleans.removeLast();
                if (score.get(0) < best.get(0) || score.get(0).equals(best.get(0)) && score.get(1) < best.get(1)) best = score;
            }
        return best;
    }
}
