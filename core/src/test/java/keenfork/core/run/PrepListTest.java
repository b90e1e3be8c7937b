package keenfork.core.run;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;

/// Dried chickpeas are soaked the night before and leaves are dressed at the last moment: common practice.
class PrepListTest {
    private static Recipe read(String text) { return Recipe.read(text, Volumes.METRIC, new Law("uk")); }

    private static PrepList list(int portions, Recipe... recipes) {
        var facts = new Facts(UK, Stream.of(recipes).<Fact>map(Fact.OtherDish::new).toList());
        return PrepList.of(Stream.of(recipes)
                .flatMap(
                        r -> Batch.of(Derivation.of(r, facts), portions, List.of(), Equipment.USUAL.figures()).stream())
                .toList());
    }

    private static List<String> texts(List<PrepList.OfDish> dishes) {
        return dishes.stream().flatMap(d -> d.tasks().stream().map(t -> d.dish() + ": " + t.text())).toList();
    }

    @Test
    void soaks_come_the_day_before_and_dressing_at_the_last_moment() {
        var list = list(20, read("Salad\nServes 10\n1 kg dried chickpeas\n500 g rocket\n200 g olive oil\nMethod:\n"
                + "Soak the chickpeas overnight.\nSimmer the chickpeas until tender.\n"
                + "Toss the rocket with the oil just before serving."));
        assertThat(texts(list.dayBefore())).containsExactly("Salad: Soak the chickpeas overnight.");
        assertThat(texts(list.day())).containsExactly("Salad: Simmer the chickpeas until tender.");
        assertThat(texts(list.last())).containsExactly("Salad: Toss the rocket with the oil just before serving.");
        assertThat(list.dayBefore().getFirst().portions()).isEqualTo(20);
        assertThat(list.dayBefore().getFirst().tasks().getFirst().takes()).anyMatch(t -> t.startsWith("2 kg"));
    }

    @Test
    void what_goes_into_another_dish_is_made_before_it() {
        var list = list(10,
                read("Bowl\nServes 10\n1 kg lettuce\n300 g Harbour dressing\n"
                        + "Method:\nToss the lettuce with the dressing."),
                read("Harbour dressing\nServes 10\n200 g olive oil\n60 g lemon juice\n"
                        + "Method:\nWhisk the oil and the juice."));
        assertThat(list.day()).extracting(PrepList.OfDish::dish).containsExactly("Harbour dressing", "Bowl");
        assertThat(list.dayBefore()).isEmpty();
        assertThat(PrepList.of(List.of()).isEmpty()).isTrue();
    }

    /// One base goes into two bowls: what it weighs, the tubs it fills, and where it goes.
    @Test
    void a_base_says_what_it_comes_to_and_what_it_goes_into() {
        var recipes = List.of(read("Harbour dressing\nServes 10\n4 kg olive oil\n2 kg lemon juice\n"
                + "Method:\nWhisk the oil and the juice."),
                read("Bowl\nServes 10\n1 kg lettuce\n300 g Harbour dressing\nMethod:\nToss the lettuce."),
                read("Other bowl\nServes 10\n1 kg rocket\n300 g Harbour dressing\nMethod:\nToss the rocket."));
        var facts = new Facts(UK, recipes.stream().<Fact>map(Fact.OtherDish::new).toList());
        var yields = BatchYield.of(recipes.stream().flatMap(
                r -> Batch.of(Derivation.of(r, facts), 10, List.of(), Equipment.USUAL.figures()).stream()).toList(),
                2500);
        assertThat(yields.getFirst().goesInto()).containsExactly("Bowl", "Other bowl");
        assertThat(yields.getFirst().tubs()).as("6 kg").isEqualTo(3);
        assertThat(yields.getFirst().taken()).isCloseTo(600, org.assertj.core.api.Assertions.within(1.0));
        assertThat(yields.getFirst().isShort()).isFalse();
        assertThat(yields.getLast().goesInto()).isEmpty();
        assertThat(yields.getLast().tubs()).isEqualTo(1);
    }

    /// 300 g of it go into the bowl for ten, a portion weighs 26 g: 12 portions more than the 5 that are eaten.
    @Test
    void what_is_eaten_and_goes_into_another_dish_is_made_for_both() {
        var dressing = read("Harbour dressing\nServes 10\n200 g olive oil\n60 g lemon juice");
        var bowl = read("Bowl\nServes 10\n1 kg lettuce\n300 g Harbour dressing");
        var facts = new Facts(UK, List.<Fact>of(new Fact.OtherDish(dressing), new Fact.OtherDish(bowl)));
        var recipes = List.of(Derivation.of(bowl, facts).recipe(), dressing);
        assertThat(Flow.portionsFor(recipes, Map.of("bowl", 10, "harbour dressing", 5)))
                .containsEntry("harbour dressing", 5 + 12).containsEntry("bowl", 10);
        assertThat(Flow.portionsFor(recipes, Map.of("bowl", 20))).containsEntry("harbour dressing", 24);
    }
}
