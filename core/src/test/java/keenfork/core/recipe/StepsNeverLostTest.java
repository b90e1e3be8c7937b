package keenfork.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import keenfork.core.food.Foods;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// No sentence of a method hides a food that no line holds: every name of the tables that a law would mark, in the
/// sentences of kitchens (common practice).
class StepsNeverLostTest {
    private static final Law HOME = new Law("uk");
    private static final Facts FACTS = Facts.none(RuleBook.uk());
    private static final List<String> NAMES = Foods.shipped().all().stream().flatMap(f -> f.names().stream())
            .filter(n -> marks("A dish\n100 g " + n) > 0).distinct().toList();

    /// what can be made of anything that is here, and of a marrow; a kind of the kitchen's own batter
    private static final Set<String> MADE = Set.of("casserole", "chowder", "quenelles de brochet", "rub", "slaw",
            "salad", "soup", "spread", "sprinkles", "stew", "sweet", "traybake");
    /// words of work and of what stands on a shelf: "slice wafer thin", "a rice dish", "a tofu press", "label & date"
    private static final Set<String> WORK =
            Set.of("crumble", "date", "date ball", "date slice", "egg noodle dish", "rice dish", "tofu press water",
                    "wafer thin chicken", "wafer thin ham", "wafer thin turkey", "fried courgette");

    @ParameterizedTest
    @ValueSource(strings = {"Stir in the %s and season.", "Serve with %s.", "Toss w/ %s.", "Swap in %s.",
            "Chuck in a handful of %s.", "Serve hot with salt & %s."})
    void what_only_a_step_names_is_asked_about(String sentence) {
        var lost = new TreeSet<String>();
        for (var name : NAMES)
            if (!MADE.contains(name) && !WORK.contains(name)
                    && marks("A dish\n1 kg marrow\n\nMethod:\n1. " + sentence.formatted(name)) == 0)
                lost.add(name);
        assertThat(lost).isEmpty();
    }

    private static long marks(String recipe) {
        return Derivation.of(Recipe.read(recipe, Volumes.METRIC, HOME), FACTS).under(RuleBook.uk()).marks().size();
    }
}
