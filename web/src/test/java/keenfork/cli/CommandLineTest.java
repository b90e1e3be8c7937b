package keenfork.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.component.VEvent;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/// The contract of the command line: words in, JSON out, and the exit status.
class CommandLineTest {
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream errors = new ByteArrayOutputStream();
    @TempDir Path folder;
    private Path salad;

    @BeforeEach
    void write() throws IOException {
        salad = file("salad.txt",
                "Farro salad\nServes 4\n200 g farro\nDressing:\n3 tbsp tahini\nsalt, to taste\nTopping:\n"
                        + "50 g pine nuts\n2 tbsp zugwort");
    }

    private Path file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }

    private int run(Object... words) {
        out.reset();
        errors.reset();
        var all = new ArrayList<String>();
        for (var w : words) all.add(w.toString());
        return Main.run(all, new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(errors, true, StandardCharsets.UTF_8));
    }

    private JsonNode json() {
        return new ObjectMapper().readTree(out.toString(StandardCharsets.UTF_8));
    }

    private static List<String> names(JsonNode node) {
        return List.copyOf(node.propertyNames());
    }

    @Test
    void check_prints_the_agreed_shape() {
        assertThat(run("check", "--format", "json", salad)).isZero();
        var dish = json().get(0);
        assertThat(names(dish)).containsExactly("file", "dish", "regime", "allergens", "diets", "lines", "questions");
        assertThat(dish.get("dish").asString()).isEqualTo("Farro salad");
        assertThat(dish.get("regime").asString()).isEqualTo("uk");
        var gluten = allergen(dish, "gluten");
        assertThat(names(gluten)).containsExactly("allergen", "members", "status", "assumed", "threads");
        assertThat(gluten.get("members").get(0).asString()).isEqualTo("wheat");
        var sesame = allergen(dish, "sesame").get("threads").get(0);
        assertThat(sesame.valueStream().map(JsonNode::asString)).containsExactly("Farro salad", "Dressing",
                "3 tbsp tahini", "tahini", "sesame");
        var tahini = dish.get("lines").get(1);
        assertThat(names(tahini)).containsExactly("part", "text", "food", "quantity", "grams", "alternatives",
                "read_as", "read_past", "problem");
        assertThat(tahini.get("grams").toString()).isEqualTo("{\"low\":42,\"likely\":45,\"high\":50}");
        assertThat(tahini.get("quantity").toString()).isEqualTo("{\"low\":3,\"high\":3,\"unit\":\"tbsp\"}");
        assertThat(dish.get("lines").get(2).get("quantity").toString())
                .isEqualTo("{\"low\":null,\"high\":null,\"unit\":\"to-taste\"}");
        assertThat(dish.get("lines").get(4).get("problem").asString()).contains("zugwort");
        assertThat(names(dish.get("diets").get(0))).containsExactly("diet", "verdict", "because");
        assertThat(names(dish.get("questions").get(0))).containsExactly("line", "ask");
    }

    private static JsonNode allergen(JsonNode dish, String id) {
        return dish.get("allergens").valueStream().filter(a -> a.get("allergen").asString().equals(id)).findFirst()
                .orElseThrow();
    }

    @Test
    void several_files_one_unreadable_the_rest_is_printed_and_the_status_is_two() throws IOException {
        var broken = folder.resolve("broken.txt");
        Files.write(broken, new byte[] {(byte) 0xC3, 0x28, 0, 1, 2});
        var other = file("other.txt", "Pine dip\n50 g pine nuts");
        assertThat(run("check", "--regime", "us", "--format", "json", salad, broken, other)).isEqualTo(2);
        assertThat(json().valueStream().map(d -> d.get("dish").asString())).containsExactly("Farro salad", "Pine dip");
        assertThat(allergen(json().get(1), "tree-nuts").get("status").asString()).isEqualTo("contains");
        assertThat(errors.toString(StandardCharsets.UTF_8).lines()).hasSize(1).first().asString().contains("broken.txt")
                .contains("UTF-8");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|',
            value = {"check --regime mars | no rule book", "check --volumes spoons | no volumes",
                    "check --format xml | one of text, json",
                    "check --salt yes | no option", "swap --avoid zugwort | no allergen", "swap | say what to avoid",
                    "swap --avoid eggs --plans many | whole number", "run --school lax | one of strict"})
    void bad_words_are_told_in_one_line(String words, String said) {
        var all = new ArrayList<Object>(List.of(words.split(" ")));
        all.add(salad);
        assertThat(run(all.toArray())).isEqualTo(2);
        assertThat(errors.toString(StandardCharsets.UTF_8).lines()).hasSize(1).first().asString().contains(said);
        assertThat(out.size()).isZero();
    }

    @Test
    void no_file_a_folder_an_empty_file_and_a_missing_one_are_told() throws IOException {
        assertThat(run("check")).isEqualTo(2);
        assertThat(run("check", folder)).isEqualTo(2);
        assertThat(run("check", file("empty.txt", ""))).isEqualTo(2);
        assertThat(run("check", file("name.txt", "Only a name"))).isEqualTo(2);
        assertThat(run("check", folder.resolve("nowhere.txt"))).isEqualTo(2);
        assertThat(errors.toString(StandardCharsets.UTF_8)).contains("no such file");
        assertThat(run()).isEqualTo(2);
        assertThat(run("dance", salad)).isEqualTo(2);
    }

    @Test
    void a_recipe_comes_as_json_ld_too() throws IOException {
        var json = file("r.json",
                """
                {"@context": "https://schema.org", "@graph": [{"@type": "Thing"}, {"@type": ["Recipe"], "name": "Bean \
                dip", "recipeYield": 6,
                 "recipeIngredient": ["400 g white beans", "3 tbsp tahini"], "recipeInstructions": [{"@type": \
                "HowToStep", "text": "Blend smooth."}]}]}""");
        assertThat(run("check", "--format", "json", json)).isZero();
        assertThat(allergen(json().get(0), "sesame").get("status").asString()).isEqualTo("contains");
        assertThat(run("check", file("bad.json", "{\"name\": "))).isEqualTo(2);
        assertThat(errors.toString(StandardCharsets.UTF_8)).contains("not JSON");
        assertThat(run("check", file("thing.json", "{\"@type\": \"Thing\"}"))).isEqualTo(2);
    }

    @Test
    void a_recipe_is_converted_both_ways_and_comes_back() throws IOException {
        assertThat(run("convert", "--to", "json", salad)).isZero();
        var json = file("salad.json", out.toString(StandardCharsets.UTF_8));
        assertThat(run("convert", "--to", "txt", json)).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8).strip()).isEqualTo(Files.readString(salad).strip());
        assertThat(run("convert", folder.resolve("nowhere.txt"))).isEqualTo(2);
        assertThat(run("convert", salad, json)).isEqualTo(2);
    }

    @ParameterizedTest
    @CsvSource({"ca,gluten sesame tree-nuts wheat", "anz,gluten pine-nut sesame wheat", "codex,gluten nuts sesame",
            "eu,gluten sesame"})
    void each_rule_book_has_its_own_ids(String regime, String found) {
        assertThat(run("check", "--regime", regime, "--format", "json", salad)).isZero();
        assertThat(
                json().get(0).get("allergens").valueStream().filter(a -> a.get("status").asString().equals("contains"))
                        .map(a -> a.get("allergen").asString()).sorted().toList())
                                .containsExactly(found.split(" "));
    }

    @Test
    void every_diet_of_the_contract_is_answered() {
        run("check", "--format", "json", salad);
        assertThat(json().get(0).get("diets").valueStream().map(d -> d.get("diet").asString())).containsExactly("vegan",
                "vegetarian", "pescatarian", "gluten-free", "dairy-free",
                "egg-free", "nut-free", "no-alcohol", "no-pork", "no-honey", "no-onion-garlic", "no-raw-egg",
                "pregnancy");
    }

    @Test
    void one_dish_may_use_another_of_the_same_call() throws IOException {
        var dressing = file("dressing.txt", "House dressing\n3 tbsp tahini");
        var bowl = file("bowl.txt", "Bowl\n1 lettuce\n100 g @House dressing");
        assertThat(run("check", "--format", "json", bowl, dressing)).isZero();
        assertThat(allergen(json().get(0), "sesame").get("status").asString()).isEqualTo("contains");
    }

    @Test
    void swap_prints_the_agreed_shape() {
        assertThat(run("swap", "--avoid", "gluten,sesame,cashew,vegan", "--format", "json", "--plans", "2", salad))
                .isZero();
        var answer = json().get(0);
        assertThat(names(answer)).containsExactly("dish", "avoid", "plans", "rejected", "blocked");
        var plan = answer.get("plans").get(0);
        assertThat(names(plan)).containsExactly("moves", "brings_in", "lead_minutes", "fidelity", "after", "steps",
                "prepare", "balance", "notice");
        assertThat(names(plan.get("moves").get(0))).containsExactly("line", "move", "with", "role");
        assertThat(names(plan.get("moves").get(0).get("with").get(0))).containsExactly("text", "food", "grams");
        assertThat(plan.get("after").get("allergens").valueStream()
                .filter(a -> a.get("status").asString().equals("contains")).map(a -> a.get("allergen").asString()))
                        .doesNotContain("gluten", "sesame");
        assertThat(names(answer.get("rejected").get(0))).containsExactly("line", "with", "because");
    }

    @Test
    void run_orders_the_batches() throws IOException {
        var nuts = file("nuts.txt", "Almond sauce\n200 g almonds\nMethod:\nBlend smooth.");
        var plain = file("plain.txt", "Pea dip\n1 kg peas\nMethod:\nBlend smooth.");
        assertThat(run("run", "--format", "json", nuts, plain)).isZero();
        assertThat(json().get("best").get("contacts").asInt()).isZero();
        assertThat(json().get("best").get("turns").get(0).get("batch").asString()).startsWith("Pea dip");
        assertThat(json().get("given").get("contacts").asInt()).isEqualTo(1);
        assertThat(run("run", nuts, plain)).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("They never drop a warning");
    }

    @Test
    void run_goes_over_the_kitchens_own_pieces_and_says_when_the_day_is_too_short() throws IOException {
        var nuts = file("nuts.txt", "Almond salad\n200 g almonds, chopped");
        var plain = file("plain.txt", "Leaves\n2 lettuces, shredded");
        var kit = file("kit.txt", "# ours\nboard | red board\nboard | green board | nuts\n");
        assertThat(run("run", "--kit", kit, "--format", "json", nuts, plain)).isZero();
        assertThat(json().get("best").get("turns").valueStream()
                .filter(t -> t.get("batch").asString().equals("Almond salad"))
                .map(t -> t.get("over").get(0).get("piece").asString())).containsExactly("red board");
        assertThat(json().get("best").get("turns").get(0).get("asks").get(0).get("ask").asString())
                .startsWith("No method is written.");
        assertThat(json().get("best").get("worth").asString()).startsWith("2 dishes have no method")
                .doesNotContain("Nothing better");
        assertThat(names(json().get("day"))).containsExactly("cooks", "minutes", "starts", "serve", "late", "blocks",
                "remarks", "stocks", "placed");
        assertThat(run("run", "--opens", "17:25", "--cooks", "1", nuts, plain)).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("It does not fit: 21 min too long. It hangs on");
        for (var wrong : List.of("board", "anvil | x", "board | a | zugwort", "board | a\nboard | A")) {
            assertThat(run("run", "--kit", file("bad.txt", wrong), nuts)).as(wrong).isEqualTo(2);
            assertThat(errors.toString(StandardCharsets.UTF_8)).contains("line ");
        }
        assertThat(run("run", "--kit", folder.resolve("nowhere.txt"), nuts)).isEqualTo(2);
        assertThat(run("run", "--opens", "early", nuts)).isEqualTo(2);
        assertThat(run("run", "--opens", "18:00", nuts)).as("after it is served").isEqualTo(2);
    }

    @Test
    void run_hears_what_else_holds_on_the_day_and_portions_reach_what_is_used() throws IOException {
        var dressing =
                file("dressing.txt", "Tahini dressing\nServes 10\n200 g tahini\n50 g lemon juice\nMethod:\nWhisk.");
        var salad = file("salad2.txt",
                "Grain salad\nServes 45\n1 kg rice\n1125 g @Tahini dressing\nMethod:\nToss everything.");
        var told = file("told.txt", "Cook 1 until 16:00\n");
        assertThat(run("run", "--format", "json", "--cooks", "1", "--told", told, salad, dressing)).isZero();
        var day = json().get("day");
        assertThat(day.get("stocks").get(0).get("portions").asInt()).isEqualTo(45);
        assertThat(day.get("stocks").get(0).get("used_g").asInt()).isEqualTo(1125);
        assertThat(day.get("placed").valueStream().map(p -> p.get("hands_until").asString()).max(String::compareTo))
                .hasValue("2000-01-01T16:00");
        assertThat(run("run", "--told", file("wrong.txt", "Cook 9 until 16:00"), salad)).isEqualTo(2);
        assertThat(errors.toString(StandardCharsets.UTF_8)).contains("Line 1, “Cook 9 until 16:00”");
        assertThat(run("run", "--told", folder.resolve("nowhere.txt").toString(), salad)).isEqualTo(2);
    }

    /// Checked by ical4j's own validator of RFC 5545.
    @Test
    void a_run_is_taken_along_as_a_calendar() throws Exception {
        var hummus = file("hummus.txt",
                "Hummus\n1 kg chickpeas\nMethod:\nSoak the chickpeas overnight.\nSimmer 60 min.\n"
                        + "Blend smooth, with olives; and salt.");
        assertThat(run("run", "--format", "ics", "--serve", "2026-11-27T18:00", hummus)).isZero();
        var calendar = new CalendarBuilder().build(new StringReader(out.toString(StandardCharsets.UTF_8)));
        assertThat(calendar.validate().hasErrors()).isFalse();
        assertThat(calendar.getComponents("VEVENT")).hasSize(3)
                .allSatisfy(e -> assertThat(((VEvent) e).getUid()).isPresent());
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("DTSTART:20261126T200000")
                .contains("DTEND:20261127T180000").contains("SUMMARY:Hummus: Soak the chickpeas overnight.");
        assertThat(run("run", "--serve", "soon", hummus)).isEqualTo(2);
        assertThat(run("run", "--cooks", "2", hummus)).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("the day with 2 cooks, from 16:18 to 17:30")
                .contains("the day before  cook 1  Hummus: Soak");
    }

    @Test
    void text_is_for_people() {
        assertThat(run("check", salad)).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("sesame: contains")
                .contains("Nothing found means nothing in what was recorded");
        assertThat(run("swap", "--avoid", "gluten", salad)).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("plan 1");
    }

    // --- label -------------------------------------------------------------------------------------------------------

    /// Regulation (EU) No 1169/2011, Articles 18, 21 and 22: order by weight, the allergens emphasised, the share of
    /// what the name speaks of; FALCPA, section 203: a "Contains" line behind the list, the nut by its name.
    @Test
    void a_label_is_told_without_a_server() throws IOException {
        var nuts = file("nuts.txt", "Nut dressing\n100 g walnuts\n200 ml olive oil");
        var chowder =
                file("chowder.txt", "Haddock chowder\nServes 10\n300 g haddock\n600 g potatoes\n100 g @Nut dressing");
        assertThat(run("label", "--kind", "tub", "--made", "2026-11-27", "--format", "json", chowder, nuts)).isZero();
        var label = json().get(0);
        assertThat(names(label)).containsExactly("name", "regime", "kind", "held", "ingredients", "contains",
                "may_contain", "contact", "unknown", "beside_the_law", "claims", "date_mark", "text");
        assertThat(label.get("ingredients").get(0).get("name").asString()).isEqualTo("potatoes");
        assertThat(label.get("ingredients").get(1).get("percent").asInt()).isEqualTo(30);
        assertThat(label.get("ingredients").get(2).get("holds").get(1).get("emphasised").get(0).asString())
                .isEqualTo("walnuts");
        assertThat(label.get("contains").get("printed").asBoolean()).as("the list emphasises it").isFalse();
        assertThat(label.get("contains").get("groups").get(1).get("members").get(0).asString()).isEqualTo("walnut");
        assertThat(label.get("held")).isEmpty();
        assertThat(label.get("text").asString()).startsWith("Haddock chowder. Ingredients: potatoes")
                .doesNotContain("Contains:").endsWith(label.get("date_mark").asString());
        assertThat(run("label", "--kind", "card", "--regime", "us", "--format", "json", chowder, nuts)).isZero();
        assertThat(json().get(0).get("ingredients").isNull()).isTrue();
        assertThat(json().get(0).get("contains").get("printed").asBoolean()).isTrue();
        assertThat(json().get(0).get("date_mark").asString()).as("a card carries none").isEmpty();
    }

    /// What the law wants named and nobody knows holds a packed label, under every rule book.
    @Test
    void a_packed_label_is_held_until_it_is_known_which_nut_it_is() throws IOException {
        var mixed =
                file("mixed.txt", "Trail mix\n200 g raisins\n100 g mixed nuts\npack: Ingredients: mixed nuts, salt.");
        for (var book : List.of("uk", "eu", "us", "ca", "codex")) {
            assertThat(run("label", "--kind", "tub", "--regime", book, "--format", "json", mixed)).isZero();
            assertThat(json().get(0).get("held")).as(book).isNotEmpty();
        }
        assertThat(run("label", "--kind", "card", "--format", "json", mixed)).isZero();
        assertThat(json().get(0).get("held")).as("a card says it plainly").isEmpty();
    }

    @Test
    void a_label_speaks_its_language_and_claims_only_what_stands() throws IOException {
        var dip = file("dip.txt", "Bean dip\n1 kg white beans\n100 g walnuts");
        assertThat(run("label", "--language", "de", "--claim", "vegan,nut-free", dip)).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("Enthält: Schalenfrüchte (Walnuss)")
                .contains("claims: Vegan").doesNotContain("nut");
    }

    /// The same pages as the application's: one a dish, each allergen of the list in bold, what is held in its place.
    @Test
    void labels_are_set_as_pages_without_a_server() throws IOException {
        var dip = file("dip.txt", "Bean dip\nServes 4\n1 kg cooked white beans\n100 g walnuts");
        assertThat(run("label", "--kind", "tub", "--format", "pdf", "--made", "2026-11-27", dip, salad)).isZero();
        try (var pdf = Loader.loadPDF(out.toByteArray())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
            assertThat(pdf.getDocumentCatalog().getLanguage()).isEqualTo("en-GB");
            assertThat(text(pdf, 1)).contains("Bean dip", "walnuts", "Use by", "27 Nov 2026");
            assertThat(text(pdf, 2)).contains("Farro salad may not be printed yet. Not known:")
                    .doesNotContain("Ingredients");
        }
        assertThat(run("label", "--kind", "menu", "--format", "pdf", "--made", "2026-11-27", dip, salad)).isZero();
        try (var pdf = Loader.loadPDF(out.toByteArray())) {
            assertThat(text(pdf, 1)).contains("Bean dip", "Farro salad");
        }
    }

    private static String text(PDDocument pdf, int page) throws IOException {
        var stripper = new PDFTextStripper();
        stripper.setStartPage(page);
        stripper.setEndPage(page);
        return stripper.getText(pdf).replaceAll("\\s+", " ");
    }

    @ParameterizedTest
    @CsvSource({"--kind,plate", "--language,xx", "--claim,tasty", "--made,soon", "--format,pdf", "--format,svg",
            "--regime,mars"})
    void wrong_words_about_a_label_are_told(String option, String value) {
        assertThat(run("label", option, value, salad)).isEqualTo(2);
        assertThat(errors.toString(StandardCharsets.UTF_8)).startsWith("keen-fork label: ").hasLineCount(1);
    }

    /// The contract of `swap`: role of each move, and the method, what to prepare, the balance and what is noticed.
    @Test
    void a_swap_says_how_it_is_cooked() throws IOException {
        var dish = file("grain.txt", "Grain\nServes 4\n200 g farro\n1 lemon\nMethod:\n"
                + "Simmer the farro for 25 minutes.\n"
                + "Toss the farro with the lemon.");
        assertThat(run("swap", "--avoid", "gluten", "--format", "json", dish)).isZero();
        var plan = json().get(0).get("plans").get(0);
        assertThat(names(plan)).contains("moves", "brings_in", "lead_minutes", "fidelity", "steps", "prepare",
                "balance",
                "notice", "after");
        assertThat(plan.get("moves").get(0).get("role").asString()).isEqualTo("bulk");
        assertThat(names(plan.get("steps").get(0))).containsExactly("text", "changed", "write");
        assertThat(plan.get("steps").get(0).get("text").asString()).contains("sorghum").contains("50 to 60 minutes");
        assertThat(plan.get("notice").asString()).startsWith("Sorghum in place of farro");
        assertThat(run("swap", "--avoid", "gluten", dish)).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("prepare: ").contains("notice: ");
    }

    /// 200 g of farro at 3.00 a kilogram go out; what takes their place has its price, or is told as wanting one.
    @Test
    void a_swap_says_what_it_costs_where_prices_are_given() throws IOException {
        var dish = file("grain.txt", "Grain\nServes 4\n200 g farro\n1 lemon");
        var prices = file("prices.csv", "food;price;for\nfarro;3,00;\nsorghum;2,05;500 g\n");
        assertThat(run("swap", "--avoid", "gluten", "--prices", prices, "--format", "json", dish)).isZero();
        var cost = json().get(0).get("plans").get(0).get("cost");
        assertThat(cost.get("out").asDouble()).isEqualTo(0.60);
        assertThat(cost.get("in").asDouble()).as("185 g at 4.10 a kilogram").isEqualTo(0.76);
        assertThat(cost.get("words").asString()).isEqualTo("It costs about £0.16 more for this batch: £0.76 in place "
                + "of £0.60.");
        assertThat(json().get(0).get("plans").get(1).get("cost").get("words").asString()).contains("no price for");
        assertThat(run("swap", "--avoid", "gluten", "--prices", prices, dish)).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("cost: It costs about £0.16 more");
    }

    /// B.01.012 of the Food and Drug Regulations, from memory: the day stands in both languages, too.
    @Test
    void a_canadian_day_stands_in_both_languages() throws IOException {
        var dish = file("dip.txt", "Dip\n1 kg chickpeas\n20 g salt");
        run("label", "--kind", "tub", "--regime", "ca", "--made", "2026-11-27", dish);
        assertThat(out.toString(StandardCharsets.UTF_8)).containsSubsequence("Use by", "À consommer jusqu’au");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            food,price\\nfaro farro,3 | no food “faro farro”
            food,price\\nfarro,cheap | a price is an amount
            food\\nfarro | missing: price
            food,price,for\\nfarro,3,0 g | a price is an amount""")
    void wrong_prices_are_told(String table, String because) throws IOException {
        var dish = file("grain.txt", "Grain\n200 g farro");
        assertThat(run("swap", "--avoid", "gluten", "--prices", file("p.csv", table.replace("\\n", "\n")), dish))
                .isEqualTo(2);
        assertThat(errors.toString(StandardCharsets.UTF_8)).contains(because).hasLineCount(1);
    }

    @Test
    void covers_say_who_can_eat_what_and_plan_the_least_change() throws IOException {
        var groups = file("groups.csv", "name,count,avoids,strictness\nVegan,4,vegan,\nCoeliac,2,coeliac,traces\n"
                + "Odd,1,zugwort,\n\"Milk, mild\",3,milk,recipe\nRest,30,,\n");
        var slaw = file("slaw.txt", "Slaw\n1 kg cabbage\nTopping:\n100 g feta");
        var dip = file("dip.txt", "Dip\n1 kg chickpeas\n20 g salt");
        assertThat(run("covers", "--groups", groups, "--plan", "--format", "json", slaw, dip)).isZero();
        assertThat(names(json())).containsExactly("groups", "coverage", "plans");
        assertThat(json().get("groups").get(1).get("understood").get(0).asString())
                .isEqualTo("gluten cereals, traces count");
        assertThat(json().get("groups").get(2).get("refused").get(0).asString()).startsWith("zugwort");
        assertThat(json().get("groups").get(3).get("understood").get(0).asString()).isEqualTo("milk, recipe only");
        assertThat(names(json().get("coverage").get(0))).containsExactly("group", "dish", "how", "because");
        assertThat(json().get("coverage").get(0).get("how").asString()).isEqualTo("peeled");
        assertThat(json().get("coverage").get(1).get("how").asString()).isEqualTo("as-served");
        var plan = json().get("plans").get(0);
        assertThat(names(plan)).containsExactly("changes", "unfed", "proved", "bound", "after");
        assertThat(plan.get("unfed").get(0).get("group").asString()).isEqualTo("Odd");
        assertThat(plan.get("proved").asBoolean()).isTrue();
        var sheet = file("sheet.csv", "\uFEFFName;Count;Avoids\r\nVegan;4;vegan\r\n");
        assertThat(run("covers", "--groups", sheet, "--format", "json", dip)).as("as a spreadsheet writes it").isZero();
        assertThat(json().get("coverage").get(0).get("how").asString()).isEqualTo("as-served");
        assertThat(run("covers", "--groups", groups, "--least", "2", "--plan", slaw, dip)).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("Hold back Topping").contains("NOT UNDERSTOOD");
    }

    @ParameterizedTest
    @CsvSource({"'name,avoids\nVegan,vegan', count", "'name,count,avoids\nVegan,many,vegan', whole number",
            "'name,count,avoids,strictness\nVegan,4,vegan,sometimes', strictness", "'name,count,avoids', no group"})
    void a_list_of_groups_that_cannot_be_read_says_where(String csv, String why) throws IOException {
        var groups = file("groups.csv", csv);
        assertThat(run("covers", "--groups", groups, salad)).isEqualTo(2);
        assertThat(errors.toString(StandardCharsets.UTF_8)).contains(why).doesNotContain("Exception");
        assertThat(run("covers", salad)).isEqualTo(2);
        assertThat(run("covers", "--groups", folder.resolve("none.csv"), salad)).isEqualTo(2);
    }
}
