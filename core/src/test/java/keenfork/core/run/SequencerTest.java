package keenfork.core.run;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.marks;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.search.Budget;
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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SequencerTest {
    private static Recipe recipe(String text) { return Recipe.read(text, Volumes.METRIC, new Law("uk")); }

    private static Batch read(String text) { return Batch.of(Derivation.of(recipe(text), Facts.none(UK))).orElseThrow(); }

    private static Kit kit(String id) { return Kit.named(id).orElseThrow(); }

    private static Substance substance(String id) { return Substances.shipped().get(id); }

    private static Batch.Use use(Kit kit, double perGram, String... substances) {
        Map<Substance, Optional<Range>> holds = new LinkedHashMap<>();
        for (var s : substances) holds.put(substance(s), Optional.of(new Range(perGram, perGram)));
        return new Batch.Use(kit, List.of("Base"), true, holds, Set.of(), holds.keySet());
    }

    private static Batch batch(String name, String... substances) { return new Batch(name, 10, 12, List.of(use(kit("blender"), 10, substances))); }

    private static List<Map<Kit, Clean>> unwashed(List<Batch> batches) { return Collections.nCopies(batches.size(), Map.of()); }

    /// `kit: substance` of all that reaches the last of some batches, the kit given one clean before it.
    private static List<String> reaches(List<Batch> order, Clean last) {
        var cleans = new ArrayList<Map<Kit, Clean>>(unwashed(order));
        cleans.set(order.size() - 1, Kit.all().stream().collect(java.util.stream.Collectors.toMap(k -> k, _ -> last)));
        return Sequencer.score(order, cleans, School.STRICT).turns().getLast().carried().stream().map(c -> c.kit().id() + ": " + c.substance().id()).toList();
    }

    // --- what goes over which kit ----------------------------------------------------------------------------------------

    /// Words of the trade, common practice.
    @ParameterizedTest(name = "{0}")
    @CsvSource({"Blend everything., blender", "Pound the nuts., processor", "Slice the cucumbers., board", "Toss with the leaves., bowl", "Scatter the seeds., spoons", "Roast the carrots at 200 °C., tray",
            "Simmer the barley 35 min., pan", "Deep-fry the shallots., fryer", "Cook the pasta., water", "Tear the mint over., hands", "Swirl the yoghurt over it., spoons", "Add the lime., bowl", "Drain and cool., -", "Leave to rest., -"})
    void steps_go_over_kit(String step, String kit) {
        var works = Work.in(step).stream().map(w -> w.kit().id()).toList();
        if (kit.equals("-")) assertThat(works).isEmpty();
        else assertThat(works).contains(kit);
    }

    @Test void a_step_takes_what_it_names_and_a_bowl_takes_all_so_far() {
        var salad = read("Salad\nServes 10\nBase:\n1 kg rice\n200 g walnuts, chopped\nDressing:\n100 g tahini\nTopping:\n50 g feta\nMethod:\nSimmer the rice.\nBlend the tahini.\nToss the rice with the walnuts.\nCrumble the feta over.");
        assertThat(salad.use(kit("board")).orElseThrow().holds().keySet()).containsExactly(substance("walnut"));
        assertThat(salad.use(kit("pan")).orElseThrow().holds()).isEmpty();
        assertThat(salad.use(kit("bowl")).orElseThrow().holds().keySet()).contains(substance("walnut"), substance("sesame")).doesNotContain(substance("milk"));
        assertThat(salad.use(kit("spoons")).orElseThrow().parts()).containsExactly("Topping");
        assertThat(Batch.of(Derivation.of(recipe("Leaves\n1 lettuce"), Facts.none(UK)))).as("nothing says what it goes over").isEmpty();
    }

    @Test void a_blended_dressing_is_no_barley_and_a_dip_is_all_that_went_in() {
        var salad = read("Salad\nBase:\n1 kg barley\nDressing:\n100 g tahini\nMethod:\nSimmer the barley.\nBlend the dressing.");
        assertThat(salad.use(kit("blender")).orElseThrow().holds().keySet()).containsExactly(substance("sesame"));
        assertThat(salad.use(kit("blender")).orElseThrow().parts()).containsExactly("Dressing");
        var dip = read("Dip\n1 kg beans\n200 g almonds\n100 g tahini\nMethod:\nStir the almonds into the beans.\nBlend the tahini in.");
        assertThat(dip.use(kit("blender")).orElseThrow().holds().keySet()).contains(substance("almond"), substance("sesame"));
    }

    // --- trade cases -----------------------------------------------------------------------------------------------------

    @Test void the_clear_batch_goes_before_the_one_with_nuts() {
        var best = Sequencer.order(List.of(batch("nuts", "almond"), batch("plain")), School.STRICT);
        assertThat(best.turns().getFirst().batch().dish()).isEqualTo("plain");
        assertThat(best.contacts()).isZero();
        assertThat(best.washes()).isZero();
        assertThat(best.proof()).isInstanceOf(Proof.Best.class);
    }

    @Test void a_bread_bound_pesto_before_a_gluten_free_dip_flags_gluten_unless_fully_washed() {
        var pesto = read("Bread pesto\n100 g bread\n1 bunch basil\n200 ml olive oil\nMethod:\nProcess to a paste.");
        var dip = read("Bean dip\n1 kg white beans\n100 ml olive oil\nMethod:\nProcess until smooth.");
        for (var clean : List.of(Clean.NONE, Clean.WIPE, Clean.RINSE)) assertThat(reaches(List.of(pesto, dip), clean)).as("a rinse is no wash").contains("processor: wheat");
        assertThat(reaches(List.of(pesto, dip), Clean.WASH)).isEmpty();
    }

    @Test void shared_tongs_flag_a_lump_on_one_plate() {
        var nuts = read("Nut salad\nServes 20\nBase:\n1 kg rice\nTopping:\n200 g hazelnuts\nMethod:\nScatter the hazelnuts.");
        var plain = read("Leaf salad\nServes 20\n2 lettuces\nMethod:\nPlate the lettuce.");
        var carried = Sequencer.score(List.of(nuts, plain), unwashed(List.of(nuts, plain)), School.STRICT).carried();
        assertThat(carried).singleElement().satisfies(c -> {
            assertThat(c.kit().id()).isEqualTo("spoons");
            assertThat(c.estimate()).contains("all of it on one plate").contains("reference dose 3.0 mg");
            assertThat(c.milligram().orElseThrow().high()).as("1 to 5 g of hazelnut on one plate, not over twenty").isGreaterThan(500);
        });
    }

    @Test void wheat_pasta_water_flags_gluten_for_what_is_cooked_in_it_after_and_no_wash_clears_it() {
        var pasta = read("Pasta salad\n500 g pasta\nMethod:\nCook the pasta.");
        var rice = read("Rice noodle salad\n500 g rice noodles\nMethod:\nSoak the noodles in the hot water.");
        assertThat(reaches(List.of(pasta, rice), Clean.NONE)).contains("water: wheat");
        assertThat(reaches(List.of(pasta, rice), Clean.WASH)).contains("water: wheat");
        assertThat(reaches(List.of(pasta, rice), Clean.FRESH)).isEmpty();
    }

    @Test void fryer_oil_stays_flagged_after_a_wash() {
        var fish = read("Fish bites\n500 g cod\nMethod:\nDeep-fry the cod.");
        var shallots = read("Shallots\n500 g shallots\nMethod:\nDeep-fry the shallots.");
        assertThat(reaches(List.of(fish, shallots), Clean.WASH)).contains("fryer: fish");
        assertThat(reaches(List.of(fish, shallots), Clean.FRESH)).isEmpty();
        assertThat(Sequencer.washed(List.of(fish, shallots), School.STRICT).turns().getLast().cleans()).containsValue(Clean.FRESH);
    }

    @Test void what_shared_kit_leaves_reaches_the_parts_that_went_over_it_with_its_thread() {
        var pesto = read("Almond pesto\nServes 10\n200 g almonds\n1 bunch basil\n200 ml olive oil\nMethod:\nBlend everything.");
        var dip = "Bean dip\nServes 10\nBase:\n1 kg white beans\nTopping:\n10 g parsley\nMethod:\nBlend the beans smooth.";
        var run = Sequencer.score(List.of(pesto, read(dip)), unwashed(List.of(pesto, read(dip))), School.STRICT);
        var derivation = Derivation.of(recipe(dip), new Facts(UK, List.copyOf(run.facts())));
        assertThat(marks(derivation, UK)).containsExactly("nuts:contact");
        assertThat(derivation.under(UK).marks().getFirst().threads()).allSatisfy(t -> {
            assertThat(t.because()).contains("after Almond pesto on the blender, not washed");
            assertThat(t.path().get(1).text()).isEqualTo("Base");
        });
    }

    @Test void contacts_reach_two_batches_on_and_the_nearest_is_named() {
        var order = List.of(batch("bread pesto", "wheat"), batch("wheat salad", "wheat", "milk"), batch("dip"));
        var carried = Sequencer.score(order, unwashed(order), School.STRICT).turns().get(2).carried();
        assertThat(carried).extracting(c -> c.substance().id()).containsExactlyInAnyOrder("wheat", "milk");
        assertThat(carried).allMatch(c -> c.from().dish().equals("wheat salad"));
    }

    @Test void what_is_only_not_known_travels_too_and_never_counts_as_there() {
        var unread = read("Secret dip\n100 g zugwort\nMethod:\nBlend.");
        var vague = read("Miso dip\n100 g miso\nMethod:\nBlend.");
        assertThat(reaches(List.of(vague, batch("plain")), Clean.NONE)).contains("blender: soybeans", "blender: fish");
        assertThat(reaches(List.of(unread, vague), Clean.NONE)).contains("blender: anything");
    }

    @Test void one_kind_of_nut_on_another_is_a_contact() {
        assertThat(reaches(List.of(batch("cashew", "cashew"), batch("almond", "almond")), Clean.NONE)).containsExactly("blender: cashew");
    }

    @Test void the_measured_school_flags_what_reaches_the_dose_or_has_none() {
        var little = new Batch("trace of milk", 1000, 12, List.of(use(kit("blender"), 0.1, "milk")));
        var noDose = new Batch("mustard", 10, 12, List.of(use(kit("blender"), 0.0001, "mustard")));
        var plain = new Batch("plain", 1000, 12, List.of(use(kit("blender"), 1)));
        assertThat(Sequencer.score(List.of(little, plain), unwashed(List.of(little, plain)), School.STRICT).contacts()).isEqualTo(1);
        assertThat(Sequencer.score(List.of(little, plain), unwashed(List.of(little, plain)), School.MEASURED).contacts()).isZero();
        assertThat(Sequencer.score(List.of(noDose, plain), unwashed(List.of(noDose, plain)), School.MEASURED).contacts()).isEqualTo(1);
    }

    // --- published figures -----------------------------------------------------------------------------------------------

    /// FAO/WHO ad hoc expert consultation, part 2 (2022).
    @Test void reference_doses_are_those_published() {
        assertThat(Doses.of(substance("walnut"))).hasValue(1.0);
        assertThat(Doses.of(substance("peanuts"))).hasValue(2.0);
        assertThat(Doses.of(substance("hazelnut"))).hasValue(3.0);
        assertThat(Doses.of(substance("wheat"))).hasValue(5.0);
        assertThat(Doses.of(substance("prawn"))).hasValue(200.0);
        assertThat(Doses.of(substance("celery"))).isEmpty();
    }

    @Test void kit_and_cleans_are_ranges_with_a_source() {
        assertThat(Kit.all()).hasSizeGreaterThanOrEqualTo(12).allSatisfy(k -> {
            assertThat(k.source()).isNotBlank();
            assertThat(k.thick().high()).isGreaterThan(k.thick().low());
            assertThat(k.thick().high()).as("what pours leaves no more than what clings").isGreaterThanOrEqualTo(k.pourable().high());
        });
        for (var i = 1; i < 4; i++) assertThat(Clean.values()[i].leaves().high()).isLessThan(Clean.values()[i - 1].leaves().high());
    }

    // --- the order -------------------------------------------------------------------------------------------------------

    @Test void a_longer_run_says_that_it_is_not_proved() {
        var many = new ArrayList<Batch>();
        for (var i = 0; i < 20; i++) many.add(batch("batch " + i, i % 3 == 0 ? "almond" : i % 3 == 1 ? "milk" : "sesame"));
        var run = Sequencer.order(many, School.STRICT);
        assertThat(run.proof()).isInstanceOf(Proof.Stopped.class);
        assertThat(run.turns()).hasSize(20);
        assertThat(run.contacts()).isZero();
        assertThat(run.washes()).as("three kinds, each after the other").isEqualTo(2);
        assertThat(run.worth()).as("the bound is met").contains("It washes for 16 min; no order does with less than 16.");
        var short_ = Sequencer.order(many.subList(0, 8), School.STRICT, new Budget(3));
        assertThat(short_.proof()).isInstanceOf(Proof.Stopped.class);
        assertThat(short_.contacts()).isZero();
    }

    @Provide Arbitrary<List<Batch>> batches() {
        var substances = Arbitraries.of("almond", "milk", "sesame", "wheat", "fish").set().ofMaxSize(3);
        var uses = Arbitraries.of("blender", "board", "bowl", "fryer").set().ofMinSize(1).ofMaxSize(3).flatMap(kits -> substances.list().ofSize(kits.size()).map(sets -> {
            var of = new ArrayList<Batch.Use>();
            var i = 0;
            for (var id : kits.stream().sorted().toList()) of.add(use(kit(id), 10, sets.get(i++).stream().sorted().toArray(String[]::new)));
            return List.<Batch.Use>copyOf(of);
        }));
        return uses.list().ofMinSize(1).ofMaxSize(6).map(all -> {
            var made = new ArrayList<Batch>();
            for (var i = 0; i < all.size(); i++) made.add(new Batch("b" + i, 10, 12, all.get(i)));
            return List.copyOf(made);
        });
    }

    @Property(tries = 150) void the_exact_order_equals_brute_force(@ForAll("batches") List<Batch> batches) {
        var best = Sequencer.order(batches, School.STRICT);
        assertThat(best.contacts()).isZero();
        assertThat(best.minutes()).isEqualTo(shortest(batches, new ArrayList<>()));
    }

    /// The bound that a search cut short gives is beaten by no order, the best one included.
    @Property(tries = 100) void the_search_never_beats_its_own_bound(@ForAll("batches") List<Batch> batches) {
        assertThat(Sequencer.order(batches, School.STRICT, new Budget(1)).least()).isLessThanOrEqualTo(Sequencer.order(batches, School.STRICT).washing());
    }

    /// Every order, each kit cleared before any batch or not, by all that this can be: the shortest without contacts.
    private static int shortest(List<Batch> left, List<Batch> order) {
        if (left.isEmpty()) return Sequencer.washed(order, School.STRICT).minutes();
        var best = Integer.MAX_VALUE;
        for (var next : left) {
            var rest = new ArrayList<>(left);
            rest.remove(next);
            order.add(next);
            best = Math.min(best, shortest(rest, order));
            order.removeLast();
        }
        return best;
    }

    /// Clearing a kit only when it must be is never longer: every way of clearing one kit in an order is tried.
    @Property(tries = 100) void washing_late_is_never_a_wash_more(@ForAll("batches") List<Batch> batches) {
        var late = Sequencer.washed(batches, School.STRICT);
        for (var kit : late.kit()) {
            var least = Integer.MAX_VALUE;
            for (var bits = 0; bits < 1 << batches.size(); bits++) {
                var cleans = new ArrayList<Map<Kit, Clean>>();
                for (var i = 0; i < batches.size(); i++) cleans.add((bits & 1 << i) == 0 ? Map.of() : Map.of(kit, kit.endedBy()));
                var run = Sequencer.score(batches, cleans, School.STRICT);
                if (run.carried().stream().noneMatch(c -> c.kit() == kit)) least = Math.min(least, Integer.bitCount(bits));
            }
            assertThat(late.turns().stream().filter(t -> t.clean(kit) == kit.endedBy()).count()).isEqualTo(least);
        }
    }

    @Property(tries = 100) void a_given_order_scores_the_same_as_when_found(@ForAll("batches") List<Batch> batches) {
        var best = Sequencer.order(batches, School.STRICT);
        assertThat(Sequencer.score(best.turns().stream().map(PrepRun.Turn::batch).toList(), best.cleans(), School.STRICT).turns()).isEqualTo(best.turns());
    }

    @Property(tries = 150) void a_full_wash_more_never_adds_a_contact(@ForAll("batches") List<Batch> batches, @ForAll @IntRange(max = 5) int at, @ForAll @IntRange(max = 3) int on) {
        var cleans = new ArrayList<Map<Kit, Clean>>(unwashed(batches));
        var before = Sequencer.score(batches, cleans, School.STRICT).contacts();
        var kit = List.of("blender", "board", "bowl", "fryer").get(on);
        cleans.set(at % batches.size(), Map.of(kit(kit), kit(kit).endedBy()));
        assertThat(Sequencer.score(batches, cleans, School.STRICT).contacts()).isLessThanOrEqualTo(before);
    }
}
