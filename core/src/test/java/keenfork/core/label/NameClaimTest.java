package keenfork.core.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import keenfork.core.Kit;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What a name promises, judged by the dish. The figures of the laws are recalled: see `name-claims.txt`.
class NameClaimTest {
    private static Derivation dish(String name, String told) {
        var parts = told.split(" \\|\\| ");
        var text = new ArrayList<>(List.of(name));
        text.addAll(List.of(parts[0].split("; ")));
        if (parts.length > 1) text.addAll(List.of("Method", parts[1]));
        return Derivation.of(Recipe.read(String.join("\n", text), Volumes.METRIC, new Law("uk")), Facts.none(Kit.UK));
    }

    static Stream<List<String>> names() { return Kit.rows("/keenfork/core/label/names.txt", " \\| "); }

    @ParameterizedTest @MethodSource("names")
    void a_name_promises_no_more_than_the_dish_holds(List<String> row) {
        var claims = NameClaim.of(dish(row.get(0), row.get(1)), RuleBook.named(row.get(2)).orElseThrow());
        if (row.get(3).equals("-")) {
            assertThat(claims).isEmpty();
            return;
        }
        var cells = Arrays.stream(row.get(3).split(";", -1)).map(String::strip).toList();
        assertThat(claims).singleElement().satisfies(c -> {
            assertThat(c.says()).isEqualTo(cells.get(0));
            assertThat(String.join(", ", c.against())).isEqualTo(cells.get(1));
            assertThat(String.join(", ", c.unread())).isEqualTo(cells.get(2));
            assertThat(String.join(", ", c.asks())).contains(cells.get(3));
            assertThat(cells.get(3).isEmpty()).isEqualTo(c.asks().isEmpty());
        });
    }

    @Test
    void what_goes_into_a_dish_that_it_uses_speaks_too() {
        var dressing = Recipe.read("Herb dressing\n100 ml olive oil\n1 bunch dill", Volumes.METRIC, new Law("uk"));
        var slaw = Recipe.read("Oil-free slaw\n200 g cabbage\n50 g @Herb dressing", Volumes.METRIC, new Law("uk"));
        assertThat(NameClaim.of(Derivation.of(slaw, new Facts(Kit.UK, List.of(new Fact.OtherDish(dressing)))),
                RuleBook.uk()))
                        .singleElement().satisfies(c -> assertThat(c.against()).containsExactly("olive oil"));
    }

    /// A name that promises nothing that is missing asks nothing.
    @Test
    void a_dish_that_is_made_here_is_what_it_is_called() {
        assertThat(Statement.compose(dish("Hummus", "500 g chickpeas; 100 g tahini"), RuleBook.uk()).checks())
                .isEmpty();
        assertThat(Statement.compose(dish("Hummus", "500 g chickpeas"), RuleBook.uk()).checks())
                .containsExactly("The name says “hummus”, and no line is. Is it still what it is called?");
    }

    @Test
    void a_pack_speaks_for_its_product() {
        var dip = Recipe.read("Oil-free dip\n100 g mustard\npack: water, mustard seed, rapeseed oil", Volumes.METRIC,
                new Law("uk"));
        assertThat(NameClaim.of(Derivation.of(dip, Facts.none(Kit.UK)), RuleBook.uk())).singleElement().satisfies(c -> {
            assertThat(c.against()).containsExactly("rapeseed oil");
            assertThat(c.unread()).isEmpty();
        });
    }

    @Test
    void a_label_asks_about_what_its_name_promises() {
        var statement = Statement.compose(dish("Oil-free hummus", "200 g chickpeas; 2 tbsp olive oil"), RuleBook.uk());
        assertThat(statement.ingredients()).as("no share is said of what the name denies")
                .allMatch(i -> i.percent().isEmpty() || !i.name().contains("oil"));
        assertThat(statement.checks())
                .contains("The name says “oil free”, and there is olive oil. Give it another name.");
    }
}
