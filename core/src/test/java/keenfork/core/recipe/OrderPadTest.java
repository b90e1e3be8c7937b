package keenfork.core.recipe;

import static keenfork.core.Kit.aDish;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Objects;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Lines as order pads and prep sheets have them: what stands where, and what a bare figure means (common practice).
class OrderPadTest {
    /// the name told the other way round, or around its amount
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            burgers beef 20           | beef burger
            goujons chicken 2kg       | breaded chicken
            pesto - basil 200 g       | pesto
            rings onion 1kg           | onion ring
            tarts lemon 12            | lemon tart
            tomatoes 4 beef           | tomato
            stock cubes 4 beef        | beef stock cube
            beans 2 tins kidney       | kidney bean
            butter 250 peanut         | peanut butter
            cream 500 double          | double cream
            yogurt 1L greek           | strained yoghurt
            """)
    void a_name_is_known_the_other_way_round(String line, String food) { assertThat(only(line)).isEqualTo(food); }

    /// as each is a name itself, is done here, or holds what the other does not
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            milk chocolate 200   | milk chocolate
            onions fried 500     | onion
            chicken stock 2 l    | chicken stock
            """)
    void what_is_no_name_turned_round_stays(String line, String food) { assertThat(only(line)).isEqualTo(food); }

    /// a portion of what is cut is a slice of it
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            carrot cake 14 portions          | 14 slices carrot cake
            quiche 12 ptns                   | 12 slices quiche
            lasagne 10 portions              | 10 slices lasagne
            6 chicken breasts, 1 per portion | 6 chicken breasts
            """)
    void a_portion_weighs_as_much_as_a_slice(String line, String same) {
        var mass = aDish(line).lines().getFirst().mass();
        assertThat(mass).isNotNull().isEqualTo(aDish(same).lines().getFirst().mass());
    }

    @ParameterizedTest
    @ValueSource(strings = {"10 chicken portions", "8 cod portions", "ham 12 portions"})
    void nobody_knows_how_large_a_portion_of_it_is(String line) {
        assertThat(aDish(line).lines().getFirst().mass()).isNull();
    }

    private static String only(String line) { return aDish(line).lines().getFirst().food().orElseThrow().name(); }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            pine nuts 80 toasted                 | 80
            grated cheddar to finish 400         | 400
            plain flour for thickening 200       | 200
            almonds flkd toasted to garnish 150  | 150
            almonds flaked 300 toast             | 300
            basmati 1.5                          | 1500
            lamb mince 2.4 (not too lean)        | 2400
            cod loin 2.4                         | 2400
            salmon 0.8                           | 800
            onions 1.5                           | 225
            cream swirl 200                      | 200
            brioche 3 loaves                     | 1200
            puff, all butter, 6 sheets           | 1920
            chickpeas 6 x A10 drained            | 9000
            lb butter                            | 454
            kilo carrots                         | 1000
            pint milk                            | 588
            red wine 1/2 btl                     | 372
            """)
    void is_weighed(String line, double grams) {
        assertThat(Objects.requireNonNull(aDish(line).lines().getFirst().mass()).likelyGrams())
                .isCloseTo(grams, within(2.0));
    }

    @ParameterizedTest
    @ValueSource(strings = {"pitta for table 4", "cake for 100", "soup for party of 50"})
    void what_it_is_for_is_no_amount(String line) { assertThat(aDish(line).lines().getFirst().mass()).isNull(); }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            flat parsley 2 bn, mint 1 bn                         | 2
            parsley 2 bunches and mint 1 bunch                   | 2
            ham (hand carved) 1.2, english mustard 1 jar         | 2
            cucumber 6 - peeled, salted; soft butter 1kg         | 2
            butter 200, softened, flour 300                      | 2
            spinach 1k blanched, sesame oil 2 tbs                | 2
            mustard seed 2T, curry lvs, hing pinch, turmeric 1T  | 4
            eggs 15 + 5 yolks                                    | 2
            onions 3 carrots 3 celery 3                          | 3
            2.5 L milk, 180 b, 180 f, 5 yolks                    | 4
            pesto 500 (bought, a tub), cherry toms 1kg, rocket   | 3
            lemon juice 50 ml; about 2 lemons                    | 1
            salt and pepper 2 tsp                                | 1
            """)
    void are_lines_of_their_own(String line, int lines) { assertThat(aDish(line).lines()).hasSize(lines); }

    /// as it stands while it is typed
    @ParameterizedTest
    @ValueSource(strings = {"handful each of ,,", "2 tsp each, ,", "mayo 400, , dijon 40", "basil 3, ; ,", ", , ,"})
    void commas_with_nothing_between_them_are_read(String line) { assertThat(aDish(line).lines()).isNotEmpty(); }

    /// "180 f" is flour to whoever wrote it
    @ParameterizedTest
    @ValueSource(strings = {"2.5 L milk, 180 b, 180 f, 5 yolks", "bech - 2.5 L milk, 180 b, 180 f, 5 yolks"})
    void a_letter_with_an_amount_is_asked_about(String line) {
        assertThat(aDish("1 kg lentils", line).lines()).filteredOn(l -> l.choices().isEmpty()).hasSize(2);
    }
}
