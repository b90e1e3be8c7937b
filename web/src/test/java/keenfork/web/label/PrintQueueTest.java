package keenfork.web.label;

import static keenfork.web.label.Prints.ofDish;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.regex.Pattern;
import keenfork.core.label.Named;
import keenfork.core.trace.Certainty;
import keenfork.web.RunningKitchen;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.OutOfDate;
import keenfork.web.kitchen.Paper;
import keenfork.web.persistence.label.Labels;
import keenfork.web.persistence.label.PrintJobs.State;
import keenfork.web.persistence.label.PrintJobs;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/// The printer's queue: nothing is lost, nothing is printed twice without saying so, nothing prints that is not so any
/// more.
class PrintQueueTest extends RunningKitchen {
    @Autowired Kitchen kitchen;
    @Autowired PrintJobs jobs;
    @Autowired PrintQueue queue;
    @Autowired Labels labels;
    @Autowired Paper paper;

    @BeforeEach @AfterEach
    void aFreshPrinter() {
        for (var job : jobs.open()) {
            if (job.state() == State.UNSURE || job.state() == State.SENDING) jobs.again(job.id());
            jobs.throwAway(job.id());
        }
        jobs.use(new PrintJobs.Printer(true, 200, false));
    }

    private long write(String text) {
        assertThat(post("/dishes/new", "/dishes/new", "text", text).statusCode()).isEqualTo(302);
        return kitchen.menu().dishes().stream().filter(d -> d.name().equals(text.lines().findFirst().orElseThrow()))
                .findFirst().orElseThrow().id();
    }

    private void rewrite(long dish, String text) {
        var version = kitchen.menu().dish(dish).orElseThrow().stored().version();
        assertThat(post("/dishes/" + dish, "/dishes/" + dish, "version", String.valueOf(version), "text", text)
                .statusCode()).isEqualTo(302);
    }

    private PrintJobs.Job ask(String... fields) {
        assertThat(post("/labels", "/labels/print", fields).statusCode()).isEqualTo(302);
        return jobs.open().getLast();
    }

    private void work() { while (queue.step()) continue; }

    private PrintJobs.Job now(PrintJobs.Job job) { return jobs.find(job.id()).orElseThrow(); }

    private int out(long dish) { return labels.history(dish).stream().mapToInt(Labels.Printed::cameOut).sum(); }

    private void press(String path) { assertThat(post("/labels", path).statusCode()).as(path).isEqualTo(302); }

    @Test
    void it_runs_out_of_paper_and_goes_on_with_the_next_page() {
        var dish = write("Roll dip\n1 kg peas");
        jobs.use(new PrintJobs.Printer(true, 3, false));
        press("/labels/printer/off");
        var job = ask("dish", String.valueOf(dish), "kind", "card", "copies", "5");
        work();
        assertThat(out(dish)).as("it is switched off").isZero();
        assertThat(get("/labels").body()).contains("Switched off").contains("0 of 5 pages came out");
        press("/labels/printer/on");
        work();
        assertThat(now(job)).extracting(PrintJobs.Job::done, PrintJobs.Job::state).containsExactly(3, State.WAITING);
        assertThat(out(dish)).as("three copies are out").isEqualTo(3);
        assertThat(get("/labels").body()).contains("Out of paper").contains("3 of 5 pages came out")
                .contains("New roll loaded");
        assertThat(get("/today").body()).contains("The printer waits").contains("1 print waits for it.");
        press("/labels/printer/load");
        work();
        assertThat(now(job).state()).isEqualTo(State.DONE);
        assertThat(out(dish)).isEqualTo(5);
        assertThat(jobs.printer().paper()).as("two of the new roll").isEqualTo(198);
    }

    /// Ten who look at the same label that is out of date all press "Print again": it prints once. Who looks after
    /// that and presses means it.
    @Test
    void ten_who_print_the_same_label_anew_print_it_once() throws Exception {
        var dish = write("Crowd dip\n1 kg peas");
        ask("dish", String.valueOf(dish), "kind", "card");
        work();
        rewrite(dish, "Crowd dip\n1 kg peas\n50 g tahini");
        var printed = labels.history(dish).getFirst().id();
        var seen = again(printed);
        var before = jobs.last();
        try (var pool = Executors.newFixedThreadPool(10)) {
            Callable<Integer> press = () -> post("/labels", "/labels/printed/" + printed + "/again", "act", seen)
                    .statusCode();
            var answers = pool.invokeAll(Collections.nCopies(10, press));
            var codes = new ArrayList<Integer>();
            for (var answer : answers) codes.add(answer.get());
            assertThat(codes).containsOnly(302, 422).containsOnlyOnce(302);
        }
        work();
        assertThat(out(dish)).as("one at first, one anew").isEqualTo(2);
        assertThat(jobs.last()).isGreaterThan(before);
        post("/labels", "/labels/printed/" + printed + "/again", "act", again(printed));
        work();
        assertThat(out(dish)).as("somebody looked again, and printed on purpose").isEqualTo(3);
    }

    /// {@return the key that the page gives whoever looks}
    private String again(long printed) {
        var act = Pattern.compile("value=\"(again/" + printed + "/\\d+)\"").matcher(get("/labels").body());
        assertThat(act.find()).isTrue();
        return act.group(1);
    }

    @Test
    void ten_who_print_what_is_held_as_it_reads_now_print_it_once() throws Exception {
        var dish = write("Held dip\n1 kg peas");
        press("/labels/printer/off");
        var job = ask("dish", String.valueOf(dish), "kind", "card", "copies", "3");
        rewrite(dish, "Held dip\n1 kg peas\n50 g tahini");
        press("/labels/printer/on");
        work();
        assertThat(now(job).state()).isEqualTo(State.HELD);
        try (var pool = Executors.newFixedThreadPool(10)) {
            Callable<Integer> press =
                    () -> post("/labels", "/labels/queue/" + job.id() + "/as-it-reads-now").statusCode();
            for (var answer : pool.invokeAll(Collections.nCopies(10, press)))
                assertThat(answer.get()).isIn(302, 404);
        }
        work();
        assertThat(out(dish)).isEqualTo(3);
    }

    /// A second press on the same page prints nothing more; one that came to nothing may be pressed again.
    @Test
    void a_button_that_is_pressed_twice_prints_once() {
        var dish = write("Twice dip\n1 kg peas");
        var act = Pattern.compile("name=\"act\"\\s+value=\"([^\"]+/print)\"")
                .matcher(get("/labels?kind=card&dish=" + dish).body());
        assertThat(act.find()).isTrue();
        ask("dish", String.valueOf(dish), "kind", "card", "act", act.group(1));
        var second = post("/labels", "/labels/print", "dish", String.valueOf(dish), "kind", "card", "act",
                act.group(1));
        assertThat(second.statusCode()).isEqualTo(422);
        assertThat(second.body()).contains("pressed already");
        work();
        assertThat(out(dish)).isEqualTo(1);
        var unread = write("Twice slaw\n1 kg zugwort");
        var tub = new String[] {"dish", String.valueOf(unread), "kind", "tub", "act", "a page/print", "by", "Ada"};
        assertThat(post("/labels", "/labels/print", tub).body()).contains("Nothing was printed");
        rewrite(unread, "Twice slaw\n1 kg fennel");
        assertThat(post("/labels", "/labels/print", tub).statusCode()).as("it came to nothing before").isEqualTo(302);
        work();
    }

    @Test
    void a_page_that_nobody_saw_is_asked_about_and_nothing_else_prints_before() {
        var dish = write("Cable dip\n1 kg peas");
        var after = write("Cable slaw\n1 kg fennel");
        press("/labels/printer/off");
        var job = ask("dish", String.valueOf(dish), "kind", "card", "copies", "2");
        var next = ask("dish", String.valueOf(after), "kind", "card");
        jobs.use(new PrintJobs.Printer(true, 200, true));
        work();
        assertThat(now(job)).extracting(PrintJobs.Job::done, PrintJobs.Job::state).containsExactly(0, State.UNSURE);
        press("/labels/printer/on");
        work();
        assertThat(now(next).done()).as("first somebody has to look").isZero();
        assertThat(get("/labels").body()).contains("Nobody saw whether page 1 came out")
                .contains("It stopped in the middle of a page");
        press("/labels/queue/" + job.id() + "/came-out");
        assertThat(post("/labels", "/labels/queue/" + job.id() + "/came-out").statusCode()).as("once is enough")
                .isEqualTo(404);
        work();
        assertThat(now(job)).extracting(PrintJobs.Job::done, PrintJobs.Job::state).containsExactly(2, State.DONE);
        assertThat(out(dish)).as("page 1 is counted once").isEqualTo(2);
        assertThat(now(next).state()).isEqualTo(State.DONE);
        assertThat(jobs.printer().paper()).as("three pages in all").isEqualTo(197);
    }

    @Test
    void what_did_not_come_out_is_printed_again_and_counted_once() {
        var dish = write("Jam dip\n1 kg peas");
        press("/labels/printer/off");
        var job = ask("dish", String.valueOf(dish), "kind", "card");
        jobs.use(new PrintJobs.Printer(true, 200, true));
        work();
        press("/labels/queue/" + job.id() + "/not");
        press("/labels/printer/on");
        work();
        assertThat(now(job).state()).isEqualTo(State.DONE);
        assertThat(out(dish)).isEqualTo(1);
        assertThat(jobs.printer().paper()).as("one page was spoilt").isEqualTo(198);
    }

    @Test
    void after_a_restart_the_page_that_was_under_way_is_asked_about() {
        var dish = write("Restart dip\n1 kg peas");
        press("/labels/printer/off");
        var job = ask("dish", String.valueOf(dish), "kind", "card", "copies", "3");
        jobs.sending(job.id());
        work();
        assertThat(now(job).state()).isEqualTo(State.UNSURE);
        press("/labels/queue/" + job.id() + "/not");
        press("/labels/printer/on");
        work();
        assertThat(out(dish)).isEqualTo(3);
    }

    @Test
    void what_is_not_so_any_more_does_not_print_until_somebody_decides() {
        var dish = write("Tide dip\n1 kg peas");
        jobs.use(new PrintJobs.Printer(true, 2, false));
        var job = ask("dish", String.valueOf(dish), "kind", "card", "copies", "5", "place", "counter");
        work();
        rewrite(dish, "Tide dip\n1 kg peas\n30 g tahini");
        press("/labels/printer/load");
        work();
        assertThat(now(job)).extracting(PrintJobs.Job::done, PrintJobs.Job::state).containsExactly(2, State.HELD);
        assertThat(get("/labels").body()).contains("It is not so any more. Tide dip: Sesame is in it.");
        assertThat(get("/today").body()).contains("The printer waits").contains("Tide dip: Sesame is in it.");
        press("/labels/queue/" + job.id() + "/look-again");
        work();
        assertThat(now(job).state()).as("it is still not so").isEqualTo(State.HELD);
        press("/labels/queue/" + job.id() + "/as-it-reads-now");
        work();
        assertThat(now(job).state()).isEqualTo(State.THROWN_AWAY);
        assertThat(labels.history(dish)).extracting(Labels.Printed::cameOut).containsExactly(3, 2);
        assertThat(labels.history(dish).getFirst().print()).satisfies(p -> {
            assertThat(ofDish(p).said(Certainty.CONTAINS)).contains(new Named("sesame", ""));
            assertThat(p.place()).isEqualTo("counter");
        });
        assertThat(paper.outOfDate().stream().filter(o -> o.name().equals("Tide dip")).map(o -> o.printed().out()))
                .as("the two old ones are called back").containsExactly(2);
    }

    @Test
    void what_is_thrown_away_leaves_what_came_out_on_record() {
        var dish = write("Ebb dip\n1 kg peas");
        jobs.use(new PrintJobs.Printer(true, 1, false));
        var job = ask("dish", String.valueOf(dish), "kind", "card", "copies", "4");
        work();
        press("/labels/queue/" + job.id() + "/throw-away");
        press("/labels/printer/load");
        work();
        assertThat(out(dish)).isEqualTo(1);
        assertThat(get("/labels").body()).contains("1 of 4 pages came out, the rest was thrown away");
        assertThat(post("/labels", "/labels/queue/" + job.id() + "/throw-away").statusCode()).isEqualTo(404);
        assertThat(post("/labels", "/labels/queue/" + job.id() + "/burn").statusCode()).isEqualTo(404);
        assertThat(post("/labels", "/labels/printer/kick").statusCode()).isEqualTo(404);
    }

    @Test
    void a_sheet_counts_the_labels_that_stand_on_it() {
        var dish = write("Quay dip\n1 kg peas");
        jobs.use(new PrintJobs.Printer(true, 1, false));
        var job = ask("dish", String.valueOf(dish), "kind", "tub", "sheet", "a4", "copies", "11");
        assertThat(job.pages()).as("eight on the first sheet, three on the second").isEqualTo(2);
        work();
        assertThat(out(dish)).isEqualTo(8);
        press("/labels/printer/load");
        work();
        assertThat(out(dish)).isEqualTo(11);
        try (var file = org.apache.pdfbox.Loader.loadPDF(pdf("/labels/jobs/" + job.id() + ".pdf"))) {
            assertThat(file.getNumberOfPages()).isEqualTo(2);
            assertThat(new PDFTextStripper().getText(file).split("Quay dip", -1)).hasSize(12);
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Test
    void a_whole_menu_is_laid_out_page_by_page_and_each_line_is_on_record() {
        var dish = write("Menu dip\n1 kg peas");
        press("/labels/printer/off");
        var job = ask("kind", "menu", "copies", "2");
        assertThat(get("/labels/queue").body()).contains("is being laid out");
        press("/labels/printer/on");
        work();
        var done = now(job);
        assertThat(done.state()).isEqualTo(State.DONE);
        assertThat(done.pages()).isPositive().isEven();
        assertThat(labels.history(dish).getFirst()).extracting(Labels.Printed::cameOut, p -> p.print().kind())
                .containsExactly(2, "menu");
        rewrite(dish, "Menu dip\n1 kg peas\n30 g tahini");
        var old = paper.outOfDate().stream()
                .filter(o -> o.printed().print().kind().equals("menu") && o.name().equals("Menu dip")).toList();
        assertThat(old).extracting(OutOfDate::name).containsExactly("Menu dip");
        press("/labels/printed/" + old.getFirst().printed().id() + "/again");
        work();
        assertThat(ofDish(labels.history(dish).getFirst().print()).said(Certainty.CONTAINS))
                .as("the whole menu is printed anew").contains(new Named("sesame", ""));
    }

    @Test
    void of_many_dishes_those_print_that_can_and_the_others_are_told() {
        write("Buoy dip\n1 kg peas");
        write("Buoy relish\n1 kg peas\n2 tbsp chilli oil");
        var answer = post("/labels", "/labels/print", "dish", "all", "kind", "tub", "sheet", "a4");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body().replaceAll("<[^>]+>", " ")).contains("The others print; these do not:")
                .contains("Buoy relish, not known:").doesNotContain("Buoy dip, not known");
        work();
        assertThat(jobs.open()).isEmpty();
        assertThat(List.of("Buoy dip", "Buoy relish").stream().map(n -> out(
                kitchen.menu().dishes().stream().filter(d -> d.name().equals(n)).findFirst().orElseThrow().id())))
                        .containsExactly(1, 0);
    }
}
