package keenfork.core.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import keenfork.core.food.Table;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Regulation (EU) No 1169/2011, Annex VII, part C: an additive stands behind the name of its class. 21 CFR 101.4 and
/// B.01.010 (from memory): by its common name.
class AdditiveClassTest {
    private static List<String> list(String book, String language, String... lines) {
        var rules = RuleBook.named(book).orElseThrow();
        var recipe = Recipe.read("Batter\n" + String.join("\n", lines), Volumes.METRIC, new Law("uk"));
        return Statement.compose(Derivation.of(recipe, Facts.none(rules)), rules,
                Language.named(language).orElseThrow()).ingredients().stream().map(Statement.Item::text).toList();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"uk | en | raising agent: sodium bicarbonate | thickener: xanthan gum",
            "anz | en | raising agent: sodium bicarbonate | thickener: xanthan gum",
            "us | en | bicarbonate of soda | xanthan gum", "ca | en | bicarbonate of soda | xanthan gum",
            "eu | fr | poudre à lever : bicarbonate de sodium | épaississant : gomme xanthane",
            "eu | de | Backtriebmittel: Natriumhydrogencarbonat | Verdickungsmittel: Xanthan"})
    void an_additive_stands_behind_its_class_where_the_book_wants_it(String book, String language, String soda,
            String gum) {
        assertThat(list(book, language, "10 g bicarbonate of soda", "5 g xanthan gum")).containsExactly(soda, gum);
    }

    /// Baking powder is a mix: its pack says which, and until then it is what the cook calls it.
    @Test
    void what_a_pack_says_goes_before() {
        assertThat(list("uk", "en", "10 g baking powder",
                "pack: raising agents (disodium diphosphate, sodium bicarbonate), WHEAT flour")).containsExactly(
                        "baking powder (raising agents (disodium diphosphate, sodium bicarbonate), WHEAT flour)");
        assertThat(list("uk", "en", "10 g baking powder")).containsExactly("baking powder");
    }

    /// Every class of the table is one of those that Annex VII, part C names.
    @Test
    void the_classes_are_those_of_the_law() {
        assertThat(Table.read(AdditiveClassTest.class, "additive-classes.txt", 4)).extracting(r -> r.cell(1))
                .isSubsetOf("acid", "acidity regulator", "anti-caking agent", "antioxidant", "colour", "emulsifier",
                        "firming agent", "flavour enhancer", "gelling agent", "glazing agent", "humectant",
                        "preservative", "raising agent", "stabiliser", "sweetener", "thickener");
    }
}
