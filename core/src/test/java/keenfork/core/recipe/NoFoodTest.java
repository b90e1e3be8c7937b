package keenfork.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import keenfork.core.food.Table;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class NoFoodTest {
    static Stream<String> rows() {
        return Table.read(NoFood.class, "no-food.txt", 2).stream().flatMap(r -> Stream.of(r.cell(0).split(";")))
                .map(String::strip);
    }

    @ParameterizedTest @MethodSource("rows")
    void what_is_called_after_a_food_is_none(String words) {
        assertThat(Mention.in(List.of("Mix it, " + words + " by your side."))).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Roll into walnut-sized balls.", "Brush the top with a pastry brush.", "Fish out the bay.",
            "Slice it on the meat slicer.", "Lower into the fryer basket."})
    void steps_of_kitchens_ask_nothing(String step) {
        assertThat(Mention.in(List.of(step))).as(step).isEmpty();
    }

    @Test
    void the_food_itself_is_named_still() {
        assertThat(Mention.in(List.of("Cut the pastry with a pastry cutter.", "Stir in the walnuts.",
                "Butter the bread and lay the fish on."))).extracting(Mention::words)
                        .containsExactlyInAnyOrder("pastry", "walnuts", "Butter", "bread", "fish");
    }
}
