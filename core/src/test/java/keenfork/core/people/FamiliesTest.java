package keenfork.core.people;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.derived;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.stream.Stream;
import keenfork.core.Kit;
import keenfork.core.food.Family;
import keenfork.core.kitchen.GuestCards;
import keenfork.core.trace.Derivation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/// A food that somebody avoids is in more than what bears its name: common practice.
class FamiliesTest {
    static Stream<String> rows() { return Kit.lines("/corpus/families.txt").filter(r -> !r.startsWith("#")); }

    private static Avoidance.Answer worst(String avoided, Derivation dish) {
        var read = Avoidances.of(avoided, UK);
        assertThat(read.refused()).as(avoided).isEmpty();
        return read.all().stream().map(a -> a.against(dish)).max(Enum::compareTo).orElseThrow();
    }

    @ParameterizedTest @MethodSource("rows")
    void what_a_food_is_in(String row) {
        var cells = row.split("\\|");
        var lines = cells[1].strip().split("\\s*¦\\s*");
        var dish = derived(lines.length == 1 ? lines : new String[] {lines[0], "Pack (UK): " + lines[1]});
        assertThat(worst(cells[0].strip(), dish).name()).startsWith(cells[2].strip());
    }

    @Test
    void every_family_is_asked_about() {
        var said = new HashSet<Avoidance>();
        rows().forEach(r -> said.addAll(Avoidances.of(r.split("\\|")[0], UK).all()));
        var missing = Family.known().stream().map(w -> Family.of(w)).distinct()
                .filter(f -> said.stream().noneMatch(a -> a instanceof Avoidance.OfFood(var word)
                        && Family.of(word).word().equals(f.word())))
                .map(Family::word).distinct().toList();
        assertThat(missing).isEmpty();
    }

    /// What only a step names may be in the dish.
    @ParameterizedTest
    @CsvSource({"coriander, Scatter with coriander., OPEN", "coriander, Scatter with parsley., NOTHING",
            "bread, Serve with toast., OPEN", "tomato, Spoon the passata over., OPEN",
            "pepper, Season with pepper., NOTHING", "black pepper, Season with pepper., OPEN",
            "corn, Cut into pieces the size of peas., NOTHING"})
    void a_step_alone_leaves_it_open(String avoided, String step, Avoidance.Answer answer) {
        assertThat(worst(avoided, derived("500 g fennel", "Method", step))).isEqualTo(answer);
    }

    @Test
    void a_word_is_understood_with_what_it_leaves_out() {
        assertThat(Avoidances.of("olives", UK).understood())
                .isEqualTo("olive and what it is in (not olive oil), recipe only");
        assertThat(Avoidances.of("corn allergy", UK).understood()).isEqualTo("corn and what it is in, recipe only");
    }

    @Test
    void a_card_says_that_nobody_looked_for_traces() {
        var card = GuestCards.of("Table 4", Avoidances.of("corn allergy, milk", UK), UK,
                List.of(derived("100 g polenta"), derived("1 lettuce")));
        assertThat(card.avoids()).isEqualTo("without corn, milk (traces of corn were not looked at)");
        assertThat(List.of(card.goes().size(), card.eats().size())).containsExactly(1, 1);
    }
}
