package keenfork.core.recipe;

import static keenfork.core.Kit.aLine;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Packs and dozens, as orders tell them: the figures are what a buyer adds up, and a No. 10 tin holds about 2.5 kg
/// (common practice).
class PackSizesTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "2 x 250g butter | 500 | butter", "butter 2 x 250g | 500 | butter", "butter: 2 x 250 g | 500 | butter",
            "butter 250g x2 | 500 | butter", "3 x 400g chickpeas | 1200 | chickpea",
            "chickpeas 3 x 400g tins | 1200 | chickpea", "chickpeas 400g tin x 3 | 1200 | chickpea",
            "chickpeas, 3 x 400g tins | 1200 | chickpea", "flour 2 x 1.5kg bags | 3000 | wheat flour",
            "flour 1,5 kg bag x 2 | 3000 | wheat flour", "10 x 140g salmon fillets | 1400 | salmon",
            "salmon 10 x 140g fillets | 1400 | salmon", "salmon fillets 10 x 140g, skin off | 1400 | salmon",
            "halloumi 2 x 225g blocks | 450 | halloumi", "2 x A10 tomatoes | 5000 | tomato",
            "kidney beans 1 x A10 | 2500 | kidney bean", "1 no.10 tin tomatoes | 2500 | tomato",
            "2 dozen eggs | 1200 | egg", "eggs 2 doz | 1200 | egg", "1-2 dozen eggs | 900 | egg",
            "2 x 30 g butter | 60 | butter", "eggs 2 x 30 | 3000 | egg", "pitta 4 x 6pk | 1560 | pitta",
            "2 x 30 eggs | 3000 | egg", "4 fillets sea bass 150g ea | 600 | sea bass"})
    void packs_are_added_up_wherever_they_stand(String line, double grams, String food) {
        var read = aLine(line);
        assertThat(read.food().map(keenfork.core.food.Food::name)).contains(food);
        assertThat(read.mass()).isNotNull();
        assertThat(read.mass().likelyGrams()).isEqualTo(grams);
    }
}
