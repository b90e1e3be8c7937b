package keenfork.core.run;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.marks;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
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

    private static Batch read(String text) {
        return Batch.of(Derivation.of(recipe(text), Facts.none(UK))).orElseThrow();
    }

    private static Kit kit(String id) { return Kit.named(id).orElseThrow(); }

    private static Substance substance(String id) { return Substances.shipped().get(id); }

    private static Batch.Use use(Kit kit, double perGram, String... substances) {
        Map<Substance, Optional<Range>> holds = new LinkedHashMap<>();
        for (var s : substances) holds.put(substance(s), Optional.of(new Range(perGram, perGram)));
        return new Batch.Use(kit, List.of("Base"), false, true, holds, Set.of(), holds.keySet(), 0);
    }

    private static Batch batch(String name, int portions, List<Batch.Use> uses) {
        return new Batch(name, portions, uses,
                List.of(new Task("Make it", uses.stream().map(Batch.Use::kit).distinct().toList(), 12, 0, List.of())));
    }

    private static Batch batch(String name, String... substances) {
        return batch(name, 10, List.of(use(kit("blender"), 10, substances)));
    }

    private static PrepRun unwashed(Batch... order) { return Sequencer.unwashed(List.of(order), Conditions.USUAL); }

    /// `kit: substance` of all that reaches the last of some batches, all its kit given one clean before it.
    private static List<String> reaches(List<Batch> order, Clean last) {
        var made = new ArrayList<>(Sequencer.unwashed(order, Conditions.USUAL).order());
        for (var kit : made.getLast().batch().kit())
            made.set(made.size() - 1, made.getLast().with(new BatchSetup.Before(kit, 0), last));
        return Sequencer.score(made, Conditions.USUAL).turns().getLast().carried().stream()
                .map(c -> c.kit().id() + ": " + c.substance().id()).toList();
    }

    private static Batch.Use use(Batch batch, String kit) { return batch.uses(kit(kit)).getFirst(); }

    private static Equipment pieces(Piece... pieces) { return new Equipment(List.of(pieces), Figures.SHIPPED); }

    private static Piece piece(String id, String kit, String... keptFrom) {
        return new Piece(id, kit(kit), "the " + id,
                Stream.of(keptFrom).map(SequencerTest::substance).collect(java.util.stream.Collectors.toSet()));
    }

    // --- what goes over which kit ------------------------------------------------------------------------------------

    /// Words of the trade, common practice.
    @ParameterizedTest(name = "{0}")
    @CsvSource({"Blend everything., blender", "Pound the nuts., mortar", "Slice the cucumbers., board",
            "Toss with the leaves., bowl", "Scatter the seeds., spoons", "Roast the carrots at 200 °C., tray",
            "Simmer the barley 35 min., pan", "Deep-fry the shallots., fryer", "Cook the pasta., water",
            "Tear the mint over., hands", "Swirl the yoghurt over it., spoons", "Add the lime., bowl",
            "Drain and cool., sieve", "Leave to rest., -"})
    void steps_go_over_kit(String step, String kit) {
        var works = Work.in(step).stream().map(w -> w.kit().id()).toList();
        if (kit.equals("-")) assertThat(works).isEmpty();
        else assertThat(works).contains(kit);
    }

    @Test
    void a_step_takes_what_it_names_and_a_bowl_takes_all_so_far() {
        var salad = read(
                "Salad\nServes 10\nBase:\n1 kg rice\n200 g walnuts, chopped\nDressing:\n100 g tahini\nTopping:\n"
                        + "50 g feta\nMethod:\nSimmer the rice.\nBlend the tahini.\nToss the rice with the walnuts.\n"
                        + "Crumble the feta over.");
        assertThat(use(salad, "board").holds().keySet()).containsExactly(substance("walnut"));
        assertThat(use(salad, "pan").holds()).isEmpty();
        assertThat(use(salad, "bowl").holds().keySet()).contains(substance("walnut"), substance("sesame"))
                .doesNotContain(substance("milk"));
        assertThat(use(salad, "spoons").parts()).containsExactly("Topping");
        assertThat(Batch.of(Derivation.of(recipe("Leaves"), Facts.none(UK)))).as("nothing goes over anything")
                .isEmpty();
    }

    @Test
    void a_blended_dressing_is_no_barley_and_a_dip_is_all_that_went_in() {
        var salad = read(
                "Salad\nBase:\n1 kg barley\nDressing:\n100 g tahini\nMethod:\nSimmer the barley.\nBlend the dressing.");
        assertThat(use(salad, "blender").holds().keySet()).containsExactly(substance("sesame"));
        assertThat(use(salad, "blender").parts()).containsExactly("Dressing");
        var dip = read(
                "Dip\n1 kg beans\n200 g almonds\n100 g tahini\nMethod:\nStir the almonds into the beans.\n"
                        + "Blend the tahini in.");
        assertThat(use(dip, "blender").holds().keySet()).contains(substance("almond"), substance("sesame"));
    }

    @Test
    void each_step_knows_what_is_in_by_then() {
        var bowl = use(read(
                "Salad\nBase:\n1 kg rice\n50 ml olive oil\n200 g walnuts\nDressing:\n100 g tahini\nMethod:\n"
                        + "Toss the rice in oil.\nToss the walnuts in.\nStir the tahini through."),
                "bowl");
        assertThat(bowl.by(0)).isEmpty();
        assertThat(bowl.by(1)).containsExactly(substance("walnut"));
        assertThat(bowl.by(2)).containsExactlyInAnyOrder(substance("walnut"), substance("sesame"))
                .isEqualTo(bowl.leaves());
    }

    // --- trade cases -------------------------------------------------------------------------------------------------

    @Test
    void the_clear_batch_goes_before_the_one_with_nuts() {
        var best = Sequencer.order(List.of(batch("nuts", "almond"), batch("plain")), Conditions.USUAL);
        assertThat(best.turns().getFirst().batch().dish()).isEqualTo("plain");
        assertThat(best.contacts()).isZero();
        assertThat(best.washes()).isZero();
        assertThat(best.proof()).isInstanceOf(Proof.Best.class);
    }

    @Test
    void a_bread_bound_pesto_before_a_gluten_free_dip_flags_gluten_unless_fully_washed() {
        var pesto = read("Bread pesto\n100 g bread\n1 bunch basil\n200 ml olive oil\nMethod:\nProcess to a paste.");
        var dip = read("Bean dip\n1 kg white beans\n100 ml olive oil\nMethod:\nProcess until smooth.");
        for (var clean : List.of(Clean.NONE, Clean.WIPE, Clean.RINSE))
            assertThat(reaches(List.of(pesto, dip), clean)).as("a rinse is no wash").contains("processor: wheat");
        assertThat(reaches(List.of(pesto, dip), Clean.WASH)).isEmpty();
    }

    @Test
    void shared_tongs_flag_a_lump_on_one_plate() {
        var nuts = read(
                "Nut salad\nServes 20\nBase:\n1 kg rice\nTopping:\n200 g hazelnuts\nMethod:\nScatter the hazelnuts.");
        var plain = read("Leaf salad\nServes 20\n2 lettuces\nMethod:\nPlate the lettuce.");
        var carried = unwashed(nuts, plain).carried();
        assertThat(carried).singleElement().satisfies(c -> {
            assertThat(c.kit().id()).isEqualTo("spoons");
            assertThat(c.estimate()).contains("all of it on one plate").contains("reference dose 3.0 mg");
            assertThat(c.milligram().orElseThrow().high()).as("1 to 5 g of hazelnut on one plate, not over twenty")
                    .isGreaterThan(500);
        });
    }

    @Test
    void wheat_pasta_water_flags_gluten_for_what_is_cooked_in_it_after_and_no_wash_clears_it() {
        var pasta = read("Pasta salad\n500 g pasta\nMethod:\nCook the pasta.");
        var rice = read("Rice noodle salad\n500 g rice noodles\nMethod:\nSoak the noodles in the hot water.");
        assertThat(reaches(List.of(pasta, rice), Clean.NONE)).contains("water: wheat");
        assertThat(reaches(List.of(pasta, rice), Clean.WASH)).contains("water: wheat");
        assertThat(reaches(List.of(pasta, rice), Clean.FRESH)).isEmpty();
    }

    @Test
    void fryer_oil_stays_flagged_after_a_wash() {
        var fish = read("Fish bites\n500 g cod\nMethod:\nDeep-fry the cod.");
        var shallots = read("Shallots\n500 g shallots\nMethod:\nDeep-fry the shallots.");
        assertThat(reaches(List.of(fish, shallots), Clean.WASH)).contains("fryer: fish");
        assertThat(reaches(List.of(fish, shallots), Clean.FRESH)).isEmpty();
        assertThat(Sequencer.washed(List.of(fish, shallots), Conditions.USUAL).turns().getLast().made().cleans())
                .containsValue(Clean.FRESH);
    }

    @Test
    void what_shared_kit_leaves_reaches_the_parts_that_went_over_it_with_its_thread() {
        var pesto = read(
                "Almond pesto\nServes 10\n200 g almonds\n1 bunch basil\n200 ml olive oil\nMethod:\nBlend everything.");
        var dip =
                "Bean dip\nServes 10\nBase:\n1 kg white beans\nTopping:\n10 g parsley\nMethod:\n"
                        + "Blend the beans smooth.";
        var run = unwashed(pesto, read(dip));
        var derivation = Derivation.of(recipe(dip), new Facts(UK, List.copyOf(run.facts())));
        assertThat(marks(derivation, UK)).containsExactly("nuts:contact");
        assertThat(derivation.under(UK).marks().getFirst().threads()).allSatisfy(t -> {
            assertThat(t.because()).contains("after Almond pesto on the blender, not washed");
            assertThat(t.path().get(1).text()).isEqualTo("Base");
        });
    }

    @Test
    void contacts_reach_two_batches_on_and_the_nearest_is_named() {
        var carried = unwashed(batch("bread pesto", "wheat"), batch("wheat salad", "wheat", "milk"), batch("dip"))
                .turns().get(2).carried();
        assertThat(carried).extracting(c -> c.substance().id()).containsExactlyInAnyOrder("wheat", "milk");
        assertThat(carried).allMatch(c -> c.from().dish().equals("wheat salad"));
    }

    @Test
    void what_is_only_not_known_travels_too_and_never_counts_as_there() {
        var unread = read("Secret dip\n100 g zugwort\nMethod:\nBlend.");
        var vague = read("Miso dip\n100 g miso\nMethod:\nBlend.");
        assertThat(reaches(List.of(vague, batch("plain")), Clean.NONE)).contains("blender: soybeans", "blender: fish");
        assertThat(reaches(List.of(unread, vague), Clean.NONE)).contains("blender: anything");
    }

    @Test
    void one_kind_of_nut_on_another_is_a_contact() {
        assertThat(reaches(List.of(batch("cashew", "cashew"), batch("almond", "almond")), Clean.NONE))
                .containsExactly("blender: cashew");
    }

    @Test
    void the_measured_school_flags_what_reaches_the_dose_or_has_none() {
        var little = batch("trace of milk", 1000, List.of(use(kit("blender"), 0.1, "milk")));
        var noDose = batch("mustard", 10, List.of(use(kit("blender"), 0.0001, "mustard")));
        var plain = batch("plain", 1000, List.of(use(kit("blender"), 1)));
        var measured = Conditions.USUAL.with(ContactPolicy.MEASURED);
        assertThat(unwashed(little, plain).contacts()).isEqualTo(1);
        assertThat(Sequencer.unwashed(List.of(little, plain), measured).contacts()).isZero();
        assertThat(Sequencer.unwashed(List.of(noDose, plain), measured).contacts()).isEqualTo(1);
    }

    // --- published figures -------------------------------------------------------------------------------------------

    /// FAO/WHO ad hoc expert consultation, part 2 (2022).
    @Test
    void reference_doses_are_those_published() {
        assertThat(Doses.of(substance("walnut"))).hasValue(1.0);
        assertThat(Doses.of(substance("peanuts"))).hasValue(2.0);
        assertThat(Doses.of(substance("hazelnut"))).hasValue(3.0);
        assertThat(Doses.of(substance("wheat"))).hasValue(5.0);
        assertThat(Doses.of(substance("prawn"))).hasValue(200.0);
        assertThat(Doses.of(substance("celery"))).isEmpty();
    }

    @Test
    void kit_and_cleans_are_ranges_with_a_source() {
        assertThat(Kit.all()).hasSizeGreaterThanOrEqualTo(12).allSatisfy(k -> {
            assertThat(k.residue().source()).isNotBlank();
            if (k.carries()) assertThat(k.residue().thick().high()).isGreaterThan(k.residue().thick().low());
            assertThat(k.residue().thick().high()).as("what pours leaves no more than what clings")
                    .isGreaterThanOrEqualTo(k.residue().pourable().high());
        });
        for (var i = 1; i < 4; i++)
            assertThat(Clean.values()[i].effect().leaves().high())
                    .isLessThan(Clean.values()[i - 1].effect().leaves().high());
    }

    /// A kitchen's own figures go before those of the tables.
    @Test
    void a_kitchens_own_residue_and_clean_are_reckoned_with() {
        var own = new Figures(Map.of(kit("blender"), new Residue(new Range(2, 4), new Range(1, 1), "weighed here")),
                Map.of(Clean.WASH, new Effect(new Range(0, 0.001), 3, "timed here")), Map.of(), Map.of());
        var conditions = Conditions.USUAL.with(new Equipment(List.of(), own));
        var order = List.of(batch("nuts", "almond"), batch("plain"));
        assertThat(Sequencer.unwashed(order, conditions).carried().getFirst().milligram().orElseThrow())
                .as("2 to 4 g at 10 mg a gram, over ten").isEqualTo(new Range(2, 4));
        assertThat(Sequencer.washed(order, conditions).washing()).isEqualTo(3);
    }

    // --- several pieces ----------------------------------------------------------------------------------------------

    @Test
    void a_second_board_spares_a_wash_and_its_own_name_is_in_the_thread() {
        var nuts = batch("nuts", 10, List.of(use(kit("board"), 10, "walnut")));
        var fish = batch("fish", 10, List.of(use(kit("board"), 10, "fish")));
        assertThat(Sequencer.order(List.of(nuts, fish), Conditions.USUAL).washes()).isEqualTo(1);
        var two = Conditions.USUAL.with(pieces(piece("red", "board"), piece("green", "board")));
        assertThat(Sequencer.order(List.of(nuts, fish), two).washes()).isZero();
        assertThat(Sequencer.unwashed(List.of(nuts, fish), two).carried().getFirst().how())
                .isEqualTo("after nuts on the the red, not washed");
    }

    @Test
    void nothing_goes_over_a_piece_that_is_kept_from_it_nor_does_what_is_not_known() {
        var conditions =
                Conditions.USUAL.with(pieces(piece("green", "board", "tree-nut", "sesame"), piece("red", "board")));
        var nuts = batch("nuts", 10, List.of(use(kit("board"), 10, "walnut")));
        var secret = read("Secret\n100 g zugwort, chopped");
        for (var made : Sequencer
                .order(List.of(nuts, secret, batch("plain", 10, List.of(use(kit("board"), 10)))), conditions).order())
            if (!made.batch().dish().equals("plain"))
                assertThat(made.piece(kit("board")).id()).as(made.batch().dish()).isEqualTo("red");
        var only =
                Sequencer.unwashed(List.of(nuts), Conditions.USUAL.with(pieces(piece("green", "board", "tree-nut"))));
        assertThat(only.schedule().remarks())
                .containsExactly("nuts goes over the the green, which is kept from something in it.");
    }

    // --- within one dish ---------------------------------------------------------------------------------------------

    private static final String TOASTED_FIRST =
            "Rice\nServes 10\nBase:\n1 kg rice\nTopping:\n200 g almonds\nMethod:\nToast the almonds.\nSimmer the rice.";

    @Test
    void what_comes_off_can_reach_what_stays_by_the_pan_they_share() {
        var dish = read(TOASTED_FIRST);
        assertThat(dish.uses(kit("pan"))).extracting(Batch.Use::parts).containsExactly(List.of("Topping"),
                List.of("Base"));
        var run = unwashed(dish);
        assertThat(run.carried()).singleElement()
                .satisfies(c -> assertThat(c.how()).isEqualTo("after its own Topping on the pan, not washed"));
        var held = Derivation.of(recipe(TOASTED_FIRST), new Facts(UK, List.copyOf(run.facts())))
                .ofPart(recipe(TOASTED_FIRST).parts().stream().map(p -> p.name()).toList().indexOf("Base"));
        assertThat(marks(held, UK)).as("with the almonds held back the rice is not clear")
                .containsExactly("nuts:contact");
        assertThat(Sequencer.washed(List.of(dish), Conditions.USUAL).contacts()).isZero();
        assertThat(Sequencer.washed(List.of(dish), Conditions.USUAL).turns().getFirst().made().clean(kit("pan"), 1))
                .isEqualTo(Clean.WASH);
    }

    @Test
    void what_stays_goes_first_and_nothing_travels() {
        assertThat(unwashed(
                read("Rice\nBase:\n1 kg rice\nTopping:\n200 g almonds\nMethod:\nSimmer the rice.\nToast the almonds."))
                        .contacts()).isZero();
        assertThat(unwashed(read(TOASTED_FIRST.replace("Topping:", "Grain:"))).contacts())
                .as("what cannot be held back is in it anyway").isZero();
    }

    // --- the order ---------------------------------------------------------------------------------------------------

    @Test
    void a_longer_run_says_that_it_is_not_proved() {
        var many = new ArrayList<Batch>();
        for (var i = 0; i < 20; i++)
            many.add(batch("batch " + i, i % 3 == 0 ? "almond" : i % 3 == 1 ? "milk" : "sesame"));
        var run = Sequencer.order(many, Conditions.USUAL);
        assertThat(run.proof()).isInstanceOf(Proof.Stopped.class);
        assertThat(run.turns()).hasSize(20);
        assertThat(run.contacts()).isZero();
        assertThat(run.washes()).as("three kinds, each after the other").isEqualTo(2);
        assertThat(run.worth()).as("the bound is met").contains("No order washes less.");
        var short_ = Sequencer.order(many.subList(0, 8), Conditions.USUAL.with(new Budget(3)));
        assertThat(short_.proof()).isInstanceOf(Proof.Stopped.class);
        assertThat(short_.contacts()).isZero();
    }

    @Test
    void the_same_question_gets_the_same_answer() {
        var many = new ArrayList<Batch>();
        for (var i = 0; i < 18; i++) many.add(batch("batch " + i, i % 3 == 0 ? new String[] {"almond", "milk"}
                : i % 3 == 1 ? new String[] {"milk", "sesame"} : new String[] {"wheat"}));
        assertThat(Sequencer.order(many, TWO_BOARDS).turns())
                .isEqualTo(Sequencer.order(List.copyOf(many), TWO_BOARDS).turns());
    }

    @Test
    void a_search_tells_how_far_it_is_and_keeps_the_best_when_it_is_stopped() {
        var many = new ArrayList<Batch>();
        for (var i = 0; i < 30; i++)
            many.add(batch("batch " + i, i % 2 == 0 ? new String[] {"almond", "milk"} : new String[] {"sesame"}));
        var asked = new ArrayList<Long>();
        var run = Sequencer.order(many, Conditions.USUAL.with((nodes, _) -> asked.add(nodes) && asked.size() < 5));
        assertThat(asked).hasSize(5).isSorted();
        assertThat(run.turns()).hasSize(30);
        assertThat(run.contacts()).isZero();
        assertThat(run.proof()).isInstanceOf(Proof.Stopped.class);
    }

    @Test
    void what_should_be_fresh_is_made_last_where_that_costs_no_wash() {
        var leaves = new Batch("leaves", 10, List.of(use(kit("bowl"), 10)),
                List.of(new Task("Dress the leaves just before serving.", List.of(), List.of(kit("bowl")), 5, 0, 1,
                        List.of(), List.of(Window.usual(Window.When.FRESH)))));
        var order = List.of(leaves, batch("dip"), batch("pesto", "almond"));
        assertThat(Sequencer.order(order, Conditions.USUAL).turns().getLast().batch().dish()).isEqualTo("leaves");
        assertThat(Sequencer.order(order, Conditions.USUAL).stale()).isZero();
        assertThat(Sequencer.washed(order, Conditions.USUAL).stale()).isEqualTo(24);
    }

    @Test
    void a_locked_batch_keeps_its_place() {
        var order = List.of(batch("plain"), batch("nuts", "almond"), batch("milk", "milk"));
        var run = Sequencer.order(order, Conditions.USUAL.withLocked(Map.of("nuts", 0)));
        assertThat(run.turns().getFirst().batch().dish()).isEqualTo("nuts");
        assertThat(run.washes()).isEqualTo(1);
        assertThat(run.proof()).isInstanceOf(Proof.Best.class);
    }

    /// The fryer takes long to renew: the fish would go last, but its stew stands an hour and a half and the day is
    /// short.
    @Test
    void a_late_order_is_given_up_for_one_that_is_ready_in_time() {
        var stew = read("Stew\n500 g cod\nMethod:\nBlend the cod.\nSimmer 90 min.");
        var dip = read("Dip\n500 g peas\nMethod:\nBlend the peas.");
        var leisure = Sequencer.order(List.of(stew, dip), Conditions.USUAL);
        assertThat(leisure.turns().getFirst().batch().dish()).isEqualTo("Dip");
        assertThat(leisure.washes()).isZero();
        var hurried = Sequencer.order(List.of(stew, dip),
                Conditions.USUAL.with(new Day(2, leisure.schedule().minutes() - 5)));
        assertThat(hurried.schedule().late()).isZero();
        assertThat(hurried.turns().getFirst().batch().dish()).as("a wash more, and ready in time").isEqualTo("Stew");
    }

    @Provide
    Arbitrary<List<Batch>> batches() {
        var substances = Arbitraries.of("almond", "milk", "sesame", "wheat", "fish").set().ofMaxSize(3);
        var uses = Arbitraries.of("blender", "board", "bowl", "fryer").set().ofMinSize(1).ofMaxSize(3)
                .flatMap(kits -> substances.list().ofSize(kits.size()).map(sets -> {
                    var of = new ArrayList<Batch.Use>();
                    var i = 0;
                    for (var id : kits.stream().sorted().toList())
                        of.add(use(kit(id), 10, sets.get(i++).stream().sorted().toArray(String[]::new)));
                    return List.<Batch.Use>copyOf(of);
                }));
        return uses.list().ofMinSize(1).ofMaxSize(6).map(all -> {
            var made = new ArrayList<Batch>();
            for (var i = 0; i < all.size(); i++) made.add(batch("b" + i, 10, all.get(i)));
            return List.copyOf(made);
        });
    }

    /// Every second batch is to be fresh; two boards, one of them kept from nuts.
    @Provide
    Arbitrary<List<Batch>> fresh() {
        return batches().map(all -> {
            var made = new ArrayList<Batch>();
            for (var b : all)
                made.add(
                        made.size() % 2 == 0 ? b
                                : new Batch(b.dish(), 10, b.uses(), List.of(new Task("Dress", List.of(),
                                        b.kit(), 5 + made.size(), 0, 1, List.of(),
                                        List.of(Window.usual(Window.When.FRESH))))));
            return List.copyOf(made);
        });
    }

    private static final Conditions TWO_BOARDS = Conditions.USUAL.with(pieces(piece("green", "board", "tree-nut"),
            piece("red", "board"), piece("blue", "bowl"), piece("white", "bowl")));

    @Property(tries = 120)
    void the_exact_order_equals_brute_force(@ForAll("fresh") List<Batch> batches) {
        for (var conditions : List.of(Conditions.USUAL, TWO_BOARDS)) {
            var best = Sequencer.order(batches, conditions);
            assertThat(best.contacts()).isZero();
            assertThat(best.proof()).isInstanceOf(Proof.Best.class);
            assertThat(List.of(best.washing(), best.stale())).isEqualTo(least(batches, new ArrayList<>(), conditions));
        }
    }

    /// Seven batches are tried in all 5,040 orders.
    @Property(tries = 5)
    void the_exact_order_of_seven_equals_brute_force(@ForAll("seven") List<Batch> batches) {
        var best = Sequencer.order(batches, Conditions.USUAL);
        assertThat(List.of(best.washing(), best.stale()))
                .isEqualTo(least(batches, new ArrayList<>(), Conditions.USUAL));
    }

    @Provide
    Arbitrary<List<Batch>> seven() {
        return fresh().filter(b -> b.size() >= 4).list().ofSize(2)
                .map(two -> java.util.stream.IntStream.range(0, 7).mapToObj(i -> {
                    var of = i < 4 ? two.get(0).get(i) : two.get(1).get(i - 4);
                    return new Batch("b" + i, 10, of.uses(), of.tasks());
                }).toList());
    }

    /// Every order: the fewest minutes of washing in which nothing travels, then the least stale. One order's washes
    /// and pieces are told by hand below.
    private static List<Integer> least(List<Batch> left, List<Batch> order, Conditions conditions) {
        if (left.isEmpty()) return List.of(byHand(order, conditions), PrepRun.stale(order));
        List<Integer> best = List.of(Integer.MAX_VALUE, 0);
        for (var next : left) {
            var rest = new ArrayList<>(left);
            rest.remove(next);
            order.add(next);
            var found = least(rest, order, conditions);
            if (found.getFirst() < best.getFirst()
                    || found.getFirst().equals(best.getFirst()) && found.getLast() < best.getLast())
                best = found;
            order.removeLast();
        }
        return best;
    }

    /// One kind of kit after the other, every way of giving its pieces to the batches; what is on a piece is remembered
    /// by its name.
    private static int byHand(List<Batch> order, Conditions conditions) {
        var minutes = 0;
        for (var kit : Kit.all()) {
            var users = order.stream().filter(b -> !b.uses(kit).isEmpty()).toList();
            if (!users.isEmpty())
                minutes += byHand(users, 0, kit, conditions.equipment(), new LinkedHashMap<>()) * kit.minutes();
        }
        return minutes;
    }

    private static int byHand(List<Batch> users, int at, Kit kit, Equipment equipment, Map<Piece, List<Substance>> on) {
        if (at == users.size()) return 0;
        var use = users.get(at).uses(kit).getFirst();
        var best = Integer.MAX_VALUE;
        var open = equipment.of(kit).stream().filter(p -> !p.isKeptFrom(use)).toList();
        for (var piece : open.isEmpty() ? equipment.of(kit) : open) {
            var held = on.getOrDefault(piece, List.of());
            var clears = !use.there().containsAll(held);
            var after = new LinkedHashMap<>(on);
            after.put(piece, clears ? List.copyOf(use.leaves())
                    : Stream.concat(held.stream(), use.leaves().stream()).distinct().toList());
            best = Math.min(best, (clears ? 1 : 0) + byHand(users, at + 1, kit, equipment, after));
        }
        return best;
    }

    /// The bound that a search cut short gives is beaten by no order, the best one included.
    @Property(tries = 100)
    void the_search_never_beats_its_own_bound(@ForAll("fresh") List<Batch> batches) {
        for (var conditions : List.of(Conditions.USUAL, TWO_BOARDS))
            assertThat(Sequencer.order(batches, conditions.with(new Budget(1))).least())
                    .isLessThanOrEqualTo(Sequencer.order(batches, conditions).washing());
    }

    /// Clearing a kit only when it must be is never longer: every way of clearing one kit in an order is tried.
    @Property(tries = 100)
    void washing_late_is_never_a_wash_more(@ForAll("batches") List<Batch> batches) {
        var late = Sequencer.washed(batches, Conditions.USUAL);
        for (var piece : late.pieces()) {
            var kit = piece.kit();
            var least = Integer.MAX_VALUE;
            for (var bits = 0; bits < 1 << batches.size(); bits++) {
                var made = new ArrayList<BatchSetup>();
                for (var i = 0; i < batches.size(); i++)
                    made.add(BatchSetup.of(batches.get(i), Equipment.USUAL)
                            .with(new BatchSetup.Before(kit, 0), (bits & 1 << i) == 0 ? Clean.NONE : kit.endedBy()));
                if (Sequencer.contacts(made, Conditions.USUAL).stream().noneMatch(c -> c.kit() == kit))
                    least = Math.min(least, Integer.bitCount(bits));
            }
            assertThat(late.order().stream().filter(m -> m.clean(kit, 0) == kit.endedBy()).count()).isEqualTo(least);
        }
    }

    @Property(tries = 100)
    void a_given_order_scores_the_same_as_when_found(@ForAll("fresh") List<Batch> batches) {
        var best = Sequencer.order(batches, TWO_BOARDS);
        assertThat(Sequencer.score(best.order(), TWO_BOARDS).turns()).isEqualTo(best.turns());
    }

    @Property(tries = 150)
    void a_full_wash_more_never_adds_a_contact(@ForAll("batches") List<Batch> batches,
            @ForAll @IntRange(max = 5) int at, @ForAll @IntRange(max = 3) int on) {
        var made = new ArrayList<>(Sequencer.unwashed(batches, Conditions.USUAL).order());
        var before = Sequencer.contacts(made, Conditions.USUAL).size();
        var kit = kit(List.of("blender", "board", "bowl", "fryer").get(on));
        made.set(at % batches.size(), made.get(at % batches.size()).with(new BatchSetup.Before(kit, 0), kit.endedBy()));
        assertThat(Sequencer.contacts(made, Conditions.USUAL).size()).isLessThanOrEqualTo(before);
    }
}
