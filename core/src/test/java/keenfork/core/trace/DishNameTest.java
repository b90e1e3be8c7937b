package keenfork.core.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Avoidances;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.search.Budget;
import keenfork.core.swap.Accepted;
import keenfork.core.swap.Context;
import keenfork.core.swap.SwapPlanner;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What a dish is called after and no line of it holds (common practice: a list forgets what is plain to whoever wrote
/// it).
class DishNameTest {
    private static Recipe read(String text) { return Recipe.read(text, Volumes.METRIC, new Law("uk")); }

    private static Derivation derived(String text) {
        return Derivation.of(read(text), Facts.none(RuleBook.uk()));
    }

    private static String marks(Derivation derived) {
        return derived.under(RuleBook.uk()).marks().stream().map(m -> m.group().id() + " " + m.certainty())
                .collect(Collectors.joining(", "));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"Peanut dressing | peanuts", "Tahini dip, as ever | sesame",
            "Dressing: tahini | sesame", "Mustard & herb potatoes | mustard", "Prawn slaw | crustaceans",
            "Almond tarator | nuts", "Butter potatoes | milk", "Slaw with feta | milk"})
    void is_not_known_and_asked_about_once(String name, String group) {
        var derived = derived(name + "\n2 kg potatoes\n50 ml lime juice");
        assertThat(marks(derived)).isEqualTo(group + " NOT_KNOWN");
        assertThat(derived.questions()).filteredOn(q -> q.settles() == Question.Settles.RECIPE).hasSize(1);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"Salsa for the prawns", "Lamb marinade", "Fish seasoning", "Vegan egg mayo", "Mock crab salad",
                    "Potato \"tuna\"",
                    "Nut-free pesto potatoes", "Slaw (no peanuts)", "Butternut and potato mash", "Potato salad",
                    "Oyster mushroom potatoes"})
    void is_nothing_where_the_name_says_what_it_goes_with_or_does_without(String name) {
        assertThat(marks(derived(name + "\n2 kg potatoes\n50 ml lime juice"))).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Peanut dressing\n200 g peanut butter", "Prawn slaw\n1 kg tiger prawns",
            "Cheese potatoes\n200 g cheddar", "Nut salad\n100 g walnuts", "Gravlax\n1 kg salmon",
            "Peanut dressing\n2 limes\nNo peanuts", "Peanut dressing\n2 limes\n\nMethod:\n1. Whisk.\nNo peanut!"})
    void is_answered_by_a_line_that_holds_it_or_denies_it(String text) {
        assertThat(derived(text).questions()).noneMatch(q -> q.ask().startsWith("The name says"));
    }

    /// a first line that goes on with the list
    @ParameterizedTest
    @ValueSource(strings = {"Trail mix: 50% almonds\n25% raisins", "Dressing: 1 jar almond butter\n2 lemons"})
    void what_is_measured_behind_the_name_is_a_line(String text) {
        assertThat(marks(derived(text))).contains("nuts CONTAINS");
    }

    /// no law names beetroot, and a guest who avoids it must be asked about, too
    @Test
    void counts_for_a_food_that_no_law_names() {
        var avoided = Avoidances.of("beetroot", RuleBook.uk()).all().getFirst();
        assertThat(avoided.against(derived("Beetroot dip\n200 g yoghurt"))).isEqualTo(Avoidance.Answer.OPEN);
        assertThat(avoided.against(derived("Beetroot dip\n200 g yoghurt\nNo beetroot")))
                .isEqualTo(Avoidance.Answer.NOTHING);
    }

    /// a plan for something else does not answer it
    @Test
    void a_plan_leaves_it_open() {
        var avoid = Avoidances.of("peanuts, milk", RuleBook.uk()).all();
        var facts = Facts.none(RuleBook.uk());
        var recipe = read("Peanut dressing\nServes 10\n200 g feta\n1 tbsp sugar\n50 ml olive oil");
        var plans = new SwapPlanner(new Context(facts, RuleBook.uk(), Volumes.METRIC), avoid).plan(recipe, 5,
                Budget.USUAL);
        assertThat(plans.best()).allSatisfy(p -> assertThat(marks(p.after())).contains("peanuts NOT_KNOWN"));
    }

    /// An accepted plan keeps what it promised: the dish is still called after what is out.
    @Test
    void a_plan_that_takes_it_out_says_so_in_the_recipe() {
        var text = "Walnut dip\nServes 10\n1 kg beetroot\n200 g walnuts\n50 ml olive oil";
        var avoid = Avoidances.of("nuts", RuleBook.uk()).all();
        var facts = Facts.none(RuleBook.uk());
        var plan = new SwapPlanner(new Context(facts, RuleBook.uk(), Volumes.METRIC), avoid)
                .plan(read(text), 5, Budget.USUAL).best().getFirst();
        var kept = new Accepted(text, plan, avoid, facts, DishNameTest::read).asChange().orElseThrow();
        assertThat(kept).endsWith("\nNo walnut");
        assertThat(marks(derived(kept))).doesNotContain("nuts");
    }
}
