package keenfork.core.label;

import static keenfork.core.Kit.derived;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Stream;
import keenfork.core.Kit;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What the version before kept goes on being shown, compared and called back. The texts were written by it.
class EarlierPrintTest {
    record Kept(String fingerprint, String text) {}

    static Stream<Kept> labels() { return kept().stream().filter(k -> k.text.startsWith("name: ")); }

    private static List<Kept> kept() {
        return Kit.blocks("/keenfork/core/label/earlier-prints.txt").map(one -> {
            var end = one.indexOf('\n');
            return new Kept(one.substring(0, end), one.substring(end + 1).stripTrailing());
        }).toList();
    }

    private static final List<List<String>> DISHES = List.of(
            List.of("Almond dip; with tahini", "50 g almonds", "20 g cashews", "100 g tahini", "1 jar harissa",
                    "pack: Ingredients: peppers, spice mix (caraway, celery seed). May contain mustard and nuts.",
                    "2 tbsp miso"),
            List.of("Rice ; beans", "1 kg cooked rice", "30 g chestnuts", "200 g wheat flour", "10 g anchovies",
                    "2 tbsp chilli oil"),
            List.of("Leaf salad", "1 lettuce"));

    /// the same dishes as they read now, under the same book in the same language, with the same claims
    private static PrintedStatement now(PrintedStatement then) {
        var text = DISHES.stream().filter(d -> d.getFirst().equals(then.name())).findFirst().orElseThrow();
        var book = RuleBook.named(then.ruleBook()).orElseThrow();
        var dish = Derivation.of(Recipe.read(String.join("\n", text), Volumes.METRIC, new Law("uk")), Facts.none(book));
        return PrintedStatement.of(Statement.compose(dish, book, Language.named(then.language()).orElseThrow()), true)
                .claiming(then.claims());
    }

    @ParameterizedTest @MethodSource("labels")
    void a_label_of_then_still_says_what_is_so(Kept kept) {
        var then = (PrintedStatement) EarlierPrint.read(kept.text);
        assertThat(then.named()).as("every word of it is known").allMatch(n -> n.group().matches("[a-z-]+"));
        var difference = Difference.between(then, now(then));
        assertThat(difference.missing()).isEmpty();
        assertThat(difference.gone()).isEmpty();
        assertThat(difference.words()).as("foods are called as the cook writes them now")
                .isSubsetOf("The list of ingredients reads otherwise now.");
        assertThat(then.listSaysAll()).isTrue();
    }

    /// Prints that are on file are found by it.
    @ParameterizedTest @MethodSource("labels")
    void its_mark_is_the_one_that_was_given_then(Kept kept) {
        var then = (PrintedStatement) EarlierPrint.read(kept.text);
        assertThat(then.fingerprint()).isEqualTo(kept.fingerprint);
    }

    @Test
    void its_words_stand_where_they_stood() {
        var label = (PrintedStatement) EarlierPrint.read(kept().getFirst().text);
        assertThat(label.wording().names(label.said(Certainty.CONTAINS)))
                .containsExactly("celery", "nuts (almond, cashew)", "sesame", "soya");
        assertThat(label.wording().names(label.said(Certainty.MAY_CONTAIN))).containsExactly("mustard", "nuts");
        assertThat(label.list().stream().filter(Statement.TextRun::bold).map(Statement.TextRun::text))
                .containsExactly("celery seed", "sesame", "almond", "soya", "cashew");
    }

    @Test
    void a_guest_s_card_keeps_names_of_any_letters() {
        var card = (GuestCard) EarlierPrint.read(kept().getLast().text);
        assertThat(card.eats()).containsExactly("Rice ; beans", "Soup");
        assertThat(card.goes()).containsExactly("Almond dip; with tahini");
    }

    /// A word that no rule book knows any more is shown as it was printed, and the label is called back.
    @Test
    void what_nothing_is_called_any_more_stays_a_word() {
        var then = (PrintedStatement) EarlierPrint
                .read("name: A dish\nrules: uk\ncontains: zugwort (red) ; milk\nmay: \ncontact: \nunknown: \nlist: ");
        assertThat(then.wording().names(then.said(Certainty.CONTAINS))).containsExactly("zugwort (red)", "milk");
        var now = PrintedStatement.of(Statement.compose(derived("100 g feta"), RuleBook.uk()), false);
        assertThat(Difference.between(then, now).gone()).containsExactly("Zugwort (red) is not found any more.");
    }

    @Test
    void what_is_no_label_is_turned_down() {
        for (var wrong : List.of("", "Almond dip", "name: Dip\nhello", "guest: Ann", "name: Dip"))
            assertThatThrownBy(() -> EarlierPrint.read(wrong)).isInstanceOf(IllegalArgumentException.class);
    }
}
