package keenfork.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.locks.LockSupport;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import keenfork.core.kitchen.LarderPack;
import keenfork.core.label.Language;
import keenfork.core.label.OnPack;
import keenfork.core.regime.RuleBook;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.persistence.label.Labels;
import keenfork.web.persistence.pack.Packs;
import keenfork.web.persistence.run.Runs;
import org.apache.commons.csv.CSVFormat;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.hibernate.SessionFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.xml.sax.InputSource;

/// What a cook does at the stations Today, Dishes, Larder and Map, as it is posted and answered.
class StationsTest extends RunningKitchen {
    @Autowired Kitchen kitchen;
    @Autowired Packs packs;
    @Autowired Labels labels;
    @Autowired Runs runs;
    @Autowired jakarta.persistence.EntityManagerFactory entities;

    private long dish(String name) {
        return kitchen.menu().dishes().stream().filter(d -> d.name().equals(name)).findFirst().orElseThrow().id();
    }

    private long write(String text) {
        assertThat(post("/dishes/new", "/dishes/new", "text", text).statusCode()).isEqualTo(302);
        return dish(text.lines().findFirst().orElseThrow());
    }

    private String version(long dish) {
        return String.valueOf(kitchen.menu().dish(dish).orElseThrow().stored().version());
    }

    private long pack(String food, String label, String declaration) {
        var answer = post("/larder/new", "/larder/new", "food", food, "label", label, "law", "uk", "declaration",
                declaration);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(302);
        return Long.parseLong(location(answer).replaceAll(".*/", ""));
    }

    private static String location(HttpResponse<String> answer) {
        return URI.create(answer.headers().firstValue("Location").orElseThrow()).toString();
    }

    private String marks(long dish) {
        return kitchen.menu().dish(dish).orElseThrow().derivation().under(RuleBook.uk()).marks().stream()
                .map(m -> m.group().id() + ":" + m.certainty().id() + (m.assumed() ? ":assumed" : "")).toList()
                .toString();
    }

    // --- dishes ------------------------------------------------------------------------------------------------------

    @Test
    void dishes_are_found_by_name_line_or_group() {
        write("Quince relish\n1 kg quince\n50 g walnuts");
        assertThat(get("/dishes?q=quince").body()).contains("Quince relish").doesNotContain("Fennel and apple slaw");
        assertThat(get("/dishes?q=walnuts").body()).contains("Quince relish");
        assertThat(get("/dishes?q=celery").body()).contains("Roast carrot and harissa dip")
                .doesNotContain("Quince relish");
        assertThat(get("/dishes?q=%3Cscript%3Exyz").body()).contains("A word less finds more")
                .doesNotContain("<script>alert");
    }

    @Test
    void a_question_is_answered_into_the_text_and_waits_to_be_kept() {
        var id = write("Sweet dressing\n4 tbsp honey or agave syrup");
        var page = get("/dishes/" + id).body();
        assertThat(page).contains("formaction=\"/dishes/answer\"").contains("data-with=\"4 tbsp agave syrup\"");
        var answered = post("/dishes/" + id, "/dishes/answer", "id", String.valueOf(id), "version", version(id), "text",
                "Sweet dressing\n4 tbsp honey or agave syrup", "answer",
                "4 tbsp honey or agave syrup\r\n4 tbsp agave syrup");
        assertThat(answered.body()).contains("Answered, and not kept yet").contains("4 tbsp agave syrup</textarea>")
                .contains("It changes no mark on the map");
        assertThat(kitchen.menu().dish(id).orElseThrow().stored().value().text()).contains("honey or agave");
        assertThat(post("/dishes/" + id, "/dishes/answer", "text", "x", "answer", "no line").statusCode())
                .isEqualTo(404);
        assertThat(get("/dishes/foods?asked=2+tbsp+zugwort&q=tahini").body()).contains("data-with=\"2 tbsp tahini\"");
        assertThat(get("/dishes/foods?asked=2+tbsp+zugwort&q=xyzzy").body())
                .contains("the table holds nothing like it");
    }

    @Test
    void a_part_used_in_several_dishes_says_which_before_it_is_kept() {
        var id = write("Plain house dressing\n100 ml olive oil\n2 lemons");
        write("Leaf salad one\n1 lettuce\n50 g @Plain house dressing");
        write("Leaf salad two\n1 lettuce\n50 g @Plain house dressing");
        assertThat(get("/dishes/" + id).body()).contains("Leaf salad one and Leaf salad two");
        var read = post("/dishes/" + id, "/dishes/read", "id", String.valueOf(id), "text",
                "Plain house dressing\n100 ml olive oil\n2 lemons\n2 tbsp mustard");
        assertThat(read.body()).contains("Keeping it changes the map").contains("This dish")
                .containsPattern("Leaf salad two[\\s\\S]*Mustard").contains("nothing found");
        assertThat(marks(dish("Leaf salad one"))).as("nothing is stored by looking").doesNotContain("mustard");
        assertThat(post("/dishes/" + id, "/dishes/" + id, "version", version(id), "text",
                "Plain house dressing\n100 ml olive oil\n2 lemons\n2 tbsp mustard").statusCode()).isEqualTo(302);
        assertThat(marks(dish("Leaf salad one"))).contains("mustard:contains:assumed");
    }

    @Test
    void every_text_is_kept_compared_and_taken_back() {
        var id = write("Versioned dip\n1 kg peas");
        post("/today", "/screen", "cook", "Ines <b>");
        post("/dishes/" + id, "/dishes/" + id, "version", version(id), "text",
                "Versioned dip\n1 kg peas\n3 tbsp tahini");
        var page = get("/dishes/" + id + "/versions").body();
        assertThat(page).contains("Version 1 to 2").contains("3 tbsp tahini")
                .containsPattern("Sesame[\\s\\S]*nothing found[\\s\\S]*in it").contains("Ines &lt;b&gt;");
        assertThat(get("/dishes/" + id + "/versions?from=2&to=1").body()).contains("Version 2 to 1");
        assertThat(get("/dishes/" + id + "/versions?from=9&to=1").statusCode()).isEqualTo(404);
        assertThat(post("/dishes/" + id, "/dishes/" + id + "/versions/1/back").statusCode()).isEqualTo(302);
        assertThat(marks(id)).isEqualTo("[]");
        assertThat(get("/dishes/" + id + "/versions").body()).contains("version 1 taken back")
                .contains("Version 2 to 3");
        post("/today", "/screen", "cook", "");
    }

    @Test
    void a_dish_taken_off_the_menu_is_kept_and_put_back() {
        var id = write("Passing soup\n1 kg peas");
        assertThat(post("/dishes/" + id, "/dishes/" + id + "/off", "version", "77").statusCode()).isEqualTo(409);
        assertThat(post("/dishes/" + id, "/dishes/" + id + "/off", "version", version(id)).statusCode()).isEqualTo(302);
        assertThat(get("/dishes/" + id).statusCode()).isEqualTo(404);
        assertThat(post("/dishes", "/dishes/read", "id", String.valueOf(id), "text", "Passing soup\n3 kg peas").body())
                .as("who still writes it loses nothing").containsPattern("3 kg</u>(<span[^>]*>)? *peas");
        assertThat(post("/dishes", "/dishes/" + id, "version", "0", "text", "Passing soup\n3 kg peas").body())
                .contains("3 kg peas</textarea>").contains("Save it as a new dish");
        assertThat(get("/map").body()).doesNotContain("Passing soup");
        assertThat(get("/dishes").body()).contains("Taken off the menu").contains("Passing soup");
        assertThat(post("/dishes", "/dishes/" + id + "/back").statusCode()).isEqualTo(302);
        assertThat(get("/dishes/" + id + "/versions").body()).contains("Version 1 to 1");
        post("/dishes/" + id, "/dishes/" + id + "/off", "version", version(id));
        write("Passing soup\n2 kg peas");
        assertThat(post("/dishes", "/dishes/" + id + "/back").body()).contains("Give this one a name of its own");
    }

    @Test
    void a_dish_is_scaled_and_the_amounts_wait_to_be_kept() {
        var id = write("Scaled dip\nServes 4\n400 g chickpeas\n100 g tahini\n1 egg");
        assertThat(get("/dishes/" + id + "/scale?covers=10").body()).contains("1 kg chickpeas").contains("250 g tahini")
                .contains("2½ eggs".substring(0, 2));
        assertThat(get("/dishes/" + id + "/scale?covers=2").body()).as("50 g of tahini in the cook's own measure")
                .containsPattern("50 g</b>[\\s\\S]*tbsp");
        assertThat(get("/dishes/" + id + "/scale?weight=1.1+kg").body()).contains("Times 2");
        for (var wrong : new String[] {"covers=0", "covers=lots", "weight=heavy", "covers=99999", "weight=0"})
            assertThat(get("/dishes/" + id + "/scale?" + wrong)).satisfies(a -> {
                assertThat(a.statusCode()).as(wrong).isEqualTo(422);
                assertThat(a.body()).contains("role=\"alert\"").doesNotContain("Exception");
            });
        var bench = post("/dishes/" + id + "/scale?covers=8", "/dishes/" + id + "/scale", "covers", "8", "weight", "");
        assertThat(bench.body()).contains("They are not kept yet")
                .contains("Serves 8\n800 g chickpeas\n200 g tahini\n2 egg");
        assertThat(post("/dishes/" + id + "/scale?covers=8", "/dishes/" + id + "/scale", "covers", "none").statusCode())
                .isEqualTo(302);
        assertThat(kitchen.menu().dish(id).orElseThrow().derivation().recipe().serves()).isEqualTo(4);
    }

    @ParameterizedTest @ValueSource(strings = {"1 egg\n", "<script>alert(1)</script>\n", "٣ ملاعق طحينة\n",
            "🥚🥛 2 eggs\n", "'; drop table dish; --\n", "{{7*7}} ${7*7}\n"})
    void a_recipe_of_two_thousand_odd_lines_is_answered_in_words(String line) {
        var answer = post("/dishes/new", "/dishes/new", "text", "Long\n" + line.repeat(2_000));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("600 lines").contains("role=\"alert\"").doesNotContain("<script>alert")
                .doesNotContain("Exception");
        assertThat(post("/dishes/new", "/dishes/read", "text", "Short\n" + line.repeat(3)).body())
                .doesNotContain("<script>alert").doesNotContain("Exception").contains("kf-recipe")
                .doesNotContain(">49<");
    }

    @Test
    void a_plan_is_looked_at_on_the_bench_before_it_is_kept() {
        var id = write("Swapped dip\n- 1 kg chickpeas\n- 200 g tahini");
        var page = get("/swaps?dish=" + id + "&avoid=sesame").body();
        var text =
                Pattern.compile("<textarea\\s+name=\"text\"\\s+hidden[^>]*>([^<]*)</textarea>").matcher(page).results()
                        .map(m -> m.group(1)).findFirst().orElseThrow();
        assertThat(text).contains("sunflower seed butter").doesNotContain("tahini");
        var bench = post("/swaps?dish=" + id + "&avoid=sesame", "/dishes/proposed", "id", String.valueOf(id), "version",
                version(id), "text", text);
        assertThat(bench.body()).contains("It is not kept yet").contains("Keeping it changes the map")
                .containsPattern("Sesame[\\s\\S]*in it[\\s\\S]*nothing found");
        assertThat(marks(id)).contains("sesame:contains");
        assertThat(post("/dishes/new", "/dishes/proposed", "id", "999999", "text", "x").statusCode()).isEqualTo(404);
    }

    @Test
    void portions_can_be_taken_off_before_what_is_avoided_goes_in() {
        var id = write(
                "Layered salad\nServes 10\nBase:\n1 kg millet\nDressing:\n200 g tahini\nTopping:\n50 g mint\n"
                        + "Method:\nSimmer the millet.\nPour the dressing over.\nTear the mint over.");
        assertThat(get("/swaps?dish=" + id + "&avoid=sesame").body().replaceAll("<[^>]+>", ""))
                .contains("Or take portions off before step 2").contains("1 kg are in, and one portion of it is 100 g")
                .contains("“Layered salad, without sesame”")
                .containsPattern("Into both, afterwards\\s*50 g mint");
        assertThat(get("/swaps?dish=" + id + "&avoid=celery").body()).doesNotContain("take portions off");
    }

    // --- larder ------------------------------------------------------------------------------------------------------

    @Test
    void an_old_and_a_new_declaration_stand_side_by_side_with_what_changes_for_which_dish() {
        var dish = write("Crumbed peas\n1 kg peas\n100 g panko");
        var id = pack("panko", "Panko, 1 kg", "wheat flour, yeast, salt");
        var read =
                post("/larder/" + id, "/larder/read", "id", String.valueOf(id), "food", "panko", "label", "Panko, 1 kg",
                        "law", "uk", "declaration", "wheat flour, yeast, salt, milk powder. May contain sesame.");
        assertThat(read.body()).contains("Against what is stored").contains("milk: in it")
                .contains("sesame: pack says may").contains("Crumbed peas");
        assertThat(marks(dish)).doesNotContain("milk");
        var changed = post("/larder/" + id, "/larder/" + id, "version", "0", "food", "panko", "label", "Panko, 1 kg",
                "law", "uk", "declaration", "wheat flour, yeast, salt, milk powder. May contain sesame.");
        assertThat(changed.statusCode()).isEqualTo(302);
        assertThat(get("/larder/" + id + "/versions").body()).contains("Version 1 to 2").contains("milk: in it")
                .contains("Crumbed peas");
        var late = post("/larder/" + id, "/larder/" + id, "version", "0", "food", "panko", "label", "Panko", "law",
                "uk", "declaration", "wheat, my own words");
        assertThat(late.statusCode()).isEqualTo(409);
        assertThat(late.body()).contains("Stored meanwhile").contains("milk powder")
                .contains("wheat, my own words</textarea>");
    }

    @Test
    void another_name_does_not_make_a_pack_newly_read() {
        var id = pack("nori", "Nori", "seaweed");
        packs.change(id, 0, new keenfork.core.kitchen.LarderPack("nori", "Nori", "", "uk", "seaweed",
                java.time.LocalDate.now().minusDays(90)), "");
        var days = packs.find(id).orElseThrow().value().readOn();
        post("/larder/" + id, "/larder/" + id, "version", "1", "food", "nori", "label", "Nori sheets", "law", "uk",
                "declaration", "seaweed");
        assertThat(packs.find(id).orElseThrow().value()).satisfies(p -> {
            assertThat(p.label()).isEqualTo("Nori sheets");
            assertThat(p.readOn()).isEqualTo(days);
        });
        post("/larder/" + id, "/larder/" + id, "version", "2", "food", "nori", "label", "Nori sheets", "law", "uk",
                "declaration", "seaweed", "again", "yes");
        assertThat(packs.find(id).orElseThrow().value().readOn()).isEqualTo(java.time.LocalDate.now());
    }

    @Test
    void a_spare_pack_stands_in_for_a_day_and_every_dish_follows() {
        var dish = write("Miso broth\n3 tbsp white miso");
        pack("white miso", "The usual miso", "soya beans, rice, salt");
        var other = pack("white miso", "The other miso", "soya beans, barley, salt");
        assertThat(marks(dish)).isEqualTo("[soybeans:contains]");
        assertThat(get("/larder/" + other).body()).contains("It stands by")
                .contains("Standing in today, it would change the map").contains("Gluten cereals");
        assertThat(post("/larder/" + other, "/larder/" + other + "/use", "as", "today").statusCode()).isEqualTo(302);
        assertThat(marks(dish)).contains("gluten:contains");
        assertThat(get("/today").body()).contains("Stands in today for the usual");
        assertThat(get("/dishes/" + dish).body()).contains("The other miso, stands in today");
        var usual = packs.all().stream().filter(p -> p.value().label().equals("The usual miso")).findFirst()
                .orElseThrow().id();
        var chosen = post("/dishes/" + dish, "/dishes/" + dish + "/pack", "pack", usual + "\r\n3 tbsp white miso",
                "version", version(dish), "text", "Miso broth\n3 tbsp white miso\n1 leek");
        assertThat(chosen.body()).contains("takes The usual miso from now on").as("the text waits")
                .contains("1 leek</textarea>");
        assertThat(marks(dish)).as("a line's own pack goes before the one that stands in")
                .isEqualTo("[soybeans:contains]");
        post("/larder/" + usual, "/larder/" + usual + "/lines", "dish", String.valueOf(dish), "line",
                "3 tbsp white miso", "as", "unlink");
        post("/larder/" + other, "/larder/" + other + "/use", "as", "stop");
        assertThat(marks(dish)).isEqualTo("[soybeans:contains]");
        post("/larder/" + other, "/larder/" + other + "/use", "as", "usual");
        assertThat(marks(dish)).contains("gluten:contains");
        post("/larder/" + other, "/larder/" + other + "/use", "as", "none");
        assertThat(marks(dish)).as("no pack speaks for it any more")
                .isEqualTo(marks(write("Miso broth two\n3 tbsp white miso"))).contains("gluten:not-known");
        assertThat(post("/larder/" + other, "/larder/" + other + "/use", "as", "magic").statusCode()).isEqualTo(404);
        assertThat(post("/larder/" + other, "/larder/999999/use", "as", "usual").statusCode()).isEqualTo(404);
    }

    /// The usual pack says nothing about the one that stands in.
    @Test
    void an_unread_pack_that_stands_in_is_not_known() {
        var dish = write("Red pesto toast\n2 tbsp red pesto");
        pack("red pesto", "Usual red pesto", "tomatoes, sunflower oil, salt");
        var other = pack("red pesto", "Unread red pesto", "");
        assertThat(marks(dish)).isEqualTo("[]");
        post("/larder/" + other, "/larder/" + other + "/use", "as", "today");
        assertThat(marks(dish)).contains("milk").contains("nuts");
        post("/larder/" + other, "/larder/" + other + "/use", "as", "stop");
    }

    @Test
    void a_line_is_linked_to_a_pack_until_it_is_written_otherwise() {
        var dish = write("Odd toast\n2 tbsp zugpaste");
        var id = pack("tomato ketchup", "Zugpaste, 200 g", "tomatoes, celery, salt");
        assertThat(get("/larder/" + id).body()).contains("2 tbsp zugpaste");
        assertThat(post("/larder/" + id, "/larder/" + id + "/lines", "dish", String.valueOf(dish), "line",
                "2 tbsp zugpaste").statusCode()).isEqualTo(302);
        assertThat(marks(dish)).isEqualTo("[celery:contains]");
        post("/dishes/" + dish, "/dishes/" + dish, "version", version(dish), "text", "Odd toast\n3 tbsp zugpaste");
        assertThat(marks(dish)).contains("milk:not-known");
        assertThat(get("/today").body()).contains("the link holds no longer");
        assertThat(post("/larder/" + id, "/larder/" + id + "/lines", "dish", String.valueOf(dish), "line",
                "9 tbsp nothing").statusCode()).isEqualTo(404);
        post("/larder/" + id, "/larder/" + id + "/lines", "dish", String.valueOf(dish), "line", "2 tbsp zugpaste", "as",
                "unlink");
        assertThat(get("/today").body()).doesNotContain("the link holds no longer");
    }

    @Test
    void a_declaration_of_a_hundred_kilobytes_is_refused_in_words() {
        var long_ = "wheat flour, ".repeat(8_000);
        assertThat(post("/larder/new", "/larder/read", "declaration", long_).body())
                .contains("longer than 20,000 letters");
        var answer =
                post("/larder/new", "/larder/new", "food", "bread", "label", "Long", "law", "uk", "declaration", long_);
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("longer than 20,000 letters").doesNotContain("Exception");
    }

    @Test
    void foods_are_looked_up_and_a_kitchen_weighs_its_own() {
        assertThat(get("/larder/foods?q=tahini").body()).contains("tahini").contains("sesame");
        assertThat(get("/larder/food?name=zugwort").statusCode()).isEqualTo(404);
        var dish = write("Lovage butter\n2 bunches lovage");
        assertThat(post("/larder/food?name=lovage", "/larder/food", "name", "lovage", "noun", "bunch", "low", "30",
                "likely", "20", "high", "10", "note", "ours").body()).contains("must rise");
        assertThat(post("/larder/food?name=lovage", "/larder/food", "name", "lovage", "noun", "bunch", "likely",
                "heavy", "note", "ours").statusCode()).isEqualTo(422);
        assertThat(post("/larder/food?name=lovage", "/larder/food", "name", "lovage", "noun", "bunch", "low", "20",
                "likely", "25,5", "high", "30", "note", "mean of ten").statusCode()).isEqualTo(302);
        assertThat(kitchen.menu().dish(dish).orElseThrow().derivation().recipe().mass().likelyGrams()).isEqualTo(51);
        assertThat(get("/larder/food?name=lovage").body()).contains("mean of ten");
        post("/larder/food?name=lovage", "/larder/food/forget", "name", "lovage", "noun", "bunch");
        assertThat(kitchen.menu().dish(dish).orElseThrow().derivation().recipe().mass().likelyGrams()).isNotEqualTo(51);
    }

    private static final Pattern SEAL = Pattern.compile("name=\"seal\"\\s+value=\"([^\"]+)\"");

    @Test
    void a_table_of_packs_is_seen_row_by_row_before_anything_is_stored() {
        var table =
                "food,name,declaration\nsambal oelek,Sambal,\"chilli, salt\"\nzugwort,Zug,x\nsriracha,Red sauce,=2+2";
        var seen = post("/larder/intake", "/larder/intake", "table", table);
        assertThat(seen.body()).contains("2 to take in, 0 the same as in the larder, 1 refused")
                .contains("Take in 2 packs");
        assertThat(packs.all().stream().anyMatch(p -> p.value().label().equals("Sambal"))).isFalse();
        var seal = SEAL.matcher(seen.body());
        assertThat(seal.find()).isTrue();
        assertThat(post("/larder/intake", "/larder/intake/take", "table", table, "seal", "0").statusCode())
                .isEqualTo(409);
        assertThat(post("/larder/intake", "/larder/intake/take", "table", table, "seal", seal.group(1)).statusCode())
                .isEqualTo(302);
        assertThat(packs.all().stream().anyMatch(p -> p.value().label().equals("Sambal"))).isTrue();
        assertThat(post("/larder/intake", "/larder/intake", "table", table).body())
                .contains("0 to take in, 2 the same");
        assertThat(get("/larder/packs.csv").body()).contains("'=2+2").doesNotContainPattern("(?m),=2");
        assertThat(post("/larder/intake", "/larder/intake", "table", "no,table\n1,2").statusCode()).isEqualTo(422);
    }

    @Test
    void a_file_in_a_wrong_encoding_is_read_or_refused_in_words() throws Exception {
        assertThat(upload("food,name,declaration\nbrie,Brie crémeux,lait de vache".getBytes("windows-1252")))
                .contains("Brie crémeux").contains("1 to take in");
        assertThat(upload("food,name,declaration\nbrie,Brie crémeux,lait".getBytes(StandardCharsets.UTF_16)))
                .contains("Brie crémeux");
        assertThat(upload(new byte[] {0, 1, 2, 3, (byte) 0xff, 0, 0, 7, 8, 9})).contains("bytes that are no text")
                .doesNotContain("Exception");
        assertThat(upload(new byte[3_000_000])).contains("too large").doesNotContain("Exception");
    }

    private String upload(byte[] file) throws Exception {
        var token = Pattern.compile("name=\"_csrf\"\\s+value=\"([^\"]+)\"").matcher(get("/larder/intake").body());
        assertThat(token.find()).isTrue();
        var out = new java.io.ByteArrayOutputStream();
        out.writeBytes(("--kf\r\nContent-Disposition: form-data; name=\"_csrf\"\r\n\r\n" + token.group(1)
                + "\r\n--kf\r\nContent-Disposition: form-data; name=\"file\"; filename=\"p.csv\"\r\n"
                + "Content-Type: text/csv\r\n\r\n")
                        .getBytes(StandardCharsets.UTF_8));
        out.writeBytes(file);
        out.writeBytes("\r\n--kf--\r\n".getBytes(StandardCharsets.UTF_8));
        return send(HttpRequest.newBuilder(URI.create(address("/larder/intake"))).header("Accept", "text/html")
                .header("Content-Type", "multipart/form-data; boundary=kf")
                .POST(HttpRequest.BodyPublishers.ofByteArray(out.toByteArray())).build()).body();
    }

    // --- map ---------------------------------------------------------------------------------------------------------

    @ParameterizedTest @ValueSource(strings = {"uk", "eu", "us", "ca", "anz", "codex"})
    void the_same_kitchen_under_every_rule_book(String book) {
        post("/map", "/rule-book", "id", book, "back", "/map");
        var rules = RuleBook.named(book).orElseThrow();
        var page = get("/map?avoid=egg+%2B+sesame").body();
        for (var group : rules.groups())
            assertThat(page).contains("Roast carrot and harissa dip: " + group.name() + " ");
        for (var group : rules.groups())
            if (group.members().size() > 1)
                assertThat(get("/map?open=" + group.id()).body()).contains("aria-expanded=\"true\"")
                        .containsIgnoringCase(">" + group.members().getLast().name() + "<");
        post("/map", "/rule-book", "id", "uk", "back", "/map");
    }

    @Test
    void a_member_of_a_group_has_its_own_thread() {
        runs.use(kitchen.menu().run().kept().id(), List.of(), "no run, no contact", "");
        var id = dish("White bean, lemon and thyme dip");
        assertThat(get("/map?open=nuts").body()).contains("White bean, lemon and thyme dip: Almond in it, comes off")
                .contains("White bean, lemon and thyme dip: Walnut nothing found");
        assertThat(get("/map/why?dish=" + id + "&group=nuts&member=almond").body()).contains("Almond, nuts: in it")
                .contains("Take a portion off");
        assertThat(get("/map/why?dish=" + id + "&group=nuts&member=zug").statusCode()).isEqualTo(404);
        assertThat(get("/map?dish=x&group=nuts").statusCode()).isEqualTo(400);
    }

    @Test
    void rows_are_dimmed_for_people_and_a_group_is_kept() {
        assertThat(get("/map?avoid=egg+%2B+sesame").body())
                .contains("Fennel and apple slaw: without eggs, sesame goes without").contains("class=\"dish dim\"");
        assertThat(get("/map?avoid=zugwort").body()).contains("Not understood: zugwort").contains("cannot say")
                .doesNotContain("zugwort eats it");
        assertThat(post("/map", "/map/guests", "name", "", "people", "2", "avoid", "egg").statusCode()).isEqualTo(422);
        assertThat(post("/map", "/map/guests", "name", "Table 6", "people", "many", "avoid", "egg").statusCode())
                .isEqualTo(422);
        assertThat(post("/map", "/map/guests", "name", "Table 6", "people", "2", "avoid", "zugwort").statusCode())
                .isEqualTo(422);
        assertThat(post("/map", "/map/guests", "name", "Table 6", "people", "2", "avoid", "egg").statusCode())
                .isEqualTo(302);
        var option = Pattern.compile("value=\"(\\d+)\"[^>]*>Table 6, 2<").matcher(get("/map").body());
        assertThat(option.find()).isTrue();
        assertThat(get("/map?guests=" + option.group(1)).body())
                .contains("Fennel and apple slaw: Table 6 goes without");
        post("/map", "/map/guests/" + option.group(1) + "/remove");
        assertThat(get("/map").body()).doesNotContain("Table 6, 2<");
    }

    @Test
    void the_map_is_taken_along_as_a_table_a_drawing_and_paper() throws Exception {
        write("=Formula <dish> & \"co\"\n1 egg");
        try (var parser = CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get()
                .parse(new StringReader(get("/map.csv?open=nuts").body()))) {
            var rows = parser.getRecords();
            assertThat(parser.getHeaderNames()).startsWith("Dish", "Celery").contains("Nuts: Almond", "Vegan");
            assertThat(rows).anySatisfy(r -> assertThat(r.get("Dish")).startsWith("'=Formula"));
            assertThat(rows.stream().filter(r -> r.get("Dish").startsWith("Roast carrot")).findFirst().orElseThrow()
                    .get("Celery")).isEqualTo("Celery in it");
            assertThat(rows.getLast().get(0)).contains("Nothing found means nothing in what was recorded")
                    .contains("UK rule book");
        }
        var svg = get("/map.svg").body();
        var document =
                DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
        assertThat(document.getElementsByTagName("use").getLength()).isGreaterThan(150);
        assertThat(svg).contains("Roast carrot and harissa dip: Celery in it").doesNotContain("var(--")
                .doesNotContain("<dish>");
        for (var paper : new String[] {"a4", "letter"})
            try (var client = HttpClient.newHttpClient();
                    var pdf = Loader.loadPDF(
                            client.send(HttpRequest.newBuilder(URI.create(address("/map.pdf?paper=" + paper))).build(),
                                    HttpResponse.BodyHandlers.ofByteArray()).body())) {
                                        assertThat(pdf.getPage(0).getMediaBox().getWidth()).isBetween(
                                                paper.equals("a4") ? 841f : 791f, paper.equals("a4") ? 843f : 793f);
                                        assertThat(new PDFTextStripper().getText(pdf))
                                                .contains("Roast carrot and harissa dip").contains("UK rule book")
                                                .contains("Nothing found means nothing");
                                        assertThat(pdf.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
                                    }
        assertThat(get("/map.xls").statusCode()).isEqualTo(404);
    }

    @Test
    void a_long_map_is_set_for_paper_while_its_reader_does_something_else() throws Exception {
        var paper = path(post("/map", "/map/paper?paper=letter&q=dip"));
        for (var page = get(paper).body(); !page.contains("Open the PDF"); page = get(paper).body()) {
            assertThat(page).contains("Give it up").contains("/map?q=dip");
            LockSupport.parkNanos(50_000_000);
        }
        try (var pdf = Loader.loadPDF(pdf(paper + ".pdf"))) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Roast carrot and harissa dip");
        }
        var given = path(post("/map", "/map/paper"));
        assertThat(path(post("/map", given + "/stop"))).isEqualTo("/map");
        assertThat(get(given + ".pdf").statusCode()).isEqualTo(404);
        assertThat(get("/paper/of-nobody").statusCode()).isEqualTo(404);
    }

    /// A page must not ask the database once for every dish.
    private static String path(HttpResponse<String> redirect) {
        return URI.create(redirect.headers().firstValue("Location").orElseThrow()).getPath();
    }

    @Test
    void a_longer_menu_asks_the_database_no_more_often() {
        var statistics = entities.unwrap(SessionFactory.class).getStatistics();
        statistics.setStatisticsEnabled(true);
        write("First of many\n1 egg");
        statistics.clear();
        get("/map");
        var few = statistics.getPrepareStatementCount();
        for (var i = 0; i < 12; i++) write("One of many " + i + "\n1 egg\n50 g feta");
        statistics.clear();
        get("/map");
        assertThat(statistics.getPrepareStatementCount()).isEqualTo(few).isLessThan(12);
    }

    // --- today -------------------------------------------------------------------------------------------------------

    @Test
    void today_tells_what_needs_attention_with_the_place_to_give_it() {
        var page = get("/today").body();
        assertThat(page).contains("Flatbreads, 24").contains("Never read: 1 dish waits for it")
                .contains("Wakame, 200 g").contains("so read it again").contains("honey or date syrup");
        assertThat(page).containsPattern("Labels out of date[\\s\\S]*White bean, lemon and thyme dip");
        var id = write("Printed dip\n1 kg peas");
        var says = kitchen.menu().now(kitchen.menu().dish(id).orElseThrow()).says(false, Language.english());
        var printed = labels.printed(new Labels.Print(id, 0, "card", says, 1, "", "", "", null, null, "",
                OnPack.PLAIN));
        assertThat(get("/today").body()).doesNotContain("/labels?see=" + printed + "\"");
        post("/dishes/" + id, "/dishes/" + id, "version", version(id), "text", "Printed dip\n1 kg peas\n1 tbsp tahini");
        assertThat(get("/today").body())
                .contains("/labels?see=" + printed + "\"")
                .containsPattern("Printed dip[\\s\\S]*Sesame is in it. The label does not say so. Take it back.");
        post("/labels", "/labels/printed/" + printed + "/back", "copies", "1");
        assertThat(get("/today").body()).doesNotContain("/labels?see=" + printed + "\"");
        assertThat(get("/").headers().firstValue("Location").orElse("")).endsWith("/today");
    }

    @Test
    void who_is_at_the_screen_is_a_name_and_no_more() {
        assertThat(post("/today", "/screen", "cook", "Ana\u0007María").statusCode()).isEqualTo(422);
        var answer = post("/today", "/screen", "cook", "AnaMaría " + "x".repeat(90));
        assertThat(answer.headers().firstValue("Set-Cookie").orElseThrow()).contains("HttpOnly")
                .contains("SameSite=Lax");
        assertThat(get("/today").body()).contains(URLEncoder.encode("", StandardCharsets.UTF_8) + "AnaMaría xxx")
                .doesNotContain("x".repeat(41));
        post("/today", "/screen", "cook", "");
        assertThat(get("/today").body()).doesNotContain("AnaMar");
    }
}
