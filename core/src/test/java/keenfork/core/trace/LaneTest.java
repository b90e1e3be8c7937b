package keenfork.core.trace;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.derived;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import keenfork.core.food.Substances;
import org.junit.jupiter.api.Test;

class LaneTest {
    private static List<String> lanes(Derivation derivation) {
        return EntryStep.of(derivation, UK).stream()
                .map(l -> l.mark().group().id() + ":" + l.step() + (l.hasLastMoment() ? "" : ":none")).toList();
    }

    @Test
    void an_allergen_goes_in_at_the_first_step_that_names_its_food_or_its_part() {
        var salad = derived("Base:", "1.8 kg cracked freekeh", "4 red onions", "Dressing:", "2½ cups tahini",
                "1 cup water", "Topping:", "350 g pistachios",
                "Method:", "Simmer the freekeh 20 min.", "Pour water over the onions.",
                "Blend the dressing, pour over.", "Scatter the pistachios.");
        assertThat(lanes(salad)).containsExactly("gluten:0:none", "sesame:2", "nuts:3");
    }

    /// Too early is harmless, too late would hide an allergen.
    @Test
    void what_no_step_names_is_in_from_the_start() {
        assertThat(lanes(derived("1 kg potatoes", "100 g walnuts", "Method:", "Boil the potatoes.", "Season.")))
                .containsExactly("nuts:-1:none");
    }

    /// "the spices" may be the mustard that a later step names again.
    @Test
    void a_loose_word_takes_all_that_it_may_mean() {
        assertThat(lanes(derived("1 kg potatoes", "1 tsp mustard seeds", "Method:", "Boil the potatoes.",
                "Fry the spices.", "Add the mustard."))).containsExactly("mustard:1");
        assertThat(
                lanes(derived("1 kg potatoes", "1 tbsp spice mix", "Method:", "Boil the potatoes.", "Fry the spices."))
                        .getFirst()).endsWith(":1");
    }

    @Test
    void a_topping_that_no_step_names_goes_on_at_the_end() {
        assertThat(lanes(derived("Base:", "1 kg potatoes", "Topping:", "100 g walnuts", "Method:", "Boil the potatoes.",
                "Season."))).containsExactly("nuts:2");
    }

    @Test
    void everything_means_everything() {
        assertThat(lanes(derived("1 kg potatoes", "100 g walnuts", "50 g feta", "Method:", "Boil the potatoes.",
                "Mix everything."))).containsExactly("milk:1", "nuts:1");
    }

    @Test
    void one_of_a_group_that_goes_in_early_decides_for_the_group() {
        assertThat(lanes(derived("50 g almonds", "100 g walnuts", "1 lettuce", "Method:", "Tear the lettuce.",
                "Add the almonds.", "Scatter the walnuts."))).containsExactly("nuts:1");
    }

    @Test
    void what_a_step_alone_names_goes_in_at_that_step() {
        assertThat(lanes(derived("1 kg peas", "1 lemon", "Method:", "Boil the peas.", "Finish with butter.")))
                .containsExactly("milk:1");
    }

    @Test
    void contact_is_there_from_the_start_and_without_steps_there_are_no_lanes() {
        var facts = new Facts(UK, List.of(new Fact.Contact("A dish", "Base",
                List.of(Substances.shipped().find("sesame").orElseThrow()), "after tahini on the blender")));
        var recipe = keenfork.core.Kit.aDish("1 kg peas", "Method:", "Boil the peas.", "Blend.");
        assertThat(lanes(Derivation.of(recipe, facts))).containsExactly("sesame:-1:none");
        assertThat(lanes(derived("1 egg"))).isEmpty();
    }

    @Test
    void an_unread_line_is_in_every_lane() {
        assertThat(EntryStep.of(
                derived("1 kg potatoes", "2 tbsp zugwort", "Method:", "Boil the potatoes.", "Stir in the zugwort."),
                UK)).hasSize(14).allSatisfy(l -> assertThat(l.step()).isEqualTo(1));
    }
}
