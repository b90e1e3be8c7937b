package keenfork.core.recipe;

import static keenfork.core.Kit.aLine;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import keenfork.core.Kit;
import keenfork.core.food.Food;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Lines of our own in `recipe/messy-lines.csv`: amount, unit, food and a band of grams for each. When the first 159 of
/// them were written, the reader of the day before got 78 wholly right (49 %); every one of them is right now, and
/// stays so.
class MessyLinesTest {
    private static final String NONE = "-";

    static Stream<List<String>> lines() {
        return Kit.rows("/recipe/messy-lines.csv", "\\|");
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("lines")
    void is_read_right(List<String> row) {
        var line = aLine(row.get(0));
        assertThat(line.unread()).as("words that were not understood").isEmpty();
        if (!row.get(4).equals(NONE)) assertThat(line.food().map(Food::name)).as("food").contains(row.get(4));
        if (row.get(1).equals(NONE)) {
            assertThat(line.amount()).as("amount").isNull();
            assertThat(line.toTaste()).isEqualTo(row.get(3).equals("to-taste"));
        } else {
            assertThat(line.amount()).as("amount").isNotNull();
            assertThat(line.amount().low().decimal().doubleValue()).isCloseTo(Double.parseDouble(row.get(1)),
                    within(0.001));
            assertThat(line.amount().high().decimal().doubleValue()).isCloseTo(Double.parseDouble(row.get(2)),
                    within(0.001));
            assertThat(line.amount().unit().id()).isEqualTo(row.get(3));
        }
        if (row.get(5).equals(NONE)) {
            assertThat(line.mass()).as("grams").isNull();
        } else {
            assertThat(line.mass()).as("grams").isNotNull();
            assertThat(line.mass().lowGrams()).isGreaterThanOrEqualTo(Double.parseDouble(row.get(5)));
            assertThat(line.mass().highGrams()).isLessThanOrEqualTo(Double.parseDouble(row.get(6)));
        }
    }

    @Test
    void the_table_is_long_enough_to_mean_something() {
        assertThat(lines()).hasSizeGreaterThanOrEqualTo(150);
    }
}
