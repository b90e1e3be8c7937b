package keenfork.core.recipe;

import static keenfork.core.Kit.aDish;
import static keenfork.core.Kit.derived;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import keenfork.core.Kit;
import keenfork.core.food.Food;
import keenfork.core.measure.Volumes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// How much a line says, wherever in it that stands: the figures are added up by hand.
class AmountsTest {
    private static final String NOT_KNOWN = "?";

    @ParameterizedTest(name = "{0}")
    @CsvFileSource(resources = "/corpus/amounts.txt", delimiterString = "=>", quoteCharacter = '`')
    void what_a_line_says_is_weighed(String line, String weighed) {
        assertThat(aDish(line.strip()).lines().stream().map(AmountsTest::weighed).toList())
                .isEqualTo(Arrays.stream(weighed.split(";")).map(String::strip).toList());
    }

    private static String weighed(Line line) {
        return (line.mass() == null ? NOT_KNOWN : Math.round(line.mass().likelyGrams())) + " "
                + line.food().map(Food::name).orElse("no food");
    }

    @ParameterizedTest
    @ValueSource(strings = {"hummus 30 g pp", "hummus 30g/head", "30 g hummus per person", "hummus 30g a head",
            "hummus 30 g per guest", "hummus 30 g per cover", "hummus 30 g each person", "hummus 30 g per pax",
            "hummus 30 g per head"})
    void what_one_eats_is_taken_for_all_who_do(String line) {
        assertThat(weighed(aDish("Serves 20", line).lines().getFirst())).isEqualTo("600 hummus");
        assertThat(weighed(aDish(line).lines().getFirst())).isEqualTo("30 hummus");
    }

    @Test
    void what_one_eats_stays_as_written_for_more_of_them() {
        var forForty = Scaled.toCovers(aDish("Serves 20", "hummus 30 g pp"), 40, Volumes.METRIC).lines().getFirst();
        assertThat(forForty.text()).isEqualTo("hummus 30 g pp");
        assertThat(forForty.byHand()).isFalse();
        assertThat(forForty.mass()).isNotNull().extracting(m -> m.likelyGrams()).isEqualTo(1200.0);
    }

    /// a mix is what is listed of it; how it is done lists nothing
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            200g mixed nuts - almond, hazel, cashew  | nuts
            nuts: almonds, cashews 200g              | nuts
            nuts 200g (half almond, half hazel)      | nuts
            nuts (equal parts almond and hazel)      | nuts
            mixed nuts (tossed in salt and pepper)   | nuts peanuts
            mixed nuts (almonds, cashews etc)        | nuts peanuts
            mixed nuts (a third almond, pecan)       | nuts peanuts
            """)
    void a_mix_is_what_is_listed_of_it(String line, String groups) {
        assertThat(Kit.groups(derived(line), Kit.UK, keenfork.core.trace.Certainty.CONTAINS))
                .containsExactlyInAnyOrderElementsOf(List.of(groups.split(" ")));
    }
}
