package keenfork.web.larder;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import keenfork.core.kitchen.LarderPack;
import keenfork.format.PackCsv;
import keenfork.web.ADish;
import keenfork.web.kitchen.Menu;
import keenfork.web.persistence.Stored;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class IntakeTest {
    private static final String HEAD = "food,name,bar code,printed under,read on,declaration\n";
    private static final LarderPack JAR =
            new LarderPack("harissa", "Harissa jar", "2200000000117", "uk", "peppers, salt", LocalDate.EPOCH);
    private static final Menu MENU = ADish.menuOf("Dip\n1 jar harissa", List.of(new Stored<>(3, 8, JAR)));

    private static Intake of(String rows) throws PackCsv.Unreadable { return of(rows, MENU); }

    private static Intake of(String rows, Menu menu) throws PackCsv.Unreadable {
        return Intake.of(new IntakeForm(HEAD + rows, "", List.of()), menu);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "tahini,Tahini,,uk,1970-01-01,sesame | NEW | ''",
            "tahini,Tahini,,uk,,              | NEW | unread",
            "harissa,Other harissa,,uk,,peppers | SPARE | ''",
            "harissa,Harissa jar,,uk,1970-01-01,\"peppers, salt\" | SAME | ''",
            "harissa,New name,2200000000117,uk,1970-01-01,\"peppers, salt, celery\" | CHANGED | declaration, name",
            "zugwort,Zugwort,,uk,,x | REFUSED | not in it",
            "tahini,Tahini,,mars,,sesame | REFUSED | no rule book",
            "tahini,Tahini,,uk,24.11.2026,sesame | REFUSED | is no day",
            "tahini,Tahini,,uk,1970-01-02,sesame | REFUSED | has not come yet",
            "tahini,Tahini,12ab,uk,,sesame | REFUSED | bar code"})
    void each_row_is_told_what_becomes_of_it(String row, Intake.Fate fate, String why) throws PackCsv.Unreadable {
        assertThat(of(row).rows()).singleElement().satisfies(r -> {
            assertThat(r.fate()).isEqualTo(fate);
            assertThat(r.why()).contains(why);
        });
    }

    /// A spreadsheet's empty cell must never turn a read pack into one without allergens.
    @Test
    void an_empty_declaration_takes_nothing_away() throws PackCsv.Unreadable {
        var row = of("harissa,Harissa jar,,uk,,").rows().getFirst();
        assertThat(row.fate()).isEqualTo(Intake.Fate.REFUSED);
        assertThat(row.pack()).isNull();
    }

    @Test
    void a_pack_that_stands_twice_in_the_table_is_taken_once() throws PackCsv.Unreadable {
        assertThat(of("tahini,Tahini,,uk,,sesame\ntahini,TAHINI,,uk,,sesame and nuts").rows())
                .extracting(Intake.IntakeRow::fate).containsExactly(Intake.Fate.NEW, Intake.Fate.REFUSED);
    }

    @Test
    void the_seal_breaks_when_the_larder_changed() throws PackCsv.Unreadable {
        var rows = "harissa,Harissa jar,,uk,1970-01-01,\"peppers, salt, celery\"";
        var later = ADish.menuOf("Dip\n1 jar harissa", List.of(new Stored<>(3, 9, JAR)));
        assertThat(of(rows, later).seal()).isNotEqualTo(of(rows).seal());
        assertThat(of(rows).seal()).isEqualTo(of(rows).seal());
    }

    private static final String SUPPLIED = """
            Quayside allergen list;;
            Product;Pack size;Gluten;Milk;Egg
            Mayonnaise heavy duty 10 l;10 l;N;N;Y
            Harissa jar;370 g;N;N;N
            House blend;1 kg;Y;N;N
            """;

    private static Intake supplied(String law, String... foods) throws PackCsv.Unreadable {
        return Intake.of(new IntakeForm(SUPPLIED, law, List.of(foods)), MENU);
    }

    /// A supplier's own table: the cook says what a product is used for where its name does not.
    @Test
    void what_a_suppliers_product_is_used_for_is_told_by_its_name_or_by_the_cook() throws PackCsv.Unreadable {
        assertThat(supplied("").rows()).extracting(Intake.IntakeRow::food).containsExactly("mayonnaise", "harissa", "");
        assertThat(supplied("").rows()).extracting(Intake.IntakeRow::fate).containsExactly(Intake.Fate.NEW,
                Intake.Fate.CHANGED, Intake.Fate.REFUSED);
        var said = supplied("eu", "mayonnaise", "harissa", "breadcrumb");
        assertThat(said.rows()).extracting(Intake.IntakeRow::fate).containsExactly(Intake.Fate.NEW,
                Intake.Fate.CHANGED, Intake.Fate.NEW);
        assertThat(said.rows().getFirst().pack()).isEqualTo(new LarderPack("mayonnaise", "Mayonnaise heavy duty 10 l",
                "", "eu", "Gluten: N\nMilk: N\nEgg: Y", MENU.day()));
        assertThat(said.passedOver()).containsExactly("Quayside allergen list");
    }

    /// What is stored is what was looked at: another food is another seal.
    @Test
    void another_food_or_law_breaks_the_seal() throws PackCsv.Unreadable {
        assertThat(supplied("uk", "mayonnaise", "harissa", "breadcrumb").seal()).isNotEqualTo(supplied("uk").seal());
        assertThat(supplied("us").seal()).isNotEqualTo(supplied("uk").seal());
    }
}
