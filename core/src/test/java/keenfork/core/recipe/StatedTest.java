package keenfork.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import keenfork.core.food.Substance;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Finding;
import keenfork.core.pack.Law;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Recipe cards of the trade carry a statement of allergens (common practice; Regulation (EU) No 1169/2011, Annex II,
/// for what it names).
class StatedTest {
    private static Recipe read(String text) { return Recipe.read(text, Volumes.METRIC, new Law("uk")); }

    private static List<Finding> stated(Recipe recipe) {
        return recipe.lines().stream().flatMap(l -> l.declaration().stream()).flatMap(d -> d.findings().stream())
                .toList();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|',
            value = {"Allergens: fish, soya, sesame|fish soybeans sesame", "Contains: milk & celery|milk celery",
                    "ALLERGENS - Milk, Egg|milk eggs", "contains lupin|lupin", "Allergen info: mustard|mustard",
                    "Allergy advice: contains molluscs|molluscs", "traces of sesame|sesame"})
    void what_it_names_is_marked_and_nothing_else(String line, String ids) {
        for (var text : List.of("Soup\n200 g leek\n" + line, "Soup\n" + line + "\n200 g leek",
                "Soup (" + line + ")\n200 g leek", "Soup\n200 g leek\nMethod\nSweat the leek.\n" + line)) {
            var recipe = read(text);
            assertThat(recipe.lines()).hasSize(2);
            assertThat(stated(recipe)).extracting(f -> f.substance().id()).containsExactlyInAnyOrder(ids.split(" "));
            assertThat(recipe.lines()).allSatisfy(l -> assertThat(l.isUnread()).isFalse());
        }
    }

    @ParameterizedTest @ValueSource(strings = {"Allergens: none", "Allergens: N/A", "Allergens - nil", "GF, DF, vegan",
            "Dietary: GF, V", "suitable for vegans", "vegan / gluten free"})
    void a_promise_puts_nothing_in_and_is_kept(String line) {
        var recipe = read("Soup\n200 g leek\n" + line);
        assertThat(recipe.lines()).hasSize(1);
        assertThat(recipe.suggested()).containsExactly(line);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"Allergens: see Zorbly", "contains zorbly", "vegan mayo", "gluten free oats"})
    void what_names_more_is_a_line_like_any_other(String line) {
        var recipe = read("Soup\n200 g leek\n" + line);
        assertThat(recipe.lines()).hasSize(2);
        assertThat(stated(recipe)).isEmpty();
    }

    @Provide
    Arbitrary<List<String>> names() {
        return Arbitraries.of("milk", "egg", "wheat", "soya", "celery", "mustard", "sesame", "lupin", "fish", "peanuts",
                "crustaceans", "molluscs", "sulphites").list().ofMinSize(1).ofMaxSize(6).uniqueElements();
    }

    @Property(tries = 200)
    void each_name_of_a_list_is_marked(@ForAll("names") List<String> names) {
        var found = stated(read("Soup\n200 g leek\nAllergens: " + String.join(", ", names)));
        assertThat(found.stream().map(Finding::substance).map(Substance::id).distinct()).hasSize(names.size());
    }
}
