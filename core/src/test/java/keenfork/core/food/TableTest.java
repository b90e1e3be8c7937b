package keenfork.core.food;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/// How a shipped table is laid out, and that a broken one says where.
class TableTest {
    @Test
    void a_row_goes_on_on_indented_lines_and_stands_where_it_begins() {
        var rows = Table.read(TableTest.class, "goes-on.txt", 3);
        assertThat(rows).extracting(Table.Row::line).containsExactly(2, 6, 8);
        assertThat(rows.getFirst().list(1)).containsExactly("almonds", "ground almonds", "flaked almonds");
        assertThat(rows).extracting(r -> r.cell(2)).containsOnly("tree-nut");
    }

    @Test
    void behind_a_broken_bar_a_pattern_goes_on_without_a_blank() {
        assertThat(Table.read(TableTest.class, "goes-on.txt", 3).get(1).cell(1))
                .isEqualTo("(?:walnuts¦walnut halves)");
    }

    @Test
    void a_value_of_a_block_goes_on_too() {
        var blocks = Table.blocks(TableTest.class, "blocks-go-on.txt", Set.of("dish", "in"));
        assertThat(blocks).extracting(b -> List.of(b.line(), b.cell("dish", ""), b.cell("in", "any time")))
                .containsExactly(List.of(1, "a plain salad", "summer"), List.of(5, "a dip", "any time"));
    }

    @Test
    void a_broken_file_says_where() {
        assertThatThrownBy(() -> Table.lines(TableTest.class, "hangs.txt"))
                .hasMessage("hangs.txt, line 2: nothing to go on with");
        assertThatThrownBy(() -> Table.read(TableTest.class, "goes-on.txt", 4))
                .hasMessage("goes-on.txt, line 2: 3 cells, not 4");
        assertThatThrownBy(() -> Table.blocks(TableTest.class, "blocks-go-on.txt", Set.of("dish")))
                .hasMessageStartingWith("blocks-go-on.txt, line 3");
        assertThatThrownBy(() -> Table.lines(TableTest.class, "never-written.txt")).hasMessageContaining("not shipped");
    }
}
