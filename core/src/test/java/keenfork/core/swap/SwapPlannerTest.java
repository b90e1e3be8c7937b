package keenfork.core.swap;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.US;
import static keenfork.core.Kit.aDish;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Guests;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.search.Budget;
import keenfork.core.search.Proof;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SwapPlannerTest {
    private static List<Avoidance> avoid(RuleBook book, String... words) {
        return Stream.of(words).map(w -> Avoidance.parse(w, book).orElseThrow()).toList();
    }

    private static Plans plans(Recipe recipe, RuleBook book, String... words) {
        return new SwapPlanner(new Context(Facts.none(book), book, Volumes.METRIC), avoid(book, words)).plan(recipe, 5,
                Budget.USUAL);
    }

    private static List<String> goesIn(Plan plan) {
        return plan.moves().stream().flatMap(m -> m.goesIn().stream()).map(l -> l.food().orElseThrow().name()).toList();
    }

    @Test
    void the_table_is_large_enough_and_every_row_has_a_source() {
        assertThat(Swaps.shipped().all()).hasSizeGreaterThan(30).allSatisfy(s -> assertThat(s.source()).isNotBlank());
        for (var group : List.of("nuts", "sesame", "milk", "eggs", "fish", "gluten"))
            assertThat(Swaps.shipped().all()).as(group)
                    .anyMatch(s -> s.replaces().stream().flatMap(f -> f.holds().stream())
                            .anyMatch(x -> UK.member(UK.group(group).orElseThrow(), x).isPresent()));
    }

    @Test
    void an_egg_anchovy_and_cheese_dressing_gets_a_plan_without_cashew() {
        var dressing = aDish("4 anchovy fillets", "2 egg yolks", "60 g parmesan", "150 ml olive oil");
        var plans = plans(dressing, UK, "eggs", "fish", "milk", "nuts");
        assertThat(plans.best()).isNotEmpty()
                .allSatisfy(p -> assertThat(goesIn(p)).noneMatch(f -> f.contains("cashew")));
        assertThat(plans.rejected()).anySatisfy(r -> assertThat(r.because()).contains("cashew"));
        assertThat(plans.proof()).isInstanceOf(Proof.Best.class);
    }

    @Test
    void a_nut_cream_in_place_of_cheese_is_rejected_when_someone_avoids_nuts() {
        var plans = plans(aDish("200 g feta"), UK, "milk", "nuts");
        assertThat(plans.rejected()).anySatisfy(r -> {
            assertThat(r.with()).isEqualTo("almond feta");
            assertThat(r.because()).contains("almond");
        });
        assertThat(plans(aDish("200 g feta"), UK, "milk").rejected()).noneMatch(r -> r.with().equals("almond feta"));
    }

    /// The three schools of creams: the one a kitchen prefers goes before the two others, as long as it shuts none of
    /// its guests out: people come before taste.
    @ParameterizedTest
    @EnumSource(CreamSchool.class)
    void the_school_of_creams_that_a_kitchen_prefers_goes_before_the_others(CreamSchool school) {
        var dish = aDish("300 g soured cream", "1 kg potatoes");
        var context = new Context(Facts.none(UK), UK, Volumes.METRIC)
                .withSwaps(Swaps.shipped().preferring(school))
                .withGuests(List.of(new Guests("Milk", 4, avoid(UK, "milk"))));
        var schools = new SwapPlanner(context, avoid(UK, "milk")).plan(dish, 5, Budget.USUAL).best().stream()
                .flatMap(p -> Stream.of(CreamSchool.values()).filter(s -> isOf(s, p))).toList();
        assertThat(schools).isNotEmpty().first().isEqualTo(school);
    }

    private static boolean isOf(CreamSchool school, Plan plan) {
        return Swaps.shipped().all().stream().filter(school::holds)
                .anyMatch(s -> goesIn(plan).getFirst().equals(s.main().name()));
    }

    @Test
    void a_wheat_salad_for_a_coeliac_guest_is_not_given_farro_oats_or_spelt() {
        var plans = plans(aDish("300 g couscous", "2 tbsp olive oil"), UK, "gluten");
        assertThat(plans.best()).isNotEmpty()
                .allSatisfy(p -> assertThat(goesIn(p)).doesNotContain("farro", "oat", "spelt"));
        assertThat(plans.rejected()).anyMatch(r -> r.with().equals("spelt"));
    }

    /// Pine nut is a tree nut under the FDA list of 2025 and none of Annex II.
    @Test
    void a_pine_nut_pesto_differs_between_the_us_and_the_uk() {
        var pesto = aDish("50 g pine nuts", "1 bunch basil", "100 ml olive oil");
        assertThat(plans(pesto, UK, "nuts").needed()).isFalse();
        assertThat(plans(pesto, US, "tree-nuts").best()).isNotEmpty();
    }

    @Test
    void what_a_plan_brings_in_is_said() {
        var plans = plans(aDish("200 g yoghurt", "1 cucumber"), UK, "milk");
        assertThat(plans.best())
                .anySatisfy(p -> assertThat(p.bringsIn()).extracting(b -> b.group().id()).containsExactly("soybeans"));
        assertThat(plans.best().getFirst().bringsIn()).as("the best brings in nothing").isEmpty();
    }

    @Test
    void a_pack_in_use_can_turn_a_swap_down() {
        var pack = new Fact.PackInUse("buckwheat", "Buckwheat",
                Declaration.read("buckwheat. May contain wheat.", new Law("uk")), "read", true);
        var planner =
                new SwapPlanner(new Context(new Facts(UK, List.of(pack)), UK, Volumes.METRIC), avoid(UK, "gluten"));
        var plans = planner.plan(aDish("300 g farro"), 5, Budget.USUAL);
        assertThat(plans.best()).allSatisfy(p -> assertThat(goesIn(p)).doesNotContain("buckwheat"));
        assertThat(plans.rejected())
                .anyMatch(r -> r.with().equals("buckwheat") && r.because().contains("pack says may"));
        var recipeOnly = new SwapPlanner(new Context(new Facts(UK, List.of(pack)), UK, Volumes.METRIC),
                avoid(UK, "gluten:recipe")).plan(aDish("300 g farro"), 9, Budget.USUAL);
        assertThat(recipeOnly.best()).anySatisfy(p -> assertThat(goesIn(p)).contains("buckwheat"));
    }

    @Test
    void a_topping_can_be_held_back_and_a_vegan_is_served_the_syrup() {
        var plans =
                plans(aDish("Base:", "200 g rice", "4 tbsp honey or date syrup", "Topping:", "50 g feta"), UK, "vegan");
        assertThat(plans.best()).anySatisfy(p -> assertThat(p.moves()).anyMatch(m -> m instanceof Move.HoldBack));
        assertThat(plans.best().getFirst().moves())
                .anyMatch(m -> m instanceof Move.Choose c && c.with().text().equals("4 tbsp date syrup"));
    }

    @Test
    void members_and_foods_can_be_avoided_one_by_one() {
        assertThat(plans(aDish("50 g almonds"), UK, "cashew").needed()).isFalse();
        assertThat(plans(aDish("50 g cashews"), UK, "cashew").best().getFirst().moves().getFirst().goesIn())
                .isNotEmpty();
        assertThat(plans(aDish("2 tbsp cider vinegar", "1 lettuce"), UK, "vinegar").best()).isNotEmpty();
        assertThat(Avoidance.parse("zugwort", UK)).isEmpty();
    }

    @Test
    void a_dish_that_cannot_be_saved_says_why() {
        var plans = plans(aDish("2 kg chicken breast"), UK, "vegan");
        assertThat(plans.best()).isEmpty();
        assertThat(plans.blocked()).hasSize(1).first()
                .satisfies(b -> assertThat(b.line()).isEqualTo("2 kg chicken breast"));
    }

    @Test
    void a_step_that_names_the_old_food_does_not_haunt_the_new_dish() {
        var plans = plans(aDish("200 g feta", "1 lettuce", "Method:", "Crumble the feta over the leaves."), UK, "milk");
        assertThat(plans.best().getFirst().after().recipe().steps().getFirst()).doesNotContain("the feta over");
        assertThat(plans.best().getFirst().after().under(UK).mark(UK.group("milk").orElseThrow())).isEmpty();
    }

    /// Portions could be taken off before each of many foods, but something of which nobody knows goes in first of all:
    /// every combination of them was derived, and none counted.
    @Test
    void what_cannot_become_a_plan_is_not_tried_in_every_company() {
        var late = Stream.of("cockles", "whelks", "winkles", "limpets", "abalone", "oysters", "octopus", "squid",
                "cuttlefish", "zander", "pike", "bream", "carp", "perch", "halibut", "turbot")
                .map(f -> "30 g " + f + "\n").toList();
        var dish = Recipe.read(
                "Bowl\nServes 10\nBase:\n900 g lettuce\n200 g zugwort\nDressing:\n" + String.join("", late)
                        + "Method:\nChop the base.\nBlend the dressing and pour it over.\n",
                Volumes.METRIC, new Law("uk"));
        var plans = plans(dish, UK, "fish", "molluscs");
        assertThat(plans.best()).isNotEmpty();
        assertThat(plans.proof()).isInstanceOf(Proof.Best.class);
        assertThat(((Proof.Best) plans.proof()).nodes()).isLessThan(Budget.USUAL.nodes() / 4);
    }

    /// Nothing can be taken off before an oatcake that stays not known goes in; the search must not find out anew in
    /// every company that the cheese cannot be clear.
    @Test
    void what_can_go_in_no_plan_loosens_no_bound() {
        var dish = Recipe.read("Platter\nServes 20\nBase:\n209 g oatcakes\n132 g farro\n192 g noodles\n"
                + "242 g rye bread\n163 g panko\n205 g macadamia cream\n75 g smoked salmon\n77 g omelette\n"
                + "Dressing:\n18 g milk\n247 g double cream\n119 g bread rolls\n149 g crispbread\n93 g buttermilk\n"
                + "142 g gorgonzola\n59 g tamari\nMethod:\nChop the base.\nBlend the dressing and pour it over.",
                Volumes.METRIC, new Law("uk"));
        var plans = plans(dish, UK, "milk", "eggs", "nuts", "sesame", "gluten", "fish");
        assertThat(plans.proof()).isInstanceOf(Proof.Best.class);
        assertThat(((Proof.Best) plans.proof()).nodes()).isLessThan(20_000);
        assertThat(plans.best()).hasSize(5);
    }

    @Test
    void the_same_question_has_the_same_answer() {
        var dish = aDish("300 g farro", "100 g feta", "3 tbsp tahini", "50 g walnuts");
        assertThat(plans(dish, UK, "gluten", "milk", "nuts", "sesame").best().toString())
                .isEqualTo(plans(dish, UK, "gluten", "milk", "nuts", "sesame").best().toString());
    }

    @Provide
    Arbitrary<List<String>> dishLines() {
        var names = Foods.shipped().all().stream().filter(f -> !f.isCompound()).map(f -> f.name()).toList();
        return Arbitraries.of(names).map(n -> "40 g " + n).list().ofMinSize(1).ofMaxSize(6);
    }

    @Provide
    Arbitrary<List<String>> avoided() {
        return Arbitraries
                .of("eggs", "fish", "milk", "nuts", "gluten", "sesame", "soybeans", "cashew", "peanuts", "vegan").list()
                .ofMinSize(1).ofMaxSize(4).uniqueElements();
    }

    @Property(tries = 300)
    void no_plan_holds_anything_avoided_when_derived_afresh(@ForAll("dishLines") List<String> lines,
            @ForAll("avoided") List<String> avoided) {
        var avoid = avoid(UK, avoided.toArray(String[]::new));
        var plans = new SwapPlanner(new Context(Facts.none(UK), UK, Volumes.METRIC), avoid)
                .plan(aDish(lines.toArray(String[]::new)), 3, Budget.USUAL);
        for (var plan : plans.best())
            for (var evidence : keenfork.core.trace.Derivation.of(plan.after().recipe(), Facts.none(UK)).evidence())
                for (var a : avoid)
                    assertThat(a.against(evidence)).as("%s in %s", evidence.because(), plan.moves())
                            .isNotEqualTo(Avoidance.Answer.BREAKS);
    }
}
