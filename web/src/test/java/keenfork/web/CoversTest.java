package keenfork.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.Pattern;
import keenfork.core.covers.Appetite;
import keenfork.core.covers.Provision;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.persistence.dish.Dishes;
import keenfork.web.persistence.dish.SetAsides;
import keenfork.web.persistence.dish.TakenPlans;
import keenfork.web.persistence.dish.Variants;
import keenfork.web.persistence.guest.Events;
import keenfork.web.persistence.pack.Provisions;
import keenfork.web.persistence.run.Runs;
import keenfork.web.persistence.settings.Settings;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;

/// Who is coming, who can eat what, and what feeds everyone, as it is posted and answered.
@TestPropertySource(properties = {"keenfork.demo=false", "test.kitchen=covers"})
class CoversTest extends RunningKitchen {
    @Autowired Kitchen kitchen;
    @Autowired Events events;
    @Autowired SetAsides asides;
    @Autowired Dishes dishes;
    @Autowired TakenPlans taken;
    @Autowired Variants variants;
    @Autowired Runs runs;
    @Autowired Settings settings;
    @Autowired Provisions provisions;

    @AfterEach
    void nobody() {
        for (var g : events.groups()) events.remove(g.id());
        for (var a : asides.all()) asides.remove(a.id());
        events.use(0);
        for (var last = taken.last(0); last.isPresent(); last = taken.last(0)) taken.forget(last.get().id());
        for (var g : events.groups()) events.remove(g.id());
        for (var v : variants.all()) variants.unlink(v.dish());
        for (var dish : dishes.all()) dishes.takeOff(dish.id(), dish.version());
        settings.take(Appetite.EVERY_DISH);
        settings.fillTubsWith(2500);
        for (var food : provisions.all().keySet()) provisions.keep(food, Provision.NONE, "");
    }

    private long write(String text) {
        var name = text.lines().findFirst().orElseThrow();
        var there = kitchen.menu().dishes().stream().filter(d -> d.name().equals(name)).findFirst();
        if (there.isPresent()) return there.get().id();
        assertThat(post("/dishes/new", "/dishes/new", "text", text).statusCode()).isEqualTo(302);
        return kitchen.menu().dishes().stream().filter(d -> d.name().equals(name)).findFirst().orElseThrow().id();
    }

    private static String plain(String html) { return html.replaceAll("<[^>]+>", " ").replaceAll("\\s+", " "); }

    @Test
    void a_list_from_a_mail_is_shown_as_understood_before_it_is_kept() {
        var mail = "4 vegan, 2 coeliac, 1 sesame + egg, table 6: nut allergy, the rest eat everything";
        var read = post("/covers", "/covers/list", "list", mail);
        assertThat(read.statusCode()).isEqualTo(200);
        assertThat(plain(read.body())).contains("4 vegan vegan").contains("sesame, traces count; eggs, traces count")
                .contains("1 table 6 nuts");
        assertThat(plain(read.body())).contains("Nobody here avoids anything: “the rest eat everything”.");
        assertThat(events.groups()).as("nothing is kept yet").isEmpty();
        assertThat(post("/covers", "/covers/list", "list", mail, "keep", "true").statusCode()).isEqualTo(302);
        assertThat(events.groups()).extracting(Events.Guests::people).containsExactly(4, 2, 1, 1);
        assertThat(get("/covers.csv").body()).startsWith("name,count,avoids,strictness")
                .contains("table 6,1,nut allergy");
    }

    @ParameterizedTest
    @ValueSource(strings = {"4 zugwort", "", "the rest eat everything", "name,count,avoids\nVegan,many,vegan"})
    void a_list_that_is_not_understood_is_not_kept_and_not_lost(String list) {
        var answer = post("/covers", "/covers/list", "list", list, "keep", "true");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("role=\"alert\"").contains(list.lines().findFirst().orElse(""));
        assertThat(events.groups()).isEmpty();
    }

    @Test
    void a_table_is_taken_as_well_as_a_mail() {
        write("Gangway slaw\n1 kg cabbage\nTopping:\n100 g feta");
        post("/covers", "/covers/list", "list", "name,count,avoids,strictness\nTable 2,3,milk,recipe", "keep", "true");
        assertThat(events.groups()).singleElement().satisfies(g -> {
            assertThat(g.name()).isEqualTo("Table 2");
            assertThat(plain(get("/covers").body())).contains("3 Table 2");
            assertThat(get("/covers").body()).contains("milk, recipe only");
        });
    }

    /// As a booking system writes it: quoted cells, a column of what was chosen, "No" where nothing is avoided.
    @Test
    void a_table_with_its_own_headings_is_taken_and_nobody_in_it_is_lost() {
        write("Gangway slaw\n1 kg cabbage\nTopping:\n100 g feta");
        var table = "Guest name,Table,Meal choice,\"Dietary requirements\"\nAnn Weaver,1,Cod,\"milk, eggs\"\n"
                + "Bo Miller,1,Vegan,\nCy Turner,2,Cod,No\nDee Fuller,2,Cod,Yes - sesame";
        assertThat(plain(post("/covers", "/covers/list", "list", table).body())).contains("Ann Weaver milk");
        post("/covers", "/covers/list", "list", table, "keep", "true");
        assertThat(events.groups()).extracting(Events.Guests::name).containsExactly("Ann Weaver", "Bo Miller",
                "Dee Fuller");
        assertThat(events.groups()).extracting(Events.Guests::avoids)
                .containsExactly("milk, eggs", "Vegan", "sesame");
    }

    /// What is kept are their own words: a dislike by its name and an intolerance come through a table unharmed.
    @Test
    void words_of_a_table_are_kept_as_they_were_said() {
        write("Gangway slaw\n1 kg cabbage\nTopping:\n100 g feta");
        post("/covers", "/covers/list", "list", "name,count,avoids,strictness\nA,1,no vinegar,traces\n"
                + "B,2,lactose intolerant,\nC,1,\"milk, eggs\",recipe", "keep", "true");
        assertThat(events.groups()).extracting(Events.Guests::avoids).containsExactly("no vinegar",
                "lactose intolerant",
                "milk, eggs (traces ok)");
        assertThat(get("/covers").body()).doesNotContain("not understood")
                .contains("milk, recipe only; eggs, recipe only");
    }

    @Test
    void each_group_meets_each_dish_and_a_change_feeds_who_has_too_little() {
        write("Gangway slaw\n1 kg cabbage\nTopping:\n100 g feta");
        write("Gangway dip\n1 kg chickpeas\n200 g yoghurt");
        post("/covers", "/covers/list", "list", "4 vegan", "keep", "true");
        var page = get("/covers?least=1").body();
        assertThat(plain(page)).contains("Too little for vegan 4 people: 0 of 1");
        assertThat(page).contains("Gangway slaw, vegan: peeled, without Topping").contains("#p-part")
                .contains("#p-empty");
        var planned = plain(get("/covers?least=1&serve=true").body());
        assertThat(planned).contains("Hold back Topping").contains("no smaller set does");
        assertThat(take("1", "").statusCode()).isEqualTo(302);
        assertThat(post("/covers", "/covers/plan", "least", "1", "print", "another").statusCode())
                .as("a plan that nobody saw is not taken").isEqualTo(409);
        assertThat(asides.all()).as("kept once").singleElement()
                .satisfies(a -> assertThat(a.avoids()).isEqualTo("vegan"));
        assertThat(plain(get("/covers?least=1").body())).as("what was accepted counts at once")
                .contains("All 4 of the groups have at least 1");
    }

    /// Takes the first plan, or one change of it, as the page offers it.
    private java.net.http.HttpResponse<String> take(String least, String only) {
        var plan = Pattern.compile("name=\"print\" value=\"([^\"]+)\"")
                .matcher(get("/covers?serve=true&least=" + least).body().replaceAll("\\s+", " "));
        assertThat(plan.find()).isTrue();
        return post("/covers", "/covers/plan", "least", least, "print", plan.group(1), "only", only);
    }

    @Test
    void a_whole_plan_is_taken_with_one_press_and_taken_back_with_one() {
        write("Gangway slaw\n1 kg cabbage\nTopping:\n100 g feta");
        var dip = write("Gangway dip\n1 kg chickpeas\n200 g yoghurt");
        post("/covers", "/covers/list", "list", "3 milk allergy", "keep", "true");
        var text = dishes.find(dip).orElseThrow().value().text();
        var before = kitchen.menu().dishes().size();
        assertThat(take("2", "").statusCode()).isEqualTo(302);
        var taken = plain(get("/covers?least=2").body());
        assertThat(taken).contains("All 3 of the groups have at least 2").contains("Gangway slaw: Hold back Topping")
                .contains("Gangway dip: ").contains("Take it back");
        assertThat(dishes.find(dip).orElseThrow().value().text().equals(text)
                && kitchen.menu().dishes().size() == before).as("the dip was changed, or made twice").isFalse();
        var id = taken(get("/covers").body());
        assertThat(post("/covers", "/covers/plan/" + id + "/back").statusCode()).isEqualTo(302);
        assertThat(dishes.find(dip).orElseThrow().value().text()).isEqualTo(text);
        assertThat(kitchen.menu().dishes()).hasSize(before);
        assertThat(asides.all()).isEmpty();
        assertThat(plain(get("/covers?least=2").body())).contains("0 of 2").doesNotContain("Take it back");
        assertThat(post("/covers", "/covers/plan/" + id + "/back").statusCode()).as("a second press").isEqualTo(409);
    }

    @Test
    void the_pass_counts_plates_and_front_of_house_reads_what_to_bring() {
        write("Gangway slaw\n1 kg cabbage\nTopping:\n100 g feta");
        var dip = write("Gangway dip\n1 kg chickpeas\n200 g yoghurt\nLovely with walnut bread.");
        post("/covers", "/covers/list", "list", "3 milk allergy, 2 no zucchini", "keep", "true");
        var before = plain(get("/covers/sheet").body());
        assertThat(before).contains("The recipe also says, so ask the kitchen what that holds: “Lovely with walnut");
        assertThat(plain(get("/dishes/" + dip).body()))
                .contains("“Lovely with walnut bread.” only talks about the dish");
        assertThat(plain(get("/labels?kind=tub&dish=" + dip).body()))
                .contains("only talks about the dish and stands on no label");
        assertThat(before).contains("Gangway slaw Menu 2 2 as it is").contains("Nothing. Ask the kitchen.")
                .contains("Do not bring Gangway slaw and Gangway dip").contains("Contains: milk");
        take("2", "0");
        var after = plain(get("/covers/sheet").body());
        assertThat(after).contains("Gangway slaw Menu 5 2 as it is 3 without Topping")
                .contains("Menu Gangway slaw, without Topping").contains("Do not bring Gangway dip");
        assertThat(after.substring(after.indexOf("For the pass"), after.indexOf("What to bring")))
                .as("the pass reads of nobody").doesNotContain("milk allergy");
    }

    /// Two who avoid milk and a dish with feta for ten: eight can eat it as it is.
    @Test
    void the_shopping_list_is_for_those_who_can_eat() {
        write("Gangway slaw\n1 kg cabbage\nTopping:\n100 g feta");
        var id = write("Gangway bake\nServes 10\n1 kg potatoes\n300 g feta\nsalt, to taste");
        post("/covers", "/covers/list", "list", "2 milk allergy, 8 no zucchini", "keep", "true");
        var list = plain(get("/covers/shopping").body());
        assertThat(list).contains("potato 800 g").contains("feta 340 g").contains("and to taste")
                .contains("Not said for how many it is");
        assertThat(post("/covers/shopping", "/covers/taken", "helpings", "", "spare", "50").statusCode())
                .isEqualTo(302);
        assertThat(get("/covers/shopping.csv").body()).contains("potato,1200,").contains("feta,460,");
        assertThat(plain(get("/covers/shopping").body())).contains("50 % more on top");
    }

    /// 700 g of walnuts for ten, 250 g there, in packs of 200 g: three packs, from who sells them.
    @Test
    void what_is_there_is_not_bought_and_packs_are_whole() {
        var id = write("Gangway crumble\nServes 10\n1 kg potatoes\n700 g walnuts");
        post("/covers", "/covers/list", "list", "10 no zucchini", "keep", "true");
        assertThat(post("/covers/shopping", "/covers/shopping/food", "food", "walnut", "pack", "200 g", "have",
                "0.25 kg", "supplier", "Capstan stores").statusCode()).isEqualTo(302);
        assertThat(plain(get("/covers/shopping").body())).contains("From Capstan stores").contains("3 packs of 200 g")
                .contains("250 g there").contains("From anywhere");
        assertThat(get("/covers/shopping.csv").body()).contains("walnut,700,")
                .contains(",250,450,3,200,Capstan stores,");
        // three packs of 200 g at 9.50 a kilogram; nothing is known of potatoes
        post("/covers/shopping", "/covers/shopping/food", "food", "walnut", "pack", "200 g", "have", "250 g",
                "supplier", "Capstan stores", "price", "£9.50");
        assertThat(plain(get("/covers/shopping").body())).contains("£5.70")
                .contains("£5.70 to pay, and 1 food without");
        assertThat(get("/covers/shopping.csv").body()).contains(",5.70");
        post("/covers/shopping", "/covers/shopping/food", "food", "walnut", "price", "cheap");
        post("/covers/shopping", "/covers/shopping/food", "food", "walnut", "pack", "a sack");
        assertThat(provisions.all().get("walnut").provision().packGrams()).as("what is no weight changes nothing")
                .isEqualTo(200);
    }

    /// Who can eat nothing of the menu gets a small dish of its own, and back with one press.
    @Test
    void a_small_dish_of_its_own_is_the_last_resort() {
        write("Gangway roast\n1 kg lamb\n50 ml olive oil");
        post("/covers", "/covers/list", "list", "4 vegan", "keep", "true");
        var page = get("/covers?least=1&serve=true").body();
        assertThat(plain(page)).contains("A small dish of their own would do");
        var name = Pattern.compile("name=\"name\" value=\"([^\"]+)\"><input type=\"hidden\" name=\"course\"")
                .matcher(page);
        assertThat(name.find()).isTrue();
        assertThat(post("/covers", "/covers/small", "name", name.group(1), "course", "Menu", "people", "4")
                .statusCode()).isEqualTo(302);
        assertThat(plain(get("/covers?least=1").body())).contains("All 4 of the groups have at least 1")
                .contains("a small dish of its own");
        assertThat(post("/covers", "/covers/small", "name", name.group(1), "course", "Menu", "people", "4")
                .statusCode()).as("it is there").isEqualTo(409);
        assertThat(post("/covers", "/covers/small", "name", "A feast", "people", "4").statusCode()).isEqualTo(409);
        post("/covers", "/covers/plan/" + taken.last(0).orElseThrow().id() + "/back");
        assertThat(kitchen.menu().dishes()).extracting(d -> d.name()).containsExactly("Gangway roast");
    }

    @Test
    void figures_nobody_can_reckon_with_are_refused_in_words() {
        write("Gangway slaw\n1 kg cabbage\nTopping:\n100 g feta");
        post("/covers", "/covers/list", "list", "4 vegan", "keep", "true");
        for (var wrong : List.of(List.of("helpings", "many"), List.of("spare", "900"), List.of("tub", "a bucket"),
                List.of("tub", "0 g"))) {
            post("/covers/shopping", "/covers/taken", wrong.get(0), wrong.get(1));
            assertThat(settings.appetite()).as("%s", wrong).isEqualTo(Appetite.EVERY_DISH);
            assertThat(settings.tubGrams()).as("%s", wrong).isEqualTo(2500);
        }
    }

    /// What has an earlier turn stands earlier, on the covers and among the signs.
    @Test
    void dishes_stand_in_serving_order_with_their_place() {
        var slaw = write("Gangway slaw\n1 kg cabbage\nTopping:\n100 g feta");
        var dip = write("Gangway dip\n1 kg chickpeas\n200 g yoghurt");
        post("/covers", "/covers/events", "name", "Rope ball", "doors", "18:00", "service", "18:30", "covers", "10");
        post("/covers", "/covers/list", "list", "4 vegan", "keep", "true");
        post("/covers", "/covers/course", "dish", String.valueOf(slaw), "course", "Menu", "station", "buffet", "turn",
                "2");
        post("/covers", "/covers/course", "dish", String.valueOf(dip), "course", "Menu", "station", "counter", "turn",
                "1");
        var sheet = plain(get("/covers/sheet").body());
        assertThat(sheet).contains("doors 18:00, served 18:30").contains("Menu, counter").contains("Menu, buffet");
        assertThat(sheet.indexOf("Gangway dip")).isLessThan(sheet.indexOf("Gangway slaw"));
        var labels = plain(get("/labels?dish=event&kind=card").body());
        assertThat(labels).contains("What is served, in serving order");
        post("/covers", "/covers/events", "name", "Rope ball", "doors", "early");
        assertThat(plain(get("/covers").body())).contains("Doors open at a time such as 18:00");
        events.all().forEach(e -> events.archive(e.id()));
    }

    /// Who eats a variant needs what goes into it, and no more of the dish as it is.
    @Test
    void the_shopping_list_has_what_goes_into_a_variant() {
        var dish = write("Gangway pot\nServes 10\n1 kg potatoes\n300 g feta");
        var made = write("Gangway pot, plain\nServes 10\n1 kg potatoes\n200 g walnuts");
        variants.keep(made, dish, "milk allergy", "");
        post("/covers", "/covers/list", "list", "2 milk allergy, 8 no zucchini", "keep", "true");
        assertThat(get("/covers/shopping.csv").body()).contains("walnut,40,").contains("feta,")
                .contains("potato,1000,");
    }

    /// Eight of ten eat the bake: that many are made of it, soaks first, and the run is set for them and back.
    @Test
    void the_prep_list_and_the_run_are_for_those_who_can_eat() {
        write("Gangway slaw\n1 kg cabbage\nTopping:\n100 g feta");
        var id = write("Gangway stew\nServes 10\n1 kg dried chickpeas\n300 g feta\nMethod:\n"
                + "Soak the chickpeas overnight.\nSimmer the chickpeas.\nCrumble the feta over just before serving.");
        post("/covers", "/covers/list", "list", "2 milk allergy, 8 no zucchini", "keep", "true");
        assertThat(plain(get("/covers/shopping").body())).contains("8 Gangway stew");
        assertThat(plain(get("/covers/prep").body())).contains("The day before Gangway stew for 8 Soak the chickpeas")
                .contains("On the day").contains("Just before it is served Gangway stew for 8 Crumble");
        post("/covers/prep", "/covers/taken", "spare", "50", "tub", "1 kg", "back", "/covers/prep");
        assertThat(get("/covers/prep.csv").body()).contains("day before,Gangway stew,12,")
                .contains("last,Gangway stew,12,");
        post("/covers/prep", "/covers/taken", "spare", "0", "back", "/covers/prep");
        assertThat(plain(get("/covers/prep").body())).contains("What is made").contains("tubs");
        var run = runs.inForce();
        assertThat(post("/covers/prep", "/covers/run", "run", String.valueOf(run.id())).statusCode())
                .isEqualTo(302);
        assertThat(runs.inForce().turns()).filteredOn(t -> t.dish() == id).extracting(Runs.Turn::portions)
                .containsExactly(8);
        assertThat(post("/covers/prep", "/covers/run", "run", String.valueOf(run.id())).statusCode())
                .as("the run was changed meanwhile").isEqualTo(409);
        for (var g : events.groups()) events.change(g.id(), g.name(), g.people(), "milk, chickpeas");
        assertThat(post("/covers/prep", "/covers/run", "run", String.valueOf(runs.inForce().id())).body())
                .contains("there is nothing to set");
        for (var g : events.groups()) if (g.people() == 8) events.change(g.id(), g.name(), 8, "chickpeas");
        post("/covers/prep", "/covers/run", "run", String.valueOf(runs.inForce().id()));
        assertThat(runs.inForce().turns()).as("nobody eats it").noneMatch(t -> t.dish() == id);
    }

    /// One vegan is the coeliac guest, too: they are one guest who avoids both, and the table is one smaller.
    @Test
    void somebody_in_two_groups_is_made_one_guest_and_groups_are_joined_and_parted() {
        post("/covers", "/covers/list", "list", "4 vegan, 2 coeliac, 3 gluten", "keep", "true");
        assertThat(regroup(1, "vegan", "coeliac", "both")).isEqualTo(302);
        assertThat(events.groups()).extracting(g -> g.people() + " " + g.name() + ": " + g.avoids())
                .contains("3 vegan: vegan", "1 coeliac: coeliac", "1 vegan and coeliac: vegan, coeliac");
        regroup(1, "vegan", "coeliac", "join");
        assertThat(events.groups()).as("they do not avoid the same").hasSize(4);
        assertThat(plain(get("/covers").body())).contains("do not avoid the same");
        regroup(1, "coeliac", "coeliac", "both");
        regroup(9, "vegan", "coeliac", "both");
        assertThat(plain(get("/covers").body())).contains("a whole number from 1 to 1, not “9”");
        assertThat(events.groups()).extracting(Events.Guests::people).containsExactlyInAnyOrder(3, 1, 3, 1);
        regroup(2, "vegan", "vegan", "part");
        assertThat(events.groups()).extracting(g -> g.people() + " " + g.name())
                .contains("1 vegan", "2 vegan, apart");
        regroup(1, "vegan", "vegan, apart", "join");
        assertThat(events.groups()).extracting(g -> g.people() + " " + g.name()).contains("3 vegan")
                .noneMatch(g -> g.contains("apart"));
    }

    private int regroup(int people, String one, String other, String way) {
        return post("/covers", "/covers/regroup", "people", String.valueOf(people), "one", key(one), "other",
                key(other),
                "way", way).statusCode();
    }

    private String key(String group) {
        return events.groups().stream().filter(g -> g.name().equals(group)).map(g -> String.valueOf(g.id())).findFirst()
                .orElseThrow();
    }

    private static String taken(String page) {
        var id = Pattern.compile("/covers/plan/(\\d+)/back").matcher(page);
        assertThat(id.find()).isTrue();
        return id.group(1);
    }

    /// Guests of an event are its own, the counter's are the counter's, and the header says which is in force.
    @Test
    void an_event_has_its_own_guests_menu_and_name() {
        write("Gangway slaw\n1 kg cabbage\nTopping:\n100 g feta");
        var dip = write("Gangway dip\n1 kg chickpeas\n200 g yoghurt");
        post("/covers", "/covers/list", "list", "2 coeliac", "keep", "true");
        assertThat(post("/covers", "/covers/events", "name", "Rope ball", "day", "2026-12-04", "service", "18.30",
                "covers", "3", "notes", "").statusCode()).isEqualTo(302);
        assertThat(plain(get("/covers").body())).contains("Rope ball, Fri 4 Dec, 3 covers")
                .contains("Who is coming?");
        post("/covers", "/covers/list", "list", "4 vegan", "keep", "true");
        assertThat(plain(get("/covers").body())).contains("The groups are 4, the covers 3");
        post("/covers", "/covers/course", "dish", String.valueOf(dip), "course", "");
        assertThat(get("/covers").body()).doesNotContain("Gangway dip, vegan").contains("Gangway slaw, vegan");
        var event = events.inForce().orElseThrow();
        assertThat(post("/covers", "/covers/events/" + event.id() + "/copy").statusCode()).isEqualTo(302);
        assertThat(plain(get("/covers").body())).contains("Rope ball, again").contains("4 vegan");
        assertThat(get("/covers").body()).as("the menu comes along").doesNotContain("Gangway dip, vegan");
        post("/covers", "/covers/events/use", "event", "0");
        assertThat(events.groups()).extracting(Events.Guests::avoids).containsExactly("coeliac");
        events.all().forEach(e -> events.archive(e.id()));
        assertThat(events.inForce()).isEmpty();
    }

    @Test
    void two_who_change_an_event_at_once_do_not_lose_each_others_words() {
        post("/covers", "/covers/events", "name", "Rope ball", "covers", "10");
        var event = events.inForce().orElseThrow();
        var version = String.valueOf(event.version());
        var path = "/covers/events/" + event.id();
        assertThat(post("/covers", path, "version", version, "name", "Rope ball", "covers", "12").statusCode())
                .isEqualTo(302);
        assertThat(post("/covers", path, "version", version, "name", "Rope ball", "covers", "14")
                .statusCode()).isEqualTo(302);
        assertThat(plain(get("/covers").body())).contains("Somebody changed this event meanwhile");
        assertThat(events.inForce().orElseThrow().details().covers()).isEqualTo(12);
        events.archive(event.id());
    }

    @Test
    void groups_are_edited_and_courses_kept_apart() {
        var slaw = write("Gangway slaw\n1 kg cabbage\nTopping:\n100 g feta");
        post("/covers", "/covers/list", "list", "2 coeliac", "keep", "true");
        var id = events.groups().getFirst().id();
        assertThat(post("/covers", "/covers/groups/" + id, "name", "Table 1", "people", "3", "avoids", "no nuts")
                .statusCode()).isEqualTo(302);
        assertThat(events.groups()).singleElement().satisfies(g -> assertThat(g.people()).isEqualTo(3));
        assertThat(post("/covers", "/covers/groups/" + id, "name", "Table 1", "people", "3", "avoids", "zugwort")
                .statusCode()).isEqualTo(422);
        post("/covers", "/covers/course", "dish", String.valueOf(slaw), "course", "Salads");
        assertThat(get("/covers").body()).containsPattern(Pattern.compile("scope=\"row\"[^>]*>Salads<"));
        post("/covers", "/covers/course", "dish", String.valueOf(slaw), "course", "");
        assertThat(post("/covers", "/covers/groups/" + id + "/remove").statusCode()).isEqualTo(302);
        assertThat(events.groups()).isEmpty();
    }
}
