package keenfork.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Annex II of Regulation (EU) No 1169/2011 exempts wheat-based glucose syrups and maltodextrins, and tocopherols and
/// sterols of soya; wheat or soya that stands beside one is not exempt.
class ExemptFormTest {
    private static final List<String> FORMS = List.of("glucose syrup", "maltodextrin", "dextrose", "Glucose Syrup");
    private static final List<String> WHEAT =
            List.of("wheat flour", "Wheat Flour", "wheat bran", "wheat gluten", "cracked wheat", "semolina");

    private static List<String> inIt(String text) {
        return Declaration.read(text, new Law("uk")).findings().stream().map(f -> f.substance().id()).toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Dextrose [WHEAT], maltodextrin 5% (**wheat**), salt", "glucose syrup (from wheat), salt",
            "glucose syrup solids (wheat), salt", "dried glucose syrup (contains: wheat), salt",
            "glucose syrup from wheat or maize, salt", "glucose syrup containing wheat, salt",
            "wheat-based maltodextrin, salt", "Maltodextrin (wheat starch), salt", "sirop de glucose (blé), sel"})
    void a_form_that_is_exempt_by_annex_ii_1_is_told_as_that(String list) {
        assertThat(inIt(list)).isNotEmpty().allMatch(id -> id.startsWith("wheat-"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"antioxidant (tocopherol-rich extract (soya)), salt", "tocopherols E306 (soya), salt",
            "oil of maize, natural vitamin E (from soya)", "antioxidant: mixed tocopherols (soya), salt"})
    void tocopherols_of_soya_are_exempt_by_annex_ii_6(String list) {
        assertThat(inIt(list)).contains("soya-tocopherols").doesNotContain("soybeans");
    }

    /// whatever parts the two, and whichever stands first: nothing of the flour is a syrup
    @Property
    void wheat_beside_an_exempt_form_is_not_exempt(@ForAll("joints") String joint, @ForAll("forms") String form,
            @ForAll("wheat") String wheat, @ForAll boolean isFirst) {
        var list = "sugar, " + (isFirst ? form + joint + wheat : wheat + joint + form) + ", salt";
        assertThat(inIt(list)).as(list).anyMatch(id -> List.of("wheat", "durum", "gluten").contains(id));
    }

    @Property
    void what_a_filling_of_syrup_holds_beside_it_is_not_exempt(@ForAll("forms") String form,
            @ForAll("wheat") String wheat) {
        var list = form + " filling (sugar, " + wheat + "), salt";
        assertThat(inIt(list)).as(list).anyMatch(id -> List.of("wheat", "durum", "gluten").contains(id));
    }

    @Provide
    Arbitrary<String> joints() {
        return Arbitraries.of(" ", " and ", " & ", " + ", " with ", " - ", " / ", "; ", ", ", "\n", " plus ", " • ");
    }

    @Provide
    Arbitrary<String> forms() { return Arbitraries.of(FORMS); }

    @Provide
    Arbitrary<String> wheat() { return Arbitraries.of(WHEAT); }
}
