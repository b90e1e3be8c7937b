package keenfork.core.swap;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.US;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Guests;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.search.Budget;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;

/// What a cook would ask of a plan, dish by dish: facts of the trade, common practice, where nothing else is named.
class TradeCasesTest {
    private static Recipe read(String text) { return Recipe.read(text, Volumes.METRIC, new Law("uk")); }

    private static List<Avoidance> avoid(RuleBook book, String... words) {
        return Stream.of(words).map(w -> Avoidance.parse(w, book).orElseThrow()).toList();
    }

    private static Plans plans(Context kitchen, String text, String... words) {
        return new SwapPlanner(kitchen, avoid(kitchen.ruleBook(), words)).plan(read(text), 5, Budget.USUAL);
    }

    private static Plans plans(String text, String... words) { return plans(kitchen(UK), text, words); }

    private static Context kitchen(RuleBook book, Fact... facts) {
        return new Context(new Facts(book, List.of(facts)), book, Volumes.METRIC);
    }

    private static List<String> foods(Plan plan) {
        return plan.after().recipe().lines().stream().map(l -> l.food().map(f -> f.name()).orElse(l.text())).toList();
    }

    private static Fact.PackInUse pack(String food, String declaration) {
        return new Fact.PackInUse(food, "Pack of " + food, Declaration.read(declaration, new Law("uk")), "read today",
                true);
    }

    @Test
    void an_egg_anchovy_and_cheese_dressing_without_egg_fish_milk_and_nuts_is_given_no_cashew() {
        var plans = plans("Dressing\n4 anchovy fillets\n2 egg yolks\n60 g parmesan\n150 ml olive oil", "eggs", "fish",
                "milk", "nuts");
        assertThat(plans.best()).hasSize(5).allSatisfy(p -> {
            assertThat(foods(p)).noneMatch(f -> f.contains("cashew") || f.contains("almond"));
            assertThat(avoid(UK, "eggs", "fish", "milk", "nuts"))
                    .noneMatch(a -> a.against(p.after()) == Avoidance.Answer.BREAKS);
        });
        assertThat(plans.rejected()).anySatisfy(r -> assertThat(r.because()).contains("cashew"));
    }

    /// Pine nut is on the FDA's list of tree nuts of 2025 and not in Annex II of Regulation (EU) No 1169/2011.
    @Test
    void a_pine_nut_pesto_for_the_us_differs_from_one_for_the_uk() {
        var pesto = "Pesto\n50 g pine nuts\n1 bunch basil\n100 ml olive oil";
        assertThat(plans(kitchen(UK), pesto, "nuts").needed()).isFalse();
        assertThat(plans(kitchen(US), pesto, "tree-nuts").best()).isNotEmpty()
                .allSatisfy(p -> assertThat(foods(p)).doesNotContain("pine nut", "almond", "walnut", "cashew"));
    }

    /// Wheat, its kinds, and oats unless they are shown to be clean: Annex II of Regulation (EU) No 1169/2011.
    @Test
    void a_wheat_grain_salad_for_a_coeliac_guest_is_given_no_other_wheat_and_no_oats() {
        var plans = plans("Salad\n300 g farro\n100 g oat milk\n2 tbsp olive oil", "gluten");
        assertThat(plans.best()).isNotEmpty().allSatisfy(
                p -> assertThat(foods(p)).doesNotContain("farro", "spelt", "oat", "oat milk", "barley", "rye"));
        assertThat(plans("Salad\n300 g couscous", "gluten").rejected()).anyMatch(r -> r.with().equals("spelt"));
    }

    @Test
    void a_tahini_dip_for_a_sesame_guest_is_given_no_seeds_that_hold_or_may_hold_sesame() {
        var dip = "Dip\n500 g chickpeas\n120 g tahini\n1 tbsp za'atar";
        assertThat(plans(dip, "sesame").best()).isNotEmpty().allSatisfy(
                p -> assertThat(foods(p)).doesNotContain("tahini", "sesame seed", "gomasio", "za'atar", "dukkah"));
        var plans = plans(kitchen(UK, pack("sunflower seed butter", "Sunflower seeds. May contain sesame.")), dip,
                "sesame");
        assertThat(plans.best()).isNotEmpty()
                .allSatisfy(p -> assertThat(foods(p)).doesNotContain("sunflower seed butter"));
        assertThat(plans.rejected()).anySatisfy(r -> {
            assertThat(r.with()).isEqualTo("sunflower seed butter");
            assertThat(r.certainty()).isEqualTo(Certainty.MAY_CONTAIN);
        });
    }

    @Test
    void a_dish_that_cannot_be_saved_says_which_line_why_and_the_nearest_miss() {
        assertThat(plans("Roast\n2 kg chicken breast", "vegan").blocked()).singleElement().satisfies(b -> {
            assertThat(b.line()).isEqualTo("2 kg chicken breast");
            assertThat(b.avoid()).contains("chicken");
            assertThat(b.nearest()).contains("no swap");
        });
        var everything = plans("Dip\n1 kg celeriac\n20 g salt", "celery", "parsnip", "kohlrabi",
                "swede");
        assertThat(everything.blocked()).singleElement()
                .satisfies(b -> assertThat(b.nearest()).startsWith("nearest: kohlrabi"));
    }

    /// A line linked to a pack of its own is what that pack says, whatever the usual one does.
    @Test
    void a_pack_linked_to_a_line_speaks_for_it() {
        var usual = pack("rice", "Rice");
        var linked = new Fact.LineUses("Salad", "500 g rice", pack("rice", "Rice. May contain nuts."));
        assertThat(plans(kitchen(UK, usual), "Salad\n500 g rice", "nuts").needed()).isFalse();
        assertThat(plans(kitchen(UK, usual, linked), "Salad\n500 g rice", "nuts").needed()).isTrue();
    }

    @Test
    void another_pack_of_the_larder_is_the_least_change() {
        var inUse = pack("harissa", "peppers, chilli. May contain sesame.");
        var other = new Fact.PackInUse("harissa", "The other harissa",
                Declaration.read("peppers, chilli, salt", new Law("uk")), "read today", true);
        var dip = "Dip\n500 g chickpeas\n2 tbsp harissa";
        var best = plans(kitchen(UK, inUse).withPacks(List.of(inUse, other)), dip, "sesame").best().getFirst();
        assertThat(best.moves()).singleElement().isInstanceOfSatisfying(Move.ChangePack.class,
                m -> assertThat(m.pack()).isEqualTo(other));
        assertThat(best.after().under(UK).mark(UK.group("sesame").orElseThrow())).isEmpty();
        assertThat(plans(kitchen(UK, inUse).withPacks(List.of(inUse)), dip, "sesame").best())
                .noneMatch(p -> p.moves().stream().anyMatch(Move.ChangePack.class::isInstance));
    }

    /// What a step names and no line does is in the dish or is not: nothing to change would be a guess.
    @Test
    void a_food_that_only_a_step_names_is_not_nothing() {
        var plans = plans("Salad\n1 lettuce\nMethod:\nToss with the yoghurt.", "milk");
        assertThat(plans.needed()).isTrue();
        assertThat(plans.blocked()).singleElement().satisfies(b -> assertThat(b.nearest()).contains("a step names it"));
        var mended = plans("Salad\n50 g parmesan\n1 lettuce\nMethod:\nFry the walnuts.\nGrate the cheese over.", "milk",
                "nuts");
        assertThat(mended.best()).isNotEmpty().allSatisfy(p -> assertThat(p.unknown()).as("the walnuts").isPositive());
    }

    @Test
    void a_part_is_held_back_as_a_whole() {
        var salad = "Salad\n500 g rice\nTopping:\n50 g pistachios\n60 g feta\n20 g mint";
        var held = plans(salad, "nuts", "milk").best().stream()
                .filter(p -> p.moves().stream().anyMatch(Move.HoldBack.class::isInstance)).toList();
        assertThat(held).isNotEmpty().allSatisfy(p -> {
            assertThat(p.moves()).hasSize(2).allMatch(Move.HoldBack.class::isInstance);
            assertThat(foods(p)).containsExactly("rice");
            assertThat(p.isForSomePlates()).isTrue();
        });
    }

    /// The recipe stays when a part is held back: what a step works into the rest is still cooked.
    @Test
    void what_a_step_works_in_is_not_held_back_with_its_part() {
        var salad = "Salad\n500 g rice\nTopping:\n2 kg chicken\nMethod:\n%s\nScatter the chicken over.";
        assertThat(plans(salad.formatted("Simmer the rice."), "vegetarian").best().getFirst().unknown()).isZero();
        assertThat(plans(salad.formatted("Stir half of the chicken into the rice."), "vegetarian").best()).isNotEmpty()
                .allSatisfy(p -> assertThat(p.unknown()).isPositive());
    }

    @Test
    void portions_are_taken_off_where_nothing_else_helps() {
        var plans = plans(
                "Salad\nServes 10\n2 kg rice\n500 g carrots\n900 g chicken breast\nMethod:\nSimmer the rice.\n"
                        + "Grate the carrots in.\nFold the chicken in.",
                "vegetarian");
        assertThat(plans.best()).singleElement().satisfies(p -> {
            assertThat(p.moves()).singleElement().isInstanceOf(Move.TakeOff.class);
            assertThat(p.split()).isNotNull().satisfies(s -> assertThat(s.step()).isEqualTo(2));
            assertThat(foods(p)).containsExactly("rice", "carrot");
        });
    }

    /// People shut out come before lines and closeness: soya yoghurt is nearer, and somebody at the table avoids soya.
    @Test
    void nobody_at_the_table_is_shut_out_for_a_nearer_swap() {
        var dip = "Dip\n500 g yoghurt\n1 cucumber";
        var read = pack("soya yoghurt", "Water, soya beans, salt");
        var soya = new Guests("Soya", 2, avoid(UK, "soybeans"));
        var milk = new Guests("Milk", 3, avoid(UK, "milk"));
        assertThat(foods(plans(kitchen(UK, read).withGuests(List.of(milk)), dip, "milk").best().getFirst()))
                .contains("soya yoghurt");
        var plans = plans(kitchen(UK, read).withGuests(List.of(milk, soya)), dip, "milk");
        assertThat(foods(plans.best().getFirst())).doesNotContain("soya yoghurt");
        assertThat(plans.best()).anySatisfy(p -> assertThat(p.shutsOut()).containsExactly(soya));
    }

    @Test
    void a_nut_that_joins_others_is_brought_in() {
        var plans = plans("Crumb\n100 g hard cheese\n50 g almonds", "milk");
        assertThat(plans.best()).anySatisfy(p -> assertThat(p.bringsIn()).anySatisfy(b -> {
            assertThat(b.group().id()).isEqualTo("nuts");
            assertThat(b.members()).extracting(m -> m.name()).containsExactly("cashew");
        }));
    }

    @Test
    void salt_and_acid_are_set_right_and_shown() {
        var salad = plans("Salad\nServes 10\n1 kg lentils\n300 g feta\n10 g salt\n60 ml lemon juice", "milk", "nuts")
                .best().getFirst();
        assertThat(salad.balance()).extracting(Balance::taste).contains(Taste.SALT);
        var salt = salad.balance().getFirst();
        assertThat(salt.before().likelyGrams()).isBetween(7.0, 10.0);
        // half of what lacks is set right, the rest is for the tongue
        assertThat(salt.before().likelyGrams() - salt.after().likelyGrams()).isBetween(0.0,
                (salt.before().likelyGrams() - salt.swapped().likelyGrams()) * 0.6);
        assertThat(salt.advice()).contains("tongue");
        assertThat(salad.moves()).anyMatch(m -> m instanceof Move.Adjust(var line, var with)
                && line.text().equals("10 g salt") && with.food().equals(line.food()));
        assertThat(plans("Salad\n1 kg lentils\n40 g soy sauce\n", "soybeans").best())
                .as("there is no salt line: it goes in with the swap, or the cook is told")
                .allSatisfy(p -> assertThat(p.balance())
                        .allSatisfy(b -> assertThat(b.after().likelyGrams() + (b.advice().isEmpty() ? 0 : 99))
                                .isGreaterThanOrEqualTo(b.before().likelyGrams() - 1.1)));
    }

    @Test
    void what_sets_it_right_is_never_what_is_avoided() {
        var plans = plans("Dressing\n400 g strained yoghurt\n30 g tahini", "milk", "lemon juice");
        var lemon = Avoidance.parse("lemon juice", UK).orElseThrow();
        assertThat(plans.best()).isNotEmpty()
                .allSatisfy(p -> assertThat(lemon.against(p.after())).isEqualTo(Avoidance.Answer.NOTHING));
    }

    @Test
    void a_plan_becomes_a_variant_without_what_is_held_back_or_a_change_that_keeps_it() {
        var text =
                "Salad\n\n500 g farro\nTopping:\n- 50 g pistachios\n- 20 g mint\nMethod:\nSimmer the farro.\n"
                        + "Scatter the pistachios and mint over.";
        var words = avoid(UK, "gluten", "nuts");
        var plan = new SwapPlanner(kitchen(UK), words).plan(read(text), 40, Budget.USUAL).best().stream()
                .filter(p -> p.moves().stream().anyMatch(Move.HoldBack.class::isInstance)).findFirst().orElseThrow();
        var accepted = new Accepted(text, plan, words, Facts.none(UK), TradeCasesTest::read);
        assertThat(accepted.asVariant().orElseThrow()).doesNotContain("pistachio", "20 g mint", "farro");
        assertThat(accepted.asChange().orElseThrow())
                .contains("- 50 g pistachios\n- 20 g mint", "Scatter the pistachios").doesNotContain("farro");
    }

    @Test
    void a_kitchen_adds_swaps_and_turns_others_off() {
        var own = new Swap("ours", Swaps.foods("feta"), Swaps.roles("salt-umami 0.99"),
                Swaps.ingredients("butter bean 0.9, caper 0.1"), "Crush the butter beans with the capers.", "",
                Swaps.lead("5-10"), Swap.Effects.NONE, "", "", "this kitchen", false);
        var ours = kitchen(UK).withSwaps(Swaps.shipped().with(List.of(own)));
        assertThat(foods(plans(ours, "Salad\n200 g feta\n1 kg lentils", "milk").best().getFirst())).contains("caper");
        var off = new ArrayList<String>();
        for (var s : Swaps.shipped().all())
            if (s.replaces().stream().anyMatch(f -> f.name().equals("feta"))) off.add(s.id());
        assertThat(plans(kitchen(UK).withSwaps(Swaps.shipped().without(java.util.Set.copyOf(off))),
                "Salad\n2 kg feta\n1 kg lentils", "milk").blocked()).hasSize(1);
    }

    /// Cooks differ: for a soup without soured cream one kitchen takes coconut, another beans.
    @Test
    void a_kitchens_own_way_goes_first_where_the_rest_is_alike() {
        var soup = "Soup\n1 kg potatoes\n300 g soured cream";
        var usual = plans(kitchen(UK), soup, "milk").best();
        assertThat(usual).noneMatch(Plan::isOurWay);
        assertThat(foods(usual.getFirst())).contains("coconut yoghurt");
        var ours = kitchen(UK)
                .withSwaps(Swaps.shipped().liking(java.util.Set.of("soured-cream-white-bean", "no-such-swap")));
        var first = plans(ours, soup, "milk").best().getFirst();
        assertThat(foods(first)).contains("white bean");
        assertThat(first.isOurWay()).isTrue();
    }

    @Test
    void an_own_swap_that_cannot_be_read_says_what_is_wrong() {
        for (var wrong : List.of("zugwort 1", "caper", "caper much", "caper 0", "caper 2-1", "caper 99", ""))
            assertThat(org.assertj.core.api.Assertions.catchThrowable(() -> Swaps.ingredients(wrong))).as(wrong)
                    .isInstanceOf(IllegalArgumentException.class).hasMessageMatching("(?s).*(caper|zugwort|nothing).*");
        for (var wrong : List.of("-5", "9-3", "soon", "20000"))
            assertThat(org.assertj.core.api.Assertions.catchThrowable(() -> Swaps.lead(wrong))).as(wrong)
                    .isInstanceOf(IllegalArgumentException.class);
    }
}
