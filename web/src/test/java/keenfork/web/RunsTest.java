package keenfork.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import keenfork.core.trace.Certainty;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.persistence.guest.Events;
import keenfork.web.persistence.run.KitList;
import keenfork.web.persistence.run.Runs;
import net.fortuna.ical4j.data.CalendarBuilder;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;

/// The run as it is posted and answered: its order, its cleans, its pieces, its day, its kit, its sheet for the wall
/// and its calendar.
/// A kitchen of its own: what stands in the run is seen on the labels of every dish.
@TestPropertySource(properties = "test.kitchen=runs")
class RunsTest extends RunningKitchen {
    private static final String NUTS =
            "Bosun nuts\nServes 10\nTopping:\n200 g almonds, chopped\nMethod:\nScatter the almonds.";
    private static final String LEAVES = "Bosun leaves\nServes 10\n2 lettuces, shredded\nMethod:\nServe the lettuce.";
    @Autowired Kitchen kitchen;
    @Autowired Runs runs;
    @Autowired KitList kit;
    @Autowired Events events;
    private String nuts = "";
    private String leaves = "";

    private String write(String text) {
        var name = text.lines().findFirst().orElseThrow();
        var known = kitchen.menu().dishes().stream().filter(d -> d.name().equals(name)).findFirst();
        if (known.isEmpty()) assertThat(post("/dishes/new", "/dishes/new", "text", text).statusCode()).isEqualTo(302);
        return String.valueOf(
                kitchen.menu().dishes().stream().filter(d -> d.name().equals(name)).findFirst().orElseThrow().id());
    }

    /// Two dishes in the run, nuts before leaves, nothing washed, both on the white board.
    @BeforeEach
    void nutsBeforeLeaves() {
        nuts = write(NUTS);
        leaves = write(LEAVES);
        day(LocalDate.now().plusDays(1).toString(), "2", "08:00", "17:30", "strict");
        runs.use(kitchen.menu().run().kept().id(), List.of(), "began anew", "");
        assertThat(change("/run/dishes", "dish", nuts, "dish", leaves).statusCode()).isEqualTo(302);
        for (var dish : List.of(nuts, leaves))
            change("/run/piece", "dish", dish, "kit", "board", "piece", board("white board"));
    }

    private String board(String name) {
        return String.valueOf(kit.pieces().stream().filter(p -> p.name().equals(name)).findFirst().orElseThrow().id());
    }

    private String run() { return String.valueOf(kitchen.menu().run().kept().id()); }

    private HttpResponse<String> change(String path, String... fields) {
        var all = new ArrayList<>(List.of("run", run()));
        all.addAll(List.of(fields));
        return post("/run/day", path, all.toArray(String[]::new));
    }

    private HttpResponse<String> day(String day, String cooks, String opens, String serve, String school) {
        return post("/run/day", "/run/day", "day", day, "cooks", cooks, "opens", opens, "serve", serve, "school",
                school);
    }

    private boolean isReached(String dish) {
        return kitchen.menu().dish(Long.parseLong(dish)).orElseThrow().derivation().evidence().stream()
                .anyMatch(e -> e.certainty() == Certainty.CONTACT);
    }

    private String page(String path) {
        var answer = get(path);
        assertThat(answer.statusCode()).isEqualTo(200);
        return plain(answer.body());
    }

    private static String plain(String html) { return html.replaceAll("<[^>]+>", " ").replaceAll("\\s+", " "); }

    // --- the crew's own order ----------------------------------------------------------------------------------------

    /// On the covers, too, contact is told from what a dish holds: a wash would feed them, a swap would not.
    @Test
    void where_nothing_but_contact_stands_against_a_dish_the_covers_show_it_as_that() {
        for (var dish : List.of(nuts, leaves))
            post("/covers", "/covers/course", "dish", dish, "course", "Buffet");
        post("/covers", "/covers/list", "list", "2 almond allergy", "keep", "true");
        var group = events.groups().stream().filter(g -> g.avoids().equals("almond allergy")).findFirst().orElseThrow();
        assertThat(cell(leaves, group)).contains("#m-contact").contains("almond");
        assertThat(cell(nuts, group)).as("the nuts can be left off a plate").doesNotContain("#m-contact");
        change("/run/clean", "dish", leaves, "kit", "board", "use", "0", "clean", "wash");
        change("/run/clean", "dish", leaves, "kit", "spoons", "clean", "wash");
        assertThat(cell(leaves, group)).contains("#p-full");
        events.remove(group.id());
        for (var dish : List.of(nuts, leaves))
            post("/covers", "/covers/course", "dish", dish, "course", "");
    }

    private String cell(String dish, Events.Guests group) {
        var name = kitchen.menu().dish(Long.parseLong(dish)).orElseThrow().name();
        return Pattern.compile("<td[^>]*>(?:(?!</td>).)*%s, %s: .*?</td>".formatted(name, group.name()), Pattern.DOTALL)
                .matcher(get("/covers").body()).results().findFirst().orElseThrow().group();
    }

    @Test
    void a_clean_of_one_piece_is_kept_and_reaches_the_map_at_once() {
        assertThat(isReached(leaves)).isTrue();
        assertThat(page("/run?show=yours")).contains("by the white board").contains("by the tongs and spoons")
                .contains("all of it on one plate");
        change("/run/clean", "dish", leaves, "kit", "board", "use", "0", "clean", "wash");
        assertThat(page("/run?show=yours")).doesNotContain("by the white board").contains("by the tongs and spoons");
        change("/run/clean", "dish", leaves, "kit", "spoons", "clean", "rinse");
        assertThat(isReached(leaves)).as("a rinse is no wash").isTrue();
        change("/run/clean", "dish", leaves, "kit", "spoons", "clean", "wash");
        assertThat(isReached(leaves)).isFalse();
        change("/run/clean", "dish", leaves, "kit", "spoons", "clean", "none");
        assertThat(isReached(leaves)).isTrue();
    }

    @Test
    void the_thread_on_the_map_names_the_piece_and_the_clean() {
        change("/run/clean", "dish", leaves, "kit", "board", "clean", "wipe");
        assertThat(page("/map?dish=" + leaves + "&group=nuts")).contains("after Bosun nuts on the white board, wiped");
    }

    @Test
    void what_would_clear_it_is_told_with_what_the_run_would_be_then() {
        var opened = page("/run?show=yours&trip=0");
        assertThat(opened).contains("What would clear it").contains("Wash the white board first")
                .contains("Make it before Bosun nuts Then: 0 contacts, 0 washes.").contains("Use the green board")
                .contains("reference dose 1.0 mg").contains("Hold back: no, it reaches the");
        assertThat(page("/run?show=yours&trip=99")).as("a hand-over that is gone")
                .doesNotContain("What would clear it");
    }

    @Test
    void another_piece_spares_the_wash() {
        change("/run/piece", "dish", leaves, "kit", "board", "piece", board("green board"));
        assertThat(page("/run?show=yours")).doesNotContain("by the white board").contains("by the tongs and spoons");
        assertThat(change("/run/piece", "dish", leaves, "kit", "board", "piece", "999999").statusCode()).isEqualTo(404);
        assertThat(change("/run/piece", "dish", leaves, "kit", "bowl", "piece", board("green board")).statusCode())
                .as("a board is no bowl").isEqualTo(404);
    }

    @Test
    void what_a_piece_is_kept_from_is_said_where_it_happens_all_the_same() {
        change("/run/piece", "dish", nuts, "kit", "board", "piece", board("green board"));
        assertThat(page("/run?show=yours"))
                .contains("Bosun nuts goes over the green board, which is kept from something in it.");
    }

    @Test
    void a_change_is_taken_back_one_at_a_time_and_who_made_it_is_kept() {
        change("/run/move", "dish", leaves, "to", "earlier");
        assertThat(isReached(leaves)).isFalse();
        change("/run/lock", "dish", leaves, "locked", "true");
        assertThat(runs.history().getFirst().how()).isEqualTo("locked Bosun leaves");
        change("/run/undo");
        assertThat(isReached(leaves)).as("the lock alone is taken back").isFalse();
        change("/run/undo");
        assertThat(isReached(leaves)).isTrue();
        assertThat(page("/run?show=yours")).contains("moved Bosun leaves");
    }

    @Test
    void what_somebody_else_changed_meanwhile_is_not_lost() {
        var before = run();
        change("/run/move", "dish", leaves, "to", "0");
        var answer = post("/run/day", "/run/clean", "run", before, "dish", leaves, "kit", "board", "clean", "wash");
        assertThat(answer.statusCode()).isEqualTo(409);
        assertThat(plain(answer.body())).contains("Somebody else changed the run meanwhile");
        assertThat(isReached(leaves)).as("the move stands").isFalse();
    }

    @Test
    void a_locked_batch_keeps_its_turn_in_the_best_order() {
        change("/run/lock", "dish", nuts, "locked", "true");
        assertThat(page("/run?show=best")).containsPattern("Best order 1 Bosun nuts locked.*2 Bosun leaves");
        change("/run/lock", "dish", nuts, "locked", "false");
        assertThat(page("/run?show=best")).containsPattern("Best order 1 Bosun leaves.*2 Bosun nuts");
    }

    /// Where a step allows either of two kits, the order takes one, says which, and keeps it when it is taken.
    @Test
    void a_choice_of_kit_is_taken_told_and_kept() {
        var dressing = write("Jib dressing\nServes 10\n200 g cashews\n300 ml olive oil\nMethod:\n"
                + "Blend in a blender or in the food processor.");
        var dip = write("Jib dip\nServes 10\n1 kg white beans\nMethod:\nBlend the beans.");
        assertThat(change("/run/dishes", "dish", dressing, "dish", dip).statusCode()).isEqualTo(302);
        change("/run/lock", "dish", dressing, "locked", "true");
        assertThat(isReached(dip)).as("nobody has chosen, so it may go over the blender").isTrue();
        assertThat(page("/run?show=best")).contains("takes the food processor, not the blender");
        change("/run/use", "dish", dressing);
        assertThat(isReached(dip)).isFalse();
        assertThat(kitchen.menu().run().kept().turns()).filteredOn(t -> String.valueOf(t.dish()).equals(dressing))
                .singleElement().satisfies(t -> assertThat(t.way()).isEqualTo("processor"));
        assertThat(page("/run?show=yours")).contains("takes the food processor");
    }

    @Test
    void the_best_order_is_taken_and_washes_are_put_where_they_must_be() {
        change("/run/washes");
        assertThat(isReached(leaves)).isFalse();
        assertThat(kitchen.menu().run().scored().washes()).isPositive();
        change("/run/use");
        assertThat(kitchen.menu().run().scored().washes()).isZero();
        assertThat(kitchen.menu().run().kept().turns().getFirst().dish()).isEqualTo(Long.parseLong(leaves));
    }

    @Test
    void portions_change_the_estimate_and_the_amounts_on_the_wall() {
        change("/run/portions", "dish", leaves, "portions", "40");
        assertThat(page("/run/sheet?show=yours")).contains("Cut: 8 lettuces, shredded")
                .contains("Bosun leaves, for 40");
        var wrong = change("/run/portions", "dish", leaves, "portions", "forty", "open", leaves);
        assertThat(wrong.statusCode()).isEqualTo(422);
        assertThat(plain(wrong.body())).contains("not “forty”. Nothing was changed.");
    }

    @Test
    void while_a_batch_is_dragged_the_score_of_its_place_is_told() {
        assertThat(get("/run/score?dish=" + leaves + "&to=0").body()).isEqualTo("Turn 1: 0 contacts, 0 washes");
        assertThat(get("/run/score?dish=" + leaves + "&to=1").body()).startsWith("Turn 2: 2 contacts");
        assertThat(get("/run/score?dish=" + leaves + "&to=nowhere").statusCode()).isEqualTo(404);
    }

    @Test
    void how_far_the_search_is_can_be_asked_and_it_can_be_stopped() {
        assertThat(plain(get("/run/search").body())).contains("Best order").contains("0 contacts left");
        assertThat(change("/run/search/stop").statusCode()).isEqualTo(302);
        assertThat(page("/run")).contains("Best order");
    }

    @Test
    void a_dish_without_a_method_is_asked_about_and_one_out_of_the_run_is_said_to_be_left_out() {
        write("Silent salad\n2 lettuces\n50 g walnuts");
        assertThat(page("/run")).as("told, and taken to go over what a salad usually does").contains(
                "no order here can be called the best",
                "Silent salad : No method is written. It is taken to go over the board and knife, bowl and spatula, "
                        + "tongs and spoons, hands.");
        change("/run/dishes", "dish", nuts);
        assertThat(page("/run?show=yours")).containsPattern("Not in this run: [^.]*Bosun leaves");
        assertThat(change("/run/dishes").statusCode()).as("a run needs a dish").isEqualTo(404);
    }

    @ParameterizedTest @CsvSource({"/run/clean,999999,kit,board,clean,wash", "/run/clean,L,kit,anvil,clean,wash",
            "/run/clean,L,kit,board,clean,scorch", "/run/clean,L,kit,fryer,clean,fresh",
            "/run/clean,x,kit,board,clean,wash", "/run/move,L,to,sideways,a,b",
            "/run/move,L,to,77,a,b", "/run/lock,L,locked,perhaps,a,b"})
    void what_makes_no_sense_is_said_and_changes_nothing(String path, String dish, String b, String c, String d,
            String e) {
        var before = run();
        var answer = change(path, "dish", dish.equals("L") ? leaves : dish, b, c, d, e);
        assertThat(answer.statusCode()).isBetween(400, 499);
        assertThat(answer.body()).doesNotContain("Exception");
        assertThat(run()).isEqualTo(before);
    }

    // --- the day -----------------------------------------------------------------------------------------------------

    @ParameterizedTest @CsvSource({"2026-11-27,0,08:00,17:30,from 1 to 12", "2026-11-27,many,08:00,17:30,not “many”",
            "2026-11-27,2,8 o'clock,17:30,is written as 08:00", "2026-11-27,2,18:00,17:30,no time between",
            "soon,2,08:00,17:30,A day is written as"})
    void a_day_that_makes_no_sense_is_said_and_what_was_typed_stays(String day, String cooks, String opens,
            String serve, String said) {
        var answer = day(day, cooks, opens, serve, "strict");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(plain(answer.body())).contains(said);
        assertThat(answer.body()).contains("value=\"" + cooks + "\"");
    }

    @Test
    void a_day_that_is_too_short_says_so_and_what_it_hangs_on() {
        day("", "1", "17:28", "17:30", "strict");
        assertThat(page("/run?show=yours")).contains("It does not fit: it takes").contains("It hangs on");
        assertThat(page("/run/sheet")).contains("It does not fit into the day");
        day("", "4", "6:00", "23:00", "strict");
        assertThat(page("/run?show=yours")).doesNotContain("It does not fit");
    }

    @Test
    void the_measured_school_orders_the_work_and_the_map_stays_strict() {
        day("", "2", "08:00", "17:30", "measured");
        assertThat(page("/run?show=yours")).contains("Measured school").contains("Map and labels stay strict");
        change("/run/clean", "dish", leaves, "kit", "board", "clean", "rinse");
        assertThat(isReached(leaves)).isTrue();
        assertThat(page("/run/sheet")).as("the school is printed on the run").contains("measured school");
    }

    @Test
    void a_soak_missed_the_day_before_is_said_at_once() {
        var beans =
                write("Bosun beans\nServes 10\n1 kg chickpeas\nMethod:\nSoak the chickpeas overnight.\nSimmer 60 min.");
        change("/run/dishes", "dish", beans);
        assertThat(page("/run?show=yours")).as("it is for tomorrow").doesNotContain("Not laid on the day before");
        assertThat(page("/run/day")).contains("Bosun beans: Soak the chickpeas overnight. Not yet");
        day(LocalDate.now().toString(), "2", "08:00", "17:30", "strict");
        assertThat(page("/run?show=yours"))
                .contains("Not laid on the day before: Bosun beans: Soak the chickpeas overnight.");
        assertThat(page("/today")).contains("Bosun beans Not laid on the day before: Soak the chickpeas overnight.")
                .containsPattern("and \\d+ more Not in the run: what shared kit could leave in them is not counted");
        post("/run/day", "/run/laid", "what", "Bosun beans: Soak the chickpeas overnight.", "done", "true");
        assertThat(page("/run?show=yours")).doesNotContain("Not laid on the day before");
        post("/run/day", "/run/laid", "what", "Bosun beans: Soak the chickpeas overnight.", "done", "false");
        assertThat(page("/run?show=yours")).contains("Not laid on the day before");
        assertThat(post("/run/day", "/run/laid", "what", "Something else", "done", "true").statusCode()).isEqualTo(404);
    }

    // --- the kit -----------------------------------------------------------------------------------------------------

    @Test
    void a_piece_of_the_kitchens_own_is_added_kept_from_something_and_taken_out_and_every_change_is_kept() {
        assertThat(post("/run/kit", "/run/kit/piece", "kit", "board", "name", "blue board", "keptFrom", "fish")
                .statusCode()).isEqualTo(302);
        assertThat(kitchen.menu().run().equipment().pieces())
                .anySatisfy(p -> assertThat(p.name()).isEqualTo("blue board"));
        assertThat(
                post("/run/kit", "/run/kit/piece", "kit", "board", "name", "Blue board", "keptFrom", "").statusCode())
                        .as("the name is taken").isEqualTo(409);
        var wrong = post("/run/kit", "/run/kit/piece/" + board("blue board"), "keptFrom", "zugwort");
        assertThat(wrong.statusCode()).isEqualTo(422);
        assertThat(plain(wrong.body())).contains("no allergen we know").contains("you wrote “zugwort”");
        post("/run/kit", "/run/kit/piece/" + board("blue board"), "keptFrom", "fish, eggs");
        post("/run/kit", "/run/kit/piece/" + board("blue board") + "/retire");
        assertThat(page("/run/kit")).contains("blue board new → in the kitchen, kept from fish")
                .contains("kept from fish → kept from fish, eggs").contains("in the kitchen → taken out");
        assertThat(post("/run/kit", "/run/kit/piece/999999/retire").statusCode()).isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource({"anvil,Anvil,,there is no kit", "board,,,a piece has a name", "board,Red board,vegan,from allergens",
            "board,Red board,zugwort,no allergen we know", "bowl,pan,,Another kind of kit is called pan"})
    void a_piece_that_makes_no_sense_is_said_and_what_was_typed_stays(String kind, String name, String keptFrom,
            String said) {
        var answer = post("/run/kit", "/run/kit/piece", "kit", kind, "name", name == null ? "" : name, "keptFrom",
                keptFrom == null ? "" : keptFrom);
        assertThat(answer.statusCode()).isBetween(400, 499);
        assertThat(plain(answer.body())).contains(said);
        if (name != null) assertThat(answer.body()).contains("value=\"" + name + "\"");
    }

    @Test
    void a_figure_of_the_kitchens_own_needs_a_reason_changes_the_estimate_and_is_given_up_again() {
        var before = page("/run?show=yours&trip=0");
        assertThat(post("/run/kit", "/run/kit/figure", "what", "residue:board", "figure", "20-30; 2-3", "why", "")
                .statusCode()).as("no reason").isEqualTo(422);
        assertThat(post("/run/kit", "/run/kit/figure", "what", "residue:board", "figure", "a lot", "why", "weighed")
                .statusCode()).isEqualTo(422);
        assertThat(post("/run/kit", "/run/kit/figure", "what", "residue:anvil", "figure", "1-2; 1-2", "why", "weighed")
                .statusCode()).isEqualTo(404);
        assertThat(post("/run/kit", "/run/kit/figure", "what", "clean:wash", "figure", "0-7; 5", "why", "timed")
                .statusCode()).as("more than all stays").isEqualTo(422);
        assertThat(post("/run/kit", "/run/kit/figure", "what", "residue:board", "figure", "20-30; 2-3", "why",
                "weighed in November").statusCode()).isEqualTo(302);
        assertThat(page("/run/kit")).contains("1-5; 1-5 → 20-30; 2-3, weighed in November");
        assertThat(page("/run?show=yours&trip=0")).isNotEqualTo(before);
        for (var figure : List.of("room:pan 0", "pace:cut soon"))
            assertThat(post("/run/kit", "/run/kit/figure", "what", figure.split(" ")[0], "figure", figure.split(" ")[1],
                    "why", "timed").statusCode()).as(figure).isEqualTo(422);
        var sheet = page("/run/sheet");
        assertThat(post("/run/kit", "/run/kit/figure", "what", "pace:cut", "figure", "90; 90-90", "why", "a new hand")
                .statusCode()).isEqualTo(302);
        assertThat(page("/run/sheet")).as("the clock is the kitchen's own").isNotEqualTo(sheet);
        post("/run/kit", "/run/kit/figure", "what", "pace:cut", "figure", "", "why", "");
        post("/run/kit", "/run/kit/figure", "what", "residue:board", "figure", "", "why", "");
        assertThat(kit.figures()).doesNotContainKey("residue:board");
        assertThat(page("/run/kit")).contains("20-30; 2-3 → 1-5; 1-5");
    }

    /// A rule book may know less than the one a piece was kept from something under.
    @Test
    void another_rule_book_loses_nothing_a_piece_is_kept_from() {
        post("/run/kit", "/run/kit/piece", "kit", "mandoline", "name", "old mandoline", "keptFrom", "lupin, molluscs");
        try {
            for (var book : List.of("us", "codex", "eu")) {
                post("/run/kit", "/rule-book", "id", book, "back", "/run");
                assertThat(kitchen.menu().run().equipment().pieces().stream()
                        .filter(p -> p.name().equals("old mandoline")).findFirst().orElseThrow().keptFrom())
                                .extracting(s -> s.id()).contains("lupin");
            }
        } finally {
            post("/run/kit", "/rule-book", "id", "uk", "back", "/run");
            kit.pieces().stream().filter(p -> p.name().equals("old mandoline")).forEach(p -> kit.retire(p.id(), ""));
        }
    }

    // --- on paper ----------------------------------------------------------------------------------------------------

    @Test
    void the_wall_sheet_tells_each_cook_what_to_do_when_with_how_much_and_what_still_travels() {
        assertThat(page("/run/sheet")).contains("Cook 1").contains("Cook 2").containsPattern("\\d\\d:\\d\\d ")
                .contains("What still travels")
                .contains("Almond to Bosun leaves, after Bosun nuts on the white board, not washed.");
        assertThat(page("/run/sheet?show=best")).contains("best order").doesNotContain("What still travels");
        assertThat(get("/run/sheet?show=%3Cscript%3E").body()).doesNotContain("<script>");
    }

    /// Checked by ical4j's own validator of RFC 5545.
    @Test
    void the_run_is_taken_along_as_a_calendar() throws Exception {
        var answer = get("/run/run.ics?show=best");
        assertThat(answer.headers().firstValue("Content-Type").orElse("")).startsWith("text/calendar");
        var calendar = new CalendarBuilder().build(new StringReader(answer.body()));
        assertThat(calendar.validate().hasErrors()).isFalse();
        assertThat(calendar.getComponents("VEVENT")).hasSizeGreaterThan(2);
        assertThat(Pattern.compile("DTEND:\\d{8}T173000").matcher(answer.body()).find())
                .as("the last is done when all must be ready").isTrue();
    }

    // --- the hands ---------------------------------------------------------------------------------------------------

    private HttpResponse<String> mark(String dish, boolean clean, String what, String place, boolean done) {
        return post("/run/day", "/run/done", "dish", dish, "clean", String.valueOf(clean), "what", what, "place", place,
                "done", String.valueOf(done));
    }

    @Test
    void each_cook_sees_what_is_now_what_to_wash_and_what_is_next() {
        change("/run/clean", "dish", leaves, "kit", "board", "use", "0", "clean", "wash");
        var page = page("/run/now");
        assertThat(page).contains("Cook 1, first").contains("Bosun nuts").contains("Next")
                .contains("They never drop a warning");
        assertThat(page).as("what the wash holds back, and where").contains("Almond on it")
                .contains("Wash before Bosun leaves white board");
        assertThat(mark(nuts, false, "Cut: 200 g almonds, chopped", "0", true).statusCode()).isEqualTo(302);
        assertThat(page("/run/now")).contains("Marked last");
        mark(nuts, false, "Cut: 200 g almonds, chopped", "0", false);
        assertThat(page("/run/now")).doesNotContain("Marked last");
    }

    /// A wash that was skipped is a contact at once, on the map as well; marked afterwards it is none.
    @Test
    void a_wash_that_was_passed_over_is_a_contact_at_once() {
        change("/run/clean", "dish", leaves, "kit", "board", "use", "0", "clean", "wash");
        change("/run/clean", "dish", leaves, "kit", "spoons", "use", "0", "clean", "wash");
        assertThat(isReached(leaves)).isFalse();
        mark(leaves, false, "Cut: 2 lettuces, shredded", "0", true);
        assertThat(isReached(leaves)).isTrue();
        assertThat(page("/run/now")).contains("1 wash was passed over.")
                .contains("Nobody marked the white board clean before Bosun leaves.");
        assertThat(page("/map?dish=" + leaves + "&group=nuts"))
                .contains("after Bosun nuts on the white board, not washed");
        mark(leaves, true, "board", "0", true);
        assertThat(isReached(leaves)).isFalse();
        assertThat(page("/run/now")).doesNotContain("passed over");
        mark(leaves, true, "board", "0", false);
        mark(leaves, false, "Cut: 2 lettuces, shredded", "0", false);
        assertThat(isReached(leaves)).isFalse();
    }

    @Test
    void without_a_run_in_force_the_page_says_how_to_get_one() {
        runs.use(kitchen.menu().run().kept().id(), List.of(), "began anew", "");
        assertThat(page("/run/now")).contains("No run is in force").contains("Cook in this order");
        assertThat(mark(nuts, false, "x", "0", true).statusCode()).isEqualTo(404);
        assertThat(get("/run/done").statusCode()).isEqualTo(405);
    }

    @Test
    void what_else_holds_today_is_told_in_a_line_and_a_wrong_one_is_named() {
        var tomorrow = LocalDate.now().plusDays(1).toString();
        var fields =
                List.of("day", tomorrow, "cooks", "2", "opens", "08:00", "serve", "17:30", "school", "strict", "told");
        var told = new ArrayList<>(fields);
        told.add("Cook 2 until 15:00\nBosun leaves before Bosun nuts");
        assertThat(post("/run/day", "/run/day", told.toArray(String[]::new)).statusCode()).isEqualTo(302);
        assertThat(page("/run?show=yours")).contains("Bosun leaves is not done before Bosun nuts begins, as was told.");
        var wrong = new ArrayList<>(fields);
        wrong.add("Cook 5 until 15:00");
        var answer = post("/run/day", "/run/day", wrong.toArray(String[]::new));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(plain(answer.body())).contains("Line 1, “Cook 5 until 15:00”: there are cooks 1 to 2.")
                .contains("Cook 5 until 15:00 ");
        day(tomorrow, "2", "08:00", "17:30", "strict");
    }

    @Test
    void a_step_that_is_not_understood_is_answered_by_pressing_its_kit() {
        var bench = get("/dishes/new?text=x");
        assertThat(bench.statusCode()).isEqualTo(200);
        var read =
                post("/dishes/new", "/dishes/read", "text", "Bosun mash\n500 g beans\nMethod:\nZhuzh the beans about.");
        assertThat(plain(read.body())).contains("“Zhuzh the beans about.” is not understood. Which kit does it take?")
                .contains("stick blender").contains("no kit");
        var answered = post("/dishes/new", "/dishes/answer", "text",
                "Bosun mash\n500 g beans\nMethod:\nZhuzh the beans about.", "answer",
                "Zhuzh the beans about.\nZhuzh the beans about (stick blender).");
        assertThat(answered.body()).contains("Zhuzh the beans about (stick blender).");
        assertThat(plain(answered.body())).doesNotContain("Which kit does it take?");
    }
}
