package keenfork.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import keenfork.core.Kit;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
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
        assertThat(unnamed).containsExactlyInAnyOrder("batter", "stuffing", "caramel", "sponge");
    }
}
