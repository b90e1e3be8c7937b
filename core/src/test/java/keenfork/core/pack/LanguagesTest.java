package keenfork.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.Table;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/// Packs in French, German, Spanish and Italian.
class LanguagesTest {
    private static final Law EU = new Law("eu");

    static Stream<Table.Row> rows() { return Table.read(Foods.class, "languages.txt", 6).stream(); }

    /// A word that is listed is read whole, alone and in a list, in each language; none of it is left over to be asked
    /// about.
    @ParameterizedTest @MethodSource("rows")
    void each_word_is_read_whole(Table.Row row) {
        for (var column = 1; column <= 4; column++)
            for (var word : row.list(column)) {
                var reading = Foods.shipped().packWords().read(word);
                assertThat(reading.unread()).as(word).isEmpty();
                assertThat(reading.matches()).as(word).hasSize(1);
            }
    }

    /// Words that are spelt as in English keep their English meaning; every other one means what its row says.
    @ParameterizedTest @MethodSource("rows")
    void each_word_holds_at_least_what_its_english_holds(Table.Row row) {
        var english = held(row.cell(0));
        for (var column = 1; column <= 4; column++)
            for (var word : row.list(column)) {
                var tree = keenfork.core.food.Substances.shipped();
                var own = Foods.shipped().packWords().read(word).matches().getFirst().meaning();
                assertThat(holds(own)).as(word).allSatisfy(s -> assertThat(tree.all()).contains(s));
                if (!english.isEmpty()) assertThat(holds(own)).as("%s (%s)", word, row.cell(0)).isNotEmpty();
            }
    }

    private static List<keenfork.core.food.Substance> held(String english) {
        return holds(Foods.shipped().packWords().read(english).matches().getFirst().meaning());
    }

    private static List<keenfork.core.food.Substance> holds(Meaning meaning) {
        return switch (meaning) {
            case Meaning.OfFood(var food) -> food.holds();
            case Meaning.OfSubstances(var substances) -> substances;
            case Meaning.Vague(var suspects, _) -> suspects;
        };
    }

    /// The fourteen of Regulation (EU) No 1169/2011, Annex II, in each language's own words.
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', value = {
            "Contient : gluten, crustacés, œufs, poissons, arachides, soja, lait, fruits à coque, céleri, moutarde, "
                    + "graines de sésame, anhydride sulfureux et sulfites, lupin, mollusques",
            "Enthält: glutenhaltiges Getreide, Krebstiere, Eier, Fische, Erdnüsse, Sojabohnen, Milch, "
                    + "Schalenfrüchte, Sellerie, Senf, Sesamsamen, Schwefeldioxid und Sulfite, Lupinen, Weichtiere",
            "Contiene: gluten, crustáceos, huevos, pescado, cacahuetes, soja, leche, frutos de cáscara, apio, "
                    + "mostaza, granos de sésamo, dióxido de azufre y sulfitos, altramuces, moluscos",
            "Contiene: glutine, crostacei, uova, pesce, arachidi, soia, latte, frutta a guscio, sedano, senape, semi "
                    + "di sesamo, anidride solforosa e solfiti, lupini, molluschi"})
    void the_fourteen_are_known(String text) {
        var read = Declaration.read(text, EU);
        var book = keenfork.core.regime.RuleBook.named("eu").orElseThrow();
        assertThat(book.groups()).allSatisfy(g -> assertThat(read.findings()).as(g.id())
                .anyMatch(f -> f.says() == Finding.Says.IN && book.member(g, f.substance()).isPresent()));
        assertThat(read.vague()).as("words left over").isEmpty();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', value = {"Peut contenir du lait", "Traces éventuelles de lait",
            "Fabriqué dans un atelier utilisant du lait", "Kann Milch enthalten", "Kann Spuren von Milch enthalten",
            "In einem Betrieb hergestellt, in dem Milch verarbeitet wird", "Puede contener leche",
            "Puede contener trazas de leche", "Elaborado en una fábrica donde se manipula leche", "Può contenere latte",
            "Può contenere tracce di latte", "Prodotto in uno stabilimento che utilizza latte"})
    void a_precaution_is_one_in_each_language(String text) {
        assertThat(Declaration.read(text, EU).findings()).as(text).isNotEmpty()
                .allMatch(f -> f.says() == Finding.Says.MAY && f.substance().id().equals("milk"));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', value = {"Sans lait", "Ne contient pas de lait", "Ohne Milch", "Frei von Milch",
            "Milchfrei", "Enthält keine Milch", "Sin leche", "No contiene leche", "Senza latte", "Non contiene latte"})
    void a_denial_finds_nothing_in_each_language(String text) {
        assertThat(Declaration.read(text, EU).findings()).as(text).isEmpty();
    }

    @Test
    void elided_articles_part_from_their_word() {
        assertThat(Declaration.read("huile d'arachide, dell'uovo, l’orge", EU).findings())
                .extracting(f -> f.substance().id()).containsExactlyInAnyOrder("peanuts", "eggs", "barley");
    }
}
