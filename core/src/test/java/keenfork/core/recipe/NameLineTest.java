package keenfork.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// A list that was pasted without a name loses nothing by it (common practice: half of what is pasted has none).
class NameLineTest {
    private static List<String> lines(String text) {
        return Recipe.read(text, Volumes.METRIC, new Law("uk")).lines().stream().map(Line::text).toList();
    }

    @ParameterizedTest @CsvSource(delimiter = '|', value = {"600g pine nuts|2kg basil",
            "Peanut butter 240 g|rice noodles 500 g", "Farro 1 kg|feta 300 g", "1 cup mayo|2 tbsp mustard",
            "2 tbsp tahini|1 lemon", "Sesame seeds 80 g|soy sauce 200 ml", "1 tbsp zugwort|2 onions",
            "4 eggs|200 g flour",
            "4 large eggs, beaten|200 g flour", "1 tin tuna|2 eggs", "1 handful peanuts|2 limes",
            "Peanut butter (smooth) 240 g|3 limes", "1 cup mayo (full fat)|2 eggs",
            "[12/03, 09:14] Maz: 2kg walnuts|[12/03, 09:15] Maz: 1kg figs"})
    void what_is_measured_like_an_ingredient_goes_in(String first, String second) {
        var name = first.substring(first.indexOf(": ") < 0 ? 0 : first.indexOf(": ") + 2);
        assertThat(lines(first + "\n" + second)).hasSize(2).first().isEqualTo(name);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Hummus 2kg\n1 kg chickpeas\n200 g tahini", "3 bean salad\n1 kg beans\n1 leek",
            "7 layer dip\n1 kg beans\n1 leek", "2 cheese dip\n1 kg feta\n1 leek",
            "1000 island dressing\n1 kg mayo\n1 onion", "Pesto 1 litre\n1 kg basil\n400 ml oil",
            "Slaw x 20\n1 leek\n2 eggs",
            "Two-hour lamb\n2 kg lamb\n1 leek", "Caesar for 40\n1 kg cos\n400 ml oil",
            "Cowboy caviar (makes about 3 litres)\n1 kg beans\n1 leek",
            "Lemon & caper mayo 1L\nlemon 2\ncapers 60g"})
    void a_name_with_a_figure_does_not(String text) { assertThat(lines(text)).hasSize(2); }

    /// rows of a sheet, with its columns over them or numbers in front
    @ParameterizedTest @ValueSource(strings = {"Ingredient\tQty\tUnit\nPeanuts\t2\tkg\nLimes\t4\tea",
            "| Item | Amount |\n|---|---|\n| Peanuts | 2 kg |\n| Limes | 4 |",
            "LINE | INGREDIENT | WT\n1 | Peanuts, crushed | 2 kg\n2 | Limes | 4"})
    void nor_does_a_sheet_without_a_name_lose_its_first_row(String text) {
        assertThat(lines(text)).hasSize(2).first().asString().contains("Peanuts");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"Slaw: ½ white cabbage, 3 carrots, 4T mayo (vegan)|shred, mix, leave 20|3",
            "Slaw - 500 g mayo, 2 kg cabbage|Mix well.|2", "Slaw 500 g mayo, 2 kg cabbage|1 onion|3",
            "Dip: 1 tub cream cheese, 2 tbsp pesto|Stir together.|2"})
    void a_name_with_a_list_behind_it_loses_nothing(String first, String second, int count) {
        assertThat(lines(first + "\n" + second)).hasSize(count);
    }

    @ParameterizedTest @ValueSource(strings = {"Lunch box 12: feta & almond\n200 g feta\n50 g almonds",
            "Three ways: roasted, raw & pickled\n200 g beetroot\n1 onion",
            "Satay: for 40, with 2 dips\n1 kg tofu\n1 leek"})
    void a_name_with_a_colon_stays_one(String text) { assertThat(lines(text)).hasSize(2); }

    @ParameterizedTest
    @ValueSource(strings = {"Peanut butter, 200 g feta, 3 eggs\nMix.", "Peanut butter + 200 g feta + 3 eggs\nMix."})
    void a_list_that_begins_without_an_amount_keeps_its_first(String text) {
        assertThat(lines(text)).anyMatch(l -> l.contains("Peanut butter")).anyMatch(l -> l.contains("eggs"));
    }
}
