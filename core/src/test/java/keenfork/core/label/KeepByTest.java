package keenfork.core.label;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;

import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KeepByTest {
    private static KeepBy keeps(String text) {
        return KeepBy
                .of(Derivation.of(Recipe.read(text.replace('|', '\n'), Volumes.METRIC, new Law("uk")), Facts.none(UK)));
    }

    /// Keeping times of the trade, common practice: opened dips 3 to 5 days, creamy dressings 2 to 3, the shorter ones.
    @ParameterizedTest(name = "{0}") @CsvSource({"Bean dip|1 kg white beans,3",
            "Salad|Base:|1 kg lentils|Dressing:|200 g yoghurt,2", "Salad|Base:|1 kg lentils|Dressing:|100 ml vinegar,3",
            "Salad|1 kg cooked rice,1", "Salad|1 kg lentils|200 g cod,2", "Salad|1 kg lentils|200 g smoked trout,1",
            "'Salad|1 kg lentils|3 apples, sliced',2", "Salsa verde|2 cloves garlic|1 bunch basil|100 ml olive oil,2"})
    void a_dish_keeps_as_long_as_what_keeps_shortest_in_it(String dish, int days) {
        assertThat(keeps(dish).days()).isEqualTo(days);
    }

    /// Dry mixes have a date of minimum durability, all that is made with water, herbs or anything not read a use-by
    /// date: Regulation (EU) No 1169/2011, Article 24.
    @ParameterizedTest(name = "{0}") @CsvSource(delimiter = ';', value = {
            "Dukkah|200 g hazelnuts|100 g sesame seeds|4 tbsp coriander seeds|2 tbsp cumin|2 tsp salt;BEST_BEFORE",
            "Granola|1 kg rolled oats|200 g honey|100 ml rapeseed oil|Method:|Toast 30 min, cool.;BEST_BEFORE",
            "Za'atar|4 tbsp dried thyme|2 tbsp sumac|2 tbsp sesame seeds;BEST_BEFORE",
            "Za'atar|4 tbsp thyme|2 tbsp sumac|2 tbsp sesame seeds;USE_BY",
            "Spiced nuts|500 g cashews|1 egg white|2 tsp cayenne;USE_BY",
            "Nuts|500 g cashews|Method:|Soak the cashews overnight, dry them in the oven.;USE_BY",
            "Nut cream|500 g cashews, soaked overnight|10 g salt;USE_BY", "Porridge|1 kg oats, cooked;USE_BY",
            "Nuts|500 g cashews|10 g salt|Method:|Toss in egg white and bake.;USE_BY",
            "Nuts|500 g cashews|Method:|Toss with the onions.;USE_BY",
            "Nuts|500 g cashews|Method:|Toast, cool.;BEST_BEFORE",
            "Dukkah|600 g hazelnuts|300 g sesame seeds|Method:|Toast the nuts and seeds, cool, crush.;BEST_BEFORE",
            "Granola|1 kg rolled oats|200 g zugwort;USE_BY", "Granola|1 kg rolled oats|200 g butter;USE_BY",
            "Mix|100 g cumin or coriander;USE_BY", "Garlic oil|500 ml olive oil|6 garlic cloves;USE_BY",
            "Chilli oil|500 ml rapeseed oil|40 g chilli flakes;BEST_BEFORE", "Nothing yet;USE_BY"})
    void what_its_day_means(String dish, DateMark mark) {
        assertThat(keeps(dish).mark()).isEqualTo(mark);
        assertThat(keeps(dish).days()).isEqualTo(mark == DateMark.BEST_BEFORE ? 14 : keeps(dish).days())
                .isLessThanOrEqualTo(14);
    }

    @Test
    void raw_egg_and_herbs_under_oil_come_with_a_caution() {
        var mayo = keeps("Fennel slaw|1 kg fennel|Dressing:|6 egg yolks|500 ml rapeseed oil");
        assertThat(mayo.days()).isEqualTo(1);
        assertThat(mayo.because()).isEqualTo("raw egg");
        assertThat(mayo.cautions()).anyMatch(c -> c.startsWith("Raw egg"));
        assertThat(keeps("Oil|1 bunch basil|100 ml olive oil").cautions()).anyMatch(c -> c.contains("never left warm"));
        assertThat(keeps("Lentils|1 kg lentils").cautions()).isEmpty();
    }

    /// Nothing that is added makes a dish keep longer.
    @Property(tries = 60)
    void a_line_more_never_keeps_longer(@ForAll @IntRange(max = 6) int first, @ForAll @IntRange(max = 6) int second) {
        var lines = new String[] {"1 kg lentils", "200 g rice", "3 carrots, grated", "200 g cod", "4 egg yolks",
                "1 bunch basil", "100 ml olive oil"};
        var one = "Dish|" + lines[first];
        assertThat(keeps(one + "|" + lines[second]).days()).isLessThanOrEqualTo(keeps(one).days());
    }
}
