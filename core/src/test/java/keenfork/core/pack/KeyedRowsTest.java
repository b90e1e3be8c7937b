package keenfork.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Tables of suppliers whose signs a key explains, as they come with a delivery (common practice).
class KeyedRowsTest {
    private static final String ROWS = "%nMilk %1$s; Egg %2$s; Wheat %1$s; Sesame %3$s; Fish %2$s.";

    private static List<String> read(String text) {
        return Declaration.read(text, new Law("uk")).findings().stream()
                .map(f -> f.substance().id() + (f.says() == Finding.Says.MAY ? "?" : "")).sorted().toList();
    }

    record Signs(List<String> of) {
        String table(String key) {
            return (key + ROWS).formatted(of.toArray());
        }
    }

    @Provide
    Arbitrary<Signs> signs() {
        return Combinators.combine(
                Arbitraries.of(Stream.of("1", "0", "2", "+", "-", "(+)", "P", "A", "T", "✔", "○", "–", "Y", "N", "M",
                        "X", "U", "●").toList()).list().ofSize(3).uniqueElements(),
                Arbitraries.just(0)).as((signs, _) -> new Signs(signs));
    }

    /// whatever the signs are: also where another table would mean something else by them
    @Property(tries = 300)
    void signs_mean_what_the_key_says(@ForAll("signs") Signs signs) {
        for (var key : List.of("(%1$s = present, %2$s = absent, %3$s = traces)",
                "Key: %1$s = contains %2$s = does not contain %3$s = may contain",
                "%1$s = ingredient; %2$s = not in product; %3$s = handled on site"))
            assertThat(read(signs.table(key))).as(signs.table(key)).containsExactly("milk", "sesame?", "wheat");
    }

    @Test
    void the_key_may_stand_right_behind_the_last_row() {
        var pack = "Rice. Milk 0; Nuts 2; Sesame 2 (0 = absent, 1 = ingredient, 2 = cross contact)";
        assertThat(read(pack)).containsExactly("sesame?", "tree-nut?");
        assertThat(Declaration.read(pack, new Law("uk")).vague()).isEmpty();
    }

    /// a key that does not tell yes from no takes nothing away, nor does a sign with two meanings, nor a single row
    @ParameterizedTest @ValueSource(strings = {"Milk 1; Egg 0; Fish 0 (1 = present)", "Milk A; Egg A (A = allergen)",
            "Milk P, Egg P. (P = present, P = absent, A = not present)", "Milk, egg 0 (0 = absent, 1 = present)"})
    void a_key_in_doubt_takes_nothing_away(String table) {
        assertThat(read(table)).contains("milk", "eggs");
    }
}
