package keenfork.web.label;

import static keenfork.web.label.Prints.ofDish;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import keenfork.core.label.DateMark;
import keenfork.core.label.Named;
import keenfork.core.trace.Certainty;
import keenfork.web.RunningKitchen;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.OutOfDate;
import keenfork.web.kitchen.Paper;
import keenfork.web.persistence.dish.Dishes;
import keenfork.web.persistence.label.Labels;
import keenfork.web.persistence.run.Runs;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

/// Labels as they are printed, called back and looked up.
class LabelsTest extends RunningKitchen {
    @Autowired Kitchen kitchen;
    @Autowired Paper paper;
    @Autowired Labels labels;
    @Autowired Runs runs;
    @Autowired Dishes dishes;
    @Autowired PrintQueue queue;

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

    private static String[] asked(long dish, String kind, String... fields) {
        return Stream.concat(Stream.of("dish", String.valueOf(dish), "kind", kind), Stream.of(fields))
                .toArray(String[]::new);
    }

    private void comeOut() { while (queue.step()) continue; }

    /// {@return the key of what came out of the printer}
    private long print(long dish, String kind, String... fields) {
        assertThat(post("/labels", "/labels/print", asked(dish, kind, fields)).statusCode()).isEqualTo(302);
        comeOut();
        return labels.history(dish).getFirst().id();
    }

    private List<String> old(String beginning) {
        return paper.outOfDate().stream().map(OutOfDate::name).filter(n -> n.startsWith(beginning)).sorted().toList();
    }

    private static String plain(String html) { return html.replaceAll("<[^>]+>", " ").replaceAll("\\s+", " "); }

    private String text(String path) {
        try (var document = Loader.loadPDF(pdf(path))) {
            return new PDFTextStripper().getText(document).replaceAll("[\\s\u00a0]+", " ");
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    // --- keeping true ------------------------------------------------------------------------------------------------

    @Test
    void a_dressing_in_three_dishes_a_pack_the_run_and_a_topping_each_put_exactly_the_right_labels_out_of_date() {
        var dressing = write("Oar dressing\n200 ml olive oil\n2 lemons");
        for (var name : List.of("Oar slaw", "Oar leaves", "Oar beans"))
            write(name + "\n1 kg cabbage\n100 ml @Oar dressing\nMethod:\nToss everything.");
        write("Oar rice\nBase:\n1 kg rice\nTopping:\n50 g mint\nMethod:\nSimmer the rice.");
        write("Oar paste\n50 g gochugaru paste\n1 kg peas\nMethod:\nBlend smooth.");
        kitchen.menu().dishes().stream().filter(d -> d.name().startsWith("Oar ")).forEach(d -> print(d.id(), "card"));
        assertThat(old("Oar ")).isEmpty();

        rewrite(dressing, "Oar dressing\n200 ml olive oil\n2 lemons\n1 tbsp tahini");
        assertThat(old("Oar ")).as("the dressing and the three it is in").containsExactly("Oar beans", "Oar dressing",
                "Oar leaves", "Oar slaw");
        rewrite(dressing, "Oar dressing\n200 ml olive oil\n2 lemons");
        assertThat(old("Oar ")).as("true again").isEmpty();

        var rice = kitchen.menu().dishes().stream().filter(d -> d.name().equals("Oar rice")).findFirst().orElseThrow()
                .id();
        rewrite(rice, "Oar rice\nBase:\n1 kg rice\nTopping:\n50 g mint\n50 g hazelnuts\nMethod:\nSimmer the rice.");
        assertThat(old("Oar ")).as("a topping").containsExactly("Oar rice");
        rewrite(rice, "Oar rice\nBase:\n1 kg rice\nTopping:\n50 g mint\nMethod:\nSimmer the rice.");

        var nuts = write("Oar nuts\n200 g almonds\nMethod:\nBlend smooth.");
        var paste = kitchen.menu().dishes().stream().filter(d -> d.name().equals("Oar paste")).findFirst().orElseThrow()
                .id();
        runs.use(kitchen.menu().run().kept().id(), List.of(new Runs.Turn(nuts, 0, false, Map.of(), Map.of()),
                new Runs.Turn(paste, 0, false, Map.of(), Map.of())), "began anew", "");
        assertThat(old("Oar ")).as("almonds went over the blender before").containsExactly("Oar paste");
        assertThat(
                paper.outOfDate().stream().filter(o -> o.name().equals("Oar paste")).findFirst().orElseThrow().words())
                        .contains("Nuts (almond) may have come by shared kit. The label does not say so.");
        runs.use(kitchen.menu().run().kept().id(), List.of(new Runs.Turn(paste, 0, false, Map.of(), Map.of()),
                new Runs.Turn(nuts, 0, false, Map.of(), Map.of())), "turned round", "");
        assertThat(old("Oar ")).isEmpty();

        assertThat(post("/larder/new", "/larder/new", "food", "cabbage", "label", "Shredded cabbage", "law", "uk",
                "declaration", "cabbage. May contain celery.").statusCode()).isEqualTo(302);
        assertThat(old("Oar ")).as("a pack of what three are made of").containsExactly("Oar beans", "Oar leaves",
                "Oar slaw");
    }

    @Test
    void every_copy_that_is_out_is_called_back_not_the_newest_alone() {
        var dish = write("Tiller dip\n1 kg peas");
        var first = print(dish, "card", "copies", "14", "place", "counter");
        rewrite(dish, "Tiller dip\n1 kg peas\n1 tbsp tahini");
        print(dish, "card", "copies", "3");
        assertThat(old("Tiller")).as("the fourteen without sesame are still out").containsExactly("Tiller dip");
        assertThat(plain(get("/labels").body())).contains("14 of 14 still out, counter")
                .contains("Sesame is in it. The label does not say so.");
        post("/labels", "/labels/printed/" + first + "/back", "copies", "10");
        assertThat(plain(get("/labels").body())).contains("4 of 14 still out");
        for (var slip : List.of("44", "0", "all", "")) {
            var answer = post("/labels", "/labels/printed/" + first + "/back", "copies", slip);
            assertThat(answer.statusCode()).as(slip).isEqualTo(422);
            assertThat(plain(answer.body())).contains("from 1 to 4, not “" + slip + "”").contains("4 of 14 still out");
        }
        post("/labels", "/labels/printed/" + first + "/back", "copies", "4");
        assertThat(old("Tiller")).isEmpty();
        assertThat(labels.find(first).orElseThrow().out()).isZero();
    }

    @Test
    void labels_of_a_dish_that_is_off_the_menu_are_called_back_too() {
        var dish = write("Jetty dip\n1 kg peas");
        var print = print(dish, "card", "copies", "2");
        dishes.takeOff(dish, kitchen.menu().dish(dish).orElseThrow().stored().version());
        assertThat(plain(get("/labels").body())).contains("Jetty dip")
                .contains("Its dish is not on the menu any more.");
        assertThat(post("/labels", "/labels/printed/" + print + "/back", "copies", "3").statusCode()).isEqualTo(422);
        assertThat(post("/labels", "/labels/printed/" + print + "/back", "copies", "2").headers().firstValue("Location")
                .orElse("")).endsWith("/labels");
        assertThat(old("Jetty")).isEmpty();
    }

    @Test
    void new_ones_are_printed_in_one_act_and_the_old_ones_stay_listed_until_they_are_back() {
        var dish = write("Rudder dip\n1 kg peas");
        var first = print(dish, "card", "copies", "7", "place", "fridge 2");
        rewrite(dish, "Rudder dip\n1 kg peas\n50 g walnuts");
        assertThat(post("/labels", "/labels/printed/" + first + "/again").statusCode()).isEqualTo(302);
        comeOut();
        var newest = labels.history(dish).getFirst();
        assertThat(newest.print().copies()).isEqualTo(7);
        assertThat(newest.print().place()).isEqualTo("fridge 2");
        assertThat(ofDish(newest.print()).said(Certainty.CONTAINS)).contains(new Named("nuts", "walnut"));
        assertThat(paper.outOfDate().stream().filter(o -> o.name().equals("Rudder dip"))).singleElement()
                .satisfies(o -> assertThat(o.printed().id()).isEqualTo(first));
    }

    @Test
    void a_label_is_shown_as_it_was_printed_and_what_it_said_at_a_moment_is_told() {
        var dish = write("Keel dip\n1 kg peas\n50 g feta");
        var first = print(dish, "tub");
        rewrite(dish, "Keel dip\n1 kg peas\n50 g almonds");
        assertThat(text("/labels/printed/" + first + ".pdf")).contains("feta").contains("(milk)")
                .doesNotContain("almond");
        assertThat(plain(get(
                "/labels/dish/" + dish + "/then?at=" + LocalDateTime.now().plusMinutes(1).toString().substring(0, 16))
                        .body())).contains("Tub label").contains("Ingredients: peas, feta (milk).");
        assertThat(plain(get("/labels/dish/" + dish + "/then?at=2020-01-01T12:00").body()))
                .contains("Nothing was printed by then");
        assertThat(plain(get("/labels/dish/" + dish + "/then?at=last+friday").body()))
                .contains("“last friday” is no moment");
        assertThat(get("/labels/printed/999999.pdf").statusCode()).isEqualTo(404);
    }

    // --- before it prints --------------------------------------------------------------------------------------------

    @Test
    void a_label_on_packed_food_waits_until_all_is_known_or_somebody_answers_for_it() {
        var dish = write("Anchor dip\n1 kg peas\n2 tbsp chilli oil");
        var waits = post("/labels", "/labels/print", asked(dish, "tub", "copies", "12", "by", "Ines"));
        assertThat(waits.statusCode()).isEqualTo(422);
        assertThat(plain(waits.body())).contains("A label on packed food waits until that is settled")
                .contains("Nothing was printed");
        assertThat(waits.body()).as("what was typed stays").contains("value=\"12\"").contains("value=\"Ines\"");
        assertThat(post("/labels", "/labels/print", asked(dish, "tub", "why", "supplier telephoned")).statusCode())
                .as("nobody answers for it").isEqualTo(422);
        assertThat(labels.history(dish)).isEmpty();
        print(dish, "tub", "by", "Ines", "why", "supplier telephoned");
        assertThat(labels.history(dish).getFirst().print()).satisfies(p -> {
            assertThat(p.by()).isEqualTo("Ines");
            assertThat(p.why()).isEqualTo("supplier telephoned");
            assertThat(ofDish(p).said(Certainty.NOT_KNOWN)).as("the label says so all the same").isNotEmpty();
        });
        print(dish, "card");
        assertThat(labels.history(dish).getFirst().print().why()).as("a card says so plainly and needs no reason")
                .isEmpty();
    }

    /// Nothing stands on anything else: what does not fit its label is not set at all, and says so in its place.
    @Test
    void a_sheet_has_the_reason_where_a_label_does_not_fit() throws IOException {
        var dish = write("Long tub\n" + IntStream.range(0, 14)
                .mapToObj(i -> "%d g flatbreads\n%d g fish sauce\n%d g walnuts\n1 jar harissa no %d".formatted(i + 1,
                        i + 1, i + 1, i) + "\npack: Ingredients: peppers, celery seed, mustard flour, number " + i)
                .collect(Collectors.joining("\n")));
        for (var sheet : List.of("own", "a4", "letter"))
            assertThat(text("/labels/sheet.pdf?kind=tub&why=a+test&by=Test&dish=%d&sheet=%s".formatted(dish, sheet)))
                    .as(sheet)
                    .contains("Long tub: the text does not fit on the tub label").doesNotContain("Ingredients:");
    }

    @Test
    void the_file_of_a_packed_one_waits_as_printing_does_and_its_picture_shows_it() {
        var dish = write("Waiting tub\n1 kg peas\n1 jar harissa\n2 tbsp zugwort");
        var tub = "kind=tub&dish=" + dish;
        assertThat(text("/labels/sheet.pdf?" + tub)).contains("Waiting tub may not go out packed yet. Not known: ")
                .doesNotContain("Ingredients");
        assertThat(get("/labels/sheet.svg?" + tub).body()).contains("Ingredients").doesNotContain("may not go out");
        assertThat(text("/labels/sheet.pdf?" + tub + "&why=telephoned&by=Ana")).contains("Ingredients");
        assertThat(text("/labels/sheet.pdf?kind=card&dish=" + dish)).as("a counter card says so itself")
                .contains("Not known: ");
    }

    @Test
    void a_packed_one_carries_the_day_it_keeps_until() {
        var dish = write("Mast dip\n1 kg peas");
        var today = LocalDate.now();
        print(dish, "tub");
        assertThat(labels.history(dish).getFirst().print().keepBy()).as("a dip, 3 days").isEqualTo(today.plusDays(3));
        var shorter = print(dish, "tub", "keepBy", today.plusDays(1).toString());
        assertThat(text("/labels/printed/" + shorter + ".pdf"))
                .containsPattern("Use by \\w+ " + today.plusDays(1).getDayOfMonth() + " \\w+ \\d{4}. Keep below 5 °C");
        for (var wrong : List.of("soon", today.minusDays(1).toString())) {
            var answer = post("/labels", "/labels/print", asked(dish, "tub", "keepBy", wrong));
            assertThat(answer.statusCode()).isEqualTo(422);
            assertThat(plain(answer.body())).contains("not “" + wrong + "”");
        }
        var later = "kind=tub&dish=%d&keepBy=%s".formatted(dish, today.plusDays(4));
        assertThat(text("/labels/sheet.pdf?" + later)).as("the link says what printing says")
                .contains("Mast dip keeps for 3 days here").doesNotContain("Keep below");
        assertThat(get("/labels/sheet.svg?" + later).body()).as("so does the picture")
                .contains("Mast dip keeps for 3 days here").doesNotContain("Keep below");
        assertThat(plain(post("/labels", "/labels/print", asked(dish, "tub", "made", today.minusDays(9).toString()))
                .body())).contains("Mast dip, made on that day, kept until " + today.minusDays(6));
        print(dish, "card");
        assertThat(labels.history(dish).getFirst().print().keepBy()).isNull();
    }

    /// Regulation (EU) No 1169/2011, Articles 9 (1) (e), (f), (h), (j), 23 and 24: what is sold by others says how much
    /// is in it, until when it lasts, who made it and how it is made ready. A mix that is dry no more is called back.
    @Test
    void a_pack_that_is_sold_on_says_all_that_it_must() {
        var dish = write("Mast dukkah\n200 g hazelnuts\n100 g sesame seeds\n10 g salt");
        assertThat(plain(get("/labels?kind=tub&dish=" + dish).body())).contains("Best before").contains("14 days dry");
        var id = print(dish, "tub", "net", "0.25 kg", "use", "Toast it once more before you serve it.");
        var pack = labels.find(id).orElseThrow().print().pack();
        assertThat(pack.mark()).isEqualTo(DateMark.BEST_BEFORE);
        assertThat(pack.net()).hasValueSatisfying(n -> assertThat(n.typed()).isEqualTo("250 g"));
        assertThat(text("/labels/printed/" + id + ".pdf")).contains("Best before").contains("250 g")
                .contains("Ropewalk Canteen, 4 Ropewalk, Harbour End")
                .contains("Toast it once more before you serve it.");
        assertThat(text("/labels/sheet.pdf?kind=tub&dish=" + dish)).as("packed for direct sale it says its name alone")
                .doesNotContain("4 Ropewalk");
        var wrong = post("/labels", "/labels/print", asked(dish, "tub", "net", "a handful"));
        assertThat(wrong.statusCode()).isEqualTo(422);
        assertThat(plain(wrong.body())).contains("not “a handful”");
        rewrite(dish, "Mast dukkah\n200 g hazelnuts\n100 g sesame seeds\n10 g salt\n1 bunch coriander");
        assertThat(paper.outOfDate().stream().filter(o -> o.name().startsWith("Mast dukkah")).flatMap(
                o -> o.words().stream())).anyMatch(w -> w.startsWith("It says best before "));
    }

    /// 21 CFR 101.7 and 101.5, from memory: how much is in it stands on every pack.
    @Test
    void a_rule_book_that_asks_how_much_is_in_it_is_told() {
        var dish = write("Mast peas\n1 kg peas");
        post("/map", "/rule-book", "id", "us", "back", "/map");
        try {
            var page = "/labels?kind=tub&dish=" + dish;
            assertThat(plain(get(page).body())).contains("The US rule book asks how much is in a pack");
            assertThat(plain(get(page + "&net=8%20oz").body())).contains("The US rule book asks how much");
            assertThat(plain(get(page + "&net=227%20g").body())).doesNotContain("rule book asks how much");
            assertThat(text("/labels/sheet.pdf?kind=tub&net=227+g&dish=" + dish)).contains("Net Wt 8.0 oz (227 g)")
                    .contains("4 Ropewalk");
        } finally {
            post("/map", "/rule-book", "id", "uk", "back", "/map");
        }
    }

    @Test
    void a_text_that_is_too_long_is_told_and_never_set_smaller_or_cut() {
        var lines = String.join("\n",
                Stream.of("almonds", "cashews", "walnuts", "hazelnuts", "pistachios", "feta", "cod", "anchovies",
                        "celery", "tahini", "soya beans", "lupin flour", "mussels", "prawns", "rye flour", "barley",
                        "oats", "spelt flour", "mustard seeds", "peanuts",
                        "sultanas", "aubergines", "courgettes", "red peppers", "spring onions", "chickpeas",
                        "green lentils", "pearl barley", "cucumbers", "capers", "olives", "sunflower seeds",
                        "pumpkin seeds", "dried figs", "dates", "dried apricots", "plums", "pears", "quinces",
                        "red cabbage", "kale", "chard", "spinach", "rocket", "beetroot").map(f -> "100 g " + f)
                        .toList());
        var dish = write("Everything that the harbour had to give this evening, with more of it on top\n" + lines);
        var answer = post("/labels", "/labels/print", asked(dish, "roll", "by", "Ines", "why", "all read by hand"));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(plain(answer.body())).contains("the text does not fit on the roll label (62 × 100 mm)")
                .contains("Take a larger label");
        assertThat(plain(get("/labels/" + dish + "/fit").body())).contains("Too long for:").contains("Roll label");
        assertThat(text("/labels/sheet.pdf?kind=large&dish=" + dish)).as("nothing is cut off what is shown")
                .contains("mussel").contains("beetroot");
    }

    @Test
    void the_whole_menu_stands_on_one_sheet_and_the_line_that_changes_is_called_back() throws IOException {
        var dish = write("Bollard dip\n1 kg peas\n50 g feta");
        try (var a4 = Loader.loadPDF(pdf("/labels/sheet.pdf?kind=menu"));
                var letter = Loader.loadPDF(pdf("/labels/sheet.pdf?kind=menu&sheet=letter"))) {
            assertThat(a4.getPage(0).getMediaBox().getHeight() / 72 * 25.4).isBetween(296.5, 297.5);
            assertThat(letter.getPage(0).getMediaBox().getHeight() / 72).isBetween(10.99f, 11.01f);
            var text = new PDFTextStripper().getText(a4).replaceAll("\\s+", " ");
            for (var d : kitchen.menu().dishes())
                if (kitchen.menu().isServed(d) && d.name().matches("[ -ž–’]+"))
                    assertThat(text.replace(" ", "")).contains(d.name().replace(" ", ""));
            assertThat(text).contains("Bollard dip Contains: milk")
                    .contains("Nothing found means nothing in what was recorded");
        }
        assertThat(get("/labels/sheet.pdf?kind=menu&sheet=a3").statusCode()).isEqualTo(404);
        assertThat(plain(post("/labels", "/labels/print", "kind", "menu", "copies", "many").body()))
                .contains("not “many”. Nothing was printed.");
        assertThat(post("/labels", "/labels/print", "kind", "menu", "copies", "2", "place", "folder").statusCode())
                .isEqualTo(302);
        comeOut();
        assertThat(old("Bollard")).isEmpty();
        rewrite(dish, "Bollard dip\n1 kg peas\n50 g feta\n2 eggs");
        assertThat(
                paper.outOfDate().stream().filter(o -> o.printed().print().kind().equals("menu")).map(OutOfDate::name))
                        .containsExactly("Bollard dip");
    }

    @ParameterizedTest
    @CsvSource({"card,copies,none,not “none”", "card,copies,0,from 1 to", "card,copies,99999,from 1 to"})
    void what_cannot_be_printed_is_said(String kind, String field, String value, String said) {
        var dish = kitchen.menu().dishes().getFirst().id();
        var answer = post("/labels", "/labels/print", asked(dish, kind, field, value));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(plain(answer.body())).contains(said);
        assertThat(post("/labels", "/labels/print", asked(dish, "poster")).statusCode()).isEqualTo(404);
    }
}
