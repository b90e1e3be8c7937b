package keenfork.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import keenfork.core.Kit;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What a cook is shown as read past is no food, however shortly a food was written (common practice).
class PastWordsTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {"5 x egg & cress on brown | x on",
            "200 g oyster and button mushrooms | and", "2 carrots, peeled, roughly | peeled roughly",
            "12\" tortilla | ``", "1 tbsp wholegrain | ``"})
    void only_what_names_no_food_is_shown_as_read_past(String line, String past) {
        assertThat(String.join(" ", Kit.derived(line).recipe().lines().getFirst().readPast())).isEqualTo(past);
    }
}
