package keenfork.web;

import static org.assertj.core.api.Assertions.assertThat;

import keenfork.web.persistence.settings.Settings;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;

/// A kitchen that has just started: nothing of anybody else's stands in it.
@TestPropertySource(properties = {"keenfork.demo=false", "test.kitchen=empty"})
class EmptyKitchenTest extends RunningKitchen {
    @Autowired private Settings settings;

    @BeforeEach
    void unnamed() { settings.callItself(Settings.Identity.UNNAMED); }

    @ParameterizedTest
    @ValueSource(strings = {"/today", "/dishes", "/larder", "/map", "/covers", "/swaps", "/run", "/run/kit", "/labels",
            "/kitchen", "/covers/sheet", "/covers/shopping", "/covers/prep",
            "/rule-book", "/run/now", "/run/sheet", "/larder/intake"})
    void no_page_says_another_kitchens_name_or_event(String path) {
        var page = get(path);
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(page.body()).contains("Name your kitchen").doesNotContain("Ropewalk").doesNotContain("Lantern");
    }

    @Test
    void it_is_asked_who_it_is_and_says_so_from_then_on() {
        assertThat(get("/today").body()).contains("Four first steps", "Say who you are");
        var kept = post("/kitchen", "/kitchen", "name", "  Harbour \t Café ", "address", "1 Quay\nHarbour End", "event",
                "");
        assertThat(kept.statusCode()).isEqualTo(302);
        assertThat(settings.identity()).isEqualTo(new Settings.Identity("Harbour Café", "1 Quay\nHarbour End", ""));
        assertThat(get("/today").body()).contains("Harbour Café · Keen Fork").doesNotContain("Name your kitchen");
    }

    @ParameterizedTest(name = "{0}")
    @ValueSource(strings = {"   ", "a name that is so much longer than any label in the world has room for, and then "
            + "some",
            "\uD83E\uDD5C"})
    void a_name_that_no_label_can_carry_is_turned_down_and_not_lost(String name) {
        var answer = post("/kitchen", "/kitchen", "name", name, "address", "1 Quay", "event", "A <wedding>");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("role=\"alert\"", "1 Quay", "A &lt;wedding&gt;");
        assertThat(settings.identity().isNamed()).isFalse();
    }
}
