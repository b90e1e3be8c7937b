package keenfork.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.math.BigDecimal;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

class MeasureTest {
    @Test
    void a_third_stays_a_third() {
        var third = new Fraction(1, 3);
        assertThat(third.plus(third).plus(third)).isEqualTo(Fraction.ONE);
        assertThat(new Fraction(2, 6)).isEqualTo(third);
        assertThat(new Fraction(3, 2)).isGreaterThan(Fraction.ONE);
    }

    @Test
    void a_mass_cannot_exist_wrong() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Mass(2, 1, 3))
                .withMessageContaining("must rise from 0: 2, 1, 3");
        assertThatIllegalArgumentException().isThrownBy(() -> new Fraction(1, 0)).withMessageContaining("1/0");
        assertThatIllegalArgumentException().isThrownBy(() -> Span.parse("3-2-1")).withMessageContaining("3, 2, 1");
        assertThatIllegalArgumentException().isThrownBy(() -> Span.parse("a little")).withMessageContaining("a little");
        assertThatIllegalArgumentException().isThrownBy(() -> new Amount(Fraction.of(2), Fraction.ONE, Unit.G));
    }

    @Property
    void sums_do_not_depend_on_order(@ForAll @LongRange(max = 1_000_000) long a,
            @ForAll @LongRange(max = 1_000_000) long b, @ForAll @LongRange(max = 1_000_000) long c) {
        var x = Mass.ofGrams(a);
        var y = Mass.ofGrams(b);
        var z = Mass.ofGrams(c);
        assertThat(x.plus(y).plus(z)).isEqualTo(z.plus(x).plus(y));
    }

    @Property
    void fractions_never_overflow(@ForAll @LongRange(max = 1_000_000) long a,
            @ForAll @LongRange(min = 1, max = 1_000) long b, @ForAll @LongRange(max = 1_000_000) long c) {
        var product = new Fraction(a, b).times(Fraction.of(c));
        assertThat(product).isLessThanOrEqualTo(Fraction.of(1_000_000));
    }

    @Test
    void a_mass_times_a_range_widens() {
        assertThat(Mass.ofGrams(100).times(new BigDecimal("0.9"), new BigDecimal("1.1")))
                .isEqualTo(new Mass(90_000_000, 100_000_000, 110_000_000));
    }

    @Test
    void spoons_are_steps_a_cook_has_and_own_up_to_rounding() {
        assertThat(Spoons.of(250, Volumes.METRIC)).isEqualTo("1 cup");
        assertThat(Spoons.of(37.5, Volumes.METRIC)).isEqualTo("2½ tbsp");
        assertThat(Spoons.of(2.5, Volumes.METRIC)).isEqualTo("½ tsp");
        assertThat(Spoons.of(625, Volumes.METRIC)).isEqualTo("2½ cups");
        assertThat(Spoons.of(19, Volumes.METRIC)).isEqualTo("1½ tbsp (+18 %)");
        assertThat(Spoons.of(14.4, Volumes.METRIC)).as("not 2⅞ tsp").isEqualTo("1 tbsp");
        assertThat(Spoons.of(6.6, Volumes.METRIC)).as("nobody has an eighth beside a whole spoon")
                .isEqualTo("1½ tsp (+14 %)");
        assertThat(Spoons.of(0.2, Volumes.METRIC)).contains("%");
    }

    @Test
    void conventions_are_found_by_name() {
        assertThat(Volumes.named("us")).contains(Volumes.US);
        assertThat(Volumes.named("furlong")).isEmpty();
        assertThatIllegalArgumentException().isThrownBy(() -> Volumes.US.millilitres(Unit.G))
                .withMessageContaining("g is not a volume");
    }
}
