package keenfork.core.diet;

import static keenfork.core.Kit.derived;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import keenfork.core.trace.Certainty;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DietTest {
    /// Common practice; an egg, a fish or a nut in a bought sauce counts as much as one on the board.
    @ParameterizedTest(name = "{1}: {0}")
    @CsvSource(delimiter = '|', value = {
            "200 g rice | vegan | suits", "1 tbsp honey | vegan | does-not-suit", "1 tbsp honey | vegetarian | suits",
            "1 egg | vegan | does-not-suit",
            "1 egg | vegetarian | suits", "1 egg | egg-free | does-not-suit",
            "10 g anchovies | vegetarian | does-not-suit", "100 g parmesan | vegetarian | cannot-say",
            "100 g feta | dairy-free | does-not-suit", "200 g barley | gluten-free | does-not-suit",
            "200 g buckwheat | gluten-free | suits",
            "2 tsp miso | gluten-free | cannot-say", "50 g pine nuts | nut-free | does-not-suit",
            "50 g peanuts | nut-free | does-not-suit",
            "400 ml coconut milk | nut-free | suits", "1 tbsp vegan mayonnaise | egg-free | cannot-say",
            "1 tbsp mayonnaise | egg-free | does-not-suit",
            "5 g gelatine | vegetarian | does-not-suit", "200 g chicken | vegetarian | does-not-suit",
            "1 tbsp pesto | vegan | does-not-suit",
            "100 g salmon | pescatarian | suits", "100 g chicken | pescatarian | does-not-suit",
            "5 g gelatine | pescatarian | does-not-suit",
            "100 ml white wine | no-alcohol | does-not-suit", "2 tbsp red wine vinegar | no-alcohol | suits",
            "2 tbsp soy sauce | no-alcohol | cannot-say", "1 tsp vanilla extract | no-alcohol | does-not-suit",
            "50 g bacon | no-pork | does-not-suit", "200 g lamb | no-pork | suits",
            "5 g gelatine | no-pork | cannot-say", "200 g mince | no-pork | cannot-say",
            "2 sausages | no-pork | cannot-say",
            "1 tbsp honey | no-honey | does-not-suit", "1 tbsp agave | no-honey | suits",
            "1 leek | no-onion-garlic | does-not-suit", "1 tsp garlic powder | no-onion-garlic | does-not-suit",
            "1 jar harissa | no-onion-garlic | cannot-say", "100 g fennel | no-onion-garlic | suits",
            "2 eggs | no-raw-egg | cannot-say", "2 hard-boiled eggs | no-raw-egg | suits",
            "1 raw egg | no-raw-egg | does-not-suit", "2 soft-boiled eggs | no-raw-egg | does-not-suit",
            "50 ml pasteurised egg | no-raw-egg | suits", "100 g mayonnaise | no-raw-egg | suits",
            "100 g brie | pregnancy | does-not-suit", "100 g stilton | pregnancy | does-not-suit",
            "100 g parmesan | pregnancy | suits", "100 g cheddar | pregnancy | suits",
            "100 g feta | pregnancy | cannot-say",
            "100 g smoked salmon | pregnancy | does-not-suit", "100 g hot smoked salmon | pregnancy | suits",
            "50 g alfalfa sprouts | pregnancy | cannot-say", "50 g prosciutto | pregnancy | does-not-suit",
            "100 g chicken liver | pregnancy | does-not-suit", "100 g steak tartare | pregnancy | does-not-suit",
            "200 g chickpeas | pregnancy | suits"})
    void verdicts(String line, String diet, String answer) {
        assertThat(Diet.named(diet).orElseThrow().judge(derived(line)).answer().id()).isEqualTo(answer);
    }

    @ParameterizedTest @CsvSource({"nut-free", "gluten-free"})
    void a_precaution_leaves_an_allergy_diet_open_and_not_a_way_of_life(String diet) {
        var derivation = derived("200 g rice", "pack: rice. May contain nuts, wheat and milk.");
        assertThat(Diet.named(diet).orElseThrow().judge(derivation).answer()).isEqualTo(Verdict.Answer.CANNOT_SAY);
        assertThat(Diet.named("vegan").orElseThrow().judge(derivation).answer()).isEqualTo(Verdict.Answer.SUITS);
    }

    /// A maker must name nuts and milk (Annex II), so that a flavouring leaves neither open, on the map nor here.
    @Test
    void a_vague_word_of_a_pack_leaves_no_allergy_diet_open_that_the_law_closes() {
        var derivation = derived("200 g rice", "pack: rice, flavouring, salt");
        assertThat(Diet.named("nut-free").orElseThrow().judge(derivation).answer()).isEqualTo(Verdict.Answer.SUITS);
        assertThat(Diet.named("vegan").orElseThrow().judge(derivation).answer()).isEqualTo(Verdict.Answer.CANNOT_SAY);
        assertThat(derivation.evidence()).filteredOn(e -> e.certainty() == Certainty.NOT_KNOWN)
                .filteredOn(Diet.named("vegan").orElseThrow()::touches).extracting(e -> e.substance().id())
                .contains("flesh").doesNotContain("milk");
    }

    @Test
    void what_cannot_be_said_comes_with_the_question_that_would_settle_it() {
        var eggs = Diet.named("no-raw-egg").orElseThrow().judge(derived("2 eggs"));
        assertThat(eggs.because()).isNotEmpty();
        assertThat(eggs.asks()).singleElement().asString().startsWith("2 eggs: ")
                .contains("until white and yolk are firm");
        var harissa = Diet.named("no-onion-garlic").orElseThrow().judge(derived("1 jar harissa"));
        assertThat(harissa.asks()).anyMatch(a -> a.contains("Read the pack"));
        for (var diet : Diet.all()) {
            var verdict = diet.judge(derived("1 cup zugwort", "1 lettuce"));
            assertThat(verdict.answer()).as(diet.id()).isEqualTo(Verdict.Answer.CANNOT_SAY);
            assertThat(verdict.asks()).as(diet.id()).isNotEmpty();
            assertThat(diet.judge(derived("1 lettuce"))).as(diet.id())
                    .satisfies(v -> assertThat(v.answer()).isEqualTo(Verdict.Answer.SUITS))
                    .satisfies(v -> assertThat(v.asks()).isEmpty());
        }
    }

    /// Religious diets: what is recorded can rule a dish out; only a certificate lets it in.
    @Test
    void a_religious_diet_never_suits_without_a_certificate() {
        for (var diet : Diet.byCertificate()) {
            assertThat(diet.judge(derived("1 lettuce")).answer()).as(diet.id()).isEqualTo(Verdict.Answer.CANNOT_SAY);
            assertThat(diet.judge(derived("1 lettuce")).asks()).containsExactly("Ask for certification.");
            assertThat(diet.judge(derived("50 g bacon")).answer()).isEqualTo(Verdict.Answer.DOES_NOT_SUIT);
            assertThat(Diet.all()).doesNotContain(diet);
        }
    }

    @Test
    void a_kitchens_own_list_goes_by_names_on_lines_and_packs() {
        var list = Diet.own("No vinegar: vinegar, verjuice").getFirst();
        assertThat(list.judge(derived("2 tbsp cider vinegar", "1 lettuce")).answer())
                .isEqualTo(Verdict.Answer.DOES_NOT_SUIT);
        assertThat(list.judge(derived("2 tbsp lemon juice", "1 lettuce")).answer()).isEqualTo(Verdict.Answer.SUITS);
        assertThat(list.judge(derived("2 tbsp hummus")).answer()).isEqualTo(Verdict.Answer.CANNOT_SAY);
        assertThat(list.judge(derived("2 tbsp ketchup")).answer()).as("which is made with it")
                .isEqualTo(Verdict.Answer.DOES_NOT_SUIT);
        assertThat(list.judge(derived("2 tbsp ketchup", "pack: tomatoes, spirit vinegar")).answer())
                .isEqualTo(Verdict.Answer.DOES_NOT_SUIT);
        assertThat(list.judge(derived("2 tbsp ketchup", "pack: tomatoes, salt")).answer())
                .isEqualTo(Verdict.Answer.SUITS);
        assertThat(list.judge(derived("1 cup zugwort")).asks()).singleElement().asString()
                .contains("Does it hold vinegar or verjuice?");
        assertThatThrownBy(() -> Diet.own("no colon here")).hasMessageContaining("such as");
    }
}
