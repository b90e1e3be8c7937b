package keenfork.core.label;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.US;
import static keenfork.core.Kit.aDish;
import static keenfork.core.Kit.derived;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import keenfork.core.food.Substances;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StatementTest {
    private static List<String> bold(Statement statement) {
        return statement.ingredients().stream().flatMap(i -> i.runs().stream()).filter(Statement.TextRun::bold)
                .map(Statement.TextRun::text).toList();
    }

    private static List<String> said(Statement statement, Certainty certainty) {
        return new Wording(statement.ruleBook(), Language.english()).names(statement.said(certainty));
    }

    /// Regulation (EU) No 1169/2011, Article 18 (1): descending order of weight, as recorded at the time of use.
    @Test
    void ingredients_stand_by_falling_weight() {
        var statement =
                Statement.compose(derived("20 g salt", "1 kg chickpeas", "3 tbsp tahini", "200 g olive oil"), UK);
        assertThat(statement.ingredients()).extracting(Statement.Item::text).containsExactly("chickpeas", "olive oil",
                "tahini (sesame)", "salt");
    }

    /// Article 21 (1) (b): the name of the substance is set off from the rest of the list.
    @Test
    void allergens_are_bold_by_name() {
        var statement = Statement
                .compose(derived("300 g couscous", "100 g feta", "50 g almonds", "1 egg", "10 g anchovies"), UK);
        assertThat(bold(statement)).containsExactlyInAnyOrder("wheat", "milk", "almonds", "egg", "fish");
    }

    @Test
    void a_read_pack_opens_up_into_its_list_with_its_allergens_bold() {
        var statement = Statement.compose(derived("1 jar harissa",
                "pack: Ingredients: peppers, spice mix (caraway, celery seed). May contain mustard."), UK);
        assertThat(statement.ingredients().getFirst().text())
                .isEqualTo("harissa (peppers, spice mix (caraway, celery seed))");
        assertThat(bold(statement)).containsExactly("celery seed");
        assertThat(said(statement, Certainty.MAY_CONTAIN)).containsExactly("mustard");
    }

    @Test
    void each_rule_book_speaks_in_its_own_words() {
        assertThat(Statement.compose(derived("50 g pine nuts", "10 g anchovies"), US).sentences())
                .containsExactly("Contains: fish (anchovy), tree nuts (pine nut).");
        assertThat(Statement.compose(derived("50 g hazelnuts", "100 g farro"), UK).sentences())
                .containsExactly("Contains: cereals containing gluten (wheat), nuts (hazelnut).");
    }

    @Test
    void contact_and_not_known_are_said_plainly() {
        var facts = new Facts(UK, List.of(new Fact.Contact("A dish", "Base",
                List.of(Substances.shipped().get("almond")), "after pesto on the blender, not washed")));
        var statement = Statement.compose(Derivation.of(aDish("1 lettuce", "2 tbsp chilli oil"), facts), UK);
        assertThat(statement.sentences()).containsExactly("Made with shared kit that held: nuts (almond).",
                "Not known: peanut, sesame, soya. Ask us before you eat this.");
    }

    @Test
    void another_nut_that_a_pack_warns_of_is_said_beside_the_one_that_is_in_it() {
        var statement =
                Statement.compose(derived("50 g almonds", "pack: almonds. May contain cashews and almonds."), UK);
        assertThat(said(statement, Certainty.CONTAINS)).containsExactly("nuts (almond)");
        assertThat(said(statement, Certainty.MAY_CONTAIN)).containsExactly("nuts (cashew)");
    }

    @Test
    void a_member_that_is_not_known_is_said_beside_the_one_that_is_in_it() {
        var statement = Statement.compose(derived("50 g almonds", "1 slice of bread", "2 tbsp harissa"), UK);
        assertThat(said(statement, Certainty.CONTAINS)).containsExactly("cereals containing gluten (wheat)",
                "nuts (almond)");
        assertThat(said(statement, Certainty.NOT_KNOWN)).contains("nuts")
                .anyMatch(u -> u.startsWith("cereals containing gluten"));
        assertThat(said(Statement.compose(derived("1 cup zugwort"), US), Certainty.NOT_KNOWN))
                .contains("fish", "tree nuts").noneMatch(u -> u.contains("anything"));
    }

    @Test
    void an_order_that_the_ranges_leave_open_is_marked() {
        var statement = Statement.compose(derived("1 bunch parsley", "4 lemons", "60 g mint", "2 kg rice"), UK);
        assertThat(statement.ingredients()).filteredOn(i -> i.text().equals("rice")).noneMatch(Statement.Item::open);
        assertThat(statement.ingredients()).filteredOn(i -> i.text().equals("parsley")).allMatch(Statement.Item::open);
    }

    // --- published rules as worked examples --------------------------------------------------------------------------

    private static Statement called(String name, RuleBook book, String... lines) {
        return Statement.compose(Derivation.of(
                Recipe.read(name + "\nServes 10\n" + String.join("\n", lines), Volumes.METRIC, new Law("uk")),
                Facts.none(book)), book);
    }

    private static List<String> list(Statement statement) {
        return statement.ingredients().stream().map(Statement.Item::text).toList();
    }

    /// Regulation (EU) No 1169/2011, Article 22 and Annex VIII: the quantity of an ingredient that the name speaks of,
    /// in percent of what goes in. The United States' and Canada's rules ask for none.
    @Test
    void what_the_name_speaks_of_stands_with_its_share() {
        assertThat(list(called("Carrot salad", UK, "450 g carrots", "500 g cooked rice", "50 g olive oil")))
                .contains("carrots (45\u00a0%)");
        assertThat(list(called("Grain salad", UK, "450 g carrots", "500 g cooked rice", "50 g olive oil")))
                .contains("carrots");
        assertThat(list(
                called("Carrot salad", UK, "450 g carrots", "500 g cooked rice", "50 g olive oil", "salt, to taste")))
                        .contains("carrots (45\u00a0%)");
        assertThat(list(called("Carrot salad", US, "450 g carrots", "500 g cooked rice", "50 g olive oil")))
                .contains("carrots");
    }

    @Test
    void a_share_that_is_not_sure_is_asked_for() {
        assertThat(called("Carrot salad", UK, "5 carrots", "200 g cooked rice").checks())
                .anyMatch(c -> c.contains("weigh it"));
        assertThat(called("Carrot salad", UK, "450 g carrots", "some rice").checks())
                .anyMatch(c -> c.startsWith("The name speaks of carrots, so its share is to be said. Weigh "));
    }

    /// Annex VII, part A, 6: ingredients under 2 % may follow in any order, so nobody has to weigh them against each
    /// other.
    @Test
    void what_is_under_two_percent_needs_no_weighing() {
        var little = called("Grain salad", UK, "20 kg cooked rice", "1 bunch parsley", "1 bunch mint");
        assertThat(little.ingredients()).noneMatch(Statement.Item::open);
        assertThat(called("Grain salad", UK, "200 g cooked rice", "1 bunch parsley", "1 bunch mint").ingredients())
                .as("here it is no little").anyMatch(Statement.Item::open);
    }

    /// Annex VII, part A, 1: added water up to 5 % of the finished food need not be listed; more is.
    @Test
    void added_water_is_listed_where_it_is_more_than_five_percent() {
        assertThat(list(called("Bean dip", UK, "960 g white beans", "40 g water")))
                .noneMatch(i -> i.startsWith("water"));
        assertThat(list(called("Bean dip", UK, "900 g white beans", "100 g water")))
                .anyMatch(i -> i.startsWith("water"));
        assertThat(list(called("Bean dip", US, "960 g white beans", "40 g water"))).as("no such rule")
                .anyMatch(i -> i.startsWith("water"));
    }

    @Test
    void a_name_that_promises_what_is_not_there_is_questioned() {
        assertThat(called("Walnut salad", UK, "200 g almonds", "1 kg cooked rice").checks())
                .anyMatch(c -> c.contains("walnut"));
        assertThat(called("Walnut salad", UK, "200 g walnuts", "1 kg cooked rice").checks()).isEmpty();
        assertThat(called("Carrot dip", UK, "1 kg beetroot").checks()).as("nobody looks out for carrot").isEmpty();
    }

    /// Standard 1.2.3, plain-English declarations of 2024: each nut by its own name, a summary behind "Contains".
    @Test
    void each_nut_by_its_own_name_and_a_summary_line() {
        var anz = RuleBook.named("anz").orElseThrow();
        assertThat(called("Salad", anz, "50 g hazelnuts", "50 g walnuts", "100 g wheat flour").sentences().getFirst())
                .startsWith("Contains ").contains("hazelnut").contains("walnut").contains("wheat")
                .doesNotContain("nuts (");
    }

    /// Food and Drug Regulations (Canada), B.01.010.1: mustard is a priority allergen there, celery is not.
    @Test
    void the_canadian_list() {
        var ca = RuleBook.named("ca").orElseThrow();
        assertThat(called("Salad", ca, "50 g mustard", "100 g celery").sentences().getFirst()).contains("mustard")
                .doesNotContain("celery");
    }

    /// Regulation (EU) No 1169/2011, Annex VII, part E: a compound ingredient stands by its own weight, followed by its
    /// own list in brackets.
    @Test
    void a_dish_that_goes_into_another_opens_up_into_its_list() {
        var dressing = aRecipe("Sesame dressing", "200 ml olive oil", "2 tbsp tahini", "30 g walnuts");
        var salad = aRecipe("Salad", "1 kg cooked rice", "200 g @Sesame dressing", "20 g salt");
        var statement = Statement.compose(
                Derivation.of(salad, new Facts(UK, List.of(new Fact.OtherDish(dressing), new Fact.OtherDish(salad)))),
                UK);
        assertThat(list(statement)).containsExactly("cooked rice",
                "Sesame dressing (olive oil, tahini (sesame), walnuts)", "salt");
        assertThat(bold(statement)).containsExactly("Sesame", "sesame", "walnuts");
        assertThat(list(Statement.compose(Derivation.of(salad, Facts.none(UK)), UK)))
                .as("a dish that is not known stays shut").contains("Sesame dressing");
    }

    @Test
    void a_dish_that_uses_itself_is_opened_once() {
        var starter = aRecipe("Starter", "100 g @Starter", "1 kg rye flour");
        assertThat(list(
                Statement.compose(Derivation.of(starter, new Facts(UK, List.of(new Fact.OtherDish(starter)))), UK)))
                        .first().asString().contains("rye");
    }

    /// What is in a dish is emphasised in its list, so that a list may stand without a "contains" beside it.
    @Property(tries = 200)
    void all_that_is_contained_is_emphasised_in_the_list(
            @ForAll @Size(min = 1, max = 6) List<@IntRange(max = 11) Integer> picks,
            @ForAll @IntRange(max = 4) int language) {
        var foods = List.of("100 g tahini", "50 g walnuts", "1 egg", "200 g couscous", "100 g feta", "2 tbsp soy sauce",
                "30 g anchovies", "1 tbsp mustard", "100 g celery", "200 g prawns", "40 g almond butter",
                "1 kg cooked rice");
        var in = Language.all().get(language);
        var statement = Statement.compose(derived(picks.stream().map(foods::get).toArray(String[]::new)), UK, in);
        assertThat(PrintedStatement.of(statement, true).listSaysAll()).as("%s", statement).isTrue();
    }

    /// FALCPA, section 203 (a): the species of fish and of crustacean shellfish by its own name; Food and Drug
    /// Regulations (Canada), B.01.010.1: molluscs as well. One species is never named as another.
    @ParameterizedTest(name = "{0}")
    @CsvSource({"haddock, haddock, fish", "smoked haddock, haddock, fish", "hake, hake, fish", "sprats, sprat, fish",
            "monkfish, monkfish, fish", "sea bass, sea bass, fish", "swordfish, swordfish, fish",
            "bacalhau, cod, fish", "smoked trout, trout, fish", "scampi, langoustine, crustaceans",
            "crayfish, crayfish, crustaceans", "king prawns, prawn, crustaceans", "octopus, octopus, molluscs",
            "cuttlefish, cuttlefish, molluscs", "cockles, cockle, molluscs"})
    void each_species_is_named_as_itself(String food, String species, String group) {
        var ca = RuleBook.named("ca").orElseThrow();
        assertThat(said(Statement.compose(derived("200 g " + food), ca), Certainty.CONTAINS))
                .contains("%s (%s)".formatted(group, species));
        assertThat(said(Statement.compose(derived("200 g tin", "pack: Ingredients: " + food + ", salt."), ca),
                Certainty.CONTAINS)).contains("%s (%s)".formatted(group, species));
    }

    /// "Fish" alone is no species: a packed label under these books waits until it is known which.
    @Test
    void a_species_that_is_not_known_is_left_open() {
        assertThat(Statement.compose(derived("200 g fish"), US).open()).containsExactly(new Named("fish", ""));
        assertThat(Statement.compose(derived("200 g fish"), UK).open()).as("the book wants no species")
                .noneMatch(n -> n.group().equals("fish"));
        assertThat(said(Statement.compose(derived("200 g fish pie mix", "pack: Ingredients: fish, cod, haddock."), US),
                Certainty.CONTAINS)).containsExactly("fish (cod, haddock, others)");
    }

    /// An "or" that nobody has settled names nothing that is not surely there, and packed food waits for the answer.
    @Test
    void one_thing_or_another_is_neither_until_somebody_says_which() {
        var nuts = Statement.compose(derived("100 g almonds or cashews"), UK);
        assertThat(said(nuts, Certainty.CONTAINS)).containsExactly("nuts");
        assertThat(said(nuts, Certainty.NOT_KNOWN)).containsExactly("nuts (almond, cashew)");
        assertThat(nuts.waitsFor()).contains("which it is in “100 g almonds or cashews”");
        var fish = Statement.compose(Derivation.of(aDish("100 g tuna or salmon"), Facts.none(US)), US);
        assertThat(said(fish, Certainty.CONTAINS)).containsExactly("fish");
        assertThat(fish.open()).contains(new Named("fish", "tuna"), new Named("fish", "salmon"));
        var uk = Statement.compose(derived("100 g tuna or salmon"), UK);
        assertThat(said(uk, Certainty.CONTAINS)).containsExactly("fish");
        assertThat(said(uk, Certainty.NOT_KNOWN)).as("the book wants no species").isEmpty();
        assertThat(Statement.compose(derived("50 g honey or date syrup"), UK).waitsFor())
                .containsExactly("which it is in “50 g honey or date syrup”");
        assertThat(said(Statement.compose(derived("100 g spelt or wheat flour"), UK), Certainty.CONTAINS))
                .containsExactly("cereals containing gluten (wheat)");
    }

    @Test
    void it_is_asked_which_only_where_the_law_wants_it_named() {
        assertThat(derived("100 g almonds or cashews").questions()).anyMatch(q -> q.ask().startsWith("Which is it"));
        assertThat(derived("100 g tuna or salmon").questions()).noneMatch(q -> q.ask().startsWith("Which is it"));
        assertThat(Derivation.of(aDish("100 g tuna or salmon"), Facts.none(US)).questions())
                .anyMatch(q -> q.ask().startsWith("Which is it"));
        assertThat(derived("1 onion or 2 shallots").questions()).noneMatch(q -> q.ask().startsWith("Which is it"));
    }

    private static Recipe aRecipe(String name, String... lines) {
        return Recipe.read(name + "\nServes 10\n" + String.join("\n", lines), Volumes.METRIC, new Law("uk"));
    }
}
