package keenfork.web.label;

import static keenfork.web.label.Prints.ofDish;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import java.util.stream.Stream;
import keenfork.core.label.GuestCard;
import keenfork.web.RunningKitchen;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.kitchen.OutOfDate;
import keenfork.web.kitchen.Paper;
import keenfork.web.persistence.guest.Events;
import keenfork.web.persistence.label.Keeping;
import keenfork.web.persistence.label.Labels;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

/// What labels rest on beside the recipe: claims, reports, keeping times, guests; and what put them out of date.
class LabelFactsTest extends RunningKitchen {
    @Autowired Kitchen kitchen;
    @Autowired Paper paper;
    @Autowired Labels labels;
    @Autowired Events events;
    @Autowired Keeping keeping;
    @Autowired Causes causes;
    @Autowired PrintQueue queue;

    private Menu.Dish dish(String name) {
        return kitchen.menu().dishes().stream().filter(d -> d.name().equals(name)).findFirst().orElseThrow();
    }

    private long write(String text) {
        assertThat(post("/dishes/new", "/dishes/new", "text", text).statusCode()).isEqualTo(302);
        return dish(text.lines().findFirst().orElseThrow()).id();
    }

    private void rewrite(long dish, String text) {
        var version = kitchen.menu().dish(dish).orElseThrow().stored().version();
        assertThat(post("/dishes/" + dish, "/dishes/" + dish, "version", String.valueOf(version), "text", text)
                .statusCode()).isEqualTo(302);
    }

    private void print(String... fields) {
        var answer = post("/labels", "/labels/print", fields);
        assertThat(answer.statusCode()).as(() -> plain(answer.body().replaceAll("(?s)^.*role=\"alert\"", "")))
                .isEqualTo(302);
        while (queue.step()) continue;
    }

    private static String plain(String html) { return html.replaceAll("<[^>]+>", " ").replaceAll("\\s+", " "); }

    private Stream<OutOfDate> old(String name) { return paper.outOfDate().stream().filter(o -> o.name().equals(name)); }

    @Test
    void what_labels_follow_is_read_beside_them() {
        assertThat(get("/labels?kind=tub").body()).contains("href=\"/labels/law\"");
        var page = get("/labels/law");
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(page.body()).contains("<dt>UK and EU</dt>", "Annex VII, part E",
                "Not on our labels.</b> never: the weights tell no").doesNotContain("StatementTest");
    }

    /// What a label waits for is said beside it: the word of a pack that has no English is no allergen anybody could
    /// look for elsewhere.
    @Test
    void what_a_packed_label_waits_for_stands_beside_it() {
        var dish =
                write("Ramson dip\n1 kg peas\n200 g harissa\npack: Zutaten: Paprika, Wasser, Bärlauch, Salz, Rapsöl.");
        var page = plain(get("/labels?kind=tub&dish=" + dish).body());
        assertThat(page).contains("Not everything is known.").contains(
                "what the label calls “Bärlauch” of the harissa, which its pack says in another language");
        assertThat(page).contains("The list of the harissa is put into English from its German: hold it against");
    }

    @Test
    void a_claim_is_printed_while_it_stands_and_calls_the_label_back_when_it_does_not() {
        var dish = write("Claim dip\n1 kg peas\n50 ml olive oil");
        assertThat(plain(get("/labels?dish=" + dish).body())).contains("What cannot be said, and why")
                .contains("no report on file");
        print("dish", String.valueOf(dish), "kind", "card", "claims", "vegan", "claims", "gluten-free");
        assertThat(ofDish(labels.history(dish).getFirst().print()).claims()).as("gluten-free wants a report")
                .containsExactly("vegan");
        rewrite(dish, "Claim dip\n1 kg peas\n50 ml olive oil\n1 tbsp honey");
        assertThat(old("Claim dip")).singleElement().satisfies(o -> {
            assertThat(o.canHurt()).isTrue();
            assertThat(o.words()).contains("It claims “Vegan”. That does not stand any more.");
        });
    }

    @Test
    void a_report_on_gluten_counts_as_long_as_the_dish_is_made_so() {
        var dish = write("Report dip\n1 kg peas\n50 ml olive oil");
        var filed = post("/labels/keeping?dish=" + dish, "/labels/" + dish + "/report", "mgPerKg", "4,5", "on",
                LocalDate.now().minusDays(9).toString(), "reference", "folder 4");
        assertThat(filed.statusCode()).isEqualTo(302);
        print("dish", String.valueOf(dish), "kind", "card", "claims", "gluten-free");
        assertThat(ofDish(labels.history(dish).getFirst().print()).claims()).contains("gluten-free");
        assertThat(plain(get("/labels/keeping").body())).contains("Report dip").contains("4.50 mg/kg")
                .contains("folder 4");
        rewrite(dish, "Report dip\n1 kg peas\n60 ml olive oil\n1 lemon");
        assertThat(old("Report dip")).as("it was tested as it was made then").singleElement()
                .satisfies(o -> assertThat(o.words()).anyMatch(w -> w.contains("Gluten-free")));
    }

    @ParameterizedTest @CsvSource({"much,2026-01-01,folder,not “much”", "5,soon,folder,not “soon”",
            "5,2999-01-01,folder,a day gone by", "5,2026-01-01,'',Say where the report is on file"})
    void a_report_that_cannot_be_read_is_not_filed_and_stays_typed(String found, String on, String reference,
            String said) {
        var dish = kitchen.menu().dishes().getFirst().id();
        var before = keeping.reports().size();
        var answer = post("/labels/keeping?dish=" + dish, "/labels/" + dish + "/report", "mgPerKg", found, "on", on,
                "reference", reference);
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(plain(answer.body())).contains(said).contains("Nothing was filed.");
        assertThat(answer.body()).contains("value=\"" + found + "\"");
        assertThat(keeping.reports()).hasSize(before);
    }

    @Test
    void the_kitchen_sets_its_own_keeping_time_with_a_reason_and_the_caution_stays() {
        var dish = write("Fridge rice\n1 kg cooked rice");
        assertThat(kitchen.menu().now(dish("Fridge rice")).keeps().days()).isEqualTo(1);
        assertThat(
                post("/labels/keeping", "/labels/keeping", "what", "cooked rice", "days", "2", "why", "").statusCode())
                        .as("without a reason").isEqualTo(422);
        assertThat(
                plain(post("/labels/keeping", "/labels/keeping", "what", "cooked rice", "days", "many", "why", "chart")
                        .body())).contains("not “many”. Nothing was changed.");
        assertThat(post("/labels/keeping", "/labels/keeping", "what", "ice", "days", "2", "why", "x").statusCode())
                .isEqualTo(404);
        assertThat(post("/labels/keeping", "/labels/keeping", "what", "cooked rice", "days", "2", "why",
                "blast chiller, chart 7").statusCode()).isEqualTo(302);
        assertThat(kitchen.menu().now(dish("Fridge rice")).keeps()).satisfies(k -> {
            assertThat(k.days()).isEqualTo(2);
            assertThat(k.source()).isEqualTo("the kitchen’s own time");
            assertThat(k.cautions()).anyMatch(c -> c.startsWith("Cooked rice"));
        });
        assertThat(plain(get("/labels?kind=tub&dish=" + dish).body())).contains("Keeps 2 days chilled");
        assertThat(plain(get("/labels/keeping").body())).contains("your own time; shipped 1")
                .contains("blast chiller, chart 7");
        post("/labels", "/labels/print", "dish", String.valueOf(dish), "kind", "tub", "keepBy",
                LocalDate.now().plusDays(2).toString());
        while (queue.step()) continue;
        assertThat(old("Fridge rice")).as("it says the day it keeps until").isEmpty();
        assertThat(plain(post("/labels", "/labels/print", "dish", String.valueOf(dish), "kind", "tub", "keepBy",
                LocalDate.now().plusDays(3).toString()).body())).contains("Fridge rice keeps for 2 days here");
        post("/labels/keeping", "/labels/keeping", "what", "cooked rice", "days", "1", "why", "chiller is broken");
        assertThat(old("Fridge rice")).as("a label that says it keeps longer is called back").singleElement()
                .satisfies(o -> {
                    assertThat(o.canHurt()).isTrue();
                    assertThat(o.words().getFirst()).startsWith("It says to use it by ");
                });
        assertThat(keeping.own()).as("as shipped again, and both changes on record").isEqualTo(Map.of());
        assertThat(keeping.history().stream().filter(c -> c.what().equals("cooked rice"))).hasSize(2);
    }

    @Test
    void a_guest_s_card_is_called_back_when_a_dish_is_no_longer_for_them() {
        var dish = write("Guest dip\n1 kg peas");
        events.add("Table nine", 2, "sesame");
        var guests = events.groups().getLast();
        assertThat(get("/labels?kind=guest&guests=" + guests.id()).body()).contains("Nothing found against it in: ")
                .contains("Guest dip");
        print("kind", "guest-large", "guests", String.valueOf(guests.id()), "copies", "2");
        assertThat(labels.historyOfGuests(guests.id()).getFirst().print().paper())
                .isInstanceOfSatisfying(GuestCard.class, c -> {
                    assertThat(c.name()).isEqualTo("Table nine");
                    assertThat(c.eats()).contains("Guest dip");
                });
        rewrite(dish, "Guest dip\n1 kg peas\n30 g tahini");
        assertThat(old("Table nine")).singleElement().satisfies(o -> {
            assertThat(o.canHurt()).isTrue();
            assertThat(o.words()).contains("Guest dip: they go without now. The card says: they eat it.");
        });
        assertThat(OnPage.of(pdf("/labels/printed/" + labels.historyOfGuests(guests.id()).getFirst().id() + ".pdf"))
                .text()).as("as it was printed").contains("Nothing found against it in").contains("Guest dip");
        events.remove(guests.id());
        assertThat(old("Table nine")).singleElement()
                .satisfies(o -> assertThat(o.words()).containsExactly("These guests are not on the list any more."));
    }

    @Test
    void nobody_is_told_to_eat_what_nobody_could_read() {
        write("Blank dip\n1 kg peas");
        events.add("Table ten", 1, "zugwort");
        var card = kitchen.menu().card(events.groups().getLast());
        assertThat(card.eats()).isEmpty();
        assertThat(card.asks()).contains("Blank dip");
        assertThat(card.avoids()).contains("what nobody here could read: zugwort");
        events.remove(events.groups().getLast().id());
    }

    @Test
    void the_call_back_tells_what_was_changed_since() {
        var sauce = write("Cause sauce\n200 ml olive oil");
        var dish = write("Cause salad\n1 kg gem lettuce\n50 g caper paste\n100 ml @Cause sauce");
        print("dish", String.valueOf(dish), "kind", "card");
        rewrite(sauce, "Cause sauce\n200 ml olive oil\n1 tbsp tahini");
        assertThat(post("/larder/new", "/larder/new", "food", "olive oil", "label", "Cause oil, 5 l", "law", "uk",
                "declaration", "olive oil. May contain celery.").statusCode()).isEqualTo(302);
        var found = causes.of(kitchen.menu(), old("Cause salad").toList()).getFirst();
        assertThat(found).extracting(Causes.Cause::what).anyMatch(w -> w.startsWith("Cause sauce: "))
                .anyMatch(w -> w.startsWith("the pack “Cause oil, 5 l”"));
        assertThat(found).isSortedAccordingTo(java.util.Comparator.comparing(Causes.Cause::when));
        assertThat(plain(get("/labels").body())).contains("the pack “Cause oil, 5 l”");
        rewrite(dish, "Cause salad\n1 kg gem lettuce");
        for (var p : kitchen.menu().packs())
            if (p.value().label().startsWith("Cause oil"))
                assertThat(
                        post("/larder/" + p.id(), "/larder/" + p.id(), "version", String.valueOf(p.version()), "food",
                                "olive oil", "label", p.value().label(), "law", "uk", "declaration", "olive oil")
                                        .statusCode())
                                                .isEqualTo(302);
    }
}
