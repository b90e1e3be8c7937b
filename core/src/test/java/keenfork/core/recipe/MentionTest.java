package keenfork.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import keenfork.core.Kit;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What a step means by the name of a food: common practice.
class MentionTest {
    private static Stream<String> said(String kind) {
        return Kit.lines("/corpus/mentions.txt").filter(l -> l.startsWith(kind + ": "))
                .map(l -> l.substring(kind.length() + 2));
    }

    static Stream<String> asks() { return said("asks"); }

    static Stream<String> quiet() { return said("quiet"); }

    private static boolean isMarked(String step) {
        return !Kit.marks(Kit.UK, "500 g fennel", "200 g white beans", "Method", step).isEmpty();
    }

    @ParameterizedTest @MethodSource("asks")
    void what_goes_in_by_a_step_alone_is_asked_about(String step) { assertThat(isMarked(step)).isTrue(); }

    @ParameterizedTest @MethodSource("quiet")
    void what_is_made_or_likened_is_not(String step) { assertThat(isMarked(step)).isFalse(); }

    /// The milk of a recipe with oat milk is the oat milk; what the word leaves open asks.
    @ParameterizedTest
    @CsvSource({"200 ml oat milk, Whisk the milk in., -",
            "200 g gram flour, Whisk the flour and water to a batter., -", "200 g rice flour, Dust with flour., gluten",
            "20 g tempeh, Crumble salami over., milk", "200 g coconut yog, Stir in the yog., -",
            "200 ml oat cream, Pour in the cream., -", "100 g vegan butter, Melt the butter., -",
            "100 g vegan feta, Crumble the feta over., -", "100 g vegan cheddar, Scatter the cheese., -",
            "300 g gluten free pasta, Boil the pasta., -",
            "100 g peanut butter, Melt the butter., milk", "100 g almond butter, Melt the butter., milk",
            "200 g butter beans, Add the butter., milk", "200 g salad cream, Stir in the cream., milk",
            "200 ml oat milk, Crumble the feta over., milk", "200 ml oat milk, Melt the butter., milk",
            "100 g rice noodles, Boil the pasta., gluten", "20 g corn flour, Dust with flour., gluten",
            "20 g rice flour, Dust with flour., gluten"})
    void a_short_name_is_what_the_list_holds(String line, String step, String asked) {
        var questions = Kit.derived("500 g fennel", line, "Method", step).questions().stream()
                .filter(q -> q.line().equals(step)).toList();
        assertThat(questions).hasSize(asked.equals("-") ? 0 : 1);
        if (!asked.equals("-"))
            assertThat(Kit.marks(Kit.UK, "500 g fennel", line, "Method", step)).contains(asked + ":not-known");
    }

    /// Made of what may be certain, and not of what only may be there.
    @Test
    void a_trace_hides_no_bread_of_a_step() {
        var marks = Kit.marks(Kit.UK, "500 g fennel", "200 g muesli bars",
                "Pack (UK): oats, sugar. May contain wheat and barley.", "Method", "Serve with bread.");
        assertThat(marks).anyMatch(m -> m.startsWith("gluten:"));
        assertThat(Kit.derived("500 g fennel", "200 g horseradish sauce", "Method", "Serve with bread.").questions())
                .anyMatch(q -> q.ask().contains("names bread"));
    }

    /// A jar holds no dish that is made here: whatever is in it, is in the dish.
    @ParameterizedTest
    @ValueSource(strings = {"Stir in a jar of %s.", "Finish with a bag of bought %s.", "Fold into a tub of %s."})
    void every_food_of_the_tables_is_named(String step) {
        var unnamed = Foods.shipped().all().stream().filter(f -> !f.holds().isEmpty() || f.isCompound())
                .map(Food::name).filter(f -> Mention.in(List.of(step.formatted(f))).isEmpty()).toList();
        assertThat(unnamed).isEmpty();
    }

    @Test
    void every_product_that_is_served_beside_is_named() {
        var unnamed = Foods.shipped().all().stream().filter(f -> !f.holds().isEmpty()).map(Food::name)
                .filter(f -> Mention.in(List.of("Serve on the table with %s.".formatted(f))).isEmpty()).toList();
        assertThat(unnamed).isEmpty();
    }
}
