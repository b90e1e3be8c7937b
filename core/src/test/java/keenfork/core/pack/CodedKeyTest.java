package keenfork.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Codes of allergens beside their key, as menus and wholesalers print them (common practice).
class CodedKeyTest {
    private static Declaration read(String text) { return Declaration.read(text.replace(';', '\n'), new Law("uk")); }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"Contains: 7, 9. (7 = milk, 9 = celery, 14 = molluscs)|milk celery",
            "Allergens: G, M;G = gluten, M = milk, N = nuts, E = egg|gluten milk",
            "Allergens: A, C.;A: cereals containing gluten, B: crustaceans, C: eggs|gluten eggs",
            "Pasta. Allergens: 1.;Soup. Allergens: 9.;1 = gluten, 7 = milk, 9 = celery|gluten celery"})
    void what_the_codes_mean_is_in_it_and_the_rest_of_the_key_is_not(String text, String ids) {
        var read = read(text);
        assertThat(read.findings()).extracting(f -> f.substance().id()).contains(ids.split(" "))
                .doesNotContain("molluscs", "tree-nut", "crustaceans");
        assertThat(read.vague()).noneMatch(v -> v.suspects().containsAll(Allergens.all()));
    }

    /// a code that no key explains, a key by itself, and numbers that count
    @ParameterizedTest
    @ValueSource(strings = {"Allergens: 1, 12.;1 = gluten, 3 = egg",
            "Allergens: 1, 3. Ingredients: 1 egg, 3 butter, 2 milk.",
            "Allergens: 1.;1. Egg 2. Milk 3. Butter", "Allergens: 4."})
    void else_any_allergen_may_be_meant(String text) {
        assertThat(read(text).vague()).anyMatch(v -> v.suspects().containsAll(Allergens.all()));
        var named = read(text.replaceFirst("^Allergens: [\\d, ]+\\.", "")).findings().stream()
                .map(f -> f.substance().id()).toList();
        assertThat(read(text).findings().stream().map(f -> f.substance().id()).toList()).containsAll(named);
    }

    /// what a list of ingredients names stays, whatever the key leaves out
    @ParameterizedTest @ValueSource(strings = {"Ingredients: cream, cod. Allergens: 4.;4 = fish, 7 = milk",
            "Allergens: 4.;4 = fish, 7 = milk.;Ingredients: cream, cod."})
    void no_key_takes_an_ingredient_away(String text) {
        assertThat(List.copyOf(read(text).findings())).anyMatch(f -> f.substance().id().contains("milk"));
    }
}
