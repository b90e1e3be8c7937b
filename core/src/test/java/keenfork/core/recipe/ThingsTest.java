package keenfork.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import keenfork.core.Kit;
import keenfork.core.food.Table;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Things in a list that are no food: common practice.
class ThingsTest {
    static Stream<String> rows() {
        return Table.read(Things.class, "things.txt", 2).stream().flatMap(r -> Stream.of(r.cell(0).split(";")))
                .map(String::strip);
    }

    @ParameterizedTest @MethodSource("rows")
    void a_thing_puts_nothing_in(String thing) {
        assertThat(Kit.derived("500 g fennel", "40 " + thing).questions()).isEmpty();
        assertThat(Kit.aDish("500 g fennel", thing).lines()).hasSize(1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"20 bamboo skewers, soaked in water", "hickory chips", "wooden skewers",
            "- baking parchment", "60 muffin cases"})
    void what_it_is_made_of_is_no_food_either(String line) {
        assertThat(Kit.derived("500 g fennel", line).questions()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"12 halloumi skewers", "prawn skewers", "20 skorvle skewers", "string cheese",
            "cheese string",
            "nori foil", "6 pastry cases", "lemongrass skewers with beef", "almond film", "shortbread, in foil"})
    void what_is_on_it_goes_in(String line) { assertThat(Kit.aDish("500 g fennel", line).lines()).hasSize(2); }
}
