package keenfork.core.swap;

import static keenfork.core.Kit.aDish;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import org.junit.jupiter.api.Test;

/// Salt summed over a whole dish: common practice.
class DishSaltTest {
    @Test
    void brine_and_cheese_count_as_well_as_the_salt() {
        var salt = DishSalt.of(aDish("1 kg potatoes", "10 g salt", "100 g feta", "50 g capers"));
        assertThat(salt.salt().likelyGrams()).isCloseTo(10 * 0.98 + 2.8 + 3, offset(0.8));
        assertThat(salt.percent()).isCloseTo(1.36, offset(0.1));
        assertThat(salt.percentLow()).isLessThan(salt.percent());
        assertThat(salt.isSalty()).isFalse();
    }

    /// A dip at 2 % is a slip of the pen: nobody eats it.
    @Test
    void a_slip_is_told() {
        assertThat(DishSalt.of(aDish("1 kg chickpeas", "40 g salt")).isSalty()).isTrue();
        assertThat(DishSalt.of(aDish("1 kg chickpeas", "10 g salt")).isSalty()).isFalse();
    }

    @Test
    void what_no_table_holds_is_told_and_not_counted_as_none() {
        assertThat(DishSalt.of(aDish("1 kg chickpeas", "100 g zugwort", "salt")).unknown()).hasSize(2);
    }
}
