package keenfork.web.label;

import static keenfork.web.ADish.derived;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import keenfork.core.label.Language;
import keenfork.core.label.Named;
import keenfork.core.label.DateMark;
import keenfork.core.label.NetQuantity;
import keenfork.core.label.OnPack;
import keenfork.core.label.PrintedStatement;
import keenfork.core.label.Statement;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.paper.LabelView;
import org.junit.jupiter.api.Test;

class LabelViewTest {
    private static Statement statement(String text, String book) {
        return Statement.compose(derived(text), RuleBook.named(book).orElseThrow());
    }

    private static LabelView view(String text, String book) {
        return LabelView.of(PrintedStatement.of(statement(text, book), false), "Ropewalk Canteen",
                new LabelView.MadeOn(LocalDate.of(2026, 11, 27), "27-05", LocalDate.of(2026, 11, 29)));
    }

    private static Notes notes(String text) {
        var statement = statement(text, "uk");
        return new Notes(statement.waitsFor(), statement.checks(), statement, true);
    }

    /// What is dry has a date of minimum durability; how much is in it stands in the units of the rule book, and in
    /// both languages where there are two.
    @Test
    void a_pack_says_how_much_is_in_it_and_what_its_day_means() {
        var pack = new OnPack(DateMark.BEST_BEFORE, NetQuantity.parse("250 g"), "Sprinkle over eggs.");
        var made = new LabelView.MadeOn(LocalDate.of(2026, 11, 27), "", LocalDate.of(2026, 12, 11), pack, true);
        var says = PrintedStatement.of(statement("Dukkah\n200 g hazelnuts\n100 g sesame seeds", "us"), true);
        var view = LabelView.of(says, "Ropewalk Canteen, 4 Ropewalk", made);
        assertThat(view.keep()).isEqualTo("Best before Fri Dec 11, 2026. Keep cool, dry and well closed.");
        assertThat(view.net()).isEqualTo("Net Wt 8.8 oz (250\u00a0g)");
        assertThat(view.text()).endsWith("Net Wt 8.8 oz (250\u00a0g) Sprinkle over eggs.");
    }

    @Test
    void each_sentence_has_its_shape_in_order_of_strength() {
        var view = view("A dip\n200 g tahini\npack: sesame. May contain nuts.\n2 tbsp miso", "uk");
        assertThat(view.said()).extracting(LabelView.Said::symbol).containsExactly("m-in", "m-may", "m-unknown");
        assertThat(view.said().getFirst().phrase()).isEqualTo("Contains:");
        assertThat(notes("A dip\n2 tbsp miso").unknown()).as("not everything is known")
                .isNotEmpty();
        assertThat(view.made()).isEqualTo("made Fri 27 Nov 2026, batch 27-05");
        assertThat(view.keep()).isEqualTo("Use by Sun 29 Nov 2026. Keep below 5 °C.");
    }

    /// Regulation (EU) No 1169/2011, Article 13 (2): 1.2 mm; 21 CFR 101.2 (c): a sixteenth of an inch, 1.6 mm. The text
    /// face is 0.496 of its size high.
    @Test
    void type_is_as_large_as_the_rule_book_asks() {
        assertThat(Double.parseDouble(view("A dip\n1 egg", "uk").points()) * 0.496 * 25.4 / 72)
                .isGreaterThanOrEqualTo(1.2);
        assertThat(Double.parseDouble(view("A dip\n1 egg", "us").points()) * 0.496 * 25.4 / 72)
                .isGreaterThanOrEqualTo(1.6 - 0.01);
    }

    @Test
    void pairs_that_want_a_weighing_are_named() {
        assertThat(notes("A salad\n1 bunch parsley\n60 g mint\n200 g rice").open())
                .anySatisfy(p -> assertThat(p).contains("parsley"));
        assertThat(notes("A salad\n2 kg rice\n1 kg peas").open()).isEmpty();
    }

    @Test
    void a_label_in_another_language_says_the_same_and_its_days_too() {
        var german =
                LabelView.of(
                        PrintedStatement
                                .of(Statement.compose(
                                        derived("A dip\n50 g walnuts\n200 g tahini\npack: sesame. May contain nuts."),
                                        RuleBook.uk(), Language.named("de").orElseThrow()), false)
                                .claiming(List.of("vegan")),
                        "Ropewalk Canteen",
                        new LabelView.MadeOn(LocalDate.of(2026, 11, 27), "", LocalDate.of(2026, 11, 29)));
        assertThat(german.said()).extracting(LabelView.Said::phrase, LabelView.Said::names).contains(
                tuple("Enthält:", "Schalenfrüchte (Walnuss), Sesam"), tuple("Kann", "andere Schalenfrüchte"));
        assertThat(german.keep()).isEqualTo("Zu verbrauchen bis So., 29. November 2026. Unter 5 °C aufbewahren.");
        assertThat(german.claims()).isEqualTo("Vegan.");
        assertThat(german.tag()).isEqualTo("de-DE");
    }

    @Test
    void a_list_that_emphasises_is_not_repeated_beside_it_where_the_rule_book_has_it_so() {
        var dish = "A dip\n200 g tahini\npack: sesame. May contain nuts.";
        for (var book : List.of("uk", "eu"))
            assertThat(LabelView
                    .of(PrintedStatement.of(statement(dish, book), true), "",
                            new LabelView.MadeOn(LocalDate.EPOCH, "", null))
                    .said()).as(book).extracting(LabelView.Said::symbol).containsExactly("m-may");
        for (var book : List.of("us", "ca", "anz"))
            assertThat(LabelView
                    .of(PrintedStatement.of(statement(dish, book), true), "",
                            new LabelView.MadeOn(LocalDate.EPOCH, "", null))
                    .said()).as(book).extracting(LabelView.Said::symbol).containsExactly("m-in", "m-may");
    }

    /// Whatever the rule book says of repeating: an allergen that the list does not emphasise is never left unsaid.
    @Test
    void what_a_list_does_not_emphasise_is_said_beside_it() {
        var paper = new PrintedStatement("Dip", "uk", "en", List.of(),
                Map.of(Certainty.CONTAINS, List.of(new Named("milk", ""), new Named("sesame", ""))), List.of(),
                List.of(new Statement.TextRun("peas, butter (", List.of()),
                        new Statement.TextRun("milk", List.of(new Named("milk", ""))),
                        new Statement.TextRun(")", List.of())));
        assertThat(LabelView.of(paper, "", new LabelView.MadeOn(LocalDate.EPOCH, "", null)).said())
                .extracting(LabelView.Said::names).containsExactly("milk, sesame");
    }

    @Test
    void the_folder_s_sheet_tells_of_every_group_of_the_rule_book() {
        var groups = view("A dip\n50 g almonds\n200 g tahini\npack: sesame. May contain nuts.", "uk").groups();
        assertThat(groups).hasSize(14);
        assertThat(groups.stream().filter(g -> g.group().equals("Nuts")).findFirst().orElseThrow().signs())
                .extracting(LabelView.GroupLine.Sign::symbol, LabelView.GroupLine.Sign::members)
                .containsExactly(tuple("m-in", "almond"), tuple("m-may", ""));
        assertThat(groups.stream().filter(g -> g.group().equals("Celery")).findFirst().orElseThrow().signs()).isEmpty();
    }
}
