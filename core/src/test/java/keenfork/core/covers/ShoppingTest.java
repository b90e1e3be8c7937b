package keenfork.core.covers;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/// What must be there to make a menu.
class ShoppingTest {
    private static final Recipe DRESSING = read("Rope dressing\nServes 10\n300 g tahini\n100 g lemon juice\n"
            + "100 ml water");
    private static final Recipe SALAD =
            read("Rope salad\nServes 10\n1 kg cooked chickpeas\n250 g Rope dressing\nsalt, to taste");
    private static final Recipe SLAW = read("Rope slaw\nServes 4\n400 g cabbage\n60 g tahini");
    private static final Facts FACTS =
            new Facts(UK, Stream.of(DRESSING, SALAD, SLAW).<Fact>map(Fact.OtherDish::new).toList());

    private static Recipe read(String text) { return Recipe.read(text, Volumes.METRIC, new Law("uk")); }

    private static Shopping shopping(int salads, int slaws) {
        return Shopping.of(List.of(new Shopping.Made(Derivation.of(SALAD, FACTS), salads),
                new Shopping.Made(Derivation.of(SLAW, FACTS), slaws)), UK);
    }

    private static Shopping.Need need(Shopping list, String food) {
        return list.needs().stream().filter(n -> n.food().equals(food)).findFirst().orElseThrow();
    }

    /// 20 salads take twice 250 g of a dressing of 500 g, so 300 g of tahini; 8 slaws twice 60 g.
    @Test
    void what_goes_into_several_dishes_and_into_what_they_use_is_one_sum() {
        var list = shopping(20, 8);
        assertThat(need(list, "tahini").mass().likelyGrams()).isCloseTo(300 + 120, within(1.0));
        assertThat(need(list, "tahini").dishes()).containsExactly("Rope salad", "Rope slaw");
        assertThat(need(list, "tahini").holds()).extracting(g -> g.id()).containsExactly("sesame");
        assertThat(need(list, "salt").isWhole()).isFalse();
        assertThat(list.needs()).as("nobody buys water").noneMatch(n -> n.food().equals("water"));
        assertThat(list.needs()).isSortedAccordingTo(java.util.Comparator.comparing(Shopping.Need::food));
    }

    @Test
    void a_dish_nobody_eats_needs_nothing_and_one_without_portions_stands_as_written() {
        assertThat(shopping(0, 4).needs()).extracting(Shopping.Need::food).containsExactly("cabbage", "tahini");
        var odd = Derivation.of(read("Odd\n700 g carrots"), Facts.none(UK));
        var list = Shopping.of(List.of(new Shopping.Made(odd, 40)), UK);
        assertThat(list.unscaled()).containsExactly("Odd");
        assertThat(need(list, "carrot").mass().likelyGrams()).isCloseTo(700, within(1.0));
    }

    /// Dishes that use each other in a ring end.
    @Test
    void a_ring_ends() {
        var one = read("Ring one\n200 g Ring two\n100 g rice");
        var two = read("Ring two\n200 g Ring one\n100 g oats");
        var facts = new Facts(UK, List.of(new Fact.OtherDish(one), new Fact.OtherDish(two)));
        assertThat(Shopping.of(List.of(new Shopping.Made(Derivation.of(one, facts), 1)), UK).needs())
                .extracting(Shopping.Need::food).contains("rice", "oat");
    }

    @Property(tries = 100)
    void twice_the_plates_need_twice_as_much(@ForAll @IntRange(min = 1, max = 500) int plates) {
        var once = need(shopping(plates, plates), "tahini").mass().likelyGrams();
        assertThat(need(shopping(2 * plates, 2 * plates), "tahini").mass().likelyGrams())
                .isCloseTo(2 * once, within(once / 1000 + 0.01));
    }
}
