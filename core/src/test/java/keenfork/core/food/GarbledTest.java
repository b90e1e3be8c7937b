package keenfork.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import keenfork.core.Kit;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Words that a scanner has broken, each pair of look-alikes against names that hold it.
class GarbledTest {
    private static final List<String> NAMES = List.of("milk", "whey", "egg", "wheat", "rye", "cod", "soya", "sesame",
            "mustard", "lupin", "crab", "prawn", "butter", "cashew", "hake", "cheddar", "haddock", "lox");

    static Stream<String> pairs() {
        return Kit.lines("/keenfork/core/food/look-alikes.txt").filter(l -> !l.startsWith("#"));
    }

    @ParameterizedTest @MethodSource("pairs")
    void a_look_alike_is_seen_through(String row) {
        var read = row.split("\\|")[0].strip();
        var meant = row.split("\\|")[1].strip();
        assertThat(NAMES.stream().filter(n -> n.contains(meant))).isNotEmpty().anySatisfy(name -> {
            var word = name.replaceFirst(meant, read);
            var text = "sugar, " + word + ", salt";
            var holds = Foods.shipped().recipeWords().ofKey(name).holds();
            assertThat(Foods.shipped().garbled(text, 7, 7 + word.length())).containsAll(holds);
        });
    }

    @ParameterizedTest
    @MethodSource("unlike")
    void a_word_like_no_name_is_of_nothing(String word) {
        assertThat(Foods.shipped().garbled("sugar, " + word + ", salt", 7, 7 + word.length())).isEmpty();
    }

    static Stream<String> unlike() { return Stream.of("zugwort", "quillaja", "xqz", "bark", "vrikwicha"); }
}
