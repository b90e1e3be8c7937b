package keenfork.core.diet;

import static keenfork.core.Kit.derived;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DietTest {
    /// Common practice; an egg, a fish or a nut in a bought sauce counts as much as one on the board.
    @ParameterizedTest(name = "{1}: {0}")
    @CsvSource(delimiter = '|', value = {
            "200 g rice | vegan | suits", "1 tbsp honey | vegan | does-not-suit", "1 tbsp honey | vegetarian | suits", "1 egg | vegan | does-not-suit",
            "1 egg | vegetarian | suits", "1 egg | egg-free | does-not-suit", "10 g anchovies | vegetarian | does-not-suit", "100 g parmesan | vegetarian | cannot-say",
            "100 g feta | dairy-free | does-not-suit", "200 g barley | gluten-free | does-not-suit", "200 g buckwheat | gluten-free | suits",
            "2 tsp miso | gluten-free | cannot-say", "50 g pine nuts | nut-free | does-not-suit", "50 g peanuts | nut-free | does-not-suit",
            "400 ml coconut milk | nut-free | suits", "1 tbsp vegan mayonnaise | egg-free | cannot-say", "1 tbsp mayonnaise | egg-free | does-not-suit",
            "5 g gelatine | vegetarian | does-not-suit", "200 g chicken | vegetarian | does-not-suit", "1 tbsp pesto | vegan | does-not-suit"})
    void verdicts(String line, String diet, String answer) {
        assertThat(Diet.named(diet).orElseThrow().judge(derived(line)).answer().id()).isEqualTo(answer);
    }

    @ParameterizedTest @CsvSource({"nut-free", "gluten-free"})
    void a_precaution_leaves_an_allergy_diet_open_and_not_a_way_of_life(String diet) {
        var derivation = derived("200 g rice", "pack: rice. May contain nuts, wheat and milk.");
        assertThat(Diet.named(diet).orElseThrow().judge(derivation).answer()).isEqualTo(Verdict.Answer.CANNOT_SAY);
        assertThat(Diet.named("vegan").orElseThrow().judge(derivation).answer()).isEqualTo(Verdict.Answer.SUITS);
    }
}
