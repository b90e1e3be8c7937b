package keenfork.core.recipe;

import static keenfork.core.Kit.aDish;
import static keenfork.core.Kit.aLine;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Amounts that stand behind the food and what is said of it, and what stands behind them (common practice).
class MeasuredBehindTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|',
            value = {"Prawns, raw 1kg x2|2|kg", "prawns 1 kg x 2|2|kg", "Tofu, firm 400g crumbled|400|g",
                    "chicken thighs, boneless 2kg diced|2|kg", "7 spice 60g|60|g", "1 tsp 5 spice|1|tsp",
                    "mace 1 blade|1|piece",
                    "Flatbread 15 pcs|15|piece", "cucumber 2 nos|2|piece", "oil 250 ml × 3|750|ml"})
    void are_read(String text, int amount, String unit) {
        var line = aLine(text);
        assertThat(line.unread()).isEmpty();
        assertThat(line.amount()).isNotNull();
        assertThat(line.amount().high().decimal().intValue()).isEqualTo(amount);
        assertThat(line.amount().unit().id()).isEqualTo(unit);
    }

    /// nobody measures how something is done
    @ParameterizedTest
    @ValueSource(strings = {"200 g cheddar, marmite 1 tbsp", "500 g rice, 30 ml zorbly", "400 g tofu, 2 tbsp marmite",
            "1 kg kale + zorbly 20 g", "200 g feta; zugwort oil 2 tsp"})
    void an_unknown_word_with_an_amount_of_its_own_asks(String text) {
        assertThat(aDish(text).lines()).anyMatch(l -> l.isUnread() || !l.words().doubts().isEmpty());
    }

    @ParameterizedTest
    @ValueSource(strings = {"2 aubergines, 1 cm dice", "600 g butter, 100 g melted", "1 lemon, 2 tsp zest",
            "salmon 1.2 kg, 120 g portions", "500 g mince, 30 g discs", "8 eggs, 60 g size",
            "flour 500 g, plus 50 g for dusting"})
    void how_large_it_is_cut_does_not(String text) { assertThat(aLine(text).isUnread()).isFalse(); }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"48213 Hummus classic 1kg x 2|2|kg", "15000 g flour, 2 bags|15000|g",
            "10000 ml water|10000|ml", "20340117 Feta 900 g|900|g"})
    void a_number_of_a_store_list_is_no_amount(String text, int amount, String unit) {
        assertThat(aLine(text).amount().high().decimal().intValue()).isEqualTo(amount);
        assertThat(aLine(text).amount().unit().id()).isEqualTo(unit);
    }
}
