package keenfork.core.trace;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.US;
import static keenfork.core.Kit.aDish;
import static keenfork.core.Kit.derived;
import static keenfork.core.Kit.groups;
import static keenfork.core.Kit.marks;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import keenfork.core.diet.Diet;
import keenfork.core.diet.Verdict;
import keenfork.core.food.Foods;
import keenfork.core.food.Substances;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Facts of law and of the trade. Where no law is named they are common practice.
class DerivationTest {
    @ParameterizedTest @ValueSource(strings = {"farro", "freekeh", "couscous", "bulgur", "spelt"})
    void wheat_grains_are_wheat_and_gluten(String grain) {
        assertThat(marks(UK, "200 g " + grain)).containsExactly("gluten:contains");
        assertThat(derived("200 g " + grain).under(UK).marks().getFirst().members()).extracting(s -> s.id())
                .containsExactly("wheat");
        assertThat(marks(US, "200 g " + grain)).containsExactly("wheat:contains");
    }

    @Test
    void tahini_is_sesame() {
        assertThat(marks(UK, "3 tbsp tahini")).containsExactly("sesame:contains");
        assertThat(marks(US, "3 tbsp tahini")).containsExactly("sesame:contains");
    }

    @Test
    void worcestershire_sauce_unread_is_fish_assumed() {
        assertThat(marks(UK, "1 tbsp Worcestershire sauce")).contains("fish:contains:assumed", "gluten:not-known");
    }

    @Test
    void miso_unread_is_soya_with_gluten_and_fish_not_known() {
        assertThat(marks(UK, "2 tsp miso")).contains("soybeans:contains:assumed", "gluten:not-known", "fish:not-known");
    }

    @Test
    void vegetable_stock_unread_is_celery_assumed_and_more_not_known() {
        assertThat(marks(UK, "500 ml vegetable stock")).contains("celery:contains:assumed").hasSizeGreaterThan(3)
                .filteredOn(m -> m.endsWith("not-known")).hasSizeGreaterThan(2);
    }

    /// FDA guidance, January 2025, lists pine nut; Regulation (EU) No 1169/2011, Annex II, 8 does not.
    @Test
    void pine_nut_is_a_tree_nut_in_the_us_and_none_of_the_uk_nuts() {
        assertThat(marks(US, "50 g pine nuts")).containsExactly("tree-nuts:contains");
        assertThat(marks(UK, "50 g pine nuts")).isEmpty();
    }

    @ParameterizedTest @ValueSource(strings = {"400 ml coconut milk", "400 g butter beans", "nutmeg, a pinch",
            "100 g water chestnuts", "200 g oyster mushrooms", "200 g buckwheat"})
    void look_alikes_raise_nothing(String line) {
        assertThat(marks(UK, line)).isEmpty();
        assertThat(marks(US, line)).isEmpty();
    }

    @Test
    void celeriac_is_celery_in_the_uk_and_nothing_in_the_us() {
        assertThat(marks(UK, "1 celeriac")).containsExactly("celery:contains");
        assertThat(marks(US, "1 celeriac")).isEmpty();
    }

    @Test
    void croutons_with_cheese_end_a_vegan_verdict() {
        var vegan = Diet.named("vegan").orElseThrow().judge(derived("1 lettuce", "Topping:", "croutons with cheese"));
        assertThat(vegan.answer()).isEqualTo(Verdict.Answer.DOES_NOT_SUIT);
        assertThat(vegan.because().getFirst().line()).isEqualTo("croutons with cheese");
    }

    @Test
    void a_line_that_cannot_be_read_leaves_every_group_not_known() {
        assertThat(groups(derived("1 cup zugwort"), UK, Certainty.NOT_KNOWN)).hasSize(14);
        assertThat(Diet.all()).allSatisfy(
                d -> assertThat(d.judge(derived("1 cup zugwort")).answer()).isEqualTo(Verdict.Answer.CANNOT_SAY));
    }

    @Test
    void an_empty_dish_is_not_known_either() {
        assertThat(groups(derived(""), UK, Certainty.NOT_KNOWN)).hasSize(14);
    }

    @Test
    void a_read_pack_replaces_what_was_assumed_and_keeps_what_it_says() {
        assertThat(marks(UK, "1 tbsp Worcestershire sauce",
                "pack: vinegar (from barley malt), molasses, sugar, salt. May contain fish."))
                        .contains("gluten:contains", "fish:may-contain")
                        .noneMatch(m -> m.startsWith("soybeans"));
    }

    @Test
    void a_pack_in_use_reaches_every_line_of_its_food() {
        var pack = new Fact.PackInUse("harissa", "Harissa, 370 g jar",
                Declaration.read("peppers, celery seed. May contain mustard.", new Law("uk")), "read Tue", true);
        var derivation = Derivation.of(aDish("1 jar harissa"), new Facts(UK, List.of(pack)));
        assertThat(marks(derivation, UK)).containsExactly("celery:contains", "mustard:may-contain");
        assertThat(derivation.under(UK).marks().getFirst().threads().getFirst().path()).extracting(Link::text)
                .containsExactly("A dish", "Base", "1 jar harissa", "Harissa, 370 g jar", "celery seed", "celery");
    }

    /// A US pack need not name mustard or celery: its "spices" hide them from a UK reader, and milk from nobody.
    @Test
    void a_vague_word_hides_only_what_its_law_leaves_unnamed() {
        assertThat(marks(UK, "1 tsp house sauce", "pack[us]: water, natural flavoring"))
                .contains("celery:not-known", "mustard:not-known").noneMatch(m -> m.startsWith("milk"));
        assertThat(marks(UK, "1 tsp house sauce", "pack: water, natural flavouring")).isEmpty();
        assertThat(derived("1 tsp house sauce", "pack: water, natural flavouring").questions()).isNotEmpty();
        assertThat(marks(UK, "1 tsp house sauce", "pack[unknown]: water, natural flavouring"))
                .contains("milk:not-known", "celery:not-known");
    }

    @Test
    void a_second_pack_under_a_line_adds_to_the_first() {
        assertThat(marks(UK, "1 tbsp house sauce", "pack: sesame, salt", "pack: milk, water. May contain fish."))
                .containsExactly("fish:may-contain", "milk:contains", "sesame:contains");
    }

    @Test
    void a_bought_product_after_the_steps_is_still_an_ingredient() {
        assertThat(marks(UK, "1 lettuce", "Method:", "Wash it.", "Topping:", "Toast, rubbed with garlic."))
                .contains("gluten:contains:assumed");
    }

    @Test
    void a_vague_word_still_asks_the_diets() {
        var vegan = Diet.named("vegan").orElseThrow();
        assertThat(vegan.judge(derived("1 tsp house sauce", "pack: water, natural flavouring")).answer())
                .isEqualTo(Verdict.Answer.CANNOT_SAY);
        assertThat(vegan.judge(derived("1 tsp house sauce", "pack: water, salt")).answer())
                .isEqualTo(Verdict.Answer.SUITS);
    }

    @Test
    void an_alternative_not_chosen_is_not_known() {
        assertThat(Diet.named("vegan").orElseThrow().judge(derived("4 tbsp honey or date syrup")).answer())
                .isEqualTo(Verdict.Answer.CANNOT_SAY);
        assertThat(marks(UK, "50 g butter or olive oil")).containsExactly("milk:not-known");
        assertThat(marks(UK, "100 g farro or barley")).containsExactly("gluten:contains");
    }

    @Test
    void a_topping_comes_off_and_peels_off() {
        var dish = aDish("Base:", "1 lettuce", "Topping:", "50 g walnuts", "Beside:", "4 slices of bread");
        var marks = Derivation.of(dish, Facts.none(UK)).under(UK).marks();
        assertThat(marks).filteredOn(m -> m.group().id().equals("nuts")).allMatch(Mark::comesOff);
        assertThat(marks(Derivation.of(Peel.NO_BESIDE.of(dish), Facts.none(UK)), UK)).containsExactly("nuts:contains");
        assertThat(marks(Derivation.of(Peel.NO_TOPPING.of(dish), Facts.none(UK)), UK)).isEmpty();
    }

    @Test
    void a_step_that_names_what_no_line_holds_is_asked_about() {
        assertThat(marks(UK, "200 g rice", "Method:", "Fry the rice in butter.")).containsExactly("milk:not-known");
        assertThat(marks(UK, "200 g feta", "Method:", "Crumble the cheese.")).containsExactly("milk:contains");
    }

    @Test
    void a_step_that_names_what_a_line_holds_asks_nothing_and_one_thing_is_asked_once() {
        assertThat(derived("20 g butter", "200 g rice", "Method:", "Fry the rice in butter.").questions()).isEmpty();
        assertThat(derived("50 g pine nuts", "Method:", "Blitz the nuts.").questions()).as("the nuts of the list")
                .isEmpty();
        assertThat(derived("1 jar mayonnaise", "Method:", "Stir in the mayonnaise.").questions())
                .as("its pack alone").noneMatch(q -> q.ask().contains("step"));
        var twice = derived("200 g rice", "Method:", "Boil the rice.", "Fry it in butter.", "Add more butter.");
        assertThat(twice.questions()).singleElement().satisfies(q -> {
            assertThat(q.line()).isEqualTo("Fry it in butter.");
            assertThat(q.ask()).contains("butter");
        });
        assertThat(twice.evidence()).filteredOn(e -> e.certainty() == Certainty.NOT_KNOWN).isNotEmpty()
                .allSatisfy(e -> assertThat(e.origin()).isEqualTo(new Origin.OfStep(1)));
    }

    /// What the steps of a dressing name beside its lines is in the salad that it dresses, whatever the salad holds.
    @Test
    void another_dish_brings_what_its_steps_name() {
        var dressing = keenfork.core.recipe.Recipe.read(
                "House dressing\n3 tbsp lemon juice\nMethod:\nWhisk in a jar of mayonnaise.\nStir in the zugwort.",
                keenfork.core.measure.Volumes.METRIC, new Law("uk"));
        var facts = new Facts(UK, List.of(new Fact.OtherDish(dressing)));
        var salad = Derivation.of(aDish("4 eggs", "200 g @House dressing", "500 g fennel"), facts);
        assertThat(salad.questions()).extracting(Question::ask).anyMatch(q -> q.contains("names mayonnaise"))
                .anyMatch(q -> q.contains("zugwort"));
        assertThat(salad.evidence()).filteredOn(e -> e.certainty() == Certainty.NOT_KNOWN).isNotEmpty()
                .allSatisfy(e -> assertThat(e.origin()).isIn(new Origin.OfLine(0, 0), new Origin.OfLine(0, 1)));
        assertThat(groups(salad, UK, Certainty.NOT_KNOWN)).contains("mustard", "milk");
    }

    @Test
    void another_dish_brings_all_it_holds_and_a_ring_is_not_known() {
        var dressing = keenfork.core.recipe.Recipe.read("Tahini dressing\n3 tbsp tahini",
                keenfork.core.measure.Volumes.METRIC, new Law("uk"));
        var facts = new Facts(UK, List.of(new Fact.OtherDish(dressing)));
        assertThat(marks(Derivation.of(aDish("200 g @Tahini dressing"), facts), UK)).containsExactly("sesame:contains");
        assertThat(groups(Derivation.of(aDish("200 g @Nobody's dressing"), facts), UK, Certainty.NOT_KNOWN))
                .hasSize(14);
        var ring = aDish("1 tbsp @A dish");
        assertThat(
                groups(Derivation.of(ring, new Facts(UK, List.of(new Fact.OtherDish(ring)))), UK, Certainty.NOT_KNOWN))
                        .hasSize(14);
    }

    @Test
    void a_contact_is_a_contact_on_its_own_part() {
        var facts = new Facts(UK, List.of(new Fact.Contact("A dish", "Base",
                List.of(Substances.shipped().get("hazelnut")), "after Pesto on the blender, wiped")));
        assertThat(marks(Derivation.of(aDish("1 lettuce"), facts), UK)).containsExactly("nuts:contact");
        assertThat(Diet.named("nut-free").orElseThrow().judge(Derivation.of(aDish("1 lettuce"), facts)).answer())
                .isEqualTo(Verdict.Answer.CANNOT_SAY);
    }

    @Test
    void a_word_for_a_whole_branch_counts_for_its_groups() {
        assertThat(marks(UK, "a handful of nuts")).contains("nuts:contains", "peanuts:contains");
        assertThat(marks(UK, "200 g seafood")).contains("fish:contains", "crustaceans:contains", "molluscs:contains");
    }

    @Provide
    Arbitrary<List<String>> someLines() {
        var names = Foods.shipped().all().stream().map(f -> f.name()).toList();
        return Arbitraries.of(names).map(n -> "20 g " + n).list().ofMinSize(1).ofMaxSize(8);
    }

    /// Sulphites alone are judged by their share of the whole (Regulation (EU) No 1169/2011, Annex II, 12: 10 mg/kg),
    /// which another line makes smaller.
    @Property(tries = 200)
    void adding_a_line_never_removes_an_allergen(@ForAll("someLines") List<String> lines) {
        var before = new HashSet<>(groupsOf(lines.subList(0, lines.size() - 1)));
        UK.groups().stream().filter(g -> UK.threshold(g).isPresent()).forEach(g -> before.remove(g.id()));
        assertThat(groupsOf(lines)).containsAll(before);
    }

    @Property(tries = 200)
    void the_order_of_lines_never_changes_the_set(@ForAll("someLines") List<String> lines) {
        var shuffled = new ArrayList<>(lines);
        Collections.shuffle(shuffled, new Random(lines.hashCode()));
        assertThat(marks(UK, shuffled.toArray(String[]::new))).isEqualTo(marks(UK, lines.toArray(String[]::new)));
    }

    @Property(tries = 100)
    void a_read_pack_never_shows_fewer_than_it_names(@ForAll("someLines") List<String> foods) {
        var text = String.join(", ", foods.stream().map(l -> l.substring(5)).toList());
        var named = Declaration.read(text, new Law("uk")).findings();
        var derivation = derived("1 tbsp house sauce", "pack: " + text);
        assertThat(derivation.evidence().stream().map(Evidence::substance))
                .containsAll(named.stream().map(f -> f.substance()).toList());
    }

    /// Any foods of the table: what a dish surely holds is on its map whatever else goes in. (What only might be there,
    /// sulphites below 10 mg/kg, can be settled by more food.)
    @Property(tries = 200)
    void nothing_that_is_surely_there_goes_away(
            @ForAll @net.jqwik.api.constraints.Size(min = 2,
                    max = 8) List<@net.jqwik.api.constraints.IntRange(max = 1_100) Integer> picks,
            @ForAll @net.jqwik.api.constraints.IntRange(min = 1, max = 9_000) int grams) {
        var foods = keenfork.core.food.Foods.shipped().all();
        var lines = picks.stream().map(p -> (p % 9 + 1) * 10 + " g " + foods.get(p % foods.size()).name()).toList();
        var more = new ArrayList<>(lines);
        more.add(grams + " g potatoes");
        for (var book : keenfork.core.regime.RuleBook.all()) {
            var before = groups(derived(lines.toArray(String[]::new)), book, Certainty.CONTAINS);
            assertThat(derived(more.toArray(String[]::new)).under(book).marks().stream().map(m -> m.group().id()))
                    .containsAll(before);
        }
    }

    private static List<String> groupsOf(List<String> lines) {
        if (lines.isEmpty()) return List.of();
        return derived(lines.toArray(String[]::new)).under(UK).marks().stream().map(m -> m.group().id()).toList();
    }

    @Test
    void dishes_that_use_each_other_many_times_over_end_and_stay_not_known() {
        var dishes = new java.util.ArrayList<Fact>();
        for (var i = 0; i < 20; i++) {
            var text = new StringBuilder("Dish " + i + "\n1 tbsp tahini\n");
            for (var j = 0; j < 20; j++) text.append("100 g @Dish ").append((i + j) % 20).append('\n');
            dishes.add(new Fact.OtherDish(
                    Recipe.read(text.toString(), keenfork.core.measure.Volumes.METRIC, new Law("uk"))));
        }
        var derivation = Derivation.of(((Fact.OtherDish) dishes.getFirst()).recipe(), new Facts(UK, dishes));
        assertThat(groups(derivation, UK, Certainty.CONTAINS)).containsExactly("sesame");
        assertThat(groups(derivation, UK, Certainty.NOT_KNOWN)).hasSize(13);
        assertThat(derivation.questions()).extracting(Question::ask).anyMatch(a -> a.contains("ring"))
                .anyMatch(a -> a.contains("Too many dishes"));
    }

    private static String sulphites(String... lines) {
        return marks(UK, lines).stream().filter(m -> m.startsWith("sulphites")).findFirst().orElse("none");
    }

    /// Regulation (EU) No 1169/2011, Annex II, 12: above 10 mg/kg. Wine itself always is; a spoonful in a large pot
    /// cannot be; between them it is not known.
    @Test
    void sulphites_are_summed_against_ten_milligrams_in_a_kilogram() {
        assertThat(sulphites("500 ml white wine")).isEqualTo("sulphites:contains");
        assertThat(sulphites("1 tbsp white wine", "5 kg potatoes")).as("what is surely there is never argued away")
                .isEqualTo("sulphites:not-known");
        assertThat(sulphites("100 ml white wine", "1 kg potatoes")).isEqualTo("sulphites:not-known");
        assertThat(sulphites("white wine", "5 kg potatoes")).as("how much is not said")
                .isEqualTo("sulphites:not-known");
        assertThat(sulphites("1 tbsp red wine vinegar", "5 kg potatoes")).isEqualTo("none");
        assertThat(sulphites("4 tbsp red wine vinegar", "4 tbsp olive oil")).isEqualTo("sulphites:not-known");
        assertThat(sulphites("200 g dried apricots")).isEqualTo("sulphites:not-known");
    }

    @Test
    void sulphites_that_a_pack_declares_are_never_argued_away() {
        assertThat(sulphites("1 tbsp white wine vinegar", "pack: wine vinegar, preservative (E224)", "5 kg potatoes"))
                .isEqualTo("sulphites:contains");
        assertThat(sulphites("5 kg potatoes", "pack: potatoes. May contain sulphites."))
                .isEqualTo("sulphites:may-contain");
    }

    @Test
    void many_small_amounts_of_sulphites_add_up() {
        var alone = sulphites("1 tbsp red wine vinegar", "1 kg potatoes");
        assertThat(alone).isEqualTo("none");
        assertThat(sulphites("1 tbsp red wine vinegar", "1 tbsp capers", "30 g sultanas", "1 kg potatoes"))
                .isEqualTo("sulphites:not-known");
    }

    @Test
    void a_pack_read_too_long_ago_adds_and_replaces_nothing() {
        var old = new Fact.PackInUse("harissa", "Harissa, old jar",
                Declaration.read("peppers, celery seed.", new Law("uk")), "read in spring", false);
        var derivation = Derivation.of(aDish("1 jar harissa"), new Facts(UK, List.of(old)));
        assertThat(groups(derivation, UK, Certainty.CONTAINS)).containsExactly("celery");
        assertThat(groups(derivation, UK, Certainty.NOT_KNOWN)).contains("mustard", "nuts");
        assertThat(derivation.questions()).extracting(Question::ask).anyMatch(a -> a.contains("read long ago"));
    }

    /// A word for a whole branch names no one kind of it: "nuts" on a pack are nuts in London, and perhaps almonds in
    /// Sydney.
    /// What a word of the kitchen leaves open, its pack may spell out; only what the pack says is in it does so.
    @Test
    void a_pack_that_names_the_kinds_replaces_the_word_for_all_of_them() {
        assertThat(marks(US, "100 g mixed nuts", "pack: ALMONDS, CASHEWS")).contains("tree-nuts:contains")
                .noneMatch(m -> m.startsWith("peanuts"));
        assertThat(marks(US, "100 g mixed nuts", "pack: sea salt, sunflower oil. May contain ALMONDS and CASHEWS."))
                .as("nobody said which nuts are in it").contains("tree-nuts:contains", "peanuts:contains");
        assertThat(marks(UK, "200 g white fish", "pack: water, salt. May contain COD."))
                .as("a precaution takes nothing away").contains("fish:contains");
    }

    @Test
    void nuts_that_nobody_named_are_surely_nuts_and_perhaps_almonds() {
        var anz = keenfork.core.regime.RuleBook.named("anz").orElseThrow();
        assertThat(marks(UK, "100 g mixed nuts")).contains("nuts:contains");
        assertThat(marks(anz, "100 g mixed nuts")).contains("almond:not-known", "walnut:not-known", "peanut:contains");
        assertThat(marks(anz, "100 g rice", "pack: rice. May contain nuts.")).contains("almond:may-contain",
                "pine-nut:may-contain");
        assertThat(marks(anz, "100 g almonds")).containsExactly("almond:contains");
    }

    @Test
    void wheat_is_wheat_and_gluten_in_canada_and_australia() {
        for (var id : List.of("ca", "anz")) {
            var book = keenfork.core.regime.RuleBook.named(id).orElseThrow();
            assertThat(marks(book, "200 g spelt")).containsExactlyInAnyOrder("wheat:contains", "gluten:contains");
            assertThat(marks(book, "200 g barley")).containsExactly("gluten:contains");
        }
    }

    /// Where something comes from is a place, not words: two lines that read alike are two, what a dish that goes in
    /// holds is of the line that uses it, and a dish may be called "Step 3".
    @Test
    void evidence_says_where_it_comes_from() {
        var dressing = Recipe.read("Step 3\n2 tbsp tahini\n1 egg", Volumes.METRIC, new Law("uk"));
        var salad = Recipe.read(
                "Salad\nBase:\n1 kg rice\n2 tbsp tahini\nTopping:\n2 tbsp tahini\n100 g @Step 3\nMethod:\n"
                        + "Toss everything.\nMelt a knob of butter over it.",
                Volumes.METRIC, new Law("uk"));
        var contact = new Fact.Contact("Salad", "Topping", List.of(Substances.shipped().get("celery")),
                "after soup on the board, not washed");
        var dish = Derivation.of(salad, new Facts(UK, List.of(new Fact.OtherDish(dressing), contact)));
        assertThat(dish.evidence()).filteredOn(e -> e.substance().id().equals("sesame")).extracting(Evidence::origin)
                .containsExactly(new Origin.OfLine(0, 1), new Origin.OfLine(1, 2), new Origin.OfLine(1, 3));
        assertThat(dish.evidence()).filteredOn(e -> e.substance().id().equals("eggs")).extracting(Evidence::origin)
                .containsExactly(new Origin.OfLine(1, 3));
        assertThat(dish.evidence()).filteredOn(e -> e.substance().id().endsWith("milk")).extracting(Evidence::origin)
                .containsExactly(new Origin.OfStep(1));
        assertThat(dish.evidence()).filteredOn(e -> e.certainty() == Certainty.CONTACT).extracting(Evidence::origin)
                .containsExactly(new Origin.OfKit(1));
        assertThat(dish.ofPart(1).evidence()).extracting(e -> e.substance().id()).contains("celery", "eggs")
                .doesNotContain("cow-milk");
    }

    /// An "or" hides nothing: whatever one of the choices carries, surely or perhaps, is on the map of the dish.
    @Property(tries = 300)
    void either_or_carries_all_that_each_choice_would(@ForAll("choices") String one, @ForAll("choices") String other) {
        var both = derived("100 g %s or %s".formatted(one, other));
        for (var book : List.of(UK, US))
            for (var alone : List.of(one, other))
                for (var mark : derived("100 g " + alone).under(book).marks())
                    assertThat(both.under(book).marks()).as("%s of %s", mark.group().id(), alone)
                            .anyMatch(m -> m.group().equals(mark.group()));
    }

    @Provide
    Arbitrary<String> choices() {
        return Arbitraries.of("almonds", "cashews", "mixed nuts", "tuna", "salmon", "feta", "tofu", "harissa", "stock",
                "mayonnaise", "bread", "spelt", "barley", "zugwort", "vegetables", "miso", "prawns");
    }
}
