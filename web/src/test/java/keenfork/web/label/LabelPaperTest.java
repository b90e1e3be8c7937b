package keenfork.web.label;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import keenfork.core.label.Kind;
import keenfork.core.label.Language;
import keenfork.core.label.PaperFormat;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.web.RunningKitchen;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.persistence.dish.Dishes;
import keenfork.web.persistence.run.Runs;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;

/// What stands on paper, read back from the files.
class LabelPaperTest extends RunningKitchen {
    private static final double A_POINT = 25.4 / 72;
    @Autowired Kitchen kitchen;
    @Autowired Dishes dishes;
    @Autowired Runs runs;

    private long dish(String beginning) {
        return kitchen.menu().dishes().stream().filter(d -> d.name().startsWith(beginning)).findFirst().orElseThrow()
                .id();
    }

    private long write(String text) {
        assertThat(post("/dishes/new", "/dishes/new", "text", text).statusCode()).isEqualTo(302);
        return dish(text.lines().findFirst().orElseThrow());
    }

    /// What is not known of them is answered for, so that packed ones are set, too.
    private OnPage page(String query) { return OnPage.of(file(query)); }

    private byte[] file(String query) { return pdf("/labels/sheet.pdf?why=a+test&by=Test&" + query); }

    @ParameterizedTest @CsvSource({"card,148,105", "big,210,148", "tent,148,210", "tub,100,70", "roll,62,100",
            "large,148,105", "line,148,52", "folder,148,210"})
    void each_kind_has_its_size_and_is_marked_up_for_reading(String kind, int width, int height) throws IOException {
        var bytes = file("kind=" + kind + "&dish=" + dish("Fennel"));
        try (var document = Loader.loadPDF(bytes)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(document.getPage(0).getMediaBox().getWidth() * A_POINT).isBetween(width - 0.5, width + 0.5);
            assertThat(document.getPage(0).getMediaBox().getHeight() * A_POINT).isBetween(height - 0.5, height + 0.5);
            assertThat(document.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            assertThat(document.getDocumentCatalog().getStructureTreeRoot()).isNotNull();
            assertThat(document.getDocumentCatalog().getLanguage()).isEqualTo("en-GB");
            assertThat(document.getDocumentInformation().getTitle()).isEqualTo("Fennel and apple slaw");
        }
        assertThat(OnPage.of(bytes).notEmbedded()).isEmpty();
        assertThat(OnPage.of(bytes).text()).containsIgnoringCase("egg").containsIgnoringCase("mustard");
    }

    /// Regulation (EU) No 1169/2011, Article 21 (1) (b): an allergen stands out from the rest of the list by its type.
    @Test
    void bold_stands_on_exactly_the_allergens_of_the_list_and_in_their_order() {
        var page = page("kind=tub&dish=" + dish("Roast carrot"));
        assertThat(page.boldBetween("Ingredients:", "May contain:")).containsExactly("wheat", "milk", "celery seed");
        assertThat(page.boldBetween("May contain:", ".")).containsExactly("mustard");
        var text = page.text();
        assertThat(List.of(text.indexOf("Roast carrot and harissa dip"), text.indexOf("Ropewalk Canteen, made"),
                text.indexOf("Ingredients: carrot"), text.indexOf("May contain: mustard"), text.indexOf("Not known:"),
                text.indexOf("Use by"))).isSorted().doesNotContain(-1);
    }

    /// Food Information (Amendment) (England) Regulations 2019: food packed on site carries its name and a full list of
    /// ingredients, the allergens emphasised in it.
    @Test
    void food_packed_on_site_carries_its_name_and_all_it_is_made_of() {
        var menu = kitchen.menu();
        for (var d : menu.dishes().stream().limit(12).toList()) {
            var page = page("kind=large&dish=" + d.id());
            var says = menu.now(d).says(true, Language.english());
            var list = says.list();
            assertThat(page.text().replace(" ", "")).as(d.name()).contains(d.name().replace(" ", ""))
                    .contains("Ingredients:"
                            + String.join("", list.stream().map(r -> r.text()).toList()).replaceAll("\\s", "") + ".");
            var bold = String.join(" ",
                    list.stream().filter(r -> r.bold()).map(r -> r.text().toLowerCase(Locale.ROOT)).toList());
            for (var named : says.said(Certainty.CONTAINS))
                assertThat(bold).as("%s: %s is emphasised", d.name(), named)
                        .containsAnyOf(Stream.concat(Stream.of(says.wording().member(named).toLowerCase(Locale.ROOT)),
                                menu.ruleBook().alsoCalled(named.group()).stream()).toArray(String[]::new));
        }
    }

    @Test
    void bold_follows_the_rule_book() {
        var dish = write("Galley bowl\n500 g couscous\n100 g celery\n50 g walnuts\n30 g tahini");
        try {
            assertThat(page("kind=large&dish=" + dish).boldBetween("Ingredients:", "Use by")).containsExactly("wheat",
                    "celery", "walnuts", "sesame");
            assertThat(page("kind=large&dish=" + dish).text())
                    .as("what the list emphasises is not said once more: Commission Notice 2017/C 428/01, from memory")
                    .doesNotContain("Contains");
            post("/map", "/rule-book", "id", "us", "back", "/map");
            assertThat(page("kind=large&dish=" + dish).boldBetween("Ingredients:", "Contains:"))
                    .as("celery is no major allergen there").containsExactly("wheat", "walnuts", "sesame");
            assertThat(page("kind=large&dish=" + dish).text()).as("FALCPA, section 203: one line behind the list")
                    .contains("Contains: walnut, wheat, sesame.");
            post("/map", "/rule-book", "id", "anz", "back", "/map");
            assertThat(page("kind=large&dish=" + dish).text())
                    .as("Standard 1.2.3, section 6: a summary in the same field of view")
                    .containsPattern("Contains wheat, gluten[^.]*, sesame, walnut\\.");
            post("/map", "/rule-book", "id", "ca", "back", "/map");
            assertThat(page("kind=large&dish=" + dish).boldBetween("Ingredients:", "Contains:"))
                    .doesNotContain("celery").contains("walnuts", "sesame");
        } finally {
            post("/map", "/rule-book", "id", "uk", "back", "/map");
        }
    }

    /// Regulation (EU) No 1169/2011, Article 13 (2): 1.2 mm; 21 CFR 101.2 (c): a sixteenth of an inch; the others as
    /// their files say. From the metrics of the fonts in the file.
    @ParameterizedTest @EnumSource(Kind.class)
    void every_letter_stands_as_high_as_the_rule_book_asks(Kind kind) {
        try {
            // the home book and the one that asks for the largest type; the tub, which food law is strictest on, with
            // all of them
            for (var book : RuleBook.all().stream()
                    .filter(b -> kind == Kind.TUB || List.of("uk", "us").contains(b.id())).toList()) {
                post("/map", "/rule-book", "id", book.id(), "back", "/map");
                var least = book.asks().leastXHeight().doubleValue();
                var letters =
                        page("kind=" + kind.id() + (kind.isOfOneDish() ? "&dish=" + dish("Fennel") : "")).letters();
                assertThat(letters).as(book.id()).hasSizeGreaterThan(20);
                assertThat(letters.stream().filter(l -> l.xHeight() < least - 0.001).limit(5))
                        .as("under %s mm, %s", least, book).isEmpty();
            }
        } finally {
            post("/map", "/rule-book", "id", "uk", "back", "/map");
        }
    }

    @ParameterizedTest @CsvSource({"a4,210,297,2,4", "letter,215.9,279.4,2,3"})
    void labels_stand_on_a_sheet_where_they_are_cut(String sheet, double width, double height, int columns, int rows)
            throws IOException {
        var bytes = pdf("/labels/sheet.pdf?kind=tub&dish=all&sheet=" + sheet);
        try (var document = Loader.loadPDF(bytes)) {
            assertThat(document.getPage(0).getMediaBox().getWidth() * A_POINT).isBetween(width - 0.5, width + 0.5);
            assertThat(document.getPage(0).getMediaBox().getHeight() * A_POINT).isBetween(height - 0.5, height + 0.5);
            assertThat(document.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            var served = kitchen.menu().dishes().stream().filter(kitchen.menu()::isServed).count();
            assertThat(document.getNumberOfPages()).isEqualTo((int) Math.ceil(served / (double) (columns * rows)));
        }
        var left = (width - columns * 100) / 2;
        var top = (height - rows * 70) / 2;
        // each label, or why one waits, is 6 mm in and nothing leaves its place
        var letters = OnPage.of(bytes).letters().stream().filter(l -> l.page() == 0).toList();
        var places = letters.stream().collect(Collectors.groupingBy(
                l -> List.of((int) ((l.left() - left) / 100), (int) ((l.top() - top) / 70))));
        assertThat(places).hasSize(columns * rows).allSatisfy((at, of) -> {
            assertThat(of.stream().mapToDouble(OnPage.Letter::left).min().orElseThrow() - left - 100 * at.getFirst())
                    .as("across %s", at).isBetween(5.5, 6.5);
            assertThat(of.stream().mapToDouble(OnPage.Letter::top).min().orElseThrow() - top - 70 * at.getLast())
                    .as("down %s", at).isBetween(4.5, 9.0);
        });
    }

    /// What fits on a label of its own must not run over on a sheet: it is set in the same width, line by line.
    @Test
    void a_label_is_set_on_a_sheet_as_it_is_on_its_own() {
        var dish = dish("Roast carrot");
        for (var kind : List.of(Kind.TUB, Kind.ROLL, Kind.CARD, Kind.LINE)) {
            var layout = PaperFormat.A4.of(kind);
            var alone = page("kind=%s&dish=%d".formatted(kind.id(), dish)).letters();
            var cut = page("kind=%s&dish=%d&sheet=a4".formatted(kind.id(), dish)).letters();
            assertThat(cut).hasSameSizeAs(alone);
            for (var i = 0; i < alone.size(); i++) {
                assertThat(cut.get(i).text()).isEqualTo(alone.get(i).text());
                assertThat(cut.get(i).left() - layout.left()).as("%s, letter %d", kind, i)
                        .isCloseTo(alone.get(i).left(), within(0.1));
                assertThat(cut.get(i).top() - layout.top()).as("%s, letter %d", kind, i).isCloseTo(alone.get(i).top(),
                        within(0.1));
            }
        }
    }

    @Test
    void a_tent_card_reads_from_both_sides() {
        assertThat(page("kind=tent&dish=" + dish("Fennel")).text().split("Contains:", -1)).hasSize(3);
    }

    @Test
    void a_menu_line_carries_the_key_of_its_shapes() {
        assertThat(page("kind=line&dish=" + dish("Roast carrot")).text())
                .contains("celery, cereals containing gluten (wheat), milk").contains("in it").contains("pack says may")
                .contains("not known");
    }

    @Test
    void the_folder_s_sheet_tells_of_every_group_and_its_list() {
        var text = page("kind=folder&dish=" + dish("Roast carrot")).text();
        for (var group : RuleBook.uk().groups()) assertThat(text).containsIgnoringCase(group.label());
        assertThat(text).contains("Celery in it").contains("Mustard pack says may").contains("Fish nothing found")
                .contains("Ingredients: carrot").contains("Nothing found means nothing in what was recorded");
    }

    private void use(List<Runs.Turn> turns) {
        runs.use(kitchen.menu().run().kept().id(), turns, "began anew", "");
    }

    @Test
    void a_dish_outside_the_run_says_that_contact_was_not_looked_at() {
        var dish = write("Fender dip\n1 kg peas\n50 g feta");
        assertThat(page("kind=folder&dish=" + dish).text()).contains("What shared kit may have left was not looked "
                + "at.");
        assertThat(page("kind=menu&dish=all").text()).contains("What shared kit may have left was not looked at.");
        assertThat(get("/labels?kind=card&dish=" + dish).body()).contains("This dish is not in the run");
        var inRun = dish("Roast carrot");
        var before = kitchen.menu().run().kept().turns();
        use(List.of(new Runs.Turn(inRun, 0, false, Map.of(), Map.of())));
        assertThat(page("kind=folder&dish=" + inRun).text()).doesNotContain("was not looked at");
        use(before);
    }

    @Test
    void a_name_in_other_letters_and_a_long_one_survive() {
        var hebrew = write("סלט שומשום\n1 kg peas\n30 g tahini");
        assertThat(page("kind=card&dish=" + hebrew).text()).containsAnyOf("סלט שומשום", "םושמוש טלס")
                .contains("sesame");
        var arabic = write("حمص بالطحينة\n1 kg chickpeas\n30 g tahini");
        var read = page("kind=card&dish=" + arabic);
        assertThat(read.letters()).anyMatch(l -> l.face().contains("Arabic"));
        assertThat(read.text()).doesNotContain("#");
        var greek = write("Καρύδια\n1 kg peas\n30 g walnuts");
        assertThat(page("kind=tub&dish=" + greek).text()).contains("Καρύδια").contains("walnut");
        var name =
                "Harbourmaster’s slow-roasted-and-then-quickly-pickled-heritage-beetroot-and-horseradish salad with "
                        + "everything that the tide left on the quay";
        var lengthy = write(name + "\n1 kg beetroot\n30 g tahini");
        assertThat(page("kind=card&dish=" + lengthy).text().replace(" ", "")).contains(name.replace(" ", ""));
    }

    @Test
    void letters_that_no_face_has_are_told_and_nothing_prints() {
        var dish = write("冷たい豆腐\n1 kg peas");
        var answer = post("/labels", "/labels/print", "dish", String.valueOf(dish), "kind", "card");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("holds letters that no face here has: 冷");
        // a whole menu or a guest's card with this dish on it would not print either
        dishes.takeOff(dish, kitchen.menu().dish(dish).orElseThrow().stored().version());
    }

    /// The drawing is the page itself: its size in mm, every letter an outline, what it says as its description.
    @Test
    void a_drawing_shows_the_page_and_tells_what_it_says()
            throws IOException, SAXException, ParserConfigurationException {
        var answer = get("/labels/sheet.svg?kind=tub&dish=" + dish("Roast carrot"));
        assertThat(answer.headers().firstValue("Content-Type").orElse("")).startsWith("image/svg+xml");
        assertThat(answer.headers().allValues("Content-Security-Policy")).as("opened by itself it is not black")
                .singleElement().asString().contains("style-src 'unsafe-inline'").doesNotContain("script-src 'self'");
        var svg = DocumentBuilderFactory.newInstance().newDocumentBuilder()
                .parse(new InputSource(new StringReader(answer.body().replaceFirst("<!DOCTYPE[^>]*>", ""))));
        assertThat(svg.getDocumentElement().getAttribute("width")).isEqualTo("100.0mm");
        assertThat(svg.getElementsByTagName("desc").item(0).getTextContent()).contains("May contain: mustard.")
                .contains("Use by");
        assertThat(svg.getElementsByTagName("title").item(0).getTextContent()).isEqualTo("Tub label");
        var outlines = svg.getElementsByTagName("path").getLength();
        assertThat(outlines).as("an outline for each letter")
                .isGreaterThan(page("kind=tub&dish=" + dish("Roast carrot")).letters().size() / 2);
        assertThat(svg.getElementsByTagName("text").getLength()).isZero();
    }

    @Test
    void a_label_in_french_says_so_in_its_language_and_names_the_allergens_in_it() throws IOException {
        var bytes = file("kind=tub&lang=fr&dish=" + dish("Roast carrot"));
        try (var document = Loader.loadPDF(bytes)) {
            assertThat(document.getDocumentCatalog().getLanguage()).isEqualTo("fr-FR");
        }
        var page = OnPage.of(bytes);
        assertThat(page.text()).contains("Peut contenir\u00a0: moutarde.").contains("Ingrédients\u00a0: carottes");
        assertThat(page.boldBetween("Ingrédients\u00a0:", "Peut")).contains("blé", "lait", "céleri");
        assertThat(page("kind=card&lang=fr&dish=" + dish("Roast carrot")).text())
                .contains("Contient\u00a0: céleri, céréales contenant du gluten (blé), lait.");
    }
}
