package keenfork.core.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class SheetTest {
    /// ISO 216: A4 is 210 by 297 mm, of which two A6 cards, or eight tub labels of 100 by 70 mm, are cut.
    @ParameterizedTest
    @CsvSource({"A4,CARD,2", "A4,TUB,8", "A4,ROLL,8", "A4,LINE,5", "A4,TENT,1", "A4,BIG,1", "A4,GUEST,2",
            "A4,GUEST_LARGE,1", "LETTER,TUB,6", "LETTER,CARD,2", "LETTER,ROLL,8", "LETTER,MENU,0", "OWN,TUB,1"})
    void so_many_labels_go_on_a_sheet(PaperFormat sheet, Kind kind, int many) {
        assertThat(sheet.of(kind).each()).isEqualTo(many);
    }

    @ParameterizedTest @EnumSource(Kind.class)
    void labels_stay_on_their_sheet(Kind kind) {
        for (var sheet : PaperFormat.values()) {
            var layout = sheet.of(kind);
            assertThat(layout.left() + layout.columns() * kind.width()).isLessThanOrEqualTo(layout.width() + 1e-9);
            assertThat(layout.top() + layout.rows() * kind.height()).isLessThanOrEqualTo(layout.height() + 1e-9);
        }
    }

    @Test
    void every_kind_of_one_dish_can_be_cut_from_either_sheet() {
        for (var sheet : List.of(PaperFormat.A4, PaperFormat.LETTER))
            assertThat(Arrays.stream(Kind.values()).filter(Kind::isOfOneDish)).allMatch(k -> sheet.of(k).each() > 0);
    }
}
