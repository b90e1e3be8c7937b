package keenfork.web.dish;

import static org.assertj.core.api.Assertions.assertThat;

import keenfork.web.ADish;
import org.junit.jupiter.api.Test;

class BenchViewTest {
    private static BenchView of(String text) {
        var menu = ADish.menuOf(text);
        return BenchView.of(7, menu, menu, ADish.FORMAT);
    }

    @Test
    void diets_with_one_reason_stand_together_and_what_suits_in_one_line() {
        var bench = of("Egg salad\n4 eggs\n1 lettuce");
        assertThat(bench.diets()).anySatisfy(d -> {
            assertThat(d.name()).isEqualTo("Vegan, Egg-free");
            assertThat(d.words()).isEqualTo("does not suit");
            assertThat(d.because()).isEqualTo("4 eggs");
        });
        assertThat(bench.diets()).anySatisfy(d -> {
            assertThat(d.name()).isEqualTo("No raw egg, Pregnancy");
            assertThat(d.because()).contains("until white and yolk are firm");
        });
        assertThat(bench.suits()).contains("vegetarian").contains("gluten-free").doesNotContain("vegan,");
    }

    @Test
    void a_word_nobody_knows_is_asked_once_for_all_the_diets_it_leaves_open() {
        var bench = of("Odd\n1 cup zugwort");
        assertThat(bench.diets()).hasSizeLessThanOrEqualTo(2);
        assertThat(bench.diets().getFirst().name()).startsWith("Vegan, Vegetarian, Pescatarian");
        assertThat(bench.suits()).isEmpty();
        assertThat(bench.nothing()).isZero();
    }

    @Test
    void a_line_tells_what_it_becomes_and_that_it_is_optional() {
        var lines = of("Bowl\n250 g dried chickpeas, soaked overnight\n1 tsp sumac, optional\n1 lettuce").parts()
                .getFirst().lines();
        assertThat(lines.get(0).note()).isEqualTo("becomes 500 g");
        assertThat(lines.get(1).note()).isEqualTo("optional");
        assertThat(lines.get(2).note()).isEmpty();
    }

    @Test
    void what_a_recipe_only_states_names_no_food_and_has_no_pack_below() {
        var line = of("Soup\n1 leek\nAllergens: celery").parts().getFirst().lines().getLast();
        assertThat(line.food()).contains("states");
        assertThat(line.pack().words()).isEmpty();
        assertThat(line.marks()).hasSize(1);
    }
}
