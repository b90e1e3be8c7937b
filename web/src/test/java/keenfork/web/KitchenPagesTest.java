package keenfork.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import keenfork.core.kitchen.LarderPack;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.persistence.pack.Packs;
import keenfork.web.persistence.run.Runs;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;

class KitchenPagesTest extends RunningKitchen {
    @Autowired Kitchen kitchen;
    @Autowired Packs packs;
    @Autowired Runs runs;

    private long dish(String name) {
        return kitchen.menu().dishes().stream().filter(d -> d.name().startsWith(name)).findFirst().orElseThrow().id();
    }

    @Test
    void the_demo_kitchen_has_twelve_dishes_and_two_packs_left_unread() {
        assertThat(kitchen.menu().dishes().stream().filter(d -> d.stored().value().text().contains("Serves 48")))
                .hasSize(12);
        assertThat(kitchen.menu().packsUnread()).isEqualTo(2);
        assertThat(get("/map").body()).contains("Roast carrot and harissa dip: Celery in it").contains("2</span>");
    }

    /// A demo line that the tables cannot read would teach a new cook to live with question marks.
    @Test
    void every_line_of_the_demo_kitchen_is_read() {
        assertThat(kitchen.menu().dishes().stream().filter(d -> d.stored().value().text().contains("Serves 48"))
                .flatMap(d -> d.derivation().recipe().lines().stream()))
                        .allSatisfy(l -> assertThat(l.isUnread()).as("%s: %s", l.text(), l.unread()).isFalse());
    }

    @ParameterizedTest
    @ValueSource(strings = {"/map", "/map?peel=BASE_ONLY", "/dishes", "/dishes/new", "/larder", "/larder/new", "/swaps",
            "/run", "/run?show=yours", "/labels"})
    void each_station_answers_with_its_headers(String path) {
        var answer = get(path);
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.headers().firstValue("Content-Security-Policy").orElse("")).contains("script-src 'self'")
                .doesNotContain("unsafe");
        assertThat(answer.headers().firstValue("X-Content-Type-Options")).hasValue("nosniff");
        assertThat(answer.body()).doesNotContain("<script>").doesNotContainPattern("\\son[a-z]+=\"")
                .doesNotContainPattern("\\sstyle=\"");
        assertThat(answer.body().replaceAll("\\s+", " ")).contains("Nothing found means nothing in what was recorded");
    }

    @Test
    void the_screens_never_praise() {
        for (var path : List.of("/map?dish=" + dish("Millet") + "&group=sesame", "/dishes/" + dish("Fennel"), "/labels",
                "/run", "/larder"))
            assertThat(get(path).body().replaceAll("<[^>]+>", " "))
                    .doesNotContainPattern("(?i)\\b(safe|free from|allergen[- ]free|compliant|OK)\\b");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/nothing", "/dishes/999999", "/labels/sheet.pdf?dish=999999",
            "/labels/sheet.svg?dish=1&page=99", "/labels?kind=poster", "/labels?lang=xx", "/labels/printed/999999.pdf",
            "/labels/jobs/999999.pdf", "/map?peel=sideways", "/map/why?dish=999999&group=milk",
            "/swaps?dish=999999&avoid=milk"})
    void an_address_that_leads_nowhere_says_so(String path) {
        var answer = get(path);
        assertThat(answer.statusCode()).isEqualTo(404);
        assertThat(answer.body()).contains("Not here").doesNotContain("Exception");
    }

    @ParameterizedTest @ValueSource(strings = {"/dishes/abc", "/map?dish=abc", "/labels?dish=%20"})
    void an_address_that_cannot_be_read_is_told(String path) {
        assertThat(get(path).statusCode()).isIn(400, 200);
        assertThat(get("/dishes/abc").statusCode()).isEqualTo(400);
        assertThat(get(path).body()).doesNotContain("Exception");
    }

    @Test
    void a_form_without_its_token_is_refused_and_stores_nothing() {
        var before = kitchen.menu().dishes().size();
        var answer = send(HttpRequest.newBuilder(URI.create(address("/dishes/new"))).header("Accept", "text/html")
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString("text=Thief%0A1 egg")).build());
        assertThat(answer.statusCode()).isEqualTo(403);
        assertThat(answer.body()).contains("This form is too old");
        assertThat(kitchen.menu().dishes()).hasSize(before);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   ", "Only a name", "a\0b\n1 egg"})
    void a_recipe_that_is_none_is_told_and_the_text_is_kept(String text) {
        var answer = post("/dishes/new", "/dishes/new", "text", text);
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("role=\"alert\"").doesNotContain("Exception");
        if (text.startsWith("Only")) assertThat(answer.body()).contains("Only a name</textarea>");
    }

    @Test
    void a_text_too_long_is_told() {
        var answer = post("/dishes/new", "/dishes/new", "text", "Long\n" + "1 egg\n".repeat(20_000));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("longer than 40,000 letters");
    }

    @Test
    void names_of_every_script_are_kept_and_never_run() {
        for (var name : List.of("<script>alert(1)</script> soup", "سلطة الحمص", "🥗 Salad '; drop table dish; --")) {
            var answer = post("/dishes/new", "/dishes/new", "text", name + "\n1 tbsp tahini");
            assertThat(answer.statusCode()).as(name).isEqualTo(302);
            var page = get(URI.create(answer.headers().firstValue("Location").orElseThrow()).getPath());
            assertThat(page.body()).doesNotContain("<script>alert");
            assertThat(page.body()).contains(name.startsWith("<") ? "&lt;script&gt;" : name.substring(0, 4));
        }
    }

    @Test
    void two_cooks_editing_one_dish_lose_neither_text() {
        post("/dishes/new", "/dishes/new", "text", "Shared dip\n1 kg chickpeas");
        var id = dish("Shared dip");
        assertThat(post("/dishes/" + id, "/dishes/" + id, "version", "0", "text",
                "Shared dip\n1 kg chickpeas\n3 tbsp tahini").statusCode()).isEqualTo(302);
        var second =
                post("/dishes/" + id, "/dishes/" + id, "version", "0", "text", "Shared dip\n2 kg chickpeas\n1 lemon");
        assertThat(second.statusCode()).isEqualTo(409);
        assertThat(second.body()).contains("3 tbsp tahini").contains("2 kg chickpeas");
        assertThat(kitchen.menu().dish(id).orElseThrow().stored().value().text()).contains("3 tbsp tahini");
    }

    @Test
    void a_recipe_pasted_as_json_ld_becomes_text_and_can_be_taken_along_again() {
        var pasted =
                "{\"@context\": \"https://schema.org\", \"@type\": \"Recipe\", \"name\": \"Pasted dip\", "
                        + "\"prepTime\": \"PT5M\", \"recipeIngredient\": [\"3 tbsp tahini\"]}";
        assertThat(post("/dishes/new", "/dishes/new", "text", pasted).statusCode()).isEqualTo(302);
        var id = dish("Pasted dip");
        assertThat(get("/dishes/" + id).body()).contains("3 tbsp tahini").doesNotContain("prepTime");
        var json = get("/dishes/" + id + "/recipe.json");
        assertThat(json.statusCode()).as(json.body()).isEqualTo(200);
        assertThat(json.headers().firstValue("Content-Disposition").orElseThrow()).contains("attachment");
        assertThat(json.body()).contains("\"prepTime\" : \"PT5M\"").contains("3 tbsp tahini");
        var newer = pasted.replace("PT5M", "PT9M").replace("3 tbsp", "4 tbsp");
        assertThat(post("/dishes/" + id, "/dishes/" + id, "version", "0", "text", newer).statusCode()).isEqualTo(302);
        assertThat(get("/dishes/" + id + "/recipe.json").body()).as("what is pasted over it comes along, too")
                .contains("PT9M").contains("4 tbsp tahini");
        var endless = "{\"@type\": \"Recipe\", \"name\": \"Endless\", \"recipeIngredient\": ["
                + "\"1 egg\",".repeat(700) + "\"1 egg\"]}";
        assertThat(post("/dishes/new", "/dishes/new", "text", endless).body()).contains("600 lines");
        var broken = post("/dishes/new", "/dishes/new", "text", "{\"name\": ");
        assertThat(broken.statusCode()).isEqualTo(422);
        assertThat(broken.body()).contains("looks like JSON").doesNotContain("Exception");
        assertThat(get("/dishes/999999/recipe.json").statusCode()).isEqualTo(404);
    }

    @Test
    void a_pack_read_long_ago_is_asked_for_again_and_what_it_usually_holds_counts() {
        post("/dishes/new", "/dishes/new", "text", "Old pack salad\n1 lettuce\n2 tbsp furikake");
        packs.add(new LarderPack("furikake", "Furikake, old jar", "", "uk", "Ingredients: seaweed, salt.",
                LocalDate.now().minusDays(200)), "");
        assertThat(get("/map").body()).contains("Old pack salad: Sesame in it, assumed");
        assertThat(get("/larder").body()).contains("read it again");
        assertThat(post("/larder", "/larder/read-again", "days", "365").statusCode()).isEqualTo(302);
        assertThat(get("/map").body()).doesNotContain("Old pack salad: Sesame in it");
        assertThat(post("/larder", "/larder/read-again", "days", "soon").statusCode()).isEqualTo(422);
        assertThat(post("/larder", "/larder/read-again", "days", "180").statusCode()).isEqualTo(302);
    }

    @Test
    void a_list_of_our_own_is_answered_on_the_dish() {
        post("/dishes/new", "/dishes/new", "text", "Sharp salad\n1 lettuce\n2 tbsp cider vinegar");
        assertThat(post("/dishes", "/dishes/own-lists", "lists", "No vinegar: vinegar").statusCode()).isEqualTo(302);
        assertThat(get("/dishes/" + dish("Sharp salad")).body()).contains("No vinegar")
                .contains("2 tbsp cider vinegar");
        var wrong = post("/dishes", "/dishes/own-lists", "lists", "vinegar");
        assertThat(wrong.statusCode()).isEqualTo(422);
        assertThat(wrong.body()).contains("is no list");
        assertThat(post("/dishes", "/dishes/own-lists", "lists", "", "seen", "No vinegar: vinegar").statusCode())
                .isEqualTo(302);
    }

    @Test
    void two_dishes_may_not_share_a_name() {
        post("/dishes/new", "/dishes/new", "text", "Twin\n1 egg");
        var answer = post("/dishes/new", "/dishes/new", "text", "twin\n1 lemon");
        assertThat(answer.statusCode()).isEqualTo(409);
        assertThat(answer.body()).contains("Give this one a name of its own");
    }

    @Test
    void reading_a_pack_changes_the_map_at_once() {
        post("/dishes/new", "/dishes/new", "text", "Odd salad\n1 lettuce\n2 tbsp gochujang");
        var id = dish("Odd salad");
        assertThat(get("/map").body()).contains("Odd salad: Soya in it, assumed until the pack is read");
        assertThat(post("/larder/new", "/larder/new", "food", "gochujang", "label", "Chilli paste", "law", "uk",
                "declaration", "chilli, rice, soya beans. May contain sesame.").statusCode()).isEqualTo(302);
        var map = get("/map").body();
        assertThat(map).contains("Odd salad: Soya in it\"").contains("Odd salad: Sesame pack says may")
                .doesNotContain("Odd salad: Gluten cereals in it");
        assertThat(get("/map?dish=" + id + "&group=sesame").body()).contains("Chilli paste");
        assertThat(post("/larder/new", "/larder/new", "food", "gochujang", "label", "Another", "law", "uk",
                "declaration", "chilli, mustard").statusCode()).isEqualTo(302);
        assertThat(get("/map").body()).as("a second pack of a food stands by")
                .doesNotContain("Odd salad: Mustard in it");
    }

    private String run() { return String.valueOf(kitchen.menu().run().kept().id()); }

    @Test
    void a_run_in_force_puts_its_contacts_on_the_label_and_a_wash_takes_them_off() {
        post("/dishes/new", "/dishes/new", "text", "Almond cream\n200 g almonds\n1 l water\nMethod:\nBlend smooth.");
        post("/dishes/new", "/dishes/new", "text", "Pea purée\n1 kg peas\n1 lemon\nMethod:\nBlend smooth.");
        var pea = String.valueOf(dish("Pea purée"));
        runs.use(kitchen.menu().run().kept().id(),
                List.of(new Runs.Turn(dish("Almond cream"), 0, false, Map.of(), Map.of()),
                        new Runs.Turn(dish("Pea purée"), 0, false, Map.of(), Map.of())),
                "began anew", "");
        assertThat(get("/labels?dish=" + pea).body()).contains("May contain:").contains("nuts (almond)");
        post("/rule-book", "/rule-book/contact", "wording", "held");
        assertThat(get("/labels?dish=" + pea).body()).contains("Made with shared kit that held:")
                .contains("nuts (almond)");
        post("/run/day", "/run/clean", "run", run(), "dish", pea, "kit", "blender", "clean", "wash");
        assertThat(get("/labels?dish=" + pea).body()).doesNotContain("Made with shared kit that held:");
        post("/run/day", "/run/clean", "run", run(), "dish", pea, "kit", "blender", "clean", "none");
        assertThat(get("/labels?dish=" + pea).body()).contains("Made with shared kit that held:");
        assertThat(post("/run/day", "/run/use", "run", run()).statusCode()).isEqualTo(302);
        assertThat(get("/labels?dish=" + pea).body()).doesNotContain("Made with shared kit that held:");
        assertThat(post("/rule-book", "/rule-book/contact", "wording", "loudly").statusCode()).isEqualTo(404);
        post("/rule-book", "/rule-book/contact", "wording", "may");
    }

    @Test
    void the_rule_book_can_be_changed_and_the_map_follows() {
        assertThat(post("/map", "/rule-book", "id", "us", "back", "/map").headers().firstValue("Location").orElse(""))
                .endsWith("/map");
        assertThat(get("/map").body()).contains("Tree nuts").doesNotContain("Lupin");
        post("/map", "/rule-book", "id", "uk", "back", "https://elsewhere.example/");
        assertThat(get("/map").body()).contains("Lupin");
        assertThat(get("/rule-book?back=/larder").body()).contains("Food Information Regulations 2014")
                .contains("value=\"/larder\"");
        assertThat(get("/rule-book?back=//elsewhere.example").body()).contains("value=\"/map\"");
        assertThat(post("/map", "/rule-book", "id", "mars", "back", "/map").statusCode()).isEqualTo(404);
    }

    @Test
    void templates_never_write_unescaped_text() throws IOException {
        try (var files = Files.walk(Path.of("src/main/resources/templates"))) {
            assertThat(files.filter(Files::isRegularFile)).allSatisfy(f -> assertThat(Files.readString(f))
                    .as(f.toString()).doesNotContain("th:utext").doesNotContain("[("));
        }
    }
}
