package keenfork.core.label;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.US;
import static keenfork.core.Kit.derived;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DifferenceTest {
    private static PrintedStatement paper(String... lines) {
        return PrintedStatement.of(Statement.compose(derived(lines), UK), true);
    }

    private static PrintedStatement paper(List<Named> in, List<Named> may, List<Named> contact, List<Named> unknown) {
        return new PrintedStatement("Dip", "uk", "en", List.of(),
                Map.of(Certainty.CONTAINS, in, Certainty.MAY_CONTAIN, may,
                        Certainty.CONTACT, contact, Certainty.NOT_KNOWN, unknown),
                List.of(), List.of());
    }

    private static Named group(String id) { return new Named(id, ""); }

    @Test
    void the_same_dish_says_the_same() {
        assertThat(Difference.between(paper("1 kg rice", "100 g tahini"), paper("1 kg rice", "100 g tahini")).isNone())
                .isTrue();
        assertThat(paper("1 kg rice", "100 g tahini").fingerprint())
                .isEqualTo(paper("1 kg rice", "100 g tahini").fingerprint())
                .isNotEqualTo(paper("1 kg rice", "100 g almonds").fingerprint());
    }

    @Test
    void what_came_in_is_missing_and_can_hurt_and_what_went_is_gone() {
        var difference = Difference.between(paper("1 kg rice", "100 g tahini"), paper("1 kg rice", "100 g almonds"));
        assertThat(difference.missing()).containsExactly("Nuts (almond) is in it. The label does not say so.");
        assertThat(difference.gone()).containsExactly("Sesame is not found any more.");
        assertThat(difference.words()).containsExactly("The list of ingredients reads otherwise now.");
        assertThat(difference.canHurt()).isTrue();
    }

    /// The run is asked for the cause of what came by shared kit, and of what went with it.
    @Test
    void a_contact_that_came_or_went_may_be_explained_by_the_run() {
        var none = paper(List.of(), List.of(), List.of(), List.of());
        var contact = paper(List.of(), List.of(), List.of(group("sesame")), List.of());
        assertThat(Difference.between(none, contact).byKit()).isTrue();
        assertThat(Difference.between(contact, none).byKit()).isTrue();
        assertThat(Difference.between(contact, contact).byKit()).isFalse();
        assertThat(Difference.between(none, paper(List.of(group("sesame")), List.of(), List.of(), List.of())).byKit())
                .isFalse();
    }

    @Test
    void another_nut_is_another_thing_to_say() {
        assertThat(Difference.between(paper("50 g almonds", "50 g cashews"), paper("50 g almonds", "50 g walnuts"))
                .missing()).containsExactly("Nuts (walnut) is in it. The label does not say so.");
    }

    @Test
    void more_surely_can_hurt_and_less_surely_does_not() {
        var perhaps = paper(List.of(), List.of(group("mustard")), List.of(), List.of());
        var surely = paper(List.of(group("mustard")), List.of(), List.of(), List.of());
        assertThat(Difference.between(perhaps, surely).missing())
                .containsExactly("Mustard is in it. The label says only that it may be in it, a pack says.");
        assertThat(Difference.between(surely, perhaps).canHurt()).isFalse();
        assertThat(Difference.between(surely, perhaps).gone()).hasSize(1);
        assertThat(Difference.between(paper(List.of(), List.of(), List.of(), List.of(group("mustard"))),
                paper(List.of(), List.of(), List.of(group("mustard")), List.of())).canHurt())
                        .as("known to be on the kit, where nothing was known before").isTrue();
    }

    @Test
    void another_rule_book_is_said() {
        var us = PrintedStatement.of(Statement.compose(derived("100 g celery"), US), false);
        assertThat(Difference.between(us, PrintedStatement.of(Statement.compose(derived("100 g celery"), UK), false))
                .all()).containsExactly("Celery is in it. The label does not say so.",
                        "It follows another rule book now.");
    }

    /// What the books call otherwise is the same substance: peanuts and peanut, tree nuts and nuts, anchovy and fish.
    /// Japan's names no anchovy, so that a label under it does not, and one under another must.
    @Test
    void what_was_printed_under_another_rule_book_is_compared_in_substances() {
        for (var book : RuleBook.all()) {
            var then = PrintedStatement.of(Statement.compose(derived("20 g peanuts", "30 g almonds",
                    "100 g wheat flour", "10 g anchovies", "1 egg", "30 g cashews"), book), false);
            var now = PrintedStatement.of(Statement.compose(derived("20 g peanuts", "30 g almonds", "100 g wheat flour",
                    "10 g anchovies", "1 egg", "30 g cashews"), UK), false);
            assertThat(Difference.between(then, now).missing()).as("%s", book)
                    .hasSize(book.id().equals("jp") ? 1 : 0).allMatch(m -> m.startsWith("Fish is in it."));
            assertThat(Difference.between(then, now).gone()).as("%s", book).isEmpty();
        }
    }

    /// A pack's word for the group swallows no member, and another member is another label: from cashew to pistachio,
    /// from barley to rye.
    @ParameterizedTest(name = "{0}: {1} to {2}")
    @CsvSource(delimiter = '|', value = {"pesto | cashews | pistachios", "baguette | barley flour | rye flour"})
    void a_member_behind_a_word_for_the_group_is_called_back(String food, String before, String after) {
        var word = food.equals("pesto") ? "Contains nuts." : "Contains gluten.";
        var difference = Difference.between(paper("200 g " + food, "pack: Ingredients: oil, " + before + ". " + word),
                paper("200 g " + food, "pack: Ingredients: oil, " + after + ". " + word));
        assertThat(difference.canHurt()).isTrue();
        assertThat(difference.missing()).hasSize(1).first().asString().contains(after.split("[ s]")[0]);
    }

    @Test
    void a_claim_that_does_not_stand_any_more_can_hurt() {
        var vegan = paper("1 kg rice").claiming(List.of("vegan"));
        assertThat(Difference.between(vegan, paper("1 kg rice")).missing())
                .containsExactly("It claims “Vegan”. That does not stand any more.");
        assertThat(Difference.between(vegan, vegan).isNone()).isTrue();
        assertThat(vegan.fingerprint()).isNotEqualTo(paper("1 kg rice").fingerprint());
    }

    @Test
    void what_is_on_paper_can_be_printed_once_more_as_it_was() {
        var paper = paper("300 g couscous", "50 g almonds", "20 g cashews", "100 g tahini");
        assertThat(paper.list().stream().filter(Statement.TextRun::bold).map(Statement.TextRun::text)).containsExactly(
                "wheat",
                "sesame", "almonds", "cashews");
        assertThat(String.join("", paper.list().stream().map(Statement.TextRun::text).toList()))
                .isEqualTo("couscous (wheat), tahini (sesame), almonds, cashews");
        assertThat(paper.wording().names(paper.said(Certainty.CONTAINS)))
                .containsExactly("cereals containing gluten (wheat)", "nuts (almond, cashew)", "sesame");
    }

    @Test
    void a_list_stands_for_what_is_in_it_only_where_it_emphasises_all_of_it() {
        assertThat(paper("50 g almonds", "20 g cashews", "100 g tahini").listSaysAll()).isTrue();
        var list =
                List.of(new Statement.TextRun("peas, butter ("), new Statement.TextRun("milk", List.of(group("milk"))),
                        new Statement.TextRun("), almond"));
        var milk = new PrintedStatement("Dip", "uk", "en", List.of(),
                Map.of(Certainty.CONTAINS, List.of(group("milk"), new Named("nuts", "almond"))), List.of(), list);
        assertThat(milk.listSaysAll()).as("almond is not in bold").isFalse();
        assertThat(PrintedStatement.of(Statement.compose(derived("1 kg rice"), UK), false).listSaysAll()).as("no list")
                .isFalse();
    }

    @Provide
    Arbitrary<PrintedStatement> papers() {
        var names = Arbitraries.of(group("milk"), new Named("nuts", "almond"), new Named("nuts", "cashew"),
                group("nuts"), group("sesame"), group("fish")).set().ofMaxSize(3).map(List::copyOf);
        return Combinators.combine(names, names, names, names).as(DifferenceTest::paper);
    }

    /// No label is held for true on which something is missing: it is the same only where all is said alike.
    @Property(tries = 500)
    void nothing_that_is_so_is_left_unsaid_without_a_word(@ForAll("papers") PrintedStatement printed,
            @ForAll("papers") PrintedStatement now) {
        var difference = Difference.between(printed, now);
        for (var name : now.named()) {
            var said = printed.level(name);
            if (said.isEmpty() || said.get().compareTo(now.level(name).orElseThrow()) > 0)
                assertThat(difference.canHurt()).as("%s", name).isTrue();
        }
    }
}
