package keenfork.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import keenfork.core.Kit;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Table;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What stands on the card of a recipe beside its list: common practice.
class CardNoteTest {
    private static Stream<String> lines(String kind) {
        return Table.read(CardNoteTest.class, "/corpus/card-notes.txt", 2).stream()
                .filter(r -> r.cell(0).equals(kind)).map(r -> r.cell(1));
    }

    static Stream<String> notes() { return lines("note"); }

    static Stream<String> whatGoesIn() { return lines("in"); }

    @ParameterizedTest @MethodSource("notes")
    void a_note_asks_nothing_wherever_it_stands(String note) {
        for (var card : List.of(List.of(note, "500 g fennel", "100 g rice"),
                List.of("500 g fennel", note, "100 g rice")))
            assertThat(Kit.derived(card.toArray(String[]::new)).questions()).as(String.join(" ⏎ ", card)).isEmpty();
    }

    @ParameterizedTest @MethodSource("whatGoesIn")
    void what_may_go_in_is_no_note(String line) {
        assertThat(Kit.aDish(line, "500 g fennel", "100 g rice").lines()).as(line).hasSizeGreaterThan(2);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"%s", "500 g %s", "2 %s", "1 batch %s", "fresh %s", "Day 2 %s", "%s, chilled", "%s (see note)",
                    "%s - version 2", "Total %s 2 kg", "Ann's %s", "%s only", "Updated %s", "%s: chilled",
                    "Flake: %s"})
    void no_food_of_the_tables_is_taken_for_a_note(String form) {
        assertThat(Foods.shipped().all().stream().map(Food::name).map(form::formatted).filter(CardNote::is)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"%s, %s", "%s (%s)", "%s - %s", "%s: %s", "%s %s", "2 %s, %s"})
    void nor_is_one_turned_round(String form) {
        var turned = Foods.shipped().all().stream().map(f -> List.of(f.name().split(" "))).filter(w -> w.size() > 1)
                .map(w -> form.formatted(w.getLast(), String.join(" ", w.subList(0, w.size() - 1))));
        assertThat(turned.filter(CardNote::is)).isEmpty();
    }

    @Test
    void the_name_of_the_dish_stands_below_what_the_card_says_of_itself() {
        var recipe = read("Page 12\nRef: SAL/012\nRecipe: Green bowl\nDate: 3/4/25  Author: AW  Portions: 20\n"
                + "500 g fennel\nTotal 500 g");
        assertThat(recipe.name()).isEqualTo("Green bowl");
        assertThat(recipe.serves()).isEqualTo(20);
        assertThat(recipe.lines()).extracting(Line::text).containsExactly("500 g fennel");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "---", "()", "- ", "* * *", "##", "(((", ":", "[ ]", "o 1"})
    void what_says_nothing_is_no_note_and_breaks_nothing(String line) {
        assertThat(CardNote.is(line)).isFalse();
        assertThat(read(line + "\n" + line + "\nGreen bowl\n" + line + "\n500 g fennel").lines()).isNotEmpty();
    }

    @Test
    void who_signed_a_letter_is_no_food_and_what_goes_on_below_is() {
        assertThat(read("Green bowl\n500 g fennel\n\nThanks,\nAnn Weaver\nHead Chef\nRopewalk Canteen").lines())
                .hasSize(1);
        assertThat(read("Green bowl\n500 g fennel\nEnjoy!\nXyloflan\n200 g tahini").lines()).hasSize(3);
        assertThat(read("Thanks,\nAnn Weaver").name()).isNotEmpty();
    }

    @Test
    void a_dish_may_be_called_as_a_note_is() {
        assertThat(read("Dish of the day\n500 g fennel").name()).isEqualTo("Dish of the day");
    }

    private static Recipe read(String text) { return Recipe.read(text, Volumes.METRIC, new Law("uk")); }
}
