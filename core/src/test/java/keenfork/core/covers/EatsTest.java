package keenfork.core.covers;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.derived;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import keenfork.core.people.Avoidance;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EatsTest {
    private static Eats eats(String avoids, String... lines) {
        return Eats.of(derived(lines),
                Arrays.stream(avoids.split(" ")).map(a -> Avoidance.parse(a, UK).orElseThrow()).toList());
    }

    @ParameterizedTest
    @CsvSource({"sesame, GOES_WITHOUT", "eggs, AS_MADE", "milk, HELD_BACK", "milk sesame, GOES_WITHOUT",
            "vegan, HELD_BACK", "honey, AS_MADE"})
    void a_dish_is_eaten_as_made_with_a_part_held_back_or_not_at_all(String avoids, Eats eats) {
        assertThat(eats(avoids, "Base:", "1 kg chickpeas", "3 tbsp tahini", "Topping:", "100 g yoghurt"))
                .isEqualTo(eats);
    }

    @Test
    void what_is_not_known_is_never_eaten_as_made() {
        assertThat(eats("sesame", "2 tbsp zugwort")).isEqualTo(Eats.CANNOT_SAY);
        assertThat(eats("nuts", "Base:", "2 tbsp zugwort", "Topping:", "100 g almonds")).as("what is left is not known")
                .isEqualTo(Eats.GOES_WITHOUT);
    }

    /// Once the topping is off, the step that scatters it puts nothing back; what another step forgot to list stays not
    /// known.
    @Test
    void a_step_about_the_topping_is_gone_with_it_and_no_other_is() {
        var dish = new String[] {"Base:", "1 kg rice", "Topping:", "50 g pistachios", "100 g yoghurt", "Method:",
                "Simmer the rice.", "Scatter the pistachios."};
        assertThat(eats("nuts", dish)).isEqualTo(Eats.HELD_BACK);
        dish[6] = "Blend some of the pistachios into the rice.";
        assertThat(eats("nuts", dish)).as("they are in the base, too").isEqualTo(Eats.GOES_WITHOUT);
        dish[6] = "Fry the rice in butter.";
        assertThat(eats("nuts", dish)).isEqualTo(Eats.HELD_BACK);
        assertThat(eats("milk", dish)).as("the butter is not the yoghurt").isEqualTo(Eats.GOES_WITHOUT);
    }

    @Test
    void a_food_named_on_a_line_or_its_pack_counts() {
        assertThat(eats("vinegar", "2 tbsp cider vinegar")).isEqualTo(Eats.GOES_WITHOUT);
        assertThat(eats("vinegar", "1 tbsp mustard", "pack: water, mustard seeds, spirit vinegar, salt"))
                .isEqualTo(Eats.GOES_WITHOUT);
        assertThat(eats("vinegar", "1 lettuce")).isEqualTo(Eats.AS_MADE);
    }

    @Provide
    Arbitrary<List<String>> dishes() {
        return Arbitraries.of("3 tbsp tahini", "100 g feta", "2 eggs", "1 lettuce", "50 g almonds", "2 tbsp zugwort",
                "1 tbsp miso").list().ofMinSize(1).ofMaxSize(5);
    }

    /// Whoever avoids more never eats more.
    @Property(tries = 200)
    void another_avoidance_never_opens_a_dish(@ForAll("dishes") List<String> lines) {
        var dish = lines.toArray(String[]::new);
        assertThat(eats("sesame eggs", dish).compareTo(eats("sesame", dish))).isGreaterThanOrEqualTo(0);
        assertThat(eats("sesame eggs vegan", dish).compareTo(eats("sesame eggs", dish))).isGreaterThanOrEqualTo(0);
    }
}
