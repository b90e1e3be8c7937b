package keenfork.core.people;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.US;
import static keenfork.core.Kit.aDish;
import static keenfork.core.Kit.derived;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What a line does to someone who avoids something: nothing, perhaps, or it breaks it.
class AvoidanceTest {
    private static Avoidance.Answer worst(RuleBook book, String avoided, String... lines) {
        var avoidance = Avoidance.parse(avoided, book).orElseThrow();
        return derived(lines).evidence().stream().map(avoidance::against).max(Enum::compareTo)
                .orElse(Avoidance.Answer.NOTHING);
    }

    @ParameterizedTest(name = "{0} and {1}")
    @CsvSource(delimiter = '|', value = {
            "eggs | 1 egg | BREAKS", "eggs | 1 lettuce | NOTHING", "eggs | 1 slice of bread | OPEN",
            "eggs | 1 tbsp mayonnaise | BREAKS",
            "nuts | 50 g almonds | BREAKS", "nuts | 50 g pine nuts | NOTHING", "cashew | 50 g almonds | NOTHING",
            "cashew | 50 g cashews | BREAKS",
            "cashew | 50 g mixed nuts | BREAKS", "gluten | 100 g spelt | BREAKS", "gluten | 100 g buckwheat | NOTHING",
            "barley | 100 g farro | NOTHING",
            "vegan | 1 tbsp honey | BREAKS", "vegetarian | 1 tbsp honey | NOTHING", "vegan | 1 cup zugwort | OPEN",
            "milk | 1 cup zugwort | OPEN",
            "dairy-free | 100 g feta | BREAKS", "nut-free | 50 g pine nuts | BREAKS",
            "fish | 1 tbsp Worcestershire sauce | BREAKS", "sesame | 1 tbsp tahini | BREAKS"})
    void lines_and_avoidances(String avoided, String line, Avoidance.Answer answer) {
        assertThat(worst(UK, avoided, line)).isEqualTo(answer);
    }

    @Test
    void a_trace_counts_unless_only_the_recipe_does() {
        var line = new String[] {"200 g rice", "pack: rice. May contain milk."};
        assertThat(worst(UK, "milk", line)).isEqualTo(Avoidance.Answer.BREAKS);
        assertThat(worst(UK, "milk:recipe", line)).isEqualTo(Avoidance.Answer.NOTHING);
        assertThat(worst(UK, "dairy-free", line)).isEqualTo(Avoidance.Answer.BREAKS);
        assertThat(worst(UK, "vegan", line)).as("a way of life is about the recipe")
                .isEqualTo(Avoidance.Answer.NOTHING);
    }

    /// What stands last in a very long list is not read; it must not be taken for nothing either.
    @Test
    void what_is_too_long_to_be_read_is_told_as_not_understood() {
        var all = Avoidances.of("no celery, ".repeat(1_000) + "sesame", UK);
        assertThat(all.unread()).last().asString().contains("letters more");
        assertThat(all.all()).extracting(Avoidance::words).contains("celery").doesNotContain("sesame");
    }

    @Test
    void ids_are_those_of_the_rule_book_in_force() {
        assertThat(Avoidance.parse("tree-nuts", US)).isPresent();
        assertThat(worst(UK, "tree-nuts", "50 g pine nuts"))
                .as("in the UK a word for the whole branch, pine nuts with it").isEqualTo(Avoidance.Answer.BREAKS);
        assertThat(Avoidance.parse("crustacean-shellfish", UK)).isPresent();
        assertThat(Avoidance.parse("zugwort", UK)).isEmpty();
        assertThat(worst(US, "tree-nuts", "50 g pine nuts")).isEqualTo(Avoidance.Answer.BREAKS);
        assertThat(worst(US, "wheat", "100 g barley")).isEqualTo(Avoidance.Answer.NOTHING);
    }

    /// A word of another book's law must not shrink to a name that no line bears.
    @Test
    void words_of_another_books_law_keep_their_reach() {
        assertThat(worst(US, "nuts", "50 g almonds")).isEqualTo(Avoidance.Answer.BREAKS);
        assertThat(worst(US, "crustaceans", "100 g prawns")).isEqualTo(Avoidance.Answer.BREAKS);
        assertThat(worst(UK, "egg", "1 tbsp mayonnaise")).isEqualTo(Avoidance.Answer.BREAKS);
        assertThat(worst(UK, "almonds", "50 g marzipan")).as("almonds wherever they hide")
                .isEqualTo(Avoidance.Answer.BREAKS);
    }

    @Test
    void a_food_is_avoided_by_its_word_in_the_line_on_the_pack_and_in_a_dish_used() {
        var vinegar = Avoidance.parse("vinegar", UK).orElseThrow();
        assertThat(vinegar.against(derived("2 tbsp cider vinegar"))).isEqualTo(Avoidance.Answer.BREAKS);
        assertThat(vinegar.against(derived("2 tbsp lemon juice"))).isEqualTo(Avoidance.Answer.NOTHING);
        assertThat(vinegar.against(derived("1 jar harissa", "pack: peppers, spirit vinegar")))
                .isEqualTo(Avoidance.Answer.BREAKS);
        var dressing =
                Recipe.read("House dressing\n2 tbsp cider vinegar\n100 ml olive oil", Volumes.METRIC, new Law("uk"));
        var salad = Derivation.of(aDish("1 lettuce", "@House dressing"),
                new Facts(UK, List.of(new Fact.OtherDish(dressing))));
        assertThat(vinegar.against(salad)).as("two leaves deep").isEqualTo(Avoidance.Answer.BREAKS);
        assertThat(vinegar.words()).isEqualTo("vinegar");
    }

    @Test
    void what_it_is_called_is_plain() {
        assertThat(Avoidance.parse("gluten", UK).orElseThrow().words()).isEqualTo("gluten cereals");
        assertThat(Avoidance.parse("cashew", UK).orElseThrow().words()).isEqualTo("cashew");
        assertThat(Avoidance.parse("vegan", UK).orElseThrow().words()).isEqualTo("not vegan");
    }
}
