package keenfork.core.covers;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidances;
import keenfork.core.recipe.Recipe;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/// How many plates are made of what people are likely to take.
class AppetiteTest {
    private static final MenuDish SLAW = dish("Slaw\nServes 10\n1 kg cabbage", "Salads");
    private static final MenuDish BEANS = dish("Beans\nServes 10\n1 kg green beans", "Salads");
    private static final MenuDish FETA = dish("Feta salad\nServes 10\n1 kg tomatoes\n300 g feta", "Salads");
    private static final MenuDish TORTE = dish("Torte\nServes 10\n1 kg potatoes", "Sweets");
    private static final List<MenuDish> MENU = List.of(SLAW, BEANS, FETA, TORTE);

    private static Derivation derived(String text) {
        return Derivation.of(Recipe.read(text, Volumes.METRIC, new Law("uk")), Facts.none(UK));
    }

    private static MenuDish dish(String text, String course) {
        return new MenuDish(derived(text), course, List.of());
    }

    private static GuestGroup group(int people, String avoids) {
        return new GuestGroup("g", people, Avoidances.of(avoids, UK));
    }

    private static List<Integer> plates(Appetite appetite, List<MenuDish> menu, List<GuestGroup> groups, int rest) {
        return appetite.plates(menu, groups, rest).stream().map(Appetite.Plates::many).toList();
    }

    @Test
    void everyone_takes_a_plate_of_all_that_they_can_eat() {
        assertThat(plates(Appetite.EVERY_DISH, MENU, List.of(group(4, "milk")), 6)).containsExactly(10, 10, 6, 10);
    }

    /// Two salads each of three: six take two thirds of each; four who eat no feta take all of the other two.
    @Test
    void who_can_eat_few_dishes_of_a_course_takes_more_of_these() {
        assertThat(plates(new Appetite(2, 0), MENU, List.of(group(4, "milk")), 6)).containsExactly(8, 8, 4, 10);
        assertThat(plates(new Appetite(1, 0), MENU, List.of(group(4, "milk")), 6)).containsExactly(4, 4, 2, 10);
    }

    @Test
    void so_much_more_is_made_on_top_and_never_a_part_of_a_plate() {
        assertThat(plates(new Appetite(0, 10), MENU, List.of(), 48)).containsExactly(53, 53, 53, 53);
    }

    @Test
    void a_variant_is_made_for_those_who_eat_it() {
        var plain = derived("Feta salad, plain\nServes 10\n1 kg tomatoes\nNo feta");
        var withVariant = new MenuDish(FETA.dish(), "Salads", List.of(plain));
        assertThat(plates(Appetite.EVERY_DISH, List.of(withVariant), List.of(group(4, "milk")), 6))
                .containsExactly(6, 4);
    }

    /// 500 covers at a buffet of three salads, two each, a tenth on top: 480 take two thirds of each, the twenty who
    /// eat no feta all of the two without. 1,000 plates are eaten and 1,100 made.
    @Test
    void five_hundred_covers_add_up() {
        var plates = plates(new Appetite(2, 10), MENU, List.of(group(20, "milk")), 480);
        assertThat(plates).containsExactly(374, 374, 352, 550);
        assertThat(plates.subList(0, 3).stream().mapToInt(Integer::intValue).sum()).isEqualTo(1100);
    }

    /// Two groups may be called and avoid the same: they are two.
    @Test
    void two_groups_alike_are_two() {
        assertThat(plates(new Appetite(2, 0), MENU, List.of(group(2, "milk"), group(2, "milk")), 6))
                .isEqualTo(plates(new Appetite(2, 0), MENU, List.of(group(4, "milk")), 6));
    }

    /// Nobody goes short of a course by it: all plates of it are as many as all take, who takes most a plate of each.
    @Property
    void of_a_course_as_much_is_made_as_its_guests_take(@ForAll @IntRange(min = 1, max = 60) int milk,
            @ForAll @IntRange(max = 200) int rest, @ForAll @IntRange(min = 1, max = 5) int helpings,
            @ForAll @IntRange(max = 50) int spare) {
        var plates = plates(new Appetite(helpings, spare), MENU, List.of(group(milk, "milk")), rest);
        var salads = IntStream.range(0, 3).map(plates::get).sum();
        assertThat(salads * 100L).isGreaterThanOrEqualTo(
                (100L + spare) * (milk * Math.min(2, helpings) + rest * Math.min(3, helpings)));
        assertThat(plates).allMatch(p -> p <= Math.ceil((milk + rest) * (100 + spare) / 100.0));
    }
}
