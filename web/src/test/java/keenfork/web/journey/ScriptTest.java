package keenfork.web.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// The scripts' own functions, each in the browser that runs them.
class ScriptTest extends Browsing {
    private Object call(String module, String call, Object argument) {
        go("/today");
        return page.evaluate("argument => import('/js/%s.js').then(m => %s)".formatted(module, call), argument);
    }

    private String answered(String text, String line, String words) {
        var found = call("bench", "m.place(argument.text, argument.line, argument.words)",
                Map.of("text", text, "line", line, "words", words));
        if (!(found instanceof Map<?, ?> place)) return "";
        return text.substring(0, (Integer) place.get("start")) + place.get("words")
                + text.substring((Integer) place.get("end"));
    }

    @Test
    void an_answer_goes_into_its_line_and_no_other() {
        assertThat(answered("Dip\n14 tbsp honey\n- 4 tbsp honey  \n1 egg", "4 tbsp honey", "4 tbsp date syrup"))
                .isEqualTo("Dip\n14 tbsp honey\n- 4 tbsp date syrup  \n1 egg");
        assertThat(answered("4 tbsp honey\n2. 4 tbsp honey", "4 tbsp honey", "agave"))
                .as("the first of two").isEqualTo("agave\n2. 4 tbsp honey");
        assertThat(answered("Dip\n☐ salt", "salt", "sea salt")).isEqualTo("Dip\n☐ sea salt");
    }

    @Test
    void an_answer_to_a_line_that_is_gone_goes_nowhere() {
        assertThat(answered("Dip\n14 tbsp honey", "4 tbsp honey", "agave")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"ArrowRight, 1", "ArrowLeft, 0", "ArrowDown, 3", "ArrowUp, -1"})
    void an_arrow_goes_to_the_nearest_block_that_way(String key, int to) {
        var others = List.of(at(0, 10), at(200, 12), at(300, 10), at(110, 60), at(100, 200));
        assertThat(call("run", "m.nearest(argument.from, argument.others, argument.key)",
                Map.of("from", at(100, 10), "others", others, "key", key))).isEqualTo(to);
    }

    private static Map<String, Integer> at(int left, int top) { return Map.of("left", left, "top", top); }

    /// What every journey relies on: a fault is seen, on a page like any other.
    @Test
    void a_button_that_says_nothing_is_seen() {
        go("/today");
        isSound();
        page.evaluate("document.querySelector('main').insertAdjacentHTML('beforeend', '<button></button>')");
        assertThatThrownBy(this::isSound).isInstanceOf(AssertionError.class).hasMessageContaining("button-name");
    }

    @Test
    void a_station_without_its_parts_is_left_alone() {
        assertThat(call("parts", "m.foldIn()", null)).isEqualTo(false);
        assertThat(call("map", "[m.closeWhy(), m.peel(false)].length", null)).isEqualTo(2);
    }
}
