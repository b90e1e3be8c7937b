package keenfork.core.swap;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidance;
import keenfork.core.recipe.Recipe;
import keenfork.core.search.Budget;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What becomes of a method when a line is swapped.
class MethodTest {
    private static Recipe read(String text) { return Recipe.read(text, Volumes.METRIC, new Law("uk")); }

    private static List<Plan> plans(String text, String... avoid) {
        var words = Stream.of(avoid).map(a -> Avoidance.parse(a, UK).orElseThrow()).toList();
        return new SwapPlanner(new Context(Facts.none(UK), UK, Volumes.METRIC), words).plan(read(text), 9, Budget.USUAL)
                .best();
    }

    private static List<MethodStep> method(String food, String text, String... avoid) {
        return plans(text, avoid).stream().filter(p -> p.moves().stream()
                .anyMatch(m -> m instanceof Move.Replace(_, var with, _, _) && with.getFirst().text().contains(food)))
                .findFirst().orElseThrow().method();
    }

    private static List<String> texts(List<MethodStep> steps) { return steps.stream().map(MethodStep::text).toList(); }

    /// A raw grain under another grain's cold soak would be served raw.
    @Test
    void a_grain_brings_its_own_water_and_time_and_the_old_ones_go() {
        var salad = "Salad\nServes 10\n500 g farro\n2 lemons\nMethod:\nSoak the farro overnight.\n"
                + "Simmer the farro in water for 25 minutes, drain.\nToss the farro with the lemon.";
        assertThat(texts(method("quinoa", salad, "gluten"))).containsExactly(
                "Rinse the quinoa, then simmer it in 990 g water for 15 to 18 minutes with the lid on, then leave it "
                        + "covered for 5 minutes.",
                "Toss the quinoa with the lemon.");
        assertThat(String.join(" ", texts(method("sorghum", salad, "gluten")))).contains("at least 8 hours")
                .contains("50 to 60 minutes").doesNotContain("25 minutes").doesNotContain("farro");
    }

    /// Almonds and hazelnuts both become sunflower seeds: nobody toasts them twice, or says them twice.
    @Test
    void two_lines_that_become_one_food_are_said_once() {
        var plans = plans("Romesco\n200 g blanched almonds\n100 g hazelnuts\n600 g roasted peppers\nMethod:\n"
                + "Pound the almonds and hazelnuts with the peppers.", "nuts");
        var both = plans.stream().filter(p -> p.moves().stream().allMatch(m -> m instanceof Move.Replace r
                && r.with().getFirst().text().contains("sunflower seed"))).findFirst().orElseThrow();
        assertThat(texts(both.method())).containsExactly(
                "Toast the sunflower seeds in a dry pan until they smell, then cool them.",
                "Pound the sunflower seeds with the peppers.");
    }

    /// The step is about the part: without it, the new dressing would go in nowhere.
    @Test
    void a_step_about_a_part_stays_when_a_line_of_like_name_is_left_out() {
        var salad = read("Salad\nServes 8\nBase:\n800 g cos lettuce\nDressing:\n40 g caesar dressing\n"
                + "200 g olive oil\nMethod:\nTear the lettuce.\nWhisk the dressing and pour it over.");
        var left = new Move.LeaveOut(salad.lines().get(1));
        assertThat(texts(Method.of(NamedLines.of(salad), List.of(left), null)))
                .containsExactly("Tear the lettuce.", "Whisk the dressing and pour it over.");
    }

    @Test
    void a_part_that_is_one_cheese_is_that_cheese() {
        var salad = read("Salad\nServes 8\nBase:\n800 g cos lettuce\nCheese:\n200 g feta\nMethod:\n"
                + "Tear the lettuce.\nCrumble the cheese over.");
        var left = new Move.LeaveOut(salad.lines().get(1));
        assertThat(texts(Method.of(NamedLines.of(salad), List.of(left), null))).containsExactly("Tear the lettuce.");
    }

    @Test
    void the_recipes_own_water_is_made_as_much_as_the_new_grain_takes() {
        var plan = plans("Salad\n1 kg couscous\n1.2 kg water\n100 g mint\nMethod:\nPour the water, boiling, over the "
                + "couscous, cover and leave for 10 minutes.\nFold in the mint.", "gluten").stream()
                        .filter(p -> p.moves().getFirst().goesIn().getFirst().text().contains("millet")).findFirst()
                        .orElseThrow();
        assertThat(plan.moves()).anySatisfy(m -> {
            assertThat(m.line().text()).isEqualTo("1.2 kg water");
            assertThat(m.goesIn().getFirst().mass().likelyGrams()).isBetween(2300.0, 2500.0);
        });
        assertThat(plan.method().getFirst().text()).contains("in the water for 15 to 20 minutes");
    }

    @Test
    void only_the_food_is_replaced_never_a_verb_and_never_what_stays() {
        var steps = method("pumpkin seed", "Salad\n100 g hazelnuts\n200 g bread\n1 lettuce\nMethod:\n"
                + "Toast the bread and the hazelnuts in a dry pan.\nScatter the hazelnuts over the lettuce.", "nuts");
        assertThat(texts(steps)).containsExactly("Toast the bread and the pumpkin seeds in a dry pan.",
                "Scatter the pumpkin seeds over the lettuce.");
        assertThat(steps).noneMatch(MethodStep::write);
    }

    @Test
    void a_sentence_that_does_not_fit_is_kept_and_left_to_the_cook() {
        var steps = method("nutritional yeast", "Pasta\n1 kg potatoes\n100 g parmesan\nMethod:\n"
                + "Boil the potatoes for 20 minutes.\nGrate the parmesan over the potatoes.", "milk");
        assertThat(steps).filteredOn(MethodStep::write).singleElement()
                .satisfies(s -> assertThat(s.text()).isEqualTo("Grate the parmesan over the potatoes."));
        assertThat(steps).filteredOn(s -> !s.changed() && !s.write()).hasSize(1);
    }

    /// "the cheese" is the feta of the line; "the cheese" where another cheese stays is not.
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "200 g feta | Crumble the cheese over. | Crumble the almond feta over.",
            "100 g walnuts;100 g pumpkin seeds | Scatter the nuts over. | Scatter the sunflower seeds over."})
    void a_common_word_means_the_line_it_can_mean(String lines, String step, String then) {
        var text = "Salad\n1 lettuce\n" + lines.replace(";", "\n") + "\nMethod:\nWash the lettuce.\n" + step;
        assertThat(plans(text, "milk", "nuts:recipe", "walnut")).isNotEmpty();
        var avoid = lines.contains("feta") ? "milk" : "nuts";
        assertThat(plans(text, avoid).stream().flatMap(p -> texts(p.method()).stream())).contains(then);
    }

    @Test
    void what_is_left_out_leaves_no_hole_in_the_sentence() {
        var text = "Dip\n500 g chickpeas\n30 g salt\n20 g garlic\n10 g chives\nMethod:\n"
                + "Blend the chickpeas, garlic and "
                + "salt.\nStir in the chives.";
        assertThat(plans(text, "no-onion-garlic").stream().flatMap(p -> p.method().stream()).map(MethodStep::text))
                .contains("Blend the chickpeas and salt.").noneMatch(t -> t.contains("…"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "Stir the garlic, lime juice and sugar. | lime juice | Stir the garlic and sugar.",
            "Stir the garlic, lime juice and sugar. | garlic | Stir the lime juice and sugar.",
            "Stir the garlic, lime juice and sugar. | sugar | Stir the garlic and lime juice.",
            "Stir the garlic and sugar together. | garlic | Stir the sugar together.",
            "Warm the milk with the garlic. | garlic | Warm the milk.",
            "Chop the garlic and fry the onion. | garlic | -", "Crush the garlic. | garlic | -"})
    void one_of_several_is_taken_out_of_its_sentence(String sentence, String food, String then) {
        var start = sentence.indexOf(food);
        assertThat(Enumeration.without(sentence, start, start + food.length()).orElse("-")).isEqualTo(then);
    }

    /// A plan written into a recipe and read back holds the same lines, and its method names only what is in it.
    @Test
    void a_plan_kept_and_read_back_is_the_plan() {
        var text = "Salad\nServes 10\n1.5 kg farro\n600 g feta\n2 lemons\nMethod:\n1. Soak the farro overnight.\n"
                + "2. Simmer the farro for 25 minutes and drain.\n3. Toss the farro with the lemon.\n"
                + "4. Crumble the feta over.";
        var avoid = Stream.of("gluten", "milk").map(a -> Avoidance.parse(a, UK).orElseThrow()).toList();
        for (var plan : plans(text, "gluten", "milk")) {
            if (plan.moves().stream().anyMatch(Move::isForSomePlates)) continue;
            var kept = new Accepted(text, plan, avoid, Facts.none(UK), MethodTest::read).asChange().orElseThrow();
            assertThat(read(kept).lines().stream().map(l -> l.food().orElseThrow().name()).toList()).isEqualTo(
                    plan.after().recipe().lines().stream().map(l -> l.food().orElseThrow().name()).toList());
            assertThat(kept).doesNotContain("farro").doesNotContain("the feta");
        }
    }
}
