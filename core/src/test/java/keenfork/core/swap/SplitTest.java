package keenfork.core.swap;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import keenfork.core.food.Substances;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidance;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;

class SplitTest {
    private static final String SALAD =
            "Salad\nServes 10\nBase:\n1 kg millet\n500 g carrots\nDressing:\n200 g tahini\n100 ml water\nTopping:\n"
                    + "100 g pistachios\n50 g mint\n"
                    + "Method:\nSimmer the millet.\nGrate the carrots in.\nBlend the dressing, pour over.\n"
                    + "Scatter the pistachios.\nTear the mint over.";

    private static Optional<Split> split(String text, String... avoided) {
        return Split.of(Derivation.of(Recipe.read(text, Volumes.METRIC, new Law("uk")), Facts.none(UK)),
                Stream.of(avoided).map(a -> Avoidance.parse(a, UK).orElseThrow()).toList());
    }

    private static List<String> words(List<Line> lines) { return lines.stream().map(Line::text).toList(); }

    @Test
    void portions_are_taken_off_before_the_first_of_what_is_avoided() {
        var split = split(SALAD, "sesame").orElseThrow();
        assertThat(split.step()).isEqualTo(2);
        assertThat(split.clear().likelyGrams()).isEqualTo(1500);
        assertThat(split.portion()).isNotNull().satisfies(p -> assertThat(p.likelyGrams()).isEqualTo(150));
        assertThat(words(split.without())).containsExactly("200 g tahini");
        assertThat(words(split.still())).as("these go into both").containsExactly("100 ml water", "100 g pistachios",
                "50 g mint");
    }

    @Test
    void several_avoidances_are_clear_only_before_the_earliest() {
        assertThat(split(SALAD, "nuts").orElseThrow().step()).isEqualTo(3);
        assertThat(split(SALAD, "nuts", "sesame").orElseThrow().step()).isEqualTo(2);
        assertThat(split(SALAD, "celery")).as("nothing to take off for").isEmpty();
    }

    /// Pistachios are only scattered: they can wait for the mint.
    @Test
    void what_is_only_scattered_can_wait() {
        var split = split(SALAD, "nuts").orElseThrow();
        assertThat(words(split.movable())).containsExactly("100 g pistachios");
        assertThat(split.further()).isEqualTo(5);
        assertThat(split(SALAD, "sesame").orElseThrow().movable()).isEmpty();
    }

    @Test
    void what_is_in_from_the_start_cannot_be_split_off() {
        assertThat(split("Dip\nServes 4\n1 kg potatoes\n200 g tahini\nMethod:\nBlend everything.", "sesame")).isEmpty();
        assertThat(split("Dip\n1 kg potatoes\n200 g tahini\nMethod:\nBoil the potatoes.\nSeason.", "sesame"))
                .as("no step says when").isEmpty();
        assertThat(split("Dip\n1 kg potatoes\n200 g tahini", "sesame")).isEmpty();
        assertThat(
                split("Dip\n1 kg potatoes\n2 tbsp zugwort\nMethod:\nBoil the potatoes.\nStir in the zugwort.", "sesame")
                        .orElseThrow().step()).as("not known counts like in it").isEqualTo(1);
    }

    @Test
    void kit_that_held_it_leaves_no_clear_portion() {
        var recipe = Recipe.read(SALAD, Volumes.METRIC, new Law("uk"));
        var facts = new Facts(UK, List.of(new Fact.Contact("Salad", "Base", List.of(Substances.shipped().get("sesame")),
                "after tahini on the board")));
        assertThat(Split.of(Derivation.of(recipe, facts), List.of(Avoidance.parse("sesame", UK).orElseThrow())))
                .isEmpty();
    }

    @Test
    void without_a_number_of_portions_no_portion_is_weighed() {
        assertThat(split(SALAD.replace("Serves 10\n", ""), "nuts").orElseThrow().portion()).isNull();
    }
}
