package keenfork.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Recipes as they stand in a kitchen's notebook: no "Method", no full stops, the amount behind the food. Facts of the
/// trade, common practice.
class NotesTest {
    private static Recipe read(String... lines) {
        return Recipe.read("A dish\n" + String.join("\n", lines), Volumes.METRIC, new Law("uk"));
    }

    private static List<String> texts(Recipe recipe) { return recipe.lines().stream().map(Line::text).toList(); }

    @ParameterizedTest
    @ValueSource(strings = {"roast squash + onions 200c 35 mins", "boil farro till tender, drain",
            "toss while warm w dressing, top w rest", "blitz all.", "mix. eat.", "Whisk. Keeps 3 days.",
            "Mix, shape into 12, chill.", "Chill 1hr. fill rolls at last min", "grate the carrots",
            "Soak chickpeas overnight", "Toast the seeds", "Toast seeds 5 min", "chop onions, fry in butter"})
    void what_is_done_is_a_step(String line) {
        var recipe = read("500 g farro", "1 squash", line);
        assertThat(recipe.steps()).containsExactly(line);
        assertThat(recipe.lines()).hasSize(2);
    }

    @ParameterizedTest
    @ValueSource(strings = {"salt", "salt, to taste", "salt to taste", "Toast, rubbed with garlic", "squeeze of lemon",
            "roast chicken, shredded", "dressing", "crumble of halva on top", "brown rice",
            "brown rice cooked in the stock", "split peas soaked overnight", "shell pasta cooked until al dente",
            "split peas", "mixed leaves", "pickle", "chill oil",
            "serve w/ apple slices", "finish w lemon, coriander, yog", "roast peppers", "toasted hazelnuts"})
    void what_may_go_in_stays_an_ingredient(String line) {
        var recipe = read("500 g farro", "1 squash", line);
        assertThat(recipe.steps()).isEmpty();
        assertThat(texts(recipe)).contains(line);
    }

    @Test
    void once_the_method_has_begun_it_goes_on() {
        var recipe = read("basil 2kg picked", "parmesan 750g", "", "blitz basil first", "fold parm in by hand");
        assertThat(recipe.steps()).containsExactly("blitz basil first", "fold parm in by hand");
        assertThat(recipe.lines()).hasSize(2);
    }

    @Test
    void bullets_that_begin_below_the_list_are_a_method() {
        assertThat(read("4 bunches basil", "100 g sunflower seeds", "- blitz seeds & garlic", "- add basil").steps())
                .containsExactly("blitz seeds & garlic", "add basil");
        assertThat(read("- 4 bunches basil", "- roast garlic").steps()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"dressing - | dressing", "Dressing (makes 1.5L) | Dressing",
            "Salad pp | Salad", "GARNISH | GARNISH", "Garnish | Garnish", "to plate: | to plate"})
    void a_headline_is_no_dish_that_is_not_there(String line, String name) {
        var recipe = read("500 g farro", line, "4 tbsp olive oil");
        assertThat(recipe.parts()).extracting(Part::name).containsExactly("Base", name);
        assertThat(recipe.lines()).hasSize(2);
    }

    @ParameterizedTest @ValueSource(strings = {"BUTTER", "EGGS",
            "CREMA"})
    void a_food_in_capitals_is_no_headline(String line) {
        assertThat(texts(read("500 g farro", line, "4 tbsp olive oil"))).contains(line);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "1 tbsp each lemon and lime juice | 1 tbsp lemon juice; 1 tbsp lime juice",
            "100g each of feta, crumbled, and olives, halved | 100g feta, crumbled; 100g olives, halved",
            "1 can each kidney, garbanzo and green beans | 1 can kidney beans; 1 can garbanzo beans; 1 can green beans",
            "2 slices bread each | 2 slices bread each",
            "3 peppers // 80g almonds // paprika | 3 peppers; 80g almonds; paprika",
            "Chop: 4 toms, 1 cuc, bunch parsley | 4 toms; 1 cuc; bunch parsley"})
    void one_line_of_several_foods_is_several(String line, String lines) {
        assertThat(texts(read("500 g farro", line)))
                .containsExactlyElementsOf(java.util.stream.Stream.concat(java.util.stream.Stream.of("500 g farro"),
                        java.util.Arrays.stream(lines.split("; "))).toList());
    }

    @Test
    void one_food_of_an_each_is_changed_and_the_others_stay() {
        var changed = RecipeText.replaced("A dish\n- 1 tbsp each tahini and lime juice\n- salt", 0, "1 tbsp tahini",
                "1 tbsp sunflower seed butter");
        assertThat(changed.text()).isEqualTo("A dish\n- 1 tbsp sunflower seed butter\n- 1 tbsp lime juice\n- salt");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"carrot 3 | 3 | none", "basil 2kg picked | 2 | kg",
            "EVOO 2.5L approx | 2.5 | l", "white cabbage 1/2 | 0.5 | none", "quinoa 400g dry / 1kg cooked | 400 | g",
            "mint 1 lge bunch ea. | 1 | bunch", "raisins small handful | 1 | handful",
            "spring onion bunch | 1 | bunch", "chickpeas tin | 1 | tin", "1 x tin butter beans | 1 | tin",
            "milk 2 pts | 40 | fl-oz", "ev oil 120 | 120 | g", "mayo 500 | 500 | g",
            "120 pine nuts | 120 | g", "mango 400 | 400 | g", "eggs - 60 | 60 | none", "rolls 120 | 120 | none",
            "mango chutney, about a kilo and a half | 1.5 | kg", "breadcrumb (panko) 120 | 120 | g", "lem 2 | 2 | none",
            "6 jars piquillo @ 290 g | 6 | jar", "3 c. à s. moutarde | 3 | tbsp",
            "2 cuillères à café de miel | 2 | tsp",
            "1 1/2 gal salad oil | 240 | fl-oz", "1 part lemon juice | 1 | piece", "pots 3 kg | 3 | kg",
            "prawns 16/20 2 kg | 2 | kg",
            "16/20 prawns, 2 kg | 2 | kg", "onion 6 grated | 6 | none", "tom 4 roasted | 4 | none"})
    void an_amount_stands_behind_its_food(String line, double amount, String unit) {
        var read = read(line).lines().getFirst().amount();
        assertThat(read.low().decimal().doubleValue()).isEqualTo(amount);
        assertThat(read.unit().id()).isEqualTo(unit);
    }

    @ParameterizedTest @ValueSource(strings = {"flour 00", "oats no. 3", "vitamin b 12"})
    void a_number_that_counts_nothing_is_no_amount(String line) {
        assertThat(read(line).lines().getFirst().amount()).isNull();
    }

    @Test
    void a_list_told_in_one_breath_is_cut() {
        var recipe =
                read("Take 300g greek yog, 2 cloves garlic crushed, juice 1 lemon, salt, big handful mint chopped.",
                        "Whisk. Keeps 3 days.");
        assertThat(recipe.lines()).extracting(l -> l.food().orElseThrow().name())
                .containsExactly("strained yoghurt", "garlic", "lemon juice", "salt", "mint");
        assertThat(recipe.steps()).hasSize(2);
    }
}
