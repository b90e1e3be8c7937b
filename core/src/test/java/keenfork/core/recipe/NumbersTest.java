package keenfork.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NumbersTest {
    /// As cooks write and say them (common practice): what is read, and the words that are left.
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', value = {
            "2 eggs | 2 | 2 | eggs", "1.5 kg | 1.5 | 1.5 | kg", "0,75 l | 0.75 | 0.75 | l", ".5 cup | 0.5 | 0.5 | cup",
            "1,200 g | 1200 | 1200 | g", "1,5 kg | 1.5 | 1.5 | kg",
            "12,000 g | 12000 | 12000 | g", "1/2 cup | 0.5 | 0.5 | cup", "1⁄2 cup | 0.5 | 0.5 | cup",
            "1 1/2 cups | 1.5 | 1.5 | cups", "1-1/2 cups | 1.5 | 1.5 | cups", "1 and 1/2 cups | 1.5 | 1.5 | cups",
            "1 & ½ cups | 1.5 | 1.5 | cups", "1½ cups | 1.5 | 1.5 | cups", "1 ½ cups | 1.5 | 1.5 | cups",
            "½ cup | 0.5 | 0.5 | cup", "2 and a half cups | 2.5 | 2.5 | cups",
            "one and a half cups | 1.5 | 1.5 | cups", "two and a quarter cups | 2.25 | 2.25 | cups",
            "half a cup | 0.5 | 0.5 | cup", "half an onion | 0.5 | 0.5 | onion",
            "half of the onion | 0.5 | 0.5 | onion",
            "a quarter of a cabbage | 0.25 | 0.25 | cabbage", "three quarters of a cup | 0.75 | 0.75 | cup",
            "two thirds cup | 0.667 | 0.667 | cup", "half a dozen eggs | 6 | 6 | eggs", "a dozen eggs | 12 | 12 | eggs",
            "two dozen eggs | 24 | 24 | eggs", "a couple of limes | 2 | 3 | limes", "a few sprigs | 2 | 5 | sprigs",
            "several leaves | 3 | 7 | leaves", "a lemon | 1 | 1 | lemon",
            "2-3 tbsp | 2 | 3 | tbsp", "2–3 tbsp | 2 | 3 | tbsp", "2 — 3 tbsp | 2 | 3 | tbsp",
            "2 to 3 tbsp | 2 | 3 | tbsp", "2 or 3 tbsp | 2 | 3 | tbsp", "between 2 and 3 tbsp | 2 | 3 | tbsp",
            "3-2 tbsp | 2 | 3 | tbsp",
            "about 200 g | 200 | 200 | g", "approx. 200 g | 200 | 200 | g", "~200 g | 200 | 200 | g",
            "up to 4 tbsp | 4 | 4 | tbsp", "at least 2 | 2 | 2 | ''", "½-¾ cup | 0.5 | 0.75 | cup",
            "1½ to 2 tsp | 1.5 | 2 | tsp",
            "twenty olives | 20 | 20 | olives", "999999999999 g | 1000000 | 1000000 | g"})
    void are_read(String text, double low, double high, String rest) {
        var found = Numbers.at(text, 0);
        assertThat(found).isNotNull();
        assertThat(found.low().decimal().doubleValue()).isCloseTo(low, within(0.001));
        assertThat(found.high().decimal().doubleValue()).isCloseTo(high, within(0.001));
        assertThat(text.substring(found.end()).strip()).isEqualTo(rest);
    }

    @ParameterizedTest
    @ValueSource(strings = {"aubergine", "a little oil", "a grating of nutmeg", "half-fat creme fraiche",
            "half and half", "half fat milk", "onions", "", "-", "1/0 cup", "an", "tender leaves", "one-pot rice"})
    void words_that_only_look_like_numbers_are_none(String text) {
        assertThat(Numbers.at(text, 0)).isNull();
    }

    @Property(tries = 200)
    void a_range_of_whole_numbers_comes_back(@ForAll @IntRange(min = 1, max = 500) int a,
            @ForAll @IntRange(min = 1, max = 500) int b) {
        var found = Numbers.at(a + "–" + b + " g", 0);
        assertThat(found.low().top()).isEqualTo(Math.min(a, b));
        assertThat(found.high().top()).isEqualTo(Math.max(a, b));
    }
}
