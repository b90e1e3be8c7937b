package keenfork.core.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import keenfork.core.food.Table;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// A pack in another language on a label: Regulation (EU) No 1169/2011, Article 15 (a language that is understood), the
/// classes of additives as Annex VII, part C has them in each language, the allergens as Annex II has them.
class PackListTest {
    private static final RuleBook UK = RuleBook.named("uk").orElseThrow();

    private static PackList list(String pack, String language) {
        return PackList.of(Declaration.read(pack, new Law("eu")), Language.named(language).orElseThrow());
    }

    private static String text(PackList list) {
        return list.pieces().stream().map(PackList.Piece::text).collect(Collectors.joining());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "en | Zutaten: Kichererbsen, Wasser, Sesampaste 12,5 %, Konservierungsstoff: Kaliumsorbat. "
                    + "| chickpeas, water, sesame paste 12.5 %, preservative: potassium sorbate",
            "en | Ingrédients : huile de colza, eau, jaunes d'OEUFS, moutarde de Dijon, sel, épaississant : gomme "
                    + "xanthane. | rapeseed oil, water, egg yolk, Dijon mustard, salt, thickener: xanthan gum",
            "en | Ingredientes: aceitunas verdes, agua, sal, acidulante: ácido cítrico (E330). "
                    + "| green olives, water, salt, acid: citric acid (E330)",
            "en | Ingredienti: farina di grano tenero, olio extravergine di oliva, sale, lievito. "
                    + "| wheat flour, extra virgin olive oil, salt, yeast",
            "fr | Ingredients: chickpeas, tahini (sesame seeds), lemon juice, acid: citric acid. "
                    + "| pois chiches, tahini (graines de sésame), jus de citron, acidifiant : acide citrique",
            "de | Ingrédients : farine de blé, beurre, œufs, sel. | Weizenmehl, Butter, Ei, Salz"})
    void a_list_is_put_into_the_label_s_language_word_for_word(String language, String pack, String says) {
        assertThat(text(list(pack, language))).isEqualTo(says);
    }

    @ParameterizedTest @ValueSource(strings = {"Water, rapeseed oil, salt, stabiliser (xanthan gum).", "Quinoa.", ""})
    void a_list_in_the_label_s_language_stands_as_it_is_printed(String pack) {
        var list = list(pack, "en");
        assertThat(list.from()).isEqualTo(list.to());
        assertThat(text(list)).isEqualTo(pack.replaceFirst("\\.$", ""));
    }

    @Test
    void an_ingredient_with_a_word_without_a_row_stays_whole_as_it_is_printed_and_is_told() {
        var list = list("Zutaten: Wasser, Bärlauch, Salz, Öl aus Bärlauch und Sonnenblumen 5 g, E 415.", "en");
        assertThat(list.unread()).containsExactly("Bärlauch", "Öl aus Bärlauch und Sonnenblumen 5 g");
        assertThat(text(list))
                .isEqualTo("water, Bärlauch, salt, Öl aus Bärlauch und Sonnenblumen 5 g, E 415");
    }

    private static Statement label(String pack, String language) {
        var recipe = Recipe.read("Pea dip\n500 g peas\n200 g harissa\npack: " + pack, Volumes.METRIC, new Law("uk"));
        return Statement.compose(Derivation.of(recipe, Facts.none(UK)), UK, Language.named(language).orElseThrow());
    }

    private static String emphasised(Statement label) {
        return label.ingredients().stream().flatMap(i -> i.runs().stream())
                .map(r -> r.bold() ? "*" + r.text() + "*" : r.text()).collect(Collectors.joining());
    }

    /// What is emphasised is the law's word in the label's language, not the pack's.
    @Test
    void allergens_are_emphasised_in_the_words_that_are_printed() {
        var pack = "Zutaten: Paprika, Wasser, WEIZENmehl, Magermilchpulver, Gewürze (enthält SENF), Salz.";
        assertThat(emphasised(label(pack, "en"))).endsWith("harissa (sweet peppers, water, *wheat* flour, skimmed "
                + "*milk* powder, spices (contains *mustard*), salt)");
        assertThat(emphasised(label("Ingredienti: acqua, formaggio (LATTE, sale, conservante: lisozima da UOVO).",
                "en"))).endsWith("(water, *cheese* (*milk*, salt, preservative: lysozyme of *egg*))");
    }

    /// The kitchen's own foods, too, by their names in the label's language where a row tells.
    @Test
    void foods_of_the_kitchen_are_called_as_the_label_s_language_does() {
        var recipe = Recipe.read("Almond dip\n300 g almonds\n100 g olive oil\n20 g kohlrabi\n5 g salt", Volumes.METRIC,
                new Law("uk"));
        var label = Statement.compose(Derivation.of(recipe, Facts.none(UK)), UK, Language.named("fr").orElseThrow());
        assertThat(label.ingredients().stream().map(Statement.Item::text)).map(t -> t.replaceFirst(" \\(\\d.*", ""))
                .containsExactly("amandes", "huile d'olive", "kohlrabi", "sel");
        assertThat(emphasised(label)).startsWith("*amandes*");
        assertThat(label.checks()).contains("The list is in French, but for what has no word there yet: kohlrabi.");
    }

    @Test
    void packed_food_waits_for_a_word_that_nobody_knows_and_the_rest_is_to_be_held_against_the_pack() {
        var told = label("Zutaten: Paprika, Wasser, Bärlauch, Salz, Rapsöl.", "en");
        assertThat(told.waitsFor()).containsExactly(
                "what the label calls “Bärlauch” of the harissa, which its pack says in another language");
        assertThat(told.checks()).contains(
                "The list of the harissa is put into English from its German: hold it against the pack.");
        var clear = label("Zutaten: Paprika, Wasser, Salz, Rapsöl.", "en");
        assertThat(clear.waitsFor()).isEmpty();
        assertThat(label("Ingredients: peppers, water, salt.", "en").foreign()).isEmpty();
    }

    /// Each row says the same in all five languages: from any to any other and back it is itself.
    @Test
    void every_row_goes_round_through_every_language() {
        var ids = List.of("en", "fr", "de", "es", "it");
        for (var row : Table.read(PackListTest.class, "pack-lists.txt", 6).stream().skip(1).toList())
            for (var from = 0; from < ids.size(); from++)
                for (var to = 0; to < ids.size(); to++) {
                    var there = list(row.list(from).getFirst(), ids.get(to));
                    if (there.from().id().equals(ids.get(from)) && from != to)
                        assertThat(text(there)).as("row %d", row.line()).isEqualTo(row.list(to).getFirst());
                }
    }

    @Property
    void any_text_is_taken_whole(@ForAll @StringLength(max = 200) String pack) {
        for (var language : Language.all()) {
            var declaration = Declaration.read(pack, new Law("eu"));
            var list = PackList.of(declaration, language);
            var at = declaration.list().from();
            for (var piece : list.pieces()) {
                assertThat(piece.start()).isEqualTo(at);
                at = piece.end();
            }
            assertThat(at).isEqualTo(Math.max(declaration.list().from(), declaration.list().until()));
        }
    }
}
