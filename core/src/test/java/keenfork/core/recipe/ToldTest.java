package keenfork.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// A recipe told in one breath, without a name of its own, has one nonetheless, and loses nothing for it.
class ToldTest {
    private static final String TOLD =
            " 200 g of walnuts, 2 tbsp of honey, 300 g of beans and 4 eggs, whisk it well, oil, salt, pepper";

    @ParameterizedTest
    @ValueSource(strings = {"Crumble, ", ", ", "...",
            "a cake that has a name of very many words so that nobody reads it all, ",
            "Aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa, "})
    void whatever_it_begins_with_it_is_cut_into_lines(String begins) {
        var recipe = Recipe.read(begins + TOLD, Volumes.METRIC, new Law("uk"));
        assertThat(recipe.name()).isNotBlank().hasSizeLessThan(begins.length() + TOLD.length());
        assertThat(recipe.lines()).extracting(Line::text).anyMatch(l -> l.contains("walnuts"))
                .anyMatch(l -> l.contains("eggs"));
    }
}
