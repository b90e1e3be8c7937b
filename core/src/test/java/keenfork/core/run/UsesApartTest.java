package keenfork.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/// The largest clique, against every subset gone through.
class UsesApartTest {
    @Property(tries = 200)
    void it_is_the_largest_of_all_subsets(@ForAll @IntRange(max = 11) int uses, @ForAll long pairs) {
        assertThat(new UsesApart(uses, (a, b) -> areApart(pairs, a, b)).most()).isEqualTo(IntStream.range(0, 1 << uses)
                .filter(set -> isClique(set, pairs)).map(Integer::bitCount).max().orElse(0));
    }

    /// taking each use that fits those before it finds two here, the first of them beside another
    @Test
    void the_first_that_fits_is_not_always_part_of_it() {
        UsesApart.Pairs apart = (a, b) -> Math.min(a, b) == 0 ? Math.max(a, b) == 1 : Math.min(a, b) > 1;
        assertThat(new UsesApart(5, apart).most()).isEqualTo(3);
    }

    private static boolean isClique(int set, long pairs) {
        return IntStream.range(0, Integer.SIZE).filter(a -> (set >> a & 1) == 1).allMatch(a -> IntStream.range(0, a)
                .filter(b -> (set >> b & 1) == 1).allMatch(b -> areApart(pairs, a, b)));
    }

    private static boolean areApart(long pairs, int one, int other) {
        return (pairs >> (Math.max(one, other) * 7 + Math.min(one, other) * 3) % Long.SIZE & 1) == 1;
    }
}
