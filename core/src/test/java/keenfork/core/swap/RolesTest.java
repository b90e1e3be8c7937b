package keenfork.core.swap;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidance;
import keenfork.core.recipe.Recipe;
import keenfork.core.search.Budget;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What a line does in its dish: facts of the trade, common practice.
class RolesTest {
    private static Recipe read(String text) {
        return Recipe.read(text.replace('/', '\n'), Volumes.METRIC, new Law("uk"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "Dressing/4 egg yolks/500 ml sunflower oil/20 g mustard | egg | EMULSION",
            "Salad/2 kg potatoes/4 boiled eggs, quartered/300 g mayonnaise | eggs | GARNISH",
            "Salad/2 kg potatoes/4 boiled eggs, quartered/300 g mayonnaise | mayonnaise | EMULSION",
            "Salad/1 kg kale/50 g walnuts/Method:/Scatter the walnuts over. | walnuts | CRUNCH",
            "Sauce/1 kg peppers/200 g walnuts/Method:/Blend the peppers with the walnuts. | walnuts | BODY",
            "Dip/1 kg chickpeas/200 g tahini/20 g sesame seeds | sesame | GARNISH",
            "Dip/1 kg chickpeas/To serve:/6 flatbreads | flatbreads | DIPPER",
            "Soup/1 kg tomatoes/300 g bread/Method:/Soak the bread and blend it with the tomatoes. | bread | BINDER",
            "Dressing/200 ml oil/80 ml vinegar/20 g salt | vinegar | ACID",
            "Dressing/200 ml fish sauce/300 ml lime juice | fish sauce | SALT_UMAMI",
            "Dressing/200 ml fish sauce/100 g palm sugar | sugar | SWEETNESS",
            "Salad/1 kg farro/200 g feta | farro | BULK", "Cake/200 g flour/200 g sugar | flour | BINDER"})
    void each_line_has_the_role_a_cook_gives_it(String text, String word, Role role) {
        var recipe = read(text);
        var line = recipe.lines().stream().filter(l -> l.text().contains(word)).findFirst().orElseThrow();
        assertThat(Roles.of(recipe).of(line)).isEqualTo(role);
    }

    private static List<Plan> plans(Context kitchen, String text, String avoid) {
        return new SwapPlanner(kitchen, List.of(Avoidance.parse(avoid, UK).orElseThrow()))
                .plan(read(text), 5, Budget.USUAL).best();
    }

    private static Context kitchen() { return new Context(Facts.none(UK), UK, Volumes.METRIC); }

    /// Never aquafaba for a quartered egg, nor seed butter for sesame on top.
    @Test
    void a_swap_fits_the_role() {
        var salad = "Salad/2 kg potatoes/8 boiled eggs, quartered/Method:/Lay the quartered eggs on top.";
        assertThat(plans(kitchen(), salad, "eggs")).isNotEmpty()
                .noneMatch(p -> p.moves().toString().contains("aquafaba"));
        var dip = "Dip/1 kg chickpeas/20 g sesame seeds/Method:/Scatter with the sesame seeds.";
        assertThat(plans(kitchen(), dip, "sesame")).isNotEmpty()
                .noneMatch(p -> p.moves().toString().contains("seed butter"));
    }

    @Test
    void a_cook_who_knows_better_says_what_a_line_does() {
        var dish = "Salad/1 kg kale/100 g cashews/Method:/Toss the kale.";
        assertThat(plans(kitchen(), dish, "nuts"))
                .noneMatch(p -> p.moves().toString().contains("cashew-sunflower-cream"));
        var told = kitchen().withRoles(Map.of("100 g cashews", Role.BODY));
        assertThat(plans(told, dish, "nuts")).anyMatch(p -> p.moves().toString().contains("cashew-sunflower-cream"));
    }

    /// Salt is not left out with the line that brought it, and what the dish is named after stays.
    @Test
    void the_main_salt_acid_body_or_name_of_a_part_is_not_simply_left_out() {
        assertThat(plans(kitchen(), "Dressing/100 ml fish sauce/900 ml lime juice/400 g sugar", "fish"))
                .noneMatch(p -> p.moves().stream().anyMatch(Move.LeaveOut.class::isInstance));
        assertThat(plans(kitchen(), "Walnut salad/1 kg kale/40 g walnuts", "nuts"))
                .noneMatch(p -> p.moves().stream().anyMatch(Move.LeaveOut.class::isInstance));
        assertThat(plans(kitchen(), "Salad/1 kg kale/40 g walnuts", "nuts"))
                .anyMatch(p -> p.moves().stream().anyMatch(Move.LeaveOut.class::isInstance));
    }

    /// The mayonnaise is not made anew for somebody who avoids celery: its pack is read.
    @Test
    void reading_the_pack_is_always_among_the_plans_where_it_would_do() {
        var dip = "Dip/1 kg potatoes/300 g mayonnaise/30 g walnuts";
        assertThat(plans(kitchen(), dip, "celery").getFirst().moves()).singleElement()
                .isInstanceOf(Move.ReadPack.class);
        assertThat(plans(kitchen(), dip, "celery").getFirst().unknown()).as("and it says so").isEqualTo(1);
        assertThat(new SwapPlanner(kitchen(), List.of(Avoidance.parse("celery", UK).orElseThrow()))
                .plan(read(dip), 1, Budget.USUAL).best().getFirst().moves()).as("one plan is the first of five")
                        .isEqualTo(plans(kitchen(), dip, "celery").getFirst().moves());
        var both = new SwapPlanner(kitchen(), List.of(Avoidance.parse("celery", UK).orElseThrow(),
                Avoidance.parse("walnut", UK).orElseThrow())).plan(read(dip), 5, Budget.USUAL).best();
        assertThat(both).anyMatch(p -> p.moves().stream().anyMatch(Move.ReadPack.class::isInstance)
                && p.moves().stream().anyMatch(Move.Replace.class::isInstance));
    }

    /// Common practice: a litre of oil wants 200 to 250 g of aquafaba, however many yolks there were.
    @Test
    void aquafaba_is_weighed_by_the_oil() {
        var plan = plans(kitchen(), "Dressing/8 egg yolks/1000 g sunflower oil/120 ml lemon juice", "eggs").stream()
                .filter(p -> p.moves().toString().contains("aquafaba")).findFirst().orElseThrow();
        assertThat(plan.moves().getFirst().goesIn().getFirst().mass().likelyGrams()).isBetween(200.0, 250.0);
    }
}
