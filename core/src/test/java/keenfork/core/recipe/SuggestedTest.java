package keenfork.core.recipe;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;

import keenfork.core.label.PrintedStatement;
import keenfork.core.label.Statement;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// What is only suggested is told and is in no statement; what is served with a dish always is.
class SuggestedTest {
    private static Recipe read(String text) {
        return Recipe.read(text.replace('/', '\n'), Volumes.METRIC, new Law("uk"));
    }

    private static String label(Recipe recipe) {
        return PrintedStatement.of(Statement.compose(Derivation.of(recipe, Facts.none(UK)), UK), true).text();
    }

    @ParameterizedTest @ValueSource(strings = {"Lovely with sourdough bread.", "Great with sourdough toast",
            "It's delicious with bread and feta.", "Goes well with grilled prawns.", "Also good with walnut bread.",
            "Serving suggestion: sourdough bread", "Serving idea – naan bread", "Works well with prawns too.",
            "This is really nice with feta", "Good partners: cheese, bread", "To eat with: flatbread"})
    void what_could_be_eaten_with_it_is_no_part_of_it(String said) {
        for (var text : new String[] {"Bean dip/1 kg white beans/20 g salt/" + said,
                "Bean dip/1 kg white beans/20 g salt/Method:/Blend smooth. " + said,
                "Bean dip/1 kg white beans/20 g salt/Method:/Blend smooth./" + said}) {
            var recipe = read(text);
            assertThat(recipe.suggested()).as(text).containsExactly(said);
            assertThat(recipe.lines()).hasSize(2);
            assertThat(label(recipe)).isEqualTo("Bean dip. Ingredients: white beans, salt.");
        }
    }

    /// It never hides what is served with it, or what goes in.
    @ParameterizedTest @ValueSource(strings = {"Serve with sourdough bread.", "Lovely with 6 sourdough rolls",
            "Great with 200 g bread", "Toss with the bread.", "2 slices good bread, with butter", "Top with bread.",
            "Nice bread", "Bread to serve with it", "Lovely with butter. Then fold in the bread.",
            "Great with lemon, then stir in the bread", "Lovely with ½ a loaf of bread",
            "Nice with dill so fold in the bread",
            "Serving suggestion: toss with the bread"})
    void what_is_served_or_goes_in_stays(String said) {
        for (var text : new String[] {"Bean dip/1 kg white beans/" + said, "Bean dip/1 kg white beans/Method:/" + said})
            assertThat(Derivation.of(read(text), Facts.none(UK)).evidence().toString()).as(text).contains("wheat");
    }

    @Test
    void what_is_suggested_and_served_is_in_it() {
        var recipe = read("Dip/1 kg white beans/Beside:/6 flatbreads/Method:/Blend. Lovely with flatbread.");
        assertThat(label(recipe)).contains("wheat");
        assertThat(Statement.compose(Derivation.of(recipe, Facts.none(UK)), UK).checks())
                .anyMatch(c -> c.contains("only talks about the dish and stands on no label"));
    }
}
