package keenfork.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/// Words that stand for each other inside longer names (common practice: English of both sides, Hindi, Spanish, Italian
/// and French as menus and store lists mix them).
class SynonymsTest {
    private static final Foods FOODS = Foods.shipped();

    static Stream<List<String>> rows() {
        return Table.read(Synonyms.class, "synonyms.txt", 3).stream()
                .map(r -> Stream.concat(Stream.of(r.cell(0)), r.list(1).stream()).toList());
    }

    /// or a longer name would be told by a word that by itself is something else
    @ParameterizedTest
    @MethodSource("rows")
    void each_is_a_name_of_the_same_food_by_itself(List<String> words) {
        var first = FOODS.meaning(words.getFirst());
        for (var word : words) assertThat(holds(FOODS.meaning(word))).as(word).isEqualTo(holds(first));
    }

    private static List<String> holds(Optional<Meaning> meaning) {
        return meaning.orElseThrow().holds().stream().map(Substance::id).sorted().toList();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            black bean chili   | veggie chilli
            eggplant dip       | aubergine dip
            shrimp toast       | prawn toast
            pickled cuc        | cornichon
            tahina sauce       | tahini sauce
            kaju butter        | cashew butter
            aloo tikki         | vegetable cutlet
            chile oil          | chilli oil
            """)
    void a_longer_name_is_known_by_any_of_them(String told, String food) {
        assertThat(FOODS.find(told).map(Food::name)).contains(food);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            yogurt rice      | yoghurt
            steak and onions | beef
            """)
    void no_name_is_made_up(String told, String first) {
        assertThat(FOODS.find(told)).isEmpty();
        assertThat(FOODS.phrase(told).matches().getFirst().meaning().holds())
                .isEqualTo(FOODS.find(first).orElseThrow().holds());
    }
}
