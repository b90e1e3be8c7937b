package keenfork.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import keenfork.core.recipe.Recipe;
import org.junit.jupiter.api.Test;

class BigMenuTest {
    @Test
    void the_same_seed_makes_the_same_menu_and_another_seed_another() {
        assertThat(BigMenu.of(7, 30, 40).dishes()).isEqualTo(BigMenu.of(7, 30, 40).dishes());
        assertThat(BigMenu.of(8, 30, 40).dishes()).isNotEqualTo(BigMenu.of(7, 30, 40).dishes());
    }

    @Test
    void dishes_have_their_lines_in_four_parts_and_nest_four_deep_at_most() {
        var menu = BigMenu.of(7, 200, 300);
        assertThat(menu.dishes()).allSatisfy(d -> assertThat(d.parts()).hasSize(4))
                .allSatisfy(d -> assertThat(d.lines()).hasSizeBetween(28, 32));
        assertThat(menu.dishes().stream().mapToInt(menu::depth).max()).hasValue(4);
        assertThat(menu.packs()).hasSize(300);
    }

    @Test
    void most_lines_are_read_some_hold_a_pack_and_a_few_are_not_known() {
        var lines = BigMenu.of(7, 200, 300).dishes().stream().map(Recipe::lines).flatMap(java.util.List::stream)
                .filter(l -> l.dish().isEmpty()).toList();
        assertThat(lines.stream().filter(l -> l.pack() != null).count()).isBetween(lines.size() / 10L,
                lines.size() / 3L);
        assertThat(lines.stream().filter(l -> l.isUnread()).count()).isBetween(1L, lines.size() / 50L);
    }

    @Test
    void a_mark_on_which_core_and_query_differ_is_named() {
        assertThat(RecursiveQuery.differ(Map.of("0/0/1", 0), Map.of("0/0/1", 0))).isEmpty();
        assertThat(RecursiveQuery.differ(Map.of("0/0/1", 0), Map.of("0/0/1", 3)))
                .hasValueSatisfying(d -> assertThat(d).contains("0/0/1"));
        assertThat(RecursiveQuery.differ(Map.of(), Map.of("0/0/1", 3))).isPresent();
    }
}
