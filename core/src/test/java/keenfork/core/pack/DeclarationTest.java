package keenfork.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.TreeSet;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DeclarationTest {
    private static final Law UK = new Law("uk");

    private static List<String> found(String text, Finding.Says says) {
        return List.copyOf(new TreeSet<>(Declaration.read(text, UK).findings().stream().filter(f -> f.says() == says)
                .map(f -> f.substance().id()).toList()));
    }

    private static String says(String text, Finding.Says says) {
        return String.join(" ", found(text, says));
    }

    /// whatever its list names: who eats no meat goes by the name
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Beef burger. Wheat flour, water, onion, salt, yeast      | flesh
            Pork pie: wheat flour, lard, water, salt                 | flesh
            Chicken kiev. Wheat flour, water, butter (milk), salt    | chicken
            """)
    void a_name_in_front_of_its_list_says_its_meat(String text, String meat) {
        assertThat(found(text, Finding.Says.IN)).contains(meat);
    }

    /// Declarations of our own, in the shapes packs have (common practice).
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', value = {
            // common practice: a bracket that opens a name up takes away nothing that the name itself says
            "milk chocolate (sugar, cocoa mass), salt | milk | ''", "soy sauce (water, salt, rice) | soybeans | ''",
            "vegan cheese (sunflower oil, salt) | '' | ''",
            "Ingredients: water, mustard seeds (28 %), vinegar, salt. | mustard | ''",
            "red peppers, spice mix (coriander, celery seed), garlic. May contain mustard. | celery garlic | mustard",
            "WHEAT flour, water, *milk* powder | milk wheat | ''",
            "sugar, cocoa butter, whole MILK powder, emulsifier (soya lecithin). May contain nuts. | cows-milk "
                    + "soybeans | tree-nut",
            "oats, honey. Made in a factory that also handles peanuts and tree nuts. | honey oats | peanuts tree-nut",
            "rice, salt. Not suitable for milk allergy sufferers due to manufacturing methods. | '' | milk",
            "olives (60%), water [salt, {acidity regulator: citric acid}], anchovies (FISH) | anchovy | ''",
            "apricots, preservative (E220) | sulphites | ''",
            "apricots, E 223 | sulphites | ''",
            "tomatoes, salt. Contains: celery, egg | celery eggs | ''",
            "beans, water. Free from milk and eggs. | '' | ''",
            "salmon roe, salt | salmon salmon-roe | ''",
            "beans, water. Free from milk, egg and soya. | '' | ''",
            "Free from gluten, wheat flour and water are in it | wheat | ''",
            "No milk, wheat flour, egg | eggs wheat | ''",
            "sugar 1,5 %, almonds 0,5 % | almond | ''",
            "gluten-free oats | oats | ''",
            "chickpeas, tahini (sesame), lemon juice | sesame | ''",
            "sugar, colour (carmine) | insect | ''",
            "crackers: wheat flour, rapeseed oil, barley malt extract, salt (may contain traces of sesame) | barley "
                    + "wheat | sesame",
            "prawns (crustaceans), squid (molluscs) | prawn squid | ''",
            "May contain shellfish | '' | crustaceans molluscs",
            "Ingredients: cashew nuts, salt, may contain other nuts and peanuts | cashew | peanuts tree-nut",
            "For allergens, including cereals containing gluten, see ingredients in bold. Ingredients: rice | '' | ''",
            "skimmed milk, sheep's milk cheese, whey powder | cows-milk sheeps-milk whey | ''",
            "rapeseed oil, pasteurised egg yolk, spirit vinegar, sugar, mustard flour | eggs mustard | ''",
            "water, soya beans, wheat, salt | soybeans wheat | ''",
            "Ingredients: Cane sugar; hazelnuts (13%); palm oil; skimmed milk powder; soya lecithin. | hazelnut milk "
                    + "soybeans | ''",
            "Potato starch, salt, flavour enhancer (E621), celery powder, lovage. | celery | ''",
            "Durum WHEAT semolina. May contain traces of MUSTARD and SOYA. | durum | mustard soybeans",
            "water, SOYA beans (14%), salt, sugar, MALTED BARLEY, koji | barley soybeans | ''",
            "anchovy fillets (fish), olive oil, salt | anchovy | ''",
            "pasteurised sheep's milk, goat's milk, salt, rennet | animal-rennet goats-milk sheeps-milk | ''",
            "peanuts (99%), sea salt. Also, not suitable for nut allergy sufferers. | peanuts | tree-nut",
            "cucumber, water, spirit vinegar, mustard seeds, dill, E224 | mustard sulphites | ''",
            "pea protein, water, rapeseed oil. Produced in a facility that uses egg, milk and wheat. | '' | eggs "
                    + "milk wheat",
            "cashew nuts (70%), water, salt, cultures. Dairy free. | cashew | ''",
            "almonds 100%. Packed in an environment where sesame is handled | almond | sesame",
            "wholegrain rye flour (80%), sesame seeds 10%, salt. May also contain milk | rye sesame | milk",
            "sunflower oil, water, free range egg & egg yolk (8%), sugar, lemon juice | eggs | ''",
            "vegetables (carrot, celeriac), lupin flour | celery lupin | ''",
            "EGGS (free range), rapeseed oil | eggs | ''",
            "whey protein [milk], {soya lecithin}, (sesame) | sesame soybeans whey | ''",
            "buckwheat flour, coconut milk, cocoa butter, nutmeg, cream of tartar, peas | buckwheat coconut | ''",
            "almond butter (almonds), salt. May contain milk, peanuts. | almond | milk peanuts",
            "dried mango 98%, preservative: sulphur dioxide | sulphites | ''",
            "Contains: mustard, soy. Does not contain nuts. | mustard soybeans | ''",
            "glucose syrup (wheat), barley malt vinegar, oat fibre | barley oats wheat-glucose-syrup | ''",
            "Worcester sauce (barley malt vinegar, anchovies), E322 (soya) | anchovy barley soybeans | ''",
            "gluten-free wheat starch, freekeh, farro | durum emmer wheat | ''",
            "pea­nuts, mi​lk | milk peanuts | ''",
            "𝐦𝐢𝐥𝐤, ＥＧＧ | eggs milk | ''",
            "Ingrédients : eau, farine de BLÉ (32 %), œufs, poudre de lait écrémé, huile d'arachide, sel. Peut "
                    + "contenir des traces de fruits à coque et de sésame. | eggs milk peanuts wheat | sesame tree-nut",
            "Ingrédients: farine de blé noir, lait de coco, beurre de cacao, noix de muscade. Sans gluten. | "
                    + "buckwheat coconut | ''",
            "Ingrédients : pois chiches, crème de sésame (sésame), moutarde. Fabriqué dans un atelier qui utilise "
                    + "des noisettes. | mustard sesame | hazelnut",
            "Zutaten: Weizenmehl, Zucker, Sojalecithin, Vollmilchpulver, Haselnüsse (13%), Salz. Kann Spuren von "
                    + "Erdnüssen und anderen Schalenfrüchten enthalten. | hazelnut milk soybeans wheat | peanuts "
                    + "tree-nut",
            "Zutaten: Wasser, Senfsaat, Branntweinessig, Sellerie. Ohne Eier. Hergestellt in einem Betrieb, der "
                    + "Sesam verarbeitet. | celery mustard | sesame",
            "Zutaten: Buchweizenmehl, Kokosmilch, Kakaobutter, Muskatnuss. Glutenfrei. | buckwheat coconut "
                    + "| ''",
            "Ingredientes: agua, tahini (sésamo), zumo de limón, sal, conservador (E-223). Puede contener trazas de "
                    + "apio y mostaza. | sesame sulphites | celery mustard",
            "Ingredientes: harina de trigo sarraceno, leche de coco, manteca de cacao. Sin leche. | "
                    + "buckwheat coconut | ''",
            "Ingredientes: pan rallado (harina de trigo), huevos, anchoas. No apto para alérgicos a los cacahuetes. "
                    + "| anchovy eggs wheat | peanuts",
            "Ingredienti: semola di grano duro, uova, acqua. Può contenere tracce di soia e senape. Prodotto in uno "
                    + "stabilimento che utilizza latte. | durum eggs | milk mustard soybeans",
            "Ingredienti: farina di grano saraceno, latte di cocco, burro di cacao, noce moscata, sale | "
                    + "buckwheat coconut | ''",
            "Ingredienti: panna (latte), noci, olio d'oliva, solfiti, gamberi. Non contiene uova. | cows-milk "
                    + "prawn sulphites walnut | ''"})
    void packs_are_read(String text, String in, String may) {
        assertThat(says(text, Finding.Says.IN)).isEqualTo(in);
        assertThat(says(text, Finding.Says.MAY)).isEqualTo(may);
    }

    /// A word for a group with the very one beside it in brackets leaves nothing open; a list that does not name all
    /// does.
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            anchovies (fish), salt                | anchovy
            fish bones (cod), water               | cod
            nuts (almonds 20 %, cashews)          | almond cashew
            nuts (including almonds), salt        | almond tree-nut
            nuts (almonds and others), salt       | almond tree-nut
            nuts (almonds etc.), salt             | almond tree-nut
            fish, anchovies                       | anchovy fish
            cod, fish stock (water, salt)         | cod fish
            anchovies (may contain fish)          | anchovy
            """)
    void a_group_s_word_is_explained_by_what_stands_beside_it(String text, String in) {
        assertThat(says(text, Finding.Says.IN)).isEqualTo(in);
    }

    @Test
    void every_finding_keeps_the_words_behind_it() {
        var text = "red pepper, spice mix (4 %) (caraway, celery seed). May contain mustard.";
        var read = Declaration.read(text, UK);
        assertThat(read.findings()).extracting(f -> text.substring(f.start(), f.end())).containsExactly("celery seed",
                "mustard");
        assertThat(read.findings().getFirst().path()).containsExactly("spice mix", "celery seed");
    }

    @Test
    void what_is_promised_and_not_kept_is_a_contradiction_in_each_language() {
        for (var text : List.of("Dairy free. Rapeseed oil, whey powder.", "Gluten free. Wheat flour.",
                "Free from egg. Egg white.", "Zutaten: Honig. Vegan.", "Ingrédients : miel. Convient aux végétaliens.",
                "Ingredienti: miele. Adatto ai vegani.", "Apto para veganos. Ingredientes: miel.",
                "Ohne Milch. Zutaten: Molkenpulver, Milch.", "Sans lait. Lactosérum."))
            assertThat(Declaration.read(text, UK).contradictions()).as(text).isNotEmpty();
        for (var text : List.of("gluten-free oats", "No added sulphites. Contains sulphites.",
                "Not suitable for vegans. Milk.", "Lactose-free milk", "free range egg"))
            assertThat(Declaration.read(text, UK).contradictions()).as(text).isEmpty();
    }

    @Test
    void a_precaution_with_a_word_nobody_knows_is_asked_about() {
        assertThat(Declaration.read("peas. May contain zugwort.", UK).vague()).extracting(VagueTerm::words)
                .containsExactly("zugwort");
    }

    @Test
    void a_pack_is_read_again_after_the_kitchens_days() {
        var read = java.time.LocalDate.of(2026, 5, 1);
        assertThat(ReadAgain.USUAL.isDue(read, read.plusDays(180))).isFalse();
        assertThat(ReadAgain.USUAL.isDue(read, read.plusDays(181))).isTrue();
        assertThat(new ReadAgain(30).until(read)).isEqualTo(java.time.LocalDate.of(2026, 5, 31));
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> new ReadAgain(0))
                .hasMessageContaining("1 day or more");
    }

    @Test
    void a_class_of_additives_asks_nothing_where_its_numbers_stand_in_brackets() {
        // E 150a and E 160a are of nothing that the law names: Regulation (EC) No 1333/2008, Annex II
        for (var list : List.of("colour (E150a), stabiliser (E415), sugar", "colours (E160a, E100), apples, sugar",
                "maize flour (with calcium, iron, niacin (B3), thiamin (B1)), salt"))
            assertThat(Declaration.read(list, UK).vague()).as(list).isEmpty();
    }

    @Test
    void vague_words_ask_and_an_explanation_in_brackets_answers() {
        assertThat(Declaration.read("beans, spices, natural flavouring, modified starch", UK).vague())
                .extracting(VagueTerm::words).containsExactly("spices", "natural flavouring", "modified starch");
        assertThat(Declaration.read("vegetable oil (rapeseed), emulsifier: sunflower lecithin, starch (maize)", UK)
                .vague()).isEmpty();
    }

    @Test
    void words_that_are_not_in_the_table_are_asked_about() {
        assertThat(Declaration.read("water, zugwort, salt", UK).vague()).extracting(VagueTerm::words)
                .containsExactly("zugwort");
        assertThat(Declaration.read("water, zugwort, salt", UK).vague().getFirst().suspects()).extracting(s -> s.id())
                .containsExactly("anything");
    }

    @Test
    void a_contradiction_is_told_and_the_worse_reading_stands() {
        var read = Declaration.read("whey, sugar. Suitable for vegans.", UK);
        assertThat(read.contradictions()).hasSize(1);
        assertThat(read.findings()).isNotEmpty();
    }

    /// What nothing else on the pack explains is asked about.
    @Test
    void what_is_said_not_to_suit_vegetarians_holds_something_of_an_animal() {
        var read = Declaration.read("Sugar, water, colour: E120 (x). Not suitable for vegetarians.", UK);
        assertThat(read.vague()).noneMatch(v -> v.question().startsWith("Why"));
        var unsaid = Declaration.read("Parsnips, rapeseed oil. Not suitable for vegetarians or vegans.", UK);
        assertThat(unsaid.vague()).anySatisfy(v -> assertThat(v.suspects()).extracting(s -> s.id())
                .contains("flesh", "fish", "animal-rennet"));
    }

    @Test
    void a_name_in_front_of_a_list_asks_for_no_list() {
        assertThat(Declaration.read("Naan bread. Wheat flour, water, yogurt (milk), rapeseed oil, salt, yeast.", UK)
                .vague())
                        .isEmpty();
        // what the name surely holds and no list says stands, and asks
        assertThat(Declaration.read("Mayonnaise. Rice, salt, water, oil, chives.", UK).vague()).isNotEmpty();
        assertThat(found("Mayonnaise. Rice, salt, water, oil, chives.", Finding.Says.IN)).contains("eggs");
    }

    @Test
    void a_negation_never_takes_away_what_follows_it() {
        assertThat(found("No added sugar, nuts", Finding.Says.IN)).contains("tree-nut");
        assertThat(found("free from milk, contains egg", Finding.Says.IN)).containsExactly("eggs");
    }

    @Test
    void brackets_however_deep_or_of_any_kind_are_read() {
        assertThat(found("(".repeat(9_000) + "milk", Finding.Says.IN)).containsExactly("milk");
        assertThat(found("a [b {c (d （e ［milk］） f} g] h".repeat(300), Finding.Says.IN)).containsExactly("milk");
        assertThat(found("sauce（soya，milk）", Finding.Says.IN)).contains("milk", "soybeans");
    }

    @Test
    void what_is_too_long_to_read_is_a_question() {
        assertThat(Declaration.read("rice, ".repeat(5000), UK).vague()).isNotEmpty();
    }

    @Property(tries = 300)
    void reading_never_throws_and_spans_lie_in_the_text(@ForAll @StringLength(max = 150) String text) {
        var read = Declaration.read(text, UK);
        assertThat(read.findings()).allSatisfy(f -> assertThat(f.end()).isBetween(f.start() + 1, text.length()));
    }

    @Property(tries = 100)
    void adding_an_ingredient_never_hides_another(@ForAll @StringLength(max = 40) String noise) {
        var plain =
                noise.replaceAll("(?i)free|without|no|suitable|contain|for|not|see|[\\p{P}\\p{S}\\p{Z}\\p{C}]", " ");
        assertThat(found("sesame, " + plain + ", milk", Finding.Says.IN)).contains("sesame", "milk");
    }
}
