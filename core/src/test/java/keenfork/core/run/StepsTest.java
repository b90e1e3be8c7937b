package keenfork.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.search.Proof;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Steps read to the depth of lines, and what is made before what. Facts of the trade, common practice.
class StepsTest {
    private static final RuleBook UK = RuleBook.uk();

    private static Batch batch(String text) {
        return Batch.of(Derivation.of(Recipe.read(text, Volumes.METRIC, new Law("uk")), Facts.none(UK))).orElseThrow();
    }

    private static List<String> leaves(String rules, String food) {
        var batch = Batch.of(Derivation.of(Recipe.read("Blend\n500 g " + food + "\nMethod:\nBlend it.", Volumes.METRIC,
                new Law(rules)), Facts.none(RuleBook.named(rules).orElseThrow()))).orElseThrow();
        return batch.uses(Kit.named("blender").orElseThrow()).getFirst().leaves().stream().map(s -> s.id()).toList();
    }

    private static List<String> kit(String step) {
        return Work.in(step).stream().map(Work::kit).filter(Kit::carries).map(Kit::id).toList();
    }

    private static PrepRun order(Batch... batches) {
        return Sequencer.order(Batch.together(List.of(batches)), Conditions.USUAL);
    }

    @ParameterizedTest @ValueSource(booleans = {false, true})
    void steps_are_read_and_none_is_silent(boolean aside) {
        var score = CorpusOfSteps.measure(aside);
        assertThat(score.silent()).as(score.faults().toString()).isZero();
        assertThat(score.share()).as(score.faults().toString()).isGreaterThanOrEqualTo(95);
    }

    /// Written after the tables: some of these ask, and none takes less kit than it needs without asking.
    @Test
    void of_steps_written_last_none_takes_too_little() {
        assertThat(CorpusOfSteps.last().missed()).as(CorpusOfSteps.last().faults().toString()).isZero();
        assertThat(CorpusOfSteps.last().texts()).isEqualTo(40);
        assertThat(CorpusOfSteps.fresh().missed()).as(CorpusOfSteps.fresh().faults().toString()).isZero();
        assertThat(CorpusOfSteps.fresh().texts()).isEqualTo(60);
        assertThat(CorpusOfSteps.unseen().missed()).as(CorpusOfSteps.unseen().faults().toString()).isZero();
        assertThat(CorpusOfSteps.unseen().texts()).isEqualTo(40);
        assertThat(CorpusOfSteps.kit().missed()).as(CorpusOfSteps.kit().faults().toString()).isZero();
        assertThat(CorpusOfSteps.kit().share()).as(CorpusOfSteps.kit().faults().toString()).isGreaterThan(98);
    }

    /// What was done takes its kit, told as it may be; what only tells a state takes none.
    @Test
    void a_participle_is_talk_only_before_the_food_it_describes() {
        assertThat(Work.in("Beans boiled in salted water and tossed with oil.")).extracting(w -> w.kit().id())
                .contains("water", "bowl");
        assertThat(Work.in("Fried the onions and stirred in the rice.")).extracting(w -> w.kit().id()).contains("pan");
        assertThat(Work.in("Prawns griddled over a high heat, tossed with lime.")).extracting(w -> w.kit().id())
                .contains("griddle");
        assertThat(Work.in("Toss with the fried onions.")).extracting(w -> w.kit().id()).containsExactly("bowl");
    }

    /// Each kind of kit is read by the name that the bench offers for it.
    @Test
    void an_answer_that_is_pressed_is_read() {
        for (var kit : Ask.answers())
            assertThat(Work.in("Zhuzh it about (%s).".formatted(kit.name())))
                    .extracting(Work::kit).containsExactly(kit);
        assertThat(Work.isRead("Zhuzh it about (no kit).")).isTrue();
        assertThat(Work.in("Zhuzh it about (no kit).")).isEmpty();
        var asks = batch("Dip\n500 g beans\nMethod:\nZhuzh it about.").asks();
        assertThat(asks).singleElement()
                .satisfies(a -> assertThat(a.answered("stick blender")).isEqualTo("Zhuzh it about (stick blender)."));
        var none = batch("Pistachio pesto\n200 g pistachios").asks().getFirst();
        assertThat(batch("Pistachio pesto\n200 g pistachios\n\nMethod:\n" + none.method()).asks()).isEmpty();
    }

    /// What is a work begins a step: the two lists cannot drift apart.
    @Test
    void every_verb_of_the_works_begins_a_step() {
        var nouns = List.of("torn", "beaten", "batons", "brunoise", "matchstick", "ribbon", "pestle", "supreme", "jar",
                "bottle", "ground", "segment", "form");
        var verbs = keenfork.core.food.Table.read(Work.class, "work.txt", 5).stream()
                .flatMap(r -> Stream.of(r.cell(0).split(";"))).map(String::strip)
                .filter(w -> w.matches("[a-z]+") && !nouns.contains(w)).toList();
        assertThat(verbs).hasSizeGreaterThan(200)
                .allSatisfy(v -> assertThat(Recipe.read("A dish\n1 kg beans\n" + v + " the beans", Volumes.METRIC,
                        new Law("uk")).steps()).as(v).hasSize(1));
    }

    @Test
    void a_noun_names_the_kit_and_the_verb_adds_what_it_does_not_cover() {
        assertThat(kit("Blitz the herbs in the food processor.")).containsExactly("processor");
        assertThat(kit("Whizz with a stick blender.")).as("a stick blender is no blender").containsExactly("stick");
        assertThat(kit("Fry the onions, then puree in a blender.")).containsExactly("pan", "blender");
        assertThat(kit("Purée till silky.")).as("accents").containsExactly("blender");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"Let it melt so it does not brown. | pan",
            "Take off the heat and set aside. | ", "Add a grind of pepper. | bowl",
            "Stir the rest of the oil in. | bowl", "Toss the toasted nuts through. | bowl",
            "Toss the pasta with the pesto. | bowl"})
    void words_that_turn_a_step_round(String step, String kit) {
        assertThat(kit(step)).isEqualTo(kit == null ? List.of() : List.of(kit.split(" ")));
    }

    @Test
    void a_nut_pesto_without_a_method_never_goes_clear_before_a_dip() {
        var pesto = batch("Pistachio pesto\n200 g pistachios\n1 bunch basil\n200 ml olive oil");
        var dip = batch("Bean dip\n1 kg white beans\n100 ml olive oil\nMethod:\nBlend until smooth.");
        assertThat(pesto.asks()).singleElement().satisfies(a -> assertThat(a.kind()).isEqualTo(Ask.Unknown.NO_METHOD));
        assertThat(pesto.kit()).extracting(Kit::id).contains("blender", "bowl", "board", "spoons");
        assertThat(Sequencer.unwashed(List.of(pesto, dip), Conditions.USUAL).contacts())
                .as("its nuts are on the blender").isPositive();
        var best = order(pesto, dip);
        assertThat(best.worth()).startsWith("1 dish has no method").doesNotContain("Nothing better");
        assertThat(best.schedule().remarks()).anyMatch(r -> r.startsWith("Pistachio pesto: No method"));
    }

    @Test
    void a_step_that_is_not_understood_goes_over_all_kit_of_the_run_as_far_as_anybody_knows() {
        var odd = batch("Almond thing\n200 g almonds\nMethod:\nFrobnicate the almonds.");
        var fried = batch("Beans\n1 kg white beans\nMethod:\nFry the beans in a wok.");
        assertThat(odd.asks()).extracting(Ask::step).containsExactly("Frobnicate the almonds.");
        var together = Batch.together(List.of(odd, fried)).getFirst();
        assertThat(together.uses(Kit.named("wok").orElseThrow())).singleElement().satisfies(u -> {
            assertThat(u.holds()).as("nobody knows that it went there").isEmpty();
            assertThat(u.unsure()).extracting(s -> s.id()).contains("almond");
        });
        assertThat(Sequencer.unwashed(Batch.together(List.of(odd, fried)), Conditions.USUAL).carried())
                .anyMatch(c -> c.kit().id().equals("wok"));
        assertThat(order(odd, fried).worth()).startsWith("1 step is not understood").doesNotContain("Nothing better");
    }

    @Test
    void a_mortar_that_is_only_wiped_keeps_its_nuts() {
        var pesto = batch("Pesto\n100 g walnuts\n1 bunch basil\nMethod:\nPound in a mortar.");
        var paste = batch("Paste\n1 bunch coriander\n100 g chillies\nMethod:\nPound in a mortar.");
        var mortar = new BatchSetup.Before(Kit.named("mortar").orElseThrow(), 0);
        for (var clean : List.of(Clean.NONE, Clean.WIPE, Clean.RINSE))
            assertThat(
                    Sequencer.score(List.of(BatchSetup.of(pesto, Equipment.USUAL), BatchSetup.of(paste, Equipment.USUAL)
                            .with(mortar, clean)), Conditions.USUAL).contacts()).as(clean.name()).isPositive();
        assertThat(Sequencer.score(List.of(BatchSetup.of(pesto, Equipment.USUAL), BatchSetup.of(paste, Equipment.USUAL)
                .with(mortar, Clean.WASH)), Conditions.USUAL).contacts()).isZero();
    }

    @Test
    void a_stick_blender_and_a_blender_are_two() {
        var nuts = batch("Almond cream\n200 g almonds\nMethod:\nBlend in the jug blender.");
        var soup = batch("Pea soup\n1 kg peas\nMethod:\nWhizz with a stick blender.");
        assertThat(Sequencer.unwashed(List.of(nuts, soup), Conditions.USUAL).contacts()).isZero();
    }

    @Test
    void the_oil_that_prawns_and_falafel_share_is_cleared_by_no_wash() {
        var prawns = batch("Crisp prawns\n500 g prawns\nMethod:\nDeep-fry the prawns.");
        var falafel = batch("Chickpea balls\n500 g chickpeas\nMethod:\nDeep-fry the balls.");
        var before = new BatchSetup.Before(Kit.named("fryer").orElseThrow(), 0);
        assertThat(
                Sequencer.score(List.of(BatchSetup.of(prawns, Equipment.USUAL), BatchSetup.of(falafel, Equipment.USUAL)
                        .with(before, Clean.WASH)), Conditions.USUAL).contacts()).isPositive();
        assertThat(order(prawns, falafel).turns().getFirst().batch().dish()).isEqualTo("Chickpea balls");
    }

    /// Japan's list alone has buckwheat and fruit (from memory); the FDA's, Canada's and the Codex have pine nuts.
    @Test
    void what_one_law_alone_lists_is_left_on_kit_under_that_law_only() {
        assertThat(leaves("uk", "buckwheat")).isEmpty();
        assertThat(leaves("uk", "apples")).isEmpty();
        assertThat(leaves("jp", "buckwheat")).containsExactly("buckwheat");
        assertThat(leaves("jp", "apples")).containsExactly("apple");
        assertThat(leaves("uk", "pine nuts")).containsExactly("pine-nut");
        assertThat(leaves("jp", "mustard seeds")).containsExactly("mustard");
    }

    @Test
    void everything_but_the_nuts_leaves_them_out_until_they_are_added() {
        var text =
                "Pesto\nServes 20\n100 g walnuts\n2 bunches basil\n80 g parmesan\n200 ml olive oil\nMethod:\n"
                        + "Blend everything but the walnuts.\nAdd the walnuts and stir.";
        var pesto = batch(text);
        assertThat(pesto.uses(Kit.named("blender").orElseThrow())).singleElement()
                .satisfies(u -> assertThat(u.leaves()).extracting(s -> s.id()).contains("milk")
                        .doesNotContain("walnut"));
        assertThat(pesto.tasks().getFirst().takes()).noneMatch(t -> t.contains("walnut"));
        var said = Recipe.read(text, Volumes.METRIC, new Law("uk"));
        assertThat(keenfork.core.recipe.EntrySteps.of(said).steps()).containsExactly(1, 0, 0, 0);
        assertThat(keenfork.core.recipe.EntrySteps.of(Recipe.read(text.replace("\nAdd the walnuts and stir.", ""),
                Volumes.METRIC, new Law("uk"))).steps().getFirst())
                        .as("what no step takes counts from the start")
                        .isEqualTo(keenfork.core.recipe.EntrySteps.START);
    }

    @Test
    void every_use_that_carries_is_a_task_with_its_kit() {
        for (var text : List.of("Salad\n1 kg rice\n100 g walnuts, toasted\n1 onion, sliced\nMethod:\nToss everything.",
                "Leaves\n50 g pine nuts, toasted in a dry pan\n2 lettuces, shredded", DRESSING, SALAD,
                "Odd\n200 g almonds\nMethod:\nFrobnicate the almonds.")) {
            var batch = Batch.together(List.of(batch(text))).getFirst();
            assertThat(batch.uses()).allSatisfy(u -> assertThat(u.moments().keySet()).as("%s: %s", text, u.kit())
                    .allSatisfy(t -> assertThat(batch.tasks().get(t).kit()).contains(u.kit())));
        }
    }

    @Test
    void a_wash_for_toasted_nuts_is_laid_on_the_clock() {
        var nuts = batch("Nut salad\n1 kg rice\n100 g walnuts, toasted in a pan\nMethod:\nToss everything.");
        var plain = batch("Plain beans\n1 kg white beans\nMethod:\nFry the beans.");
        var washed = Sequencer.washed(List.of(nuts, plain), Conditions.USUAL);
        assertThat(washed.contacts()).isZero();
        assertThat(washed.schedule().placed()).filteredOn(p -> p.kind() == Schedule.Slot.CLEAN)
                .extracting(Schedule.Placed::text).anyMatch(t -> t.startsWith("pan"));
        assertThat(washed.schedule().placed().stream().filter(p -> p.kind() == Schedule.Slot.CLEAN).count())
                .as("every clean of the order is laid").isEqualTo(washed.turns().stream()
                        .mapToInt(t -> t.made().cleans().size()).sum());
    }

    // --- what is used is made before
    // -------------------------------------------------------------------------------------

    private static final String DRESSING = "Green dressing\n200 ml olive oil\n1 bunch basil\nMethod:\nBlend smooth.";
    private static final String SALAD =
            "Bean salad\n1 kg white beans\n@Green dressing\nMethod:\nDrain the beans.\nToss with the green dressing.";

    @Test
    void a_dressing_is_made_before_the_salad_that_it_goes_into() {
        for (var batches : List.of(List.of(batch(DRESSING), batch(SALAD)), List.of(batch(SALAD), batch(DRESSING)))) {
            var run = order(batches.toArray(Batch[]::new));
            assertThat(run.turns()).extracting(t -> t.batch().dish()).containsExactly("Green dressing", "Bean salad");
            var placed = run.schedule().placed();
            var made = placed.stream().filter(p -> p.text().startsWith("Blend")).findFirst().orElseThrow();
            var used = placed.stream().filter(p -> p.text().startsWith("Toss")).findFirst().orElseThrow();
            assertThat(made.until()).isLessThanOrEqualTo(used.from());
            assertThat(run.schedule().remarks()).noneMatch(r -> r.contains("before it is made"));
        }
    }

    @Test
    void an_order_of_the_cooks_own_that_uses_a_dressing_too_early_says_so() {
        var run = Sequencer.unwashed(List.of(batch(SALAD), batch(DRESSING)), Conditions.USUAL);
        assertThat(run.schedule().remarks()).contains("Bean salad uses Green dressing before it is made.");
    }

    /// Small days in every order by brute force: none that keeps what is made before what washes less than the one that
    /// is proved.
    @Property(tries = 60)
    void the_exact_order_is_the_best_of_all_that_make_before_they_use(@ForAll @IntRange(min = 0,
            max = 10_000) int seed) {
        var random = new Random(seed);
        var foods = List.of("200 g almonds", "200 g walnuts", "200 g tahini", "200 g feta", "200 g prawns",
                "200 g rice");
        var batches = new ArrayList<Batch>();
        for (var i = 0; i < 5; i++) {
            var uses = i > 0 && random.nextBoolean() ? "@Dish " + random.nextInt(i) + "\n" : "";
            batches.add(batch("Dish %d\n%s\n%s\n%sMethod:\nBlend smooth.\nToss everything.".formatted(i,
                    foods.get(random.nextInt(6)), foods.get(random.nextInt(6)), uses)));
        }
        Collections.shuffle(batches, random);
        var best = Sequencer.order(batches, Conditions.USUAL);
        assertThat(best.proof()).isInstanceOf(Proof.Best.class);
        assertThat(keeps(best.turns().stream().map(PrepRun.Turn::batch).toList())).isTrue();
        var least = orders(batches).filter(StepsTest::keeps)
                .mapToInt(o -> Sequencer.washed(o, Conditions.USUAL).washing()).min().orElseThrow();
        assertThat(best.washing()).isEqualTo(least);
        assertThat(best.contacts()).isZero();
        assertThat(best.schedule().remarks()).noneMatch(r -> r.contains("before it is made"));
    }

    private static boolean keeps(List<Batch> order) {
        for (var i = 0; i < order.size(); i++)
            for (var need : order.get(i).needs().keySet())
                for (var later = i
                        + 1; later < order.size(); later++)
                    if (order.get(later).dish().equals(need)) return false;
        return true;
    }

    private static Stream<List<Batch>> orders(List<Batch> batches) {
        if (batches.size() < 2) return Stream.of(batches);
        return batches.stream().flatMap(first -> orders(batches.stream().filter(b -> b != first).toList())
                .map(rest -> Stream.concat(Stream.of(first), rest.stream()).toList()));
    }

    /// Amounts stand where they go in: "half of the dill" is half of it, and what was left comes with "the rest".
    @ParameterizedTest(name = "{0}") @CsvSource(delimiter = '|', value = {
            "Blend the yoghurt with a third of the dill. / Scatter the rest of the dill over. | 500 g yoghurt; 30 g "
                    + "dill | 60 g dill",
            "Stir half the dill into the yoghurt. / Scatter the remaining dill. | 500 g yoghurt; 45 g dill | 45 g dill",
            "Fold ⅔ of the chopped dill through the yoghurt. / Finish with the rest of the dill. | 500 g yoghurt; 60 "
                    + "g dill | 30 g dill",
            "Stir the dill into the yoghurt. / Scatter the rest of the dill. | 500 g yoghurt; 90 g dill | ''",
            "Stir half of the dill and a quarter of the yoghurt together. / Fold in the remaining yoghurt. | 125 g "
                    + "yoghurt; 45 g dill | 375 g yoghurt",
            "Cut the dill in half and stir into the yoghurt. / Chill half an hour. | 500 g yoghurt; 90 g dill | ''"})
    void amounts_beside_a_step_are_those_that_go_in(String steps, String first, String second) {
        var tasks = batch("Dill dip\n500 g yoghurt\n90 g dill\nMethod:\n" + steps.replace(" / ", "\n")).tasks();
        assertThat(String.join("; ", tasks.get(tasks.size() - 2).takes())).isEqualTo(first);
        assertThat(String.join("; ", tasks.getLast().takes())).isEqualTo(second);
    }
}
