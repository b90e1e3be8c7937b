package keenfork.core.label;

import static keenfork.core.Kit.derived;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// A laboratory's finding holds for the dish as it was made, and no longer.
class MadeAsTest {
    private static final String MADE = MadeAs.of(derived("500 g oats", "100 g almonds", "1 jar harissa",
            "pack: Ingredients: peppers, celery seed."));

    @ParameterizedTest
    @ValueSource(strings = {"500 g oats, toasted", "500 grams oats", "0.5 kg Oats"})
    void words_change_nothing(String line) {
        assertThat(MadeAs.of(derived(line, "100 g almonds", "1 jar harissa",
                "pack: Ingredients: peppers, celery seed."))).isEqualTo(MADE);
    }

    @Test
    void another_weight_food_or_pack_is_another_dish() {
        assertThat(MadeAs.of(derived("600 g oats", "100 g almonds", "1 jar harissa",
                "pack: Ingredients: peppers, celery seed."))).isNotEqualTo(MADE);
        assertThat(MadeAs.of(derived("500 g barley", "100 g almonds", "1 jar harissa",
                "pack: Ingredients: peppers, celery seed."))).isNotEqualTo(MADE);
        assertThat(MadeAs.of(derived("500 g oats", "100 g almonds", "1 jar harissa",
                "pack: Ingredients: peppers, celery seed. May contain wheat."))).isNotEqualTo(MADE);
    }
}
