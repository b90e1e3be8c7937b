package keenfork.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PackCsvTest {
    private static List<PackCsv.PackRecord> read(String text) throws PackCsv.Unreadable { return PackCsv.read(text); }

    @Test
    void what_is_written_is_read_back() throws PackCsv.Unreadable {
        var cells = List.of("harissa", "Harissa, \"hot\"\n370 g", "2200000000117", "uk", "2026-11-24",
                "peppers; chilli, =salt");
        var row = read(PackCsv.write(List.of(cells))).getFirst();
        assertThat(List.of(row.cell("food"), row.cell("name"), row.cell("bar code"), row.cell("printed under"),
                row.cell("read on"), row.cell("declaration"))).isEqualTo(cells);
    }

    /// OWASP, CSV Injection: a cell that starts with one of these signs, a tab or a line end is taken for a formula.
    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+1", "-1", "@SUM(A1)", "\t=1", "\r=1", "  =cmd|' /C calc'!A0", "\n@x"})
    void no_cell_starts_a_formula_and_none_is_lost(String cell) throws Exception {
        var text = PackCsv.table(List.of("food", "declaration"), List.of(List.of("x", cell)));
        try (var parser = CSVFormat.DEFAULT.parse(new java.io.StringReader(text))) {
            assertThat(parser.getRecords().get(1).get(1)).startsWith("'");
        }
        assertThat(read(text).getFirst().cell("declaration")).isEqualTo(cell.stripTrailing().isEmpty() ? "" : cell);
    }

    @ParameterizedTest @ValueSource(strings = {"food;declaration\nharissa;peppers, salt",
            "food\tdeclaration\nharissa\tpeppers, salt", "\n\nFood,Declaration\nharissa,\"peppers, salt\""})
    void commas_semicolons_and_tabs_are_told_apart(String text) throws PackCsv.Unreadable {
        assertThat(read(text)).singleElement().satisfies(r -> {
            assertThat(r.cell("food")).isEqualTo("harissa");
            assertThat(r.cell("declaration")).isEqualTo("peppers, salt");
            assertThat(r.cell("bar code")).isEmpty();
        });
    }

    @Test
    void what_is_no_such_table_is_told_in_words() {
        assertThatThrownBy(() -> read("")).hasMessageContaining("empty");
        assertThatThrownBy(() -> read("name,label\nx,y")).hasMessageContaining("missing: food, declaration");
        assertThatThrownBy(() -> read("food,declaration\n\"never ends")).hasMessageContaining("quote");
        assertThatThrownBy(() -> read("food,food,declaration\na,b,c")).hasMessageContaining("named twice");
        assertThatThrownBy(() -> read("food,declaration\n" + "a,b\n".repeat(5_001))).hasMessageContaining("5,000 rows");
    }

    @RepeatedTest(50)
    void any_text_is_read_or_refused_in_words(RepetitionInfo run) {
        var random = new Random(run.getCurrentRepetition());
        var signs = "a,;\"'\t\n\r=\\é🥚\0 ";
        for (var i = 0; i < 40; i++) {
            var text = random.ints(random.nextInt(60), 0, signs.length()).mapToObj(c -> String.valueOf(signs.charAt(c)))
                    .collect(Collectors.joining());
            try {
                var lines = text.lines().count();
                assertThat(PackCsv.read("food,declaration\n" + text)).hasSizeLessThanOrEqualTo((int) lines + 1);
            } catch (PackCsv.Unreadable e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }
}
