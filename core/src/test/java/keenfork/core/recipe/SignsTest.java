package keenfork.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Recipe cards with a letter for each allergen behind their lines, and a key (common practice).
class SignsTest {
    private static List<Line> lines(String text) { return Recipe.read(text, Volumes.METRIC, new Law("uk")).lines(); }

    private static List<String> stated(List<Line> lines) {
        return lines.stream().flatMap(l -> l.declaration().stream()).flatMap(d -> d.findings().stream())
                .map(f -> f.substance().id()).toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Stew\nZingy paste 50 g (CR, M)\nM = milk, CR = crustaceans",
            "Stew\nKey: M = milk, CR = crustaceans\nZingy paste 50 g (CR, M)",
            "Stew\nZingy paste 50 g [cr/m]\nLegend: (M) milk; (CR) crustaceans",
            "Stew\nZingy paste | 50 g | Crustaceans, Milk", "Stew\nZingy paste 50 g (contains: milk & crustaceans)"})
    void a_sign_counts_where_the_words_say_less(String text) {
        var lines = lines(text.replace("(M) milk; (CR)", "M: milk; CR:"));
        assertThat(stated(lines)).containsExactlyInAnyOrder("milk", "crustaceans");
        assertThat(lines).noneMatch(l -> l.text().startsWith("M") || l.text().startsWith("Key"));
    }

    @ParameterizedTest @ValueSource(strings = {"Dip\nFeta 400 g (M)\nTahini 40 g (SE)\nM = milk, SE = sesame",
            "Dip\nFeta 400 g (contains milk)\nTahini 40 g [allergens: sesame]"})
    void and_says_nothing_new_where_they_say_it(String text) {
        assertThat(lines(text)).hasSize(2).allSatisfy(l -> assertThat(l.declaration()).isEmpty());
    }

    /// what one maker's product surely holds takes nothing away from what another's may hold
    @ParameterizedTest
    @ValueSource(strings = {"Pasta\nPesto 1 jar (contains nuts)", "Pasta\nPesto 1 jar (N)\nN = nuts, M = milk"})
    void no_statement_stands_for_a_pack(String text) {
        assertThat(lines(text)).hasSize(1).first().satisfies(l -> assertThat(l.declaration()).isEmpty());
    }

    @ParameterizedTest
    @ValueSource(strings = {"Dip\nFeta 400 g (M)\nS = small, M = medium", "Dip\nA - mint\nB - basil",
            "Dip\nFeta 400 g (XL)"})
    void letters_of_another_kind_are_no_key(String text) { assertThat(stated(lines(text))).isEmpty(); }

    @ParameterizedTest
    @ValueSource(strings = {"Stew\nZingy paste 50 g (contains milk)\nPack: tomato, salt.",
            "Stew\nPesto 1 jar (contains celery)\nPack: basil, oil."})
    void a_pack_below_is_that_of_the_line(String text) {
        assertThat(lines(text).getLast().declaration()).hasValueSatisfying(d -> assertThat(d.isList()).isTrue());
        assertThat(lines(text).getLast().text()).startsWith(text.split("\n")[1].substring(0, 5));
    }

    /// two ingredients that begin with a letter are no key that nobody uses
    @ParameterizedTest @ValueSource(strings = {"Dip\nM - milk, C - cream", "Dip\nT: tahini; S: sesame"})
    void what_explains_no_sign_of_any_line_goes_in(String text) {
        assertThat(lines(text)).isNotEmpty().allSatisfy(l -> assertThat(l.choices()).isNotEmpty());
    }
}
