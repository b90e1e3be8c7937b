package keenfork.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Production sheets give a batch in several sizes, one column for each (common practice).
class ScalesTest {
    private static Recipe read(String text) { return Recipe.read(text, Volumes.METRIC, new Law("uk")); }

    @ParameterizedTest
    @ValueSource(strings = {"Romesco\n\t\tx1\tx5\nPeppers\t\t400 g\t2 kg\nCashews\t\t200 g\t1 kg",
            "Romesco     x1    x5\nPeppers     400 g    2 kg\nCashews     200 g    1 kg",
            "Romesco\nIngredient | 10 pax | 50 pax\nPeppers | 400 g | 2 kg\nCashews | 200 g | 1 kg",
            "Romesco\n1x\t5x\nPeppers\t400 g\t2 kg\nCashews\t200 g\t1 kg"})
    void the_first_column_alone_is_read(String text) {
        var lines = read(text).lines();
        assertThat(lines).hasSize(2);
        assertThat(lines).extracting(l -> l.amount().high().decimal().intValue()).containsExactly(400, 200);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Kale salad\nItem | 10 pax | 50 pax\nKale | 500 g | 2.5 kg",
            "Kale salad\n\tfor 10 people\tfor 50 people\nKale\t500 g\t2.5 kg"})
    void whom_it_feeds_is_kept(String text) { assertThat(read(text).serves()).isEqualTo(10); }

    /// two amounts of one line that no sizes stand over
    @ParameterizedTest
    @ValueSource(strings = {"Slaw\nCabbage  1 kg  2 lb\nMayo  200 g", "Slaw\n2  x 4\nCabbage  1 kg\nMayo  200 g"})
    void nothing_else_is_left_out(String text) {
        assertThat(read(text).lines()).extracting(Line::text).contains("Mayo 200 g").anyMatch(t -> t.contains("1 kg"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"Salad\nPeanuts 1 kg £4.00\nTotal £4.00", "Salad\nPeanuts 1 kg €4.00\nCost per portion: €0.40"})
    void the_sum_of_a_column_of_prices_puts_nothing_in(String text) {
        assertThat(read(text).lines()).hasSize(1).first().extracting(Line::isUnread).isEqualTo(false);
    }
}
