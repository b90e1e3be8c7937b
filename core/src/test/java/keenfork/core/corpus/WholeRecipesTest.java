package keenfork.core.corpus;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.Kit;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Recipes with their methods, as caterers type them for their own kitchens. What is in each is common practice.
class WholeRecipesTest {
    static Stream<String> recipes() { return Kit.blocks("/corpus/recipes-whole.txt"); }

    @ParameterizedTest @MethodSource("recipes")
    void a_recipe_is_read_with_its_method(String block) {
        var lines = block.lines().filter(l -> !l.startsWith("#")).toList();
        var expected = lines.getFirst();
        var text = String.join("\n", lines.subList(1, lines.size())).replace("\n|", "\n");
        var recipe = Recipe.read(text, Volumes.METRIC, new Law(RuleBook.uk().law()));
        var read = Derivation.of(recipe, Facts.none(RuleBook.uk()));
        var marks = read.under(RuleBook.uk()).marks().stream()
                .map(m -> (m.certainty() == Certainty.CONTAINS ? "" : "~") + m.group().id())
                .collect(Collectors.joining(" "));
        var asked = read.questions().stream().map(q -> q.ask()).filter(WholeRecipesTest::isOfStep).toList();
        assertThat(List.of(recipe.serves(), recipe.lines().size(), recipe.steps().size(), marks, asked.size())
                .stream().map(Object::toString).collect(Collectors.joining(" | "))).as(recipe.name() + asked)
                        .isEqualTo(expected);
    }

    private static boolean isOfStep(String ask) {
        return !ask.startsWith("Read the pack") && !ask.startsWith("Is the");
    }
}
