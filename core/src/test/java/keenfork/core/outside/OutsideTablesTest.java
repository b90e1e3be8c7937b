package keenfork.core.outside;

import static keenfork.core.Kit.outside;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.food.Substances;
import keenfork.core.measure.Unit;
import keenfork.core.measure.Volumes;
import keenfork.core.measure.Weights;
import keenfork.core.regime.RuleBook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Our tables against published ones. Each row names its source and clause.
class OutsideTablesTest {
    static Stream<List<String>> lawRows() { return outside("rule-books.csv", "id;").stream(); }

    static Stream<List<String>> proteinRows() { return outside("ifct2017.csv", "code;").stream(); }

    @ParameterizedTest @MethodSource("lawRows") void a_rule_book_groups_what_its_law_lists_and_exempts_what_it_exempts(List<String> row) {
        var substance = Substances.shipped().get(row.get(5));
        for (var id : row.get(3).split(",")) {
            var book = RuleBook.named(id).orElseThrow();
            var groups = book.groups().stream().filter(g -> book.member(g, substance).isPresent()).map(g -> g.id()).toList();
            assertThat(groups).as("%s, %s", row.get(1), row.get(2)).isEqualTo(row.get(4).equals("-") ? List.of() : List.of(row.get(4)));
        }
    }

    @Test void the_outside_tables_have_no_row_without_source_or_twice() {
        var ids = new HashSet<String>();
        for (var row : lawRows().toList()) {
            assertThat(row).hasSize(6).noneMatch(String::isBlank);
            assertThat(ids.add(row.getFirst())).as(row.getFirst()).isTrue();
        }
    }

    /// Regulation (EU) No 1169/2011, Annex II: fourteen groups. FALCPA with the FASTER Act: nine, and sulfites declared apart.
    @Test void rule_books_have_as_many_groups_as_their_law() {
        assertThat(RuleBook.uk().groups()).hasSize(14);
        assertThat(RuleBook.named("eu").orElseThrow().groups()).hasSize(14);
        assertThat(RuleBook.named("us").orElseThrow().groups().stream().filter(g -> g.major())).hasSize(9);
        assertThat(RuleBook.named("us").orElseThrow().groups().stream().filter(g -> !g.major()).map(g -> g.id())).containsExactly("sulfites");
    }

    /// Annex II, 8 names eight nuts; the FDA list of 2025 names these and pine nut, without coconut.
    @Test void nut_lists_hold_no_more_than_the_law_lists() {
        assertThat(RuleBook.uk().group("nuts").orElseThrow().members()).hasSize(8);
        assertThat(RuleBook.named("us").orElseThrow().group("tree-nuts").orElseThrow().members()).hasSize(9);
        assertThat(Substances.shipped().find("coconut")).isEmpty();
    }

    @ParameterizedTest @MethodSource("proteinRows") void protein_agrees_with_ifct_2017(List<String> row) {
        var published = Double.parseDouble(row.get(2));
        var protein = Foods.shipped().find(row.get(3)).orElseThrow().protein();
        assertThat(protein).as(row.get(3)).isNotNull();
        var tolerance = Double.parseDouble(row.get(4)) * published;
        assertThat(published).as("%s %s within %s", row.get(0), row.get(1), protein)
                .isBetween(protein.low().doubleValue() - tolerance, protein.high().doubleValue() + tolerance);
        assertThat(protein.likely().doubleValue()).isCloseTo(published, within(tolerance + 0.03 * published));
    }

    /// 1959 international yard and pound agreement: the pound is 0.45359237 kg, the inch 25.4 mm. US gallon: 231 cubic inches.
    @Test void us_measures_follow_from_the_inch_and_the_pound() {
        var gallon = new BigDecimal("2.54").pow(3).multiply(BigDecimal.valueOf(231));
        assertThat(Volumes.US.millilitres(Unit.CUP)).isEqualByComparingTo(gallon.divide(BigDecimal.valueOf(16)));
        assertThat(Volumes.US.millilitres(Unit.FL_OZ)).isEqualByComparingTo(gallon.divide(BigDecimal.valueOf(128)));
        assertThat(Volumes.US.millilitres(Unit.TBSP)).isEqualByComparingTo(gallon.divide(BigDecimal.valueOf(256)));
        assertThat(Volumes.US.millilitres(Unit.TSP)).isEqualByComparingTo(gallon.divide(BigDecimal.valueOf(768)));
        assertThat(Weights.grams(Unit.LB)).isEqualByComparingTo("453.59237");
        assertThat(Weights.grams(Unit.OZ).multiply(BigDecimal.valueOf(16))).isEqualByComparingTo("453.59237");
    }

    /// UK Weights and Measures Act 1985: the gallon is 4.54609 l. SI brochure: 1 l is 1000 ml, 1 kg is 1000 g.
    @Test void imperial_and_metric_measures_follow_from_their_definitions() {
        assertThat(Volumes.IMPERIAL.millilitres(Unit.FL_OZ).multiply(BigDecimal.valueOf(160))).isEqualByComparingTo("4546.09");
        assertThat(Volumes.IMPERIAL.millilitres(Unit.CUP).multiply(BigDecimal.valueOf(16))).isEqualByComparingTo("4546.09");
        assertThat(Volumes.METRIC.millilitres(Unit.L)).isEqualByComparingTo("1000");
        assertThat(Weights.grams(Unit.KG)).isEqualByComparingTo("1000");
        assertThat(Volumes.AU.millilitres(Unit.TBSP)).isEqualByComparingTo("20");
    }
}
