package keenfork.core.covers;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import keenfork.core.measure.Mass;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/// What is bought of what is needed, and what of it goes on a plate.
class ProvisionTest {
    private static Shopping.Need need(long low, long likely, long high) {
        return new Shopping.Need("tahini", new Mass(low * 1_000_000, likely * 1_000_000, high * 1_000_000), true,
                List.of("Dip"), List.of(UK.group("sesame").orElseThrow()), false);
    }

    @Test
    void packs_are_whole_and_what_is_there_is_not_bought() {
        var buying = new Provision(400, 250, "", Optional.empty()).buying(need(900, 1000, 1100));
        assertThat(buying.grams()).isEqualTo(750);
        assertThat(buying.packs()).isEqualTo(2);
        assertThat(buying.shortBy()).as("250 and 800 g are enough for 1,050 g").isEqualTo(50);
        assertThat(new Provision(0, 0, "", Optional.empty()).buying(need(900, 1000, 1100)).packs()).isZero();
        assertThat(new Provision(400, 2000, "", Optional.empty()).buying(need(900, 1000, 1100)).isThere()).isTrue();
        assertThat(new Provision(500, 0, "", Optional.empty()).buying(need(1000, 1000, 1000)).packs())
                .as("no pack too many")
                .isEqualTo(2);
    }

    @Property
    void what_is_there_and_bought_is_enough_and_a_pack_less_would_not_be(
            @ForAll @IntRange(min = 1, max = 5000) int pack,
            @ForAll @IntRange(max = 9000) int have, @ForAll @IntRange(min = 1, max = 20_000) int likely) {
        var buying = new Provision(pack, have, "", Optional.empty()).buying(need(likely, likely, likely));
        assertThat(have + (long) buying.packs() * pack).isGreaterThanOrEqualTo(likely);
        if (buying.packs() > 0) assertThat(have + (buying.packs() - 1L) * pack).isLessThan(likely);
        assertThat(buying.shortBy()).isZero();
    }

    private static PerPlate dressing(String text) {
        return PerPlate.of(Recipe.read(text, Volumes.METRIC, new Law("uk"))).orElseThrow();
    }

    /// 30–40 g of dressing a plate, 15–25 g to 100 g of leaf: common practice. A small plate of a buffet is no fault.
    @Test
    void a_plate_has_so_much_dressing_and_too_much_of_it_is_said() {
        var usual = dressing("Slaw\nServes 10\n1 kg cabbage\nDressing:\n300 g yoghurt\n50 g lemon juice");
        assertThat(usual.dressing().likelyGrams()).isCloseTo(35, within(0.01));
        assertThat(usual.toHundred()).isCloseTo(35, within(0.01));
        assertThat(usual.isMuch()).isFalse();
        assertThat(dressing("Slaw\nServes 4\n1 kg cabbage\nDressing:\n400 g yoghurt").isMuch()).isTrue();
        assertThat(dressing("Slaw\nServes 4\n3 kg cabbage\nDressing:\n400 g yoghurt").isMuch())
                .as("a large plate takes more").isFalse();
        assertThat(dressing("Slaw\nServes 40\n4 kg cabbage\nDressing:\n400 g yoghurt").isMuch()).isFalse();
        assertThat(dressing("Slaw\nServes 10\n1 kg cabbage\n350 g @Lemon dressing").dressing().likelyGrams())
                .isCloseTo(35, within(0.01));
        var topped = dressing("Slaw\nServes 4\n1 kg cabbage\nTopping:\n80 g walnuts");
        assertThat(topped.dressing().likely()).isZero();
        assertThat(topped.topping().likelyGrams()).isCloseTo(20, within(0.01));
        assertThat(PerPlate.of(Recipe.read("Slaw\n1 kg cabbage\nDressing:\n400 g yoghurt", Volumes.METRIC,
                new Law("uk")))).as("nobody knows for how many it is").isEmpty();
    }
}
