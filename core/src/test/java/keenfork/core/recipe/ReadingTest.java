package keenfork.core.recipe;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.aDish;
import static keenfork.core.Kit.aLine;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.List;
import keenfork.core.measure.Fraction;
import keenfork.core.measure.Unit;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidances;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ReadingTest {
    /// Written as a hurried cook would; the gram bands are common practice.
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', value = {
            "3 tbsp tahini | 3 | 3 | tbsp | tahini | 42 | 50",
            "three tablespoons of olive oil | 3 | 3 | tbsp | olive oil | 38 | 42",
            "200g flour | 200 | 200 | g | wheat flour | 200 | 200",
            "1½ tsp cumin | 1.5 | 1.5 | tsp | cumin | 2 | 4",
            "1 1/2 cups quinoa | 1.5 | 1.5 | cup | quinoa | 250 | 290",
            "½ lemon, juiced | 0.5 | 0.5 | none | lemon juice | 15 | 30",
            "juice of half a lemon | 0.5 | 0.5 | none | lemon juice | 15 | 30",
            "juice of 10–12 limes | 10 | 12 | none | lime juice | 200 | 420",
            "2-3 tbsp water, to loosen | 2 | 3 | tbsp | water | 30 | 45",
            "a couple of garlic cloves | 2 | 3 | clove | garlic | 4 | 21",
            "6 garlic cloves, crushed | 6 | 6 | clove | garlic | 12 | 42",
            "1 (400 g) tin chickpeas, drained | 1 | 1 | tin | chickpea | 224 | 265",
            "2 x 400g tins chickpeas | 2 | 2 | tin | chickpea | 800 | 800",
            "handful of rocket | 1 | 1 | handful | rocket | 10 | 30",
            "15 cashews, soaked overnight | 15 | 15 | none | cashew | 19 | 26",
            "1 small bunch mint | 1 | 1 | bunch | mint | 17 | 42",
            "a good pinch of salt | 1 | 1 | pinch | salt | 0.1 | 2",
            "half a dozen eggs | 6 | 6 | none | egg | 264 | 360",
            "flour 200 g | 200 | 200 | g | wheat flour | 200 | 200",
            "• 2 large red onions | 2 | 2 | none | red onion | 240 | 490",
            "1. 500 ml buttermilk | 500 | 500 | ml | buttermilk | 505 | 525",
            "1,5 kg potatoes | 1.5 | 1.5 | kg | potato | 1500 | 1500",
            "1 lb tomatoes | 1 | 1 | lb | tomato | 453 | 454",
            "0.25 l cream | 0.25 | 0.25 | l | double cream | 237 | 260",
            "2 tbsp almond or cashew butter | 2 | 2 | tbsp | almond butter | 25 | 40",
            "1 stick celery | 1 | 1 | piece | celery | 30 | 60",
            "nutmeg, a pinch | 1 | 1 | pinch | nutmeg | 0.1 | 0.5",
            "5cm piece of ginger | 1 | 1 | piece | ginger | 20 | 40",
            "a 2 cm piece of ginger | 1 | 1 | piece | ginger | 8 | 16",
            "drizzle of honey | 1 | 1 | drizzle | honey | 6 | 30"})
    void lines_are_read_with_amount_unit_food_and_a_band_of_grams(String text, double low, double high, String unit,
            String food, double least, double most) {
        var line = aLine(text);
        assertThat(line.unread()).isEmpty();
        assertThat(line.food().orElseThrow().name()).isEqualTo(food);
        assertThat(line.amount().low().decimal().doubleValue()).isEqualTo(low);
        assertThat(line.amount().high().decimal().doubleValue()).isEqualTo(high);
        assertThat(line.amount().unit().id()).isEqualTo(unit);
        assertThat(line.mass().lowGrams()).isBetween(least - 0.5, most);
        assertThat(line.mass().highGrams()).isBetween(least, most + 0.5);
    }

    @Test
    void a_line_without_an_amount_keeps_its_food() {
        assertThat(aLine("salt, to taste").toTaste()).isTrue();
        assertThat(aLine("salt, to taste").amount()).isNull();
        assertThat(aLine("black pepper").food().orElseThrow().name()).isEqualTo("black pepper");
        assertThat(aLine("black pepper").mass()).isNull();
    }

    @Test
    void alternatives_are_both_kept() {
        var line = aLine("4 tbsp honey or date syrup");
        assertThat(line.choices()).hasSize(2);
        assertThat(aLine("lime or lemon juice").choices()).hasSize(2)
                .allSatisfy(c -> assertThat(c.main().toString()).contains("juice"));
    }

    @Test
    void a_line_that_cannot_be_read_stays() {
        assertThat(aLine("1 cup zugwort").isUnread()).isTrue();
        assertThat(aLine("1 cup zugwort").unread()).containsExactly("zugwort");
        assertThat(aLine("2 tbsp of that green sauce of Mo's").isUnread()).isTrue();
    }

    @Test
    void every_food_a_line_names_counts() {
        assertThat(aLine("croutons with cheese").choices().getFirst().others()).hasSize(1);
        assertThat(aLine("sourdough, brushed with butter").choices().getFirst().others()).isNotEmpty();
    }

    @Test
    void parts_steps_servings_and_packs_are_told_apart() {
        var recipe = Recipe.read("""
                Bean salad
                Serves 6

                For the salad
                400 g green beans
                Mustard dressing:
                1 tbsp house sauce
                pack[us]: mustard, water
                Crumb topping:
                50 g breadcrumbs
                To serve:
                4 flatbreads
                Method:
                1. Boil the beans 4 minutes.
                2. Toss.
                """, Volumes.METRIC, new Law("uk"));
        assertThat(recipe.name()).isEqualTo("Bean salad");
        assertThat(recipe.serves()).isEqualTo(6);
        assertThat(recipe.parts()).extracting(Part::kind).containsExactly(PartKind.BASE, PartKind.DRESSING,
                PartKind.TOPPING, PartKind.BESIDE);
        assertThat(recipe.steps()).containsExactly("Boil the beans 4 minutes.", "Toss.");
        assertThat(recipe.parts().get(1).lines().getFirst().declaration().orElseThrow().law()).isEqualTo(new Law("us"));
    }

    @Test
    void numbered_sentences_after_the_ingredients_are_steps_and_numbered_ingredients_are_not() {
        var recipe = aDish("1. 200 g farro", "2. 1 tbsp oil", "3. Toast", "1. Simmer the farro in plenty of water.",
                "2. Toss with the oil.");
        assertThat(recipe.lines()).extracting(Line::text).containsExactly("200 g farro", "1 tbsp oil", "Toast");
        assertThat(recipe.steps()).hasSize(2);
    }

    @Test
    void another_dish_is_used_by_name() {
        assertThat(aLine("200 g @Tahini dressing").dish()).isEqualTo("Tahini dressing");
        assertThat(aLine("200 g @Tahini dressing").mass().likelyGrams()).isEqualTo(200);
    }

    @Test
    void volumes_follow_the_kitchen() {
        var us = Recipe.read("A\n1 cup water", Volumes.US, new Law("us")).lines().getFirst();
        assertThat(us.mass().likelyGrams()).isBetween(236.5, 236.7);
    }

    @Property(tries = 300)
    void reading_never_throws_on_any_text(@ForAll @StringLength(max = 200) String text) {
        assertThatCode(() -> Recipe.read(text, Volumes.METRIC, Law.UNKNOWN)).doesNotThrowAnyException();
        assertThat(Recipe.read("A dish\nx" + text.replaceAll("\\R", " "), Volumes.METRIC, Law.UNKNOWN).lines())
                .as("no line is lost").isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"x-", "zugwort:", "# zugwort", "## Walnuts"})
    void a_heading_that_ends_the_text_is_no_heading(String last) {
        assertThat(aDish("200 g rice", last).lines()).hasSize(2);
        assertThat(aDish(last).lines()).hasSize(1);
        assertThat(aDish("200 g rice", "To serve:").lines()).hasSize(1);
    }

    /// One thing over and over: no reader gives up on it, or leaves it unread in silence.
    @ParameterizedTest
    @ValueSource(
            strings = {"\t", "\u0301", "1", "½", "(", ")", "-", "@", "pack: egg\n", "pack[us]: egg\n", "x2 ", "e100 ",
                    "free ", "may contain", "contains no ", "no ", "and ", "Dressing:\n", "juice of ", "1 egg\n",
                    "\uD83E\uDD5C",
                    "中", "١", "ß", "&amp;", "200 g tahini (", "\u200B", "\uFFFE"})
    void reading_is_total_on_one_thing_over_and_over(String one) {
        for (var many : List.of(1, 2, 3, 40, 400)) {
            var text = one.repeat(many);
            assertThatCode(() -> {
                Derivation.of(Recipe.read("A dish\n" + text, Volumes.METRIC, new Law("uk")), Facts.none(UK)).under(UK);
                Derivation.of(Recipe.read("A dish\n1 egg\nMethod:\n" + text, Volumes.METRIC, new Law("uk")),
                        Facts.none(UK)).under(UK);
                Declaration.read(text, new Law("uk")).contradictions();
                Avoidances.of(text, UK);
            }).as("%s, %d times", one, many).doesNotThrowAnyException();
        }
    }

    @Test
    void declarations_under_one_line_add_up_and_differing_laws_are_none() {
        var recipe = aDish("100 g pesto", "pack[uk]: basil, milk", "pack[uk]: may contain egg", "1 egg");
        var pack = recipe.lines().getFirst().declaration().orElseThrow();
        assertThat(pack.law()).isEqualTo(new Law("uk"));
        assertThat(pack.text()).isEqualTo("basil, milk\nmay contain egg");
        assertThat(aDish("100 g pesto", "pack[uk]: basil", "pack[us]: milk").lines().getFirst().declaration()
                .orElseThrow().law()).isEqualTo(Law.UNKNOWN);
    }

    @ParameterizedTest
    @ValueSource(strings = {"1/0 cup flour", "999999999999999 kg flour", "½½½ cup flour", "1/2/3 tbsp flour", "@",
            "@@ x", "-", "1", "((((", "🥜 100 g", "٣ كوب طحينة", "a", "1,2,3,4,5 g flour"})
    void odd_lines_are_read_or_kept(String text) {
        assertThat(aDish(text, "1 egg").lines()).hasSizeGreaterThanOrEqualTo(1);
    }

    @Property(tries = 100)
    void scaling_by_k_scales_every_gram_by_k(@ForAll @net.jqwik.api.constraints.IntRange(min = 1, max = 50) int k) {
        var one = aLine("1 tbsp tahini").mass();
        var many = aLine(k + " tbsp tahini").mass();
        assertThat(many.low()).isEqualTo(one.low() * k);
        assertThat(many.high()).isEqualTo(one.high() * k);
        assertThat(aLine("1 tbsp tahini").amount().times(Fraction.of(k)).high()).isEqualTo(Fraction.of(k));
    }

    @Test
    void units_have_no_word_in_common() {
        var words =
                keenfork.core.food.UnitNames.all().stream().map(keenfork.core.food.UnitNames.UnitName::word).toList();
        assertThat(words).doesNotHaveDuplicates();
    }

    @Test
    void headings_of_several_styles_open_parts() {
        var recipe = aDish("200 g rice", "## Dressing", "3 tbsp tahini", "**Topping**", "50 g seeds, mixed", "To serve",
                "4 lemons", "== Tahini sauce ==", "1 tbsp tahini", "", "Garnish", "1 bunch dill");
        assertThat(recipe.parts()).extracting(Part::name).containsExactly("Base", "Dressing", "Topping", "To serve",
                "Tahini sauce", "Garnish");
    }

    @Test
    void a_part_told_on_one_line_is_parted_at_its_foods() {
        var recipe = aDish("200 g rice", "Dressing: 3 tbsp tahini, juice of 1 lemon, 1 clove garlic, finely chopped");
        assertThat(recipe.parts().getLast().name()).isEqualTo("Dressing");
        assertThat(recipe.parts().getLast().lines()).extracting(Line::text).containsExactly("3 tbsp tahini",
                "juice of 1 lemon", "1 clove garlic, finely chopped");
    }

    @Test
    void a_heading_that_is_a_food_and_has_nothing_under_it_is_an_ingredient() {
        assertThat(aDish("Butter:", "Dressing:", "1 egg").lines()).extracting(Line::text).containsExactly("Butter",
                "1 egg");
        assertThat(aDish("*milk*", "1 egg").lines()).hasSize(2);
    }

    @Test
    void a_recipe_may_say_whose_cups_it_means() {
        assertThat(aDish("Cups: US", "1 cup water").lines().getFirst().mass().likelyGrams()).isBetween(236.0, 237.0);
        assertThat(aDish("Measures: Australian", "1 tbsp water").lines().getFirst().mass().likelyGrams()).isEqualTo(20);
        assertThat(aDish("1 cup water").lines().getFirst().mass().likelyGrams()).isEqualTo(250);
    }

    @Test
    void sentences_without_numbers_after_the_ingredients_are_steps() {
        var recipe = aDish("200 g farro", "1 tbsp oil", "Simmer the farro in plenty of water until tender.",
                "Toss it all with the oil.");
        assertThat(recipe.lines()).hasSize(2);
        assertThat(recipe.steps()).contains("Simmer the farro in plenty of water until tender.");
    }

    /// Common practice: the grams are of what goes in; a dry food that is cooked or soaked becomes heavier in the dish.
    @Test
    void what_is_cooked_or_soaked_keeps_its_grams_and_tells_what_it_becomes() {
        var recipe = aDish("250 g dried chickpeas, soaked overnight", "200 g quinoa", "400 g tin chickpeas",
                "100 g rice", "Method:", "Simmer the quinoa 15 minutes.");
        assertThat(recipe.lines()).extracting(l -> Math.round(l.mass().likelyGrams())).containsExactly(250L, 200L, 400L,
                100L);
        assertThat(recipe.lines().get(0).becomes().likelyGrams()).isEqualTo(500);
        assertThat(recipe.lines().get(1).becomes().likelyGrams()).isBetween(540.0, 600.0);
        assertThat(recipe.lines().get(2).becomes()).isNull();
        assertThat(aLine("1 can lentils, cooked through").becomes()).isNull();
        assertThat(recipe.lines().get(3).becomes()).isNull();
    }

    @Test
    void a_denied_allergen_in_a_line_is_none() {
        assertThat(aLine("2 tbsp nut-free granola").choices().getFirst().others()).isEmpty();
        assertThat(aLine("3 eggs, free range").food().orElseThrow().name()).isEqualTo("egg");
        assertThat(aLine("a walnut-sized knob of butter").food().orElseThrow().name()).isEqualTo("butter");
        assertThat(aLine("a walnut-sized knob of butter").choices().getFirst().others()).isEmpty();
    }

    @Test
    void optional_lines_count_and_say_so() {
        assertThat(aLine("1 tsp sumac, optional").optional()).isTrue();
        assertThat(aLine("(optional) 50 g walnuts").food().orElseThrow().name()).isEqualTo("walnut");
        assertThat(aLine("50 g walnuts").optional()).isFalse();
    }

    @Property(tries = 200)
    void a_volume_of_any_food_scales_exactly(@ForAll @net.jqwik.api.constraints.IntRange(min = 2, max = 40) int k,
            @ForAll @net.jqwik.api.constraints.IntRange(max = 800) int at) {
        var foods = keenfork.core.food.Foods.shipped().all();
        var food = foods.get(at % foods.size());
        for (var unit : new Unit[] {Unit.TSP, Unit.TBSP, Unit.CUP, Unit.ML, Unit.G, Unit.OZ})
            for (var volumes : Volumes.values()) {
                var one = food.weigh(keenfork.core.measure.Amount.of(1, unit), volumes);
                var many = food.weigh(keenfork.core.measure.Amount.of(k, unit), volumes);
                assertThat(many.isPresent()).isEqualTo(one.isPresent());
                if (one.isPresent() && unit != Unit.OZ)
                    assertThat(many.get().likely()).isEqualTo(one.get().likely() * k);
            }
    }

    @ParameterizedTest
    @CsvSource({"Serves 4,4,''", "Serves four,4,''", "Serves four to six,4,''", "Serves: 12 people,12,''",
            "Feeds 8,8,''", "For 6,6,''", "Enough for 10 guests,10,''", "Makes about 12 portions,12,''",
            "Servings: 6,6,''",
            "Makes 2 tubs,0,2 tubs", "Makes about 500 ml,0,500 ml", "Yield: 8 portions,8,''", "Makes 1.5 kg,0,1.5 kg",
            "Makes a good bowlful,0,a good bowlful"})
    void what_it_serves_or_makes_is_no_ingredient(String line, int serves, String makes) {
        var recipe = aDish(line, "Prep time: 20 mins", "Total: 1 h 15 min", "1 egg");
        assertThat(recipe.lines()).extracting(Line::text).containsExactly("1 egg");
        assertThat(recipe.serves()).isEqualTo(serves);
        assertThat(recipe.makes()).isEqualTo(makes);
    }

    @Test
    void what_only_sounds_like_a_yield_stays_an_ingredient() {
        assertThat(aDish("For 2 tbsp tahini dressing see below: 1 egg", "1 egg").lines()).hasSize(2);
        assertThat(aDish("Cooking oil: 20 ml", "1 egg").lines()).hasSize(2);
        assertThat(aDish("Prep time: 20 mins and a walnut", "1 egg").lines()).hasSize(2);
        assertThat(aDish("Prep time: 1 h 20 min plus soaking", "1 egg").lines()).hasSize(1);
    }

    /// Every name of every food, in front of an amount, behind one, and alone: none is taken for a unit, a number or a
    /// part of another name.
    @Test
    void every_name_of_the_table_is_read_as_its_food_wherever_it_stands() {
        for (var food : keenfork.core.food.Foods.shipped().all())
            for (var name : food.names())
                for (var form : new String[] {"100 g %s", "2 tbsp %s, chopped", "%s", "%s 50 g",
                        "50 g of %s (or so)"}) {
                            var line = aLine(form.formatted(name));
                            assertThat(line.food().map(keenfork.core.food.Food::name)).as(form, name)
                                    .contains(food.name());
                            assertThat(line.isUnread()).as(form, name).isFalse();
                        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|',
            value = {"1 onion, finely chopped | finely chopped",
                    "50 g toasted hazelnuts, roughly chopped | toasted, roughly chopped",
                    "2 tins chickpeas (drained and rinsed) | drained and rinsed",
                    "15 cashews, soaked overnight | soaked overnight", "100 g rice | ''",
                    "1 bunch flat-leaf parsley, leaves only, finely chopped | leaves only, finely chopped"})
    void what_is_done_to_a_food_is_kept_in_the_cooks_words(String line, String preparation) {
        assertThat(aLine(line).preparation()).isEqualTo(preparation);
    }
}
