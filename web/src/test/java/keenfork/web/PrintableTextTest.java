package keenfork.web;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// What no label could print is turned down at the door, whatever form it comes in by.
class PrintableTextTest extends RunningKitchen {
    @ParameterizedTest
    @ValueSource(strings = {"\u0000", "\u0001", "\u000B", "\u000C", "\u001B", "\u0085", "\uFFFE", "\uFFFF"})
    void a_letter_that_cannot_be_printed_is_turned_down_with_its_place(String letter) {
        var answer = post("/dishes/new", "/dishes/new", "text", "Rope" + letter + "slaw\n1 kg cabbage");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("Behind “Rope”").contains("Nothing was stored")
                .contains("Ropeslaw\n1 kg cabbage</textarea>")
                .contains("U+%04X".formatted((int) letter.charAt(0)));
        assertThat(get("/dishes").body()).doesNotContain("Rope slaw").doesNotContain("Ropeslaw");
    }

    @Test
    void every_form_has_the_same_door() {
        for (var form : new String[][] {{"/larder/new", "label"}, {"/covers", "list", "/covers/list"},
                {"/kitchen", "name"}, {"/larder/intake", "table"}})
            assertThat(post(form[0], form.length > 2 ? form[2] : form[0], form[1], "a\u0002b").statusCode())
                    .as(form[0]).isEqualTo(422);
        assertThat(get("/dishes?q=%0C").statusCode()).isEqualTo(422);
    }

    /// Letters of any script, marks, joined emoji and tabs go through.
    @ParameterizedTest
    @ValueSource(strings = {"crème brûlée", "蕎麦", "سماق", "👩‍🍳", "a\tb", "a\r\nb"})
    void what_people_write_goes_through(String text) {
        assertThat(post("/covers", "/covers/list", "list", text).body()).doesNotContain("cannot be printed");
    }
}
