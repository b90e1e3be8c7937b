package keenfork.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Sheets as they are copied out of a spreadsheet or a document (common practice): what stands over a column tells what
/// stands in it.
class SheetTest {
    private static final String COSTED = """
            House hummus
            Code\tIngredient\tUnit\tQty\tWaste %\tPrep\tAllergens
            401\tChickpeas\tkg\t2.5\t0\tsoaked\t-
            402\tTahini\tg\t600\t0\t\tsesame
            403\tLemons\t\t8\t12\tjuiced\tnone
            """;

    private static List<String> lines(String text) {
        return Recipe.read(text, Volumes.METRIC, new Law("uk")).lines().stream().map(Line::text).toList();
    }

    @Test
    void each_column_is_read_as_what_its_head_says() {
        assertThat(lines(COSTED)).containsExactly("2.5 kg Chickpeas, soaked", "600 g Tahini (contains sesame)",
                "8 Lemons, juiced");
    }

    @ParameterizedTest @ValueSource(strings = {"\t", " | ", "   ", ","})
    void whatever_parts_them(String between) {
        assertThat(lines("Dukkah\nItem;Qty;Unit\nHazelnuts;300;g\nSesame;150;g".replace(";", between)))
                .containsExactly("300 g Hazelnuts", "150 g Sesame");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"2 | 400 g tin | 2 x 400 g tin Chickpeas", "3 | kg | 3 kg Chickpeas",
            "3 | '' | 3 Chickpeas"})
    void a_unit_that_begins_with_a_figure_is_so_many_times(String amount, String unit, String line) {
        assertThat(lines("Dip\nItem\tQty\tUnit\nChickpeas\t" + amount + "\t" + unit)).containsExactly(line);
    }

    /// without amounts, or with two columns of names, it may be anything: its lines are read as they stand
    @ParameterizedTest @ValueSource(strings = {"Item\tUnit\nOlives\tkg", "Item\tFood\tQty\nOlives\tgreen\t2 kg"})
    void a_head_that_does_not_tell_is_none(String sheet) {
        var read = Recipe.read("Mezze\n" + sheet, Volumes.METRIC, new Law("uk")).lines();
        assertThat(read).anyMatch(l -> l.food().filter(f -> f.name().contains("olive")).isPresent());
    }

    @Test
    void what_stands_below_a_sheet_is_read_as_ever() {
        var read = Recipe.read(COSTED + "\nGarnish\n2 tbsp olive oil\n\n1. Blend everything.", Volumes.METRIC,
                new Law("uk"));
        assertThat(read.lines()).last().extracting(Line::text).isEqualTo("2 tbsp olive oil");
        assertThat(read.steps()).containsExactly("Blend everything.");
    }

    /// An answer or a swap is written into the sheet as a line, and every other row stays as it was typed.
    @Test
    void a_row_is_changed_where_it_stands() {
        var changed = RecipeText.replaced(COSTED, 0, "600 g Tahini (contains sesame)", "600 g sunflower seed paste");
        assertThat(changed.at()).isEqualTo(3);
        assertThat(changed.text()).isEqualTo(COSTED.replace("402\tTahini\tg\t600\t0\t\tsesame",
                "600 g sunflower seed paste"));
        assertThat(lines(changed.text())).containsExactly("2.5 kg Chickpeas, soaked", "600 g sunflower seed paste",
                "8 Lemons, juiced");
    }
}
