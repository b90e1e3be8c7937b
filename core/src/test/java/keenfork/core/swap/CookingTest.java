package keenfork.core.swap;

import static org.assertj.core.api.Assertions.assertThat;

import keenfork.core.food.Foods;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Water, time and yield of grains and pulses against tables outside, as they are remembered: the cooking chart of the
/// Whole Grains Council (cups of water to a cup of grain, minutes), turned into weight by the cup weights of USDA
/// FoodData Central (quinoa 170 g, millet 200 g, buckwheat groats 164 g, brown rice 190 g, wild rice 160 g).
class CookingTest {
    private static final double CUP_OF_WATER = 236.6;

    private static Cooking of(String food) {
        return Cooking.of(Foods.shipped().find(food).orElseThrow()).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({"quinoa, 2, 170, 12, 20", "millet, 2.5, 200, 15, 30", "buckwheat, 2, 164, 12, 20",
            "brown rice, 2.25, 190, 25, 45", "couscous, 1, 173, 5, 15"})
    void water_that_is_taken_up_and_minutes_are_those_of_the_chart(String grain, double cups, double cup, int from,
            int to) {
        var byWeight = cups * CUP_OF_WATER / cup;
        assertThat(byWeight).as(grain).isBetween(of(grain).water().low().doubleValue() * 0.95,
                of(grain).water().high().doubleValue() * 1.1);
        assertThat(of(grain).minutes().low()).isGreaterThanOrEqualTo(from);
        assertThat(of(grain).minutes().high()).isLessThanOrEqualTo(to);
    }

    /// What is poured off is more than the grain takes up: yield less one, by weight.
    @Test
    void no_grain_gains_more_than_the_water_it_is_given() {
        for (var food : Foods.shipped().all()) Cooking.of(food).ifPresent(c -> {
            assertThat(c.yield().low().doubleValue() - 1).as(food.name())
                    .isLessThanOrEqualTo(c.water().high().doubleValue());
            assertThat(c.yield().likely().doubleValue()).as(food.name()).isBetween(2.0, 5.0);
        });
    }

    /// A swap of a dry grain, pasta or noodle is never without its own water and time.
    @Test
    void every_dry_grain_that_a_swap_brings_says_how_it_is_cooked() {
        var dry = Families.keys("any free grain; any free noodle; any wheat grain; any fine grain");
        assertThat(Swaps.shipped().all()).filteredOn(s -> dry.contains(s.main().id()))
                .isNotEmpty().allSatisfy(s -> assertThat(Cooking.of(s.main()).isPresent() || !s.make().isEmpty())
                        .as(s.id()).isTrue());
    }
}
