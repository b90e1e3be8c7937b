package keenfork.core.label;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.US;
import static keenfork.core.Kit.derived;
import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClaimTest {
    private static Claim claim(String diet, Derivation dish, RuleBook book, Claim.@Nullable Tested tested) {
        return Claim.of(dish, book, tested).stream().filter(c -> c.diet().id().equals(diet)).findFirst().orElseThrow();
    }

    private static Claim.Tested found(String mgPerKg) {
        return new Claim.Tested(new BigDecimal(mgPerKg), LocalDate.of(2026, 11, 3), "folder 4", true);
    }

    private static Derivation packed(String text) {
        return Derivation.of(Recipe.read(text, Volumes.METRIC, new Law("uk")), Facts.none(UK));
    }

    @Test
    void only_what_suits_may_be_claimed_and_the_reason_names_the_line() {
        assertThat(claim("vegan", derived("1 kg chickpeas", "50 g olive oil"), UK, null).stands()).isTrue();
        var refused = claim("vegan", derived("1 kg chickpeas", "50 g feta"), UK, null);
        assertThat(refused.stands()).isFalse();
        assertThat(refused.because()).anyMatch(b -> b.contains("feta"));
        assertThat(claim("vegan", derived("1 kg chickpeas", "1 cup zugwort"), UK, null).stands())
                .as("a line that cannot be read").isFalse();
    }

    /// Regulation (EU) No 828/2014: no more than 20 mg/kg; 21 CFR 101.91 (a) (3): less than 20 parts per million;
    /// Standard 1.2.7 of the Food Standards Code: none detected.
    @ParameterizedTest @CsvSource({"uk,20,true", "uk,20.1,false", "eu,5,true", "us,19.9,true", "us,20,false",
            "codex,20,true", "ca,20,true", "anz,0,true", "anz,3,false"})
    void gluten_free_wants_a_report_within_the_rule_book_s_figure(String book, String mgPerKg, boolean stands) {
        assertThat(claim("gluten-free", derived("1 kg chickpeas"), RuleBook.named(book).orElseThrow(), found(mgPerKg))
                .stands()).isEqualTo(stands);
    }

    @Test
    void gluten_free_without_a_report_or_with_one_of_another_recipe_is_turned_down() {
        assertThat(claim("gluten-free", derived("1 kg chickpeas"), UK, null).because()).singleElement().asString()
                .contains("no report on file").contains("20 mg/kg");
        assertThat(claim("gluten-free", derived("1 kg chickpeas"), US,
                new Claim.Tested(BigDecimal.ONE, LocalDate.of(2026, 11, 3), "", false)).because()).singleElement()
                        .asString().contains("2026-11-03");
    }

    @Test
    void no_report_outweighs_a_precaution_or_wheat() {
        assertThat(claim("gluten-free",
                packed("Dip\n1 kg chickpeas\n100 g harissa\npack: chilli, salt. May contain wheat."), UK, found("2"))
                        .stands()).as("a pack says may").isFalse();
        assertThat(claim("gluten-free", derived("1 kg chickpeas", "20 g couscous"), UK, found("2")).stands()).isFalse();
        assertThat(claim("vegan", derived("1 kg chickpeas"), UK, null).stands()).as("needs no report").isTrue();
    }
}
