package keenfork.web.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class MarksDialectTest {
    private static String cells(String address) {
        var bowl = new MarkRow.Bowl("p-full", "<Dip>: Vegan suits", "\"because\"");
        return MarksDialect.cells(new MarkRow(address,
                List.of(new MarkRow.Cell("nuts&member=almond", "m-in", "<Dip> & co: Almond \"in it\"", 2)),
                List.of(bowl, bowl)));
    }

    @Test
    void every_word_is_escaped() {
        assertThat(cells("/map?avoid=%22x%22&dish=7&group="))
                .contains("aria-label=\"&lt;Dip&gt; &amp; co: Almond &quot;in it&quot;\"").doesNotContain("<Dip>")
                .contains("href=\"/map?avoid=%22x%22&amp;dish=7&amp;group=nuts&amp;member=almond\"")
                .contains("marks.svg#m-in").contains(">2</span>");
        assertThat(MarksDialect.signs(List.of(new Sign("m-may", "<b>Nuts</b>", "pack \"says\" may"))))
                .contains("&lt;b&gt;Nuts").contains("aria-label=\"pack &quot;says&quot; may\"");
    }

    @Test
    void marks_without_an_address_are_no_links() {
        assertThat(cells("")).doesNotContain("<a ").contains("role=\"img\"");
        assertThat(cells("").split("class=\"gap\"", -1)).as("one gap, before the first diet").hasSize(2);
    }
}
