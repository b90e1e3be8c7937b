package keenfork.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What a page, a mail or a scanner made of a list (common practice).
class RunTogetherTest {
    private static Recipe read(String text) { return Recipe.read(text, Volumes.METRIC, new Law("uk")); }

    @ParameterizedTest
    @ValueSource(strings = {"Dip • 500g beetroot • 200g yoghurt • 30g walnuts • Blend.",
            "<h1>Dip</h1>\n<ul><li>500g beetroot</li>"
                    + "<li>200g yoghurt</li>\n<li>30g walnuts</li></ul><p>Blend.</p>",
            "Dip<br>500g beetroot<br/>200g yoghurt<br />30g walnuts<br>Blend.",
            "From: Sam\nTo: Kitchen\nSubject: Dip\n500g beetroot\n200g yoghurt\n30g walnuts\nBlend.",
            "Dip\n<tr id=\"x\"><td>500g</td><td>beetroot</td></tr>\n<b>200g</b> yoghurt\n30g <i>walnuts</i>\nBlend."})
    void a_list_is_parted_at_its_marks(String text) {
        var recipe = read(text);
        assertThat(recipe.name()).isEqualTo("Dip");
        assertThat(recipe.lines()).extracting(l -> l.food().orElseThrow().name())
                .containsExactly("beetroot", "yoghurt", "walnut");
        assertThat(recipe.lines()).allSatisfy(l -> assertThat(l.mass()).isNotNull());
        assertThat(recipe.steps()).containsExactly("Blend.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"200 g feta < 3 days old",
            "yoghurt · 200 g", "<200 g butter", "2 eggs • whites"})
    void a_mark_alone_parts_nothing(String line) {
        assertThat(RunTogether.apart(List.of("Dip", line))).containsExactly("Dip", line);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"2O0g almonds|200", "5OO ml oil|500", "1O kg leeks|10", "l tbsp tahini|1"})
    void letters_that_a_scanner_took_for_figures_are_figures(String line, int amount) {
        var read = read("Dip\n" + line).lines().getFirst();
        assertThat(read.text()).isEqualTo(line);
        assertThat(read.amount()).isNotNull();
        assertThat(read.amount().high().decimal().intValue()).isEqualTo(amount);
    }

    /// "Cheeseboard" over "- brie, crackers"; but a word that nobody knows may be anything
    @ParameterizedTest
    @CsvSource(delimiter = '|',
            value = {"Cheeseboard; - brie; - crackers|2", "Zugwort; - from the freezer; - 2 leeks|3",
                    "Zugwort;2 leeks|2"})
    void what_stands_over_bullets_with_foods_names_a_part(String lines, int count) {
        assertThat(read("Buffet\n1 kg hummus\n" + lines.replace(";", "\n")).lines()).hasSize(count + 1);
    }
}
