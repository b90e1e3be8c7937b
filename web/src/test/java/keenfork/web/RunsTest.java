package keenfork.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.regex.Pattern;
import keenfork.core.trace.Certainty;
import keenfork.web.kitchen.Kitchen;
import net.fortuna.ical4j.data.CalendarBuilder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;

/// The run as it is posted and answered: its order, its cleans, its sheet for the wall and its calendar.
class RunsTest extends RunningKitchen {
    @Autowired Kitchen kitchen;

    private String write(String text) {
        assertThat(post("/dishes/new", "/dishes/new", "text", text).statusCode()).isEqualTo(302);
        var name = text.lines().findFirst().orElseThrow();
        return String.valueOf(kitchen.menu().dishes().stream().filter(d -> d.name().equals(name)).findFirst().orElseThrow().id());
    }

    private boolean isReached(String dish) {
        return kitchen.menu().dish(Long.parseLong(dish)).orElseThrow().derivation().evidence().stream().anyMatch(e -> e.certainty() == Certainty.CONTACT);
    }

    private static String plain(String html) { return html.replaceAll("<[^>]+>", " ").replaceAll("\\s+", " "); }

    @Test void a_clean_of_one_kit_is_kept_and_reaches_the_map_at_once() {
        var nuts = write("Bosun nuts\n200 g almonds, chopped\nMethod:\nScatter the almonds.");
        var plain = write("Bosun leaves\n2 lettuces, shredded\nMethod:\nServe the lettuce.");
        post("/run", "/run/use", "order", "menu", "dish", nuts, "dish", plain);
        assertThat(isReached(plain)).isTrue();
        assertThat(plain(get("/run?show=yours").body())).contains("by the board and knife").contains("by the tongs and spoons").contains("all of it on one plate");
        post("/run?show=yours", "/run/clean", "turn", "1", "kit", "board", "clean", "wash");
        assertThat(plain(get("/run?show=yours").body())).doesNotContain("by the board and knife").contains("by the tongs and spoons");
        post("/run?show=yours", "/run/clean", "turn", "1", "kit", "spoons", "clean", "rinse");
        assertThat(isReached(plain)).as("a rinse is no wash").isTrue();
        post("/run?show=yours", "/run/clean", "turn", "1", "kit", "spoons", "clean", "wash");
        assertThat(isReached(plain)).isFalse();
        post("/run?show=yours", "/run/move", "turn", "1", "to", "earlier");
        assertThat(isReached(nuts)).as("lettuce leaves nothing").isFalse();
    }

    @Test void a_dish_without_a_method_is_said_to_be_left_out() {
        write("Silent salad\n2 lettuces\n50 g walnuts");
        assertThat(plain(get("/run").body())).containsPattern("No step says what these go over: [^.]*Silent salad[^.]*\\. What they could pick up or leave is not counted");
    }

    @ParameterizedTest @CsvSource({"/run/clean,turn,99,kit,board,clean,wash", "/run/clean,turn,0,kit,anvil,clean,wash", "/run/clean,turn,0,kit,board,clean,scorch", "/run/clean,turn,x,kit,board,clean,wash", "/run/move,turn,0,to,sideways,a,b"})
    void what_makes_no_sense_is_said_and_changes_nothing(String path, String a, String b, String c, String d, String e, String f) {
        var answer = post("/run", path, a, b, c, d, e, f);
        assertThat(answer.statusCode()).isBetween(400, 499);
        assertThat(answer.body()).doesNotContain("Exception");
    }

    @ParameterizedTest @ValueSource(strings = {"/run/sheet", "/run/sheet?show=best&cooks=3&serve=18:00", "/run/sheet?cooks=0&serve=25:99", "/run/sheet?cooks=%F0%9F%98%80&serve=%3Cscript%3E"})
    void the_wall_sheet_tells_each_cook_what_to_do_when(String path) {
        var page = get(path);
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(plain(page.body())).contains("Cook 1").containsPattern("\\d\\d:\\d\\d ");
        assertThat(page.body()).doesNotContain("<script>");
    }

    @Test void a_day_that_is_too_short_says_so_at_once() {
        assertThat(plain(get("/run/sheet?show=best&cooks=1&serve=01:00").body())).contains("It does not fit into the day");
        assertThat(plain(get("/run/sheet?show=best&cooks=4&serve=23:00").body())).doesNotContain("It does not fit into the day");
    }

    /// Checked by ical4j's own validator of RFC 5545.
    @Test void the_run_is_taken_along_as_a_calendar() throws Exception {
        var answer = get("/run/run.ics?show=best&cooks=2&serve=17:30");
        assertThat(answer.headers().firstValue("Content-Type").orElse("")).startsWith("text/calendar");
        var calendar = new CalendarBuilder().build(new StringReader(answer.body()));
        assertThat(calendar.validate().hasErrors()).isFalse();
        assertThat(calendar.getComponents("VEVENT")).hasSizeGreaterThan(20);
        assertThat(Pattern.compile("DTEND:\\d{8}T173000").matcher(answer.body()).find()).as("the last is done when all must be ready").isTrue();
    }
}
