package keenfork.core.pack;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;

import keenfork.core.measure.Volumes;
import keenfork.core.recipe.Recipe;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// A law makes a maker name its allergens, but in the language of the place: in a language that is not read no word of
/// them is known, and nothing may look clear.
class ForeignPackTest {
    private static Derivation dish(String pack) {
        return Derivation.of(Recipe.read("Dish\n100 g relish\npack: " + pack, Volumes.METRIC, new Law("uk")),
                Facts.none(UK));
    }

    /// Lists as makers print them in Dutch, Portuguese, Polish, Swedish, Czech, Hungarian, Turkish and Greek.
    @ParameterizedTest @ValueSource(strings = {
            "Ingrediënten: tarwebloem, water, gist, zout, sesamzaad. Kan sporen van melk en noten bevatten.",
            "Ingredientes: farinha de trigo, água, fermento, sal. Pode conter vestígios de leite, soja e ovos.",
            "Składniki: mąka pszenna, woda, drożdże, sól. Może zawierać mleko i soję.",
            "Ingredienser: vetemjöl, vatten, jäst, salt, mjölk. Kan innehålla spår av nötter och ägg.",
            "Složení: pšeničná mouka, voda, droždí, sůl, mléko. Může obsahovat stopy ořechů.",
            "Tarwebloem, water, gist, zout", "Hveitimjöl", "Vehnäjauho, suola",
            "Összetevők: búzaliszt, víz, élesztő, só, tej. Nyomokban diót tartalmazhat.",
            "İçindekiler: buğday unu, su, maya, tuz, süt. Eser miktarda fındık içerebilir.",
            "Συστατικά: αλεύρι σίτου, νερό, μαγιά, αλάτι, γάλα. Μπορεί να περιέχει ξηρούς καρπούς."})
    void a_language_that_is_not_read_clears_nothing(String pack) {
        var marks = dish(pack).under(UK);
        assertThat(UK.groups()).allSatisfy(g -> assertThat(marks.mark(g)).as("%s", g).isPresent());
        assertThat(Declaration.read(pack, new Law("uk")).vague()).filteredOn(VagueTerm::beyondLaw)
                .anyMatch(v -> v.question().contains("another language"));
    }

    /// The law says that allergens are named, and those are the words that name them: none that is not read is a spice.
    @ParameterizedTest
    @ValueSource(strings = {"Rice, salt. Contains: gluten, süt.", "Alerjenler: gluten, süt, yumurta.",
            "Rice, salt. May contain nuts and süt.", "Riz, sel. Allergènes : gluten, süt.", "Contiene: soia, süt",
            "Contiene: soja, süt", "Enthält: Soja, süt"})
    void no_word_of_a_list_of_allergens_is_left_to_the_law(String pack) {
        var marks = dish(pack).under(UK);
        assertThat(UK.groups()).allSatisfy(g -> assertThat(marks.mark(g)).as("%s", g).isPresent());
    }

    @ParameterizedTest @ValueSource(strings = {"Rice, salt. Contains: soya, wheat and shell fragments.",
            "Soup: water, zugwort, salt", "Contains: soya, water, zugwort"})
    void a_word_among_other_foods_is(String pack) {
        var milk = UK.groups().stream().filter(g -> g.label().equals("milk")).findFirst().orElseThrow();
        assertThat(dish(pack).under(UK).mark(milk)).isEmpty();
    }

    /// A word or two that nobody knows make no foreign pack: what they may be, the maker's law settles.
    @ParameterizedTest @CsvSource(delimiter = '|', value = {
            "Tomatoes, zugwort, water, salt, sugar, basil|celery", "Zugwort extract, brimble, water, salt|celery",
            "Kichererbsen, Wasser, Salz, Zitronensaft, Knoblauch|milk", "Pois chiches, eau, sel, jus de citron|egg"})
    void a_few_words_do_not_mark_the_map(String pack, String clear) {
        var group = UK.groups().stream().filter(g -> g.label().equals(clear)).findFirst().orElseThrow();
        assertThat(dish(pack).under(UK).mark(group)).isEmpty();
    }
}
