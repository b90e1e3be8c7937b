package keenfork.core.label;

import static keenfork.core.Kit.aDish;
import static keenfork.core.Kit.derived;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import keenfork.core.food.Substances;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What stands on the paper, word for word, under the law it follows.
class PrintedWordsTest {
    private static RuleBook book(String id) { return RuleBook.named(id).orElseThrow(); }

    private static PrintedStatement paper(Derivation dish, String book, String language) {
        return PrintedStatement.of(Statement.compose(dish, book(book), Language.named(language).orElseThrow()), true);
    }

    private static List<String> told(PrintedStatement paper) {
        return paper.told().stream().map(t -> t.words().text()).toList();
    }

    private static String list(PrintedStatement paper) {
        return paper.list().stream().map(r -> r.bold() ? "*" + r.text() + "*" : r.text())
                .collect(Collectors.joining());
    }

    private static Derivation withContact(String book, String substance, String... lines) {
        return Derivation.of(aDish(lines), new Facts(book(book), List.of(new Fact.Contact("A dish", "Base",
                List.of(Substances.shipped().get(substance)), "after pesto on the blender, not washed"))));
    }

    /// No doubled name: a pack that lists nothing but its product opens up nothing.
    @Test
    void a_pack_that_lists_its_product_alone_is_said_once() {
        var dish = derived("100 g rice", "20 ml cider vinegar", "pack: cider vinegar", "30 g buttermilk",
                "pack: BUTTERMILK (MILK)");
        assertThat(list(paper(dish, "uk", "en"))).contains("cider vinegar").doesNotContain("vinegar (cider")
                .contains("*");
    }

    /// Regulation (EU) No 1169/2011, Article 36 (3) (a): what may be there by chance is told as such; "may contain" is
    /// how guests know it: common practice.
    @Test
    void what_shared_kit_may_have_left_stands_with_what_packs_say_may_be_in_it() {
        var dish = withContact("uk", "sesame", "1 lettuce", "1 jar harissa",
                "pack: Ingredients: peppers. May contain mustard.");
        assertThat(told(paper(dish, "uk", "en"))).containsExactly("May contain: mustard, sesame.");
        assertThat(told(paper(dish, "uk", "en").wording(ContactWording.HELD)))
                .containsExactly("May contain: mustard.", "Made with shared kit that held: sesame.");
        assertThat(paper(dish, "uk", "en").wording(ContactWording.HELD).fingerprint())
                .as("it means the same").isEqualTo(paper(dish, "uk", "en").fingerprint());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            uk  | en | May contain: other nuts (pistachio).
            us  | en | May contain: pistachio.
            uk  | de | Kann andere Schalenfrüchte (Pistazie) enthalten.
            """)
    void another_nut_is_another_nut_where_one_is_in_it(String book, String language, String sentence) {
        assertThat(told(paper(withContact(book, "pistachio", "50 g almonds"), book, language))).contains(sentence);
    }

    /// FALCPA, section 203 (a); Schedule 9 of the Food Standards Code; B.01.010.1 of the Canadian regulations (from
    /// memory): each nut and each fish by its own name, and barley is no wheat.
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            us  | 50 g almonds; 20 g cashews; 100 g haddock | Contains: haddock, almond, cashew.
            us  | 500 g pearl barley                        | ''
            ca  | 500 g pearl barley; 20 g cashews          | Contains: barley, cashew.
            anz | 50 g almonds; 20 g cashews                | Contains almond, cashew.
            """)
    void each_kind_stands_by_its_own_name_where_the_law_has_it_so(String book, String lines, String sentence) {
        assertThat(String.join(" ", told(paper(derived(lines.split("; ")), book, "en")))).isEqualTo(sentence);
    }

    /// Regulation (EU) No 1169/2011, Articles 17 and 18: the list names foods, each by its name.
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            800 g beef shin                 | beef shin
            250 g bread, fried in olive oil | bread (*wheat*), olive oil
            salt and pepper, to taste       | salt and pepper
            400 g chickpeas, cooked         | chickpeas
            50 g Brazil Nuts                | *brazil nuts*
            juice and zest of 2 lemons      | lemon juice, lemon zest
            2 tbsp olive oil mayonnaise     | olive oil mayonnaise
            2 ham & mushroom pizzas         | ham & mushroom pizza
            1 l leek and potato soup        | leek and potato soup
            """)
    void the_list_names_foods_and_not_lines(String line, String stands) {
        assertThat(list(paper(derived(line), "uk", "en"))).startsWith(stands);
    }

    /// What lies beside a food brings in what it holds, and the food does not.
    @Test
    void butter_on_bread_is_milk_by_the_butter() {
        assertThat(list(paper(derived("250 g sourdough bread, brushed with butter"), "uk", "en")))
                .isEqualTo("sourdough bread (*wheat*), butter (*milk*)");
    }

    /// Annex II, 12, and 21 CFR 101.100 (a) (4): sulphites count from 10 mg/kg of the whole dish on. Below, and where
    /// nobody knows, no word of the list stands for them.
    @ParameterizedTest
    @CsvSource({"5 kg, false", "10 g, true"})
    void sulphites_are_one_sum(String carrots, boolean isBold) {
        var paper = paper(derived("100 g dried apricots", carrots + " carrots", "1 lettuce"), "uk", "en");
        var bold = list(paper).contains("*");
        var isSaid = !paper.said(keenfork.core.trace.Certainty.CONTAINS).isEmpty();
        assertThat(bold).as("the list and what is said agree").isEqualTo(isSaid);
    }

    @Test
    void nothing_that_counts_by_amount_comes_by_shared_kit() {
        assertThat(told(paper(derived("100 ml red wine", "pack: wine, preservative (sulphur dioxide)"), "uk", "en")))
                .as("the law's own other word stands for it").isEmpty();
    }

    /// Regulation (EU) No 1169/2011, Annex X: "use by", "best before" and their words in the official languages, from
    /// memory.
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            uk | en | USE_BY      | Use by Sun 29 Nov 2026. Keep below 5 °C.
            us | en | USE_BY      | Use by Sun Nov 29, 2026. Keep below 5 °C.
            eu | de | USE_BY      | Zu verbrauchen bis So., 29. November 2026. Unter 5 °C aufbewahren.
            eu | es | USE_BY      | Fecha de caducidad: dom 29 nov 2026. Conservar por debajo de 5 °C.
            uk | en | BEST_BEFORE | Best before Sun 29 Nov 2026. Keep cool, dry and well closed.
            eu | de | BEST_BEFORE | Mindestens haltbar bis So., 29. November 2026. Kühl, trocken und gut
            """)
    void a_day_stands_in_the_words_of_the_law(String book, String language, DateMark mark, String words) {
        assertThat(new Wording(book(book), Language.named(language).orElseThrow())
                .keep(java.time.LocalDate.of(2026, 11, 29), mark)).startsWith(words);
    }
}
