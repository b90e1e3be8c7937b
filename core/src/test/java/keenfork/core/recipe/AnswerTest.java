package keenfork.core.recipe;

import static keenfork.core.Kit.aLine;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import keenfork.core.measure.Volumes;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AnswerTest {
    private static List<Answer> to(String line) {
        return Answer.to(aLine(line), Volumes.METRIC);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "4 tbsp honey or date syrup | 4 tbsp honey | 4 tbsp date syrup",
            "juice of 6 limes or lemons | juice of 6 limes | juice of 6 lemons",
            "60 ml lime or lemon juice | 60 ml lime juice | 60 ml lemon juice",
            "200 g almonds or cashews, toasted | 200 g almonds | 200 g cashews, toasted",
            "4 anchovies, or 2 tsp capers | 4 anchovies | 2 tsp capers",
            "egg wash, sesame / nigella on top | egg wash, sesame | egg wash, nigella on top",
            "100 g feta/goat's cheese | 100 g feta | 100 g goat's cheese"})
    void an_or_is_answered_by_one_of_its_choices(String asked, String first, String second) {
        assertThat(to(asked)).extracting(Answer::line).containsExactly(first, second);
    }

    /// With "harissa" alone the hummus, and its sesame, would be gone from the dish.
    @ParameterizedTest @ValueSource(strings = {"hummus with tahini / harissa", "feta in oil / brine"})
    void no_answer_loses_what_goes_in_either_way(String asked) {
        var sure = aLine(asked).choices().getFirst().main();
        assertThat(to(asked)).allSatisfy(a -> assertThat(aLine(a.line()).choices()).isNotEmpty()
                .allSatisfy(c -> assertThat(Stream.concat(Stream.of(c.main()), c.others().stream())).contains(sure)));
    }

    @Test
    void an_answer_settles_the_question() {
        var chosen = to("4 tbsp honey or date syrup").getLast();
        assertThat(chosen.words()).isEqualTo("date syrup");
        assertThat(aLine(chosen.line()).choices()).hasSize(1);
    }

    @Test
    void a_misspelt_food_is_answered_by_what_it_may_have_been() {
        assertThat(to("200 g haselnuts, toasted")).extracting(Answer::line).containsExactly("200 g hazelnut, toasted",
                "200 g “haselnuts”, toasted");
        assertThat(aLine("200 g “haselnuts”, toasted").isUnread()).as("it was said that it is no hazelnut").isTrue();
        assertThat(to("200 g zugwort")).isEmpty();
    }

    @Test
    void a_word_too_loose_is_answered_by_its_kinds() {
        assertThat(to("500 ml stock")).extracting(Answer::words).contains("vegetable stock", "fish stock")
                .allSatisfy(w -> assertThat(w).endsWith("stock"));
    }

    @Test
    void a_food_may_be_named_for_what_could_not_be_read() {
        assertThat(Answer.naming(aLine("2 tbsp zugwort"), "tahini", Volumes.METRIC)).extracting(Answer::line)
                .containsExactly("2 tbsp tahini");
        assertThat(Answer.naming(aLine("2 tbsp zugwort"), "no such food", Volumes.METRIC)).isEmpty();
    }

    @Test
    void it_is_written_into_the_recipe_and_every_other_line_stays() {
        var recipe = "Dip\n\n- 1 kg chickpeas\n  * 4 tbsp honey or date syrup  \nMethod:\nBlend.";
        var answer = to("4 tbsp honey or date syrup").getFirst();
        assertThat(answer.into(recipe, "4 tbsp honey or date syrup"))
                .isEqualTo("Dip\n\n- 1 kg chickpeas\n  * 4 tbsp honey\nMethod:\nBlend.");
        assertThat(answer.into(recipe, "a line that is not there")).isEqualTo(recipe);
    }

    @Provide
    Arbitrary<String> lines() {
        var amounts = Arbitraries.of("", "2 tbsp ", "100 g ", "a few ", "juice of 2 ", "1 x 400 g tin ");
        var foods = Arbitraries.of("almonds", "honey", "lime", "lemon juice", "stock", "tahni", "feta", "oil", "zzz",
                "walnuts, chopped");
        return amounts.flatMap(a -> foods.flatMap(f -> foods.map(g -> a + f + " or " + g)));
    }

    /// Whatever is offered reads back as one food less to ask about, in an amount that the line holds.
    @Property(tries = 400)
    void no_answer_says_more_than_its_words(@ForAll("lines") String line) {
        var asked = aLine(line);
        for (var answer : Answer.to(asked, Volumes.METRIC)) {
            var read = aLine(answer.line());
            var isOwn = answer.line().contains("“");
            assertThat(isOwn || read.unread().size() < asked.unread().size()
                    || read.words().as().size() < asked.words().as().size() || read.choices().size() == 1)
                            .as("%s -> %s", line, answer.line()).isTrue();
        }
    }
}
