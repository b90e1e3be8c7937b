package keenfork.core.recipe;

import static keenfork.core.Kit.aDish;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import keenfork.core.measure.Volumes;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScaledTest {
    private static Scaled.Entry times(String factor, String line) {
        return Scaled.of(aDish(line), new BigDecimal(factor), Volumes.METRIC).lines().getFirst();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "2   | 400 g red lentils | 800 g red lentils",
            "3   | 400 g red lentils | 1.2 kg red lentils",
            "0.5 | 1.8 kg cracked freekeh | 900 g cracked freekeh",
            "2   | juice of 10–12 limes | juice of 20–24 limes",
            "2   | 6 garlic cloves, crushed | 12 garlic cloves, crushed",
            "3   | 1 bunch dill | 3 bunches dill",
            "0.5 | 3 bunches mint | 1½ bunches mint",
            "2   | 1 x 400 g tin chickpeas | 2 x 400 g tin chickpeas",
            "3   | 400 g tin of chickpeas | 3 x 400 g tin of chickpeas",
            "1.5 | 2 tbsp sumac | 3 tbsp sumac",
            "0.5 | 1 tsp salt | ½ tsp salt",
            "2   | salt, to taste | salt, to taste",
            "2   | 500 g @Lemon dressing | 1 kg @Lemon dressing"})
    void amounts_are_written_as_a_cook_measures_them(String factor, String line, String scaled) {
        assertThat(times(factor, line).text()).isEqualTo(scaled);
        assertThat(times(factor, line).byHand()).isFalse();
    }

    /// Metric spoons and cups, common practice: 16 tbsp of 15 ml are 240 ml, a cup of 250 ml all but 4 %.
    @Test
    void many_spoons_become_cups() {
        assertThat(times("8", "2 tbsp olive oil").text()).isEqualTo("1 cup olive oil");
        assertThat(times("8", "2 tbsp olive oil").rounding()).isZero();
    }

    @Test
    void rounding_over_five_percent_is_told() {
        var eggs = times("0.4", "1 egg");
        assertThat(eggs.text()).isEqualTo("½ egg");
        assertThat(eggs.rounding()).isEqualTo(25);
        assertThat(times("1.3", "4 red onions").text()).isEqualTo("5 red onions");
        assertThat(times("1.3", "4 red onions").rounding()).as("4 % are not told").isZero();
    }

    @Test
    void to_covers_and_to_a_batch_weight() {
        var recipe = Recipe.read("Dip\nServes 4\n400 g chickpeas\n100 g tahini", Volumes.METRIC,
                new keenfork.core.pack.Law("uk"));
        assertThat(Scaled.toCovers(recipe, 10, Volumes.METRIC).lines()).extracting(Scaled.Entry::text)
                .containsExactly("1 kg chickpeas", "250 g tahini");
        assertThat(Scaled.toWeight(recipe, new BigDecimal("1500"), Volumes.METRIC).mass().likelyGrams()).isCloseTo(1500,
                within(0.1));
        assertThat(Scaled.toCovers(recipe, 10, Volumes.METRIC).into("Dip\nServes 4\n 400 g chickpeas\n- 100 g tahini\n",
                10)).isEqualTo("Dip\nServes 10\n 1 kg chickpeas\n- 250 g tahini\n");
    }

    @Test
    void what_cannot_be_scaled_is_refused_in_words() {
        assertThatThrownBy(() -> Scaled.toCovers(aDish("1 egg"), 10, Volumes.METRIC))
                .isInstanceOf(IllegalArgumentException.class).hasMessageContaining("portions");
        assertThatThrownBy(() -> Scaled.toWeight(aDish("salt"), BigDecimal.TEN, Volumes.METRIC))
                .hasMessageContaining("weight");
        assertThatThrownBy(() -> Scaled.of(aDish("1 egg"), BigDecimal.ZERO, Volumes.METRIC))
                .hasMessageContaining("multiplied");
    }

    /// Whatever is written for another size reads as the same foods, and as what should go in, give or take the
    /// rounding told.
    @Property(tries = 200)
    void what_is_written_reads_back(@ForAll @IntRange(min = 1, max = 400) int percent) {
        var recipe = aDish("2½ cups tahini", "juice of 10–12 limes", "1.2 kg smoked trout, flaked", "3 bunches dill",
                "4 tbsp wholegrain mustard", "2 x 400 g tins chickpeas, drained",
                "6 small cucumbers", "1 lb 2 oz flour", "a handful of parsley");
        for (var entry : Scaled.of(recipe, BigDecimal.valueOf(percent, 2), Volumes.METRIC).lines()) {
            if (entry.byHand()) continue;
            var read = aDish(entry.text()).lines().getFirst();
            assertThat(read.choices()).as(entry.text()).isEqualTo(entry.line().choices());
            if (entry.mass() == null || read.mass() == null) continue;
            var off = (double) read.mass().likely() / entry.mass().likely() - 1;
            assertThat(off * 100).as("%s at %d %%", entry.text(), percent).isCloseTo(entry.rounding(), within(5.0));
        }
    }
}
