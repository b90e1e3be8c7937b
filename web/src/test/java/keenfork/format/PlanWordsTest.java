package keenfork.format;

import static org.assertj.core.api.Assertions.assertThat;

import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidances;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.search.Budget;
import keenfork.core.swap.Context;
import keenfork.core.swap.Plan;
import keenfork.core.swap.SwapPlanner;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;

class PlanWordsTest {
    /// The Food Standards Agency's advice for caterers: oil that food with an allergen was cooked in is not used for
    /// food that is to be without it.
    @Test
    void oil_and_water_that_others_are_cooked_in_are_told_apart() {
        var fried = plan("""
                Fritters
                Serves 10
                400 g courgettes
                200 g flour
                1 l sunflower oil
                Toss the courgettes in the flour and deep-fry them.""", "gluten");
        assertThat(PlanWords.prepare(fried))
                .contains("fryer oil: fresh, or what nothing that they avoid has been in; no wash clears it");
        var boiled = plan("""
                Pasta salad
                Serves 10
                1 kg penne
                200 g peas
                Boil the penne and peas in the pasta water.""", "gluten");
        assertThat(PlanWords.prepare(boiled)).anySatisfy(s -> assertThat(s).startsWith("pasta water: fresh"));
        assertThat(PlanWords.prepare(plan("Dip\nServes 10\n1 kg chickpeas\n100 g tahini\nBlend it all.", "sesame")))
                .noneMatch(s -> s.contains("fresh, or"));
    }

    private static Plan plan(String text, String avoid) {
        var uk = RuleBook.uk();
        var dish = Recipe.read(text, Volumes.METRIC, new Law("uk"));
        return new SwapPlanner(new Context(Facts.none(uk), uk, Volumes.METRIC), Avoidances.of(avoid, uk).all())
                .plan(dish, 5, Budget.USUAL).best().getFirst();
    }
}
