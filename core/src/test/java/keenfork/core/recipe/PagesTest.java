package keenfork.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Stream;
import keenfork.core.Kit;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/// The words of grammar around what goes in. What each must do is common practice.
class PagesTest {
    static Stream<String> pages() { return Kit.blocks("/corpus/pages.txt"); }

    @ParameterizedTest @MethodSource("pages")
    void what_stands_around_a_recipe_is_no_ingredient(String page) {
        var lines = page.lines().filter(l -> !l.startsWith("#")).toList();
        var expected = List.of(lines.getFirst().split(" \\| "));
        var text = String.join("\n", lines.subList(1, lines.size())).replace("\n|", "\n");

        var recipe = Recipe.read(text, Volumes.METRIC, new Law("uk"));

        assertThat(List.of(recipe.serves(), recipe.lines().size(), recipe.steps().size())).as(recipe.toString())
                .isEqualTo(Stream.of(0, 2, 3).map(i -> Integer.parseInt(expected.get(i))).toList());
        if (expected.get(1).equals("-")) return;
        assertThat(recipe.lines()).filteredOn(l -> l.text().contains("cup")).singleElement().satisfies(l -> assertThat(
                Objects.requireNonNull(l.mass()).likelyGrams()).isCloseTo(Double.parseDouble(expected.get(1)),
                        within(2.0)));
    }

    private static Stream<String> said(String kind) {
        return Kit.lines("/corpus/grammar.txt").filter(l -> l.startsWith(kind + ": "))
                .map(l -> l.substring(kind.length() + 2));
    }

    static Stream<String> but() { return said("but"); }

    static Stream<String> all() { return said("all"); }

    static Stream<String> each() { return said("each"); }

    static Stream<String> putIn() { return said("put-in"); }

    static Stream<String> free() { return said("free"); }

    @ParameterizedTest @MethodSource("but")
    void what_is_taken_out_of_everything_goes_in_later(String step) {
        var dish = Kit.aDish("100 g rocket", "100 ml olive oil", "50 g walnuts", "Method", step, "Stir in the rest.");
        assertThat(EntrySteps.of(dish).steps()).containsExactly(0, 0, 1);
    }

    @ParameterizedTest @MethodSource("all")
    void all_is_all(String step) {
        var dish = Kit.aDish("100 g rocket", "50 g walnuts", "Method", "Warm a pan.", step, "Serve.");
        assertThat(EntrySteps.of(dish).steps()).containsOnly(1);
    }

    @ParameterizedTest @MethodSource("each")
    void an_amount_for_everyone_is_read(String row) {
        var cells = row.split(" \\| ");
        assertThat(Objects.requireNonNull(Kit.aLine(cells[1]).amount()).low().decimal())
                .isEqualByComparingTo(new BigDecimal(cells[0]));
    }

    @ParameterizedTest @MethodSource("putIn")
    void what_is_put_in_for_another_thing_is_in(String line) {
        assertThat(Kit.marks(Kit.UK, line)).anyMatch(m -> m.contains("gluten"));
    }

    @ParameterizedTest @MethodSource("free")
    void not_everything_that_is_free_is_denied(String line) {
        assertThat(Kit.aLine(line).food()).isPresent();
    }

    static Stream<String> serves() { return said("serves"); }

    @ParameterizedTest @MethodSource("serves")
    void how_many_eat_is_read_wherever_it_is_said(String row) {
        var cells = row.split(" \\| ");
        var serves = Integer.parseInt(cells[0]);
        var title = Recipe.read(cells[1] + "\n1 kg beans\n2 lemons", Volumes.METRIC, new Law("uk")).serves();
        var above = Recipe.read("Dip\n" + cells[1] + "\n1 kg beans\n2 lemons", Volumes.METRIC, new Law("uk")).serves();
        assertThat(Math.max(title, above)).as(cells[1]).isEqualTo(serves);
    }

    @Test
    void how_many_eat_may_stand_below() {
        var below = Recipe.read("Dip\n1 kg beans\n2 lemons\nBlend it all.\nServes 12.", Volumes.METRIC, new Law("uk"));
        assertThat(below.serves()).isEqualTo(12);
        assertThat(below.steps()).hasSize(1);
        assertThat(Recipe.read("Dip\nServes 4\n1 kg beans\nServe with 12 flatbreads.", Volumes.METRIC, new Law("uk"))
                .serves()).isEqualTo(4);
        assertThat(Recipe.read("Seven-seed salad 2\n1 kg beans", Volumes.METRIC, new Law("uk")).serves()).isZero();
    }

    static Stream<String> others() { return said("others"); }

    @ParameterizedTest @MethodSource("others")
    void what_only_others_put_in_is_asked_about(String sentence) {
        var told =
                Recipe.read("Salad\nso you boil two kilos of potatoes and splash over a good slug of vinegar, then a "
                        + "big spoon of mustard. " + sentence, Volumes.METRIC, new Law("uk"));
        assertThat(told.lines()).noneMatch(l -> l.text().contains("egg"));
        assertThat(told.steps()).anyMatch(s -> s.contains("egg"));
    }

    /// What stands behind "Method:" on its line is the method.
    @Test
    void a_method_on_one_line_is_steps() {
        var dish = Recipe.read("Dressing\n12 egg yolks\n2 l oil\nMethod: Whisk the yolks. Stream in the oil.\nChill.",
                Volumes.METRIC, new Law("uk"));
        assertThat(dish.lines()).hasSize(2);
        assertThat(dish.steps()).containsExactly("Whisk the yolks.", "Stream in the oil.", "Chill.");
    }

    @Test
    void headlines_in_capitals_are_no_food() {
        var dish = Recipe.read("Salad\n\nNOODLES\n3 kg rice noodles\n1 kg carrots\nDRESSING\n1 l oil\nTOP\ncoriander",
                Volumes.METRIC, new Law("uk"));
        assertThat(dish.parts()).extracting(Part::name).containsExactly("NOODLES", "DRESSING", "TOP");
        assertThat(dish.parts()).extracting(Part::kind).containsExactly(PartKind.BASE, PartKind.DRESSING,
                PartKind.TOPPING);
        // nothing below says tahini: it goes in
        assertThat(Kit.marks(Kit.UK, "TAHINI", "3 lemons")).anyMatch(m -> m.contains("sesame"));
    }

    @Test
    void a_recipe_told_in_one_breath_has_a_name_and_lines() {
        var told = Recipe.read(
                "romesco, the way we do it: char 6 red peppers on the flame, then fry 2 slices stale bread "
                        + "and a handful of almonds in plenty of olive oil, and add 4 cloves garlic at the end. Blitz.",
                Volumes.METRIC, new Law("uk"));
        assertThat(told.name()).isEqualTo("romesco, the way we do it");
        assertThat(told.lines()).extracting(Line::text).anyMatch(t -> t.contains("almonds"))
                .anyMatch(t -> t.contains("bread"));
    }

    static Stream<String> made() { return Stream.of("make", "mix up", "whisk", "blend", "blitz", "shake"); }

    @ParameterizedTest @MethodSource("made")
    void what_the_method_makes_is_a_headline_over_its_lines(String verb) {
        var text = "Noodle salad\n\n1 kg rice noodles\n\nNuoc cham\n250 ml fish sauce\n250 ml lime juice\n\nMethod\n";
        var dish = Recipe.read(text + verb + " the nuoc cham.", Volumes.METRIC, new Law("uk"));
        assertThat(dish.parts()).extracting(Part::name).containsExactly("Base", "Nuoc cham");
        // nothing says that it is made here: it is bought
        assertThat(Recipe.read(text + "Toss it all.", Volumes.METRIC, new Law("uk")).lines()).hasSize(4);
    }

    @Test
    void sentences_below_the_list_are_its_method() {
        var dish = Recipe.read("Slaw\n4 kg cabbage\n1 kg mayo\n\nAll through the slicer, thin. Mix. Dress same day.",
                Volumes.METRIC, new Law("uk"));
        assertThat(dish.steps()).hasSize(1);
        assertThat(Recipe.read("Slaw\n4 kg cabbage\n\nMayo. Mustard.", Volumes.METRIC, new Law("uk")).steps())
                .isEmpty();
    }

    /// Tables and rules as they are copied from notes.
    @Test
    void what_is_drawn_is_no_food() {
        var dish = Recipe.read(
                "Whipped ricotta\n------\n| Ingredient | Qty |\n|---|---|\n| Ricotta | 500 g |\n"
                        + "| Double cream | 100 ml |\n\n=====\n1. Whip the ricotta.\n2. Warm honey with chilli.",
                Volumes.METRIC, new Law("uk"));
        assertThat(dish.lines()).extracting(Line::text).containsExactly("500 g Ricotta", "100 ml Double cream");
        assertThat(dish.lines()).allSatisfy(l -> assertThat(l.mass()).isNotNull());
        assertThat(dish.steps()).hasSize(2);
        for (var column : said("column").toList())
            assertThat(Recipe.read("Dip\n| " + column + " |\n1 kg beans", Volumes.METRIC, new Law("uk")).lines())
                    .as(column).hasSize(1);
        assertThat(Kit.aLine("- 2 eggs").amount()).isEqualTo(Kit.aLine("2 eggs").amount());
    }

    static Stream<String> forOne() { return said("for-one"); }

    @ParameterizedTest @MethodSource("forOne")
    void a_list_for_one_is_its_lines(String label) {
        var bowl = Recipe.read("Grain bowl\n" + label + ": 80g cooked quinoa, 60g roast squash, 20g tahini, 10g seeds",
                Volumes.METRIC, new Law("uk"));
        assertThat(bowl.serves()).isEqualTo(1);
        assertThat(bowl.lines()).hasSize(4).allSatisfy(l -> assertThat(l.food()).isPresent());
    }

    @Test
    void what_is_done_right_below_a_step_is_one() {
        var dish = Recipe.read(
                "Dressing\n- 300ml light soy\n- 1 kg yog (omit for vg)\n\n• stream in oils\n• season w. soy",
                Volumes.METRIC, new Law("uk"));
        assertThat(dish.lines()).hasSize(2);
        assertThat(dish.steps()).hasSize(2);
    }

    static Stream<String> manner() { return said("manner"); }

    @ParameterizedTest @MethodSource("manner")
    void what_is_done_in_a_manner_is_a_step(String step) {
        var dish = Recipe.read("Fritters\n1 kg courgettes\n" + step, Volumes.METRIC, new Law("uk"));
        assertThat(dish.steps()).containsExactly(step);
        for (var food : List.of("stir-fry vegetables", "pan-fried croutons", "dry roast peanuts"))
            assertThat(Recipe.read("Bowl\n1 kg rice\n" + food, Volumes.METRIC, new Law("uk")).lines()).as(food)
                    .hasSize(2);
    }

    /// A headline that names a food, and has nothing below it, says what goes in.
    @ParameterizedTest
    @ValueSource(strings = {"to finish - sesame seeds, spring onion", "To finish – sesame seeds",
            "Garnish - sesame seeds",
            "For the topping (sesame seeds)", "Tahini dressing:", "For the tahini dressing:", "to serve, tahini"})
    void no_food_of_a_headline_is_lost(String line) {
        for (var text : List.of("Dip\n1 kg beans\n%s", "Dip\n1 kg beans\n%s\nMethod\nBlend the beans.",
                "Dip\n%s\n\nBase\n1 kg beans", "Dip\n1 kg beans\n%s\n\nblend the beans. chill."))
            assertThat(Recipe.read(text.formatted(line), Volumes.METRIC, new Law("uk")).lines())
                    .as(text.formatted(line))
                    .anyMatch(l -> l.text().contains("sesame") || l.text().toLowerCase(Locale.ROOT).contains("tahini"));
    }

    /// What no kitchen makes is no headline, however it stands on the page.
    @ParameterizedTest
    @ValueSource(strings = {"\nfish sauce\n", "FISH SAUCE\n", "DASH WORCS SAUCE\n", "**a slosh of worcester sauce**\n",
            "2 tbsp fish sauce:\n", "3 tbsp caesar dressing (shop):\n4 anchovies\n", "> 2 tbsp fish sauce\n"})
    void a_bought_sauce_is_no_headline(String line) {
        assertThat(Kit.marks(Kit.UK, "1 kg beans", line + "2 limes")).anyMatch(m -> m.contains("fish"));
        assertThat(Recipe.read("Bowl\n1 kg rice\n\nTAHINI SAUCE\n100 g tahini\n2 lemons", Volumes.METRIC, new Law("uk"))
                .parts()).hasSize(2);
    }

    @Test
    void a_headline_over_the_steps_that_make_it_is_no_line() {
        var dish = Recipe.read("Dip\n1 kg beans\nTahini dressing:\n100 g tahini\n\nMethod\nFor the tahini dressing:\n"
                + "Whisk the tahini.", Volumes.METRIC, new Law("uk"));
        assertThat(dish.lines()).hasSize(2);
        assertThat(Recipe.read("Dip\n1 kg beans\nDressing:\nMethod\nBlend.", Volumes.METRIC, new Law("uk")).lines())
                .hasSize(1);
    }

    /// What has a weight of its own goes in, whatever its word mostly does.
    @Test
    void a_word_with_a_weight_is_a_food() {
        assertThat(Kit.marks(Kit.UK, "80g cooked quinoa with 10g seeds")).anyMatch(m -> m.contains("sesame"));
        assertThat(Kit.marks(Kit.UK, "80g cooked quinoa, 10g seeds")).anyMatch(m -> m.contains("sesame"));
        assertThat(Kit.marks(Kit.UK, "2 chillies, seeds out")).isEmpty();
    }

    @Test
    void what_is_served_with_it_is_a_part_of_its_own() {
        var dish = Recipe.read("Salad\n1 kg beans\nTo serve: toasted walnuts", Volumes.METRIC, new Law("uk"));
        assertThat(dish.parts()).extracting(Part::kind).containsExactly(PartKind.BASE, PartKind.BESIDE);
    }

    static Stream<String> mixed() { return said("mixed"); }

    @ParameterizedTest @MethodSource("mixed")
    void a_mix_that_leaves_something_open_may_hold_anything_of_its_kind(String line) {
        assertThat(Kit.marks(Kit.UK, line)).anyMatch(m -> m.contains("celery"));
        assertThat(Kit.marks(Kit.UK, "200 g mixed grains (farro, wild rice)")).noneMatch(m -> m.contains("celery"))
                .anyMatch(m -> m.contains("gluten"));
        assertThat(Kit.marks(Kit.UK, "50 g mixed nuts (almonds, cashews)")).noneMatch(m -> m.contains("peanut"));
    }

    static Stream<String> drained() { return said("drained"); }

    @ParameterizedTest @MethodSource("drained")
    void a_drained_weight_is_what_goes_in(String row) {
        var cells = row.split(" \\| ");
        assertThat(Objects.requireNonNull(Kit.aLine(cells[1]).mass()).likelyGrams())
                .isCloseTo(Double.parseDouble(cells[0]), within(1.0));
    }

    @Test
    void the_seeds_of_a_fruit_are_no_bag_of_seeds() {
        for (var line : List.of("1 pomegranate, seeds only", "6 cardamom pods, seeds crushed"))
            assertThat(Kit.marks(Kit.UK, line)).as(line).isEmpty();
        assertThat(Kit.marks(Kit.UK, "1 pomegranate, seeds to sprinkle")).isNotEmpty();
    }

    static Stream<String> elided() { return said("elided"); }

    @ParameterizedTest @MethodSource("elided")
    void a_word_behind_an_apostrophe_is_read(String text) {
        assertThat(Declaration.read(text, new Law("uk")).findings()).extracting(f -> f.substance().id())
                .contains("barley");
    }

    /// A page's source, as it comes when it is copied from where nobody looks.
    @Test
    void characters_by_name_are_read() {
        assertThat(Kit.aLine("&frac12; cup cr&egrave;me fra&icirc;che").text()).isEqualTo("½ cup crème fraîche");
        assertThat(Kit.aLine("20&nbsp;g&ensp;butter").amount()).isEqualTo(Kit.aLine("20 g butter").amount());
        assertThat(Kit.marks(Kit.UK, "2 tbsp cr&egrave;me fra&icirc;che")).anyMatch(m -> m.contains("milk"));
        assertThat(Kit.aLine("salt &amp; pepper &zugwort;").text()).isEqualTo("salt & pepper &zugwort;");
    }

    @Test
    void half_a_dozen_is_six() {
        assertThat(Kit.aLine("half a dozen eggs").amount()).isEqualTo(Kit.aLine("6 eggs").amount());
        assertThat(Kit.aLine("half-fat milk").amount()).isNull();
        assertThat(Kit.aLine("the eggs").amount()).isNull();
        assertThat(Kit.aLine("two thirds of a cup of rice").amount()).isEqualTo(Kit.aLine("2/3 cup rice").amount());
        assertThat(Kit.aLine("up to three eggs").amount()).isEqualTo(Kit.aLine("3 eggs").amount());
    }
}
