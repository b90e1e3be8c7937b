package keenfork.web.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import keenfork.core.measure.Mass;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import keenfork.web.ADish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Figures and words, as every screen says them.
class FormatTest {
    private final Format format = ADish.FORMAT;

    @ParameterizedTest
    @CsvSource({"0.25,0.25 g", "3,3 g", "3.46,3.5 g", "12.4,12 g", "640,640 g", "1800,1.8 kg", "12345,12 kg"})
    void grams_are_said_as_precisely_as_a_kitchen_weighs(double grams, String said) {
        var micrograms = Math.round(grams * 1e6);
        assertThat(format.likely(new Mass(micrograms, micrograms, micrograms))).isEqualTo(said);
    }

    @Test
    void a_range_is_said_only_where_there_is_one() {
        assertThat(format.range(Mass.ofGrams(200))).isEmpty();
        assertThat(format.range(null)).isEmpty();
        assertThat(format.likely(null)).isEqualTo("–");
        assertThat(format.range(new Mass(590_000_000, 640_000_000, 690_000_000))).isEqualTo("590–690 g");
        assertThat(format.range(new Mass(900_000_000, 1_200_000_000, 1_500_000_000))).isEqualTo("0.9–1.5 kg");
        assertThat(format.range(new Mass(1_290_000_000, 1_300_000_000, 1_310_000_000))).as("both read 1.3")
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0,0,0 min", "2,3,2–3 min", "5,60,5–60 min", "60,720,60 min–12 h", "530,780,9–13 h", "120,120,2 h"})
    void lead_times_are_said_in_minutes_then_in_hours(int low, int high, String said) {
        assertThat(format.minutes(low, high)).isEqualTo(said);
    }

    @Test
    void names_are_said_in_one_breath() {
        assertThat(format.list(List.of())).isEmpty();
        assertThat(format.list(List.of("egg"))).isEqualTo("egg");
        assertThat(format.list(List.of("egg", "fish", "milk"))).isEqualTo("egg, fish and milk");
        assertThat(format.count(1, "pack", "packs")).isEqualTo("1 pack");
        assertThat(format.count(0, "pack", "packs")).isEqualTo("0 packs");
    }

    /// Flour is surely wheat; what else its breadcrumbs are of, a pack would tell.
    @Test
    void members_that_are_only_not_known_are_not_said_to_be_in_it() {
        var book = RuleBook.uk();
        var recipe = Recipe.read("Gratin\n200 g plain flour\n1 tbsp rye or barley flour", Volumes.METRIC, Law.UNKNOWN);
        var mark = Derivation.of(recipe, Facts.none(book)).under(book).marks().stream()
                .filter(m -> m.group().id().equals("gluten")).findFirst();
        assertThat(format.full(mark)).isEqualTo("in it: wheat; perhaps rye, barley");
    }

    /// Shape before colour: each way of being there has a shape of its own, lifted where it comes off.
    @ParameterizedTest
    @CsvSource(delimiter = '|',
            value = {"1 egg | eggs | m-in | in it",
                    "1 tbsp mayonnaise | eggs | m-in-assumed | in it, assumed until the pack is read",
                    "2 tsp miso | fish | m-pack | not known, a pack to read",
                    "2 tsp brillig | fish | m-unknown | not known", "1 lettuce | eggs | m-none | nothing found"})
    void marks_have_a_shape_and_a_word(String line, String group, String symbol, String words) {
        var recipe = Recipe.read("A dish\n" + line, Volumes.METRIC, new Law("uk"));
        var mark = Derivation.of(recipe, Facts.none(RuleBook.uk())).under(RuleBook.uk())
                .mark(RuleBook.uk().group(group).orElseThrow());
        assertThat(format.symbol(mark)).isEqualTo(symbol);
        assertThat(format.words(mark)).isEqualTo(words);
    }

    @Test
    void what_comes_off_is_lifted() {
        var recipe = Recipe.read("A dish\n1 lettuce\nTopping:\n50 g walnuts", Volumes.METRIC, new Law("uk"));
        var mark = Derivation.of(recipe, Facts.none(RuleBook.uk())).under(RuleBook.uk())
                .mark(RuleBook.uk().group("nuts").orElseThrow());
        assertThat(format.symbol(mark)).isEqualTo("m-in-off");
        assertThat(format.words(mark)).isEqualTo("in it, comes off");
        assertThat(format.symbol(Optional.empty())).isEqualTo("m-none");
    }

    @Test
    void every_symbol_is_in_the_sprite() throws java.io.IOException {
        try (var in = Format.class.getResourceAsStream("/static/marks.svg")) {
            var sprite = new String(in.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
            for (var symbol : List.of("m-in", "m-in-assumed", "m-may", "m-contact", "m-unknown", "m-pack"))
                assertThat(sprite).contains("id=\"" + symbol + "\"").contains("id=\"" + symbol + "-off\"");
            assertThat(sprite).contains("id=\"m-none\"").contains("id=\"p-full\"").contains("id=\"p-empty\"")
                    .contains("id=\"p-ask\"");
        }
    }
}
