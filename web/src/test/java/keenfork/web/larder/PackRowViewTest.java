package keenfork.web.larder;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import keenfork.core.kitchen.LarderPack;
import keenfork.web.ADish;
import keenfork.web.persistence.Stored;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// The menu of the builder is derived on 1 January 1970, and packs are read again after 180 days.
class PackRowViewTest {
    private static PackRowView row(LocalDate readOn, String declaration) {
        var pack = new LarderPack("harissa", "Harissa jar", "", "uk", declaration, readOn);
        var stored = new Stored<>(3, 0, pack);
        return PackRowView.of(stored, ADish.menuOf("Dip\n1 jar harissa\n1 kg carrots", List.of(stored)), ADish.FORMAT);
    }

    @ParameterizedTest @CsvSource({"0,''", "180,''", "181,due", "4000,due"})
    void a_pack_falls_due_after_the_kitchens_days(int daysAgo, String state) {
        var row = row(LocalDate.EPOCH.minusDays(daysAgo), "peppers, salt");
        assertThat(row.state()).isEqualTo(state);
        assertThat(row.when().endsWith("read it again")).isEqualTo(state.equals("due"));
    }

    @Test
    void an_unread_pack_is_neither_due_nor_read() {
        assertThat(row(null, "").state()).isEqualTo("unread");
        assertThat(row(null, "").when()).isEqualTo("unread");
        assertThat(row(null, "").dishes()).isEqualTo("Dip");
    }
}
