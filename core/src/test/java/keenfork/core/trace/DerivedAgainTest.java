package keenfork.core.trace;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.US;
import static keenfork.core.Kit.marks;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.food.Substances;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/// A dish that was derived before is what it would be if nobody had.
class DerivedAgainTest {
    /// few texts, so that much is the same in two kitchens; each uses the ones before it
    private static final List<Recipe> DISHES = List.of(
            dish("Tahini dressing", List.of("3 tbsp tahini", "2 tbsp zugwort"), ""),
            dish("Tahini dressing", List.of("3 tbsp tahini zugwort", "1 tsp mustard"), "\n\n1. Serve with soy sauce."),
            dish("Green pesto", List.of("40 g parmesan", "100 g almonds or cashews"), ""),
            dish("Bulgur salad", List.of("80 g bulgur", "300 g tahini dressing", "80 g green pesto"), ""),
            dish("Filled bread", List.of("2 slices bread", "400 g bulgur salad"), "\n\n1. Fry in butter."),
            dish("Rice", List.of("200 g rice", "100 g filled bread", "50 g mayonnaise\n> Rapeseed oil, egg."), ""));
    private static final List<String> PACKS = List.of("Sesame.", "Sesame. May contain nuts.", "Wheat, sulphites.", "");
    private static final List<String> FOODS = List.of("tahini", "mustard", "bread", "parmesan");

    /// A kitchen as it stands at one moment.
    private record AKitchen(List<Recipe> dishes, Facts facts) {
        /// {@return what a dish of another kitchen is here}
        Derivation derived(Recipe dish) { return Derivation.of(dish, facts); }
    }

    private static Recipe dish(String name, List<String> lines, String steps) {
        return Recipe.read(name + "\n" + String.join("\n", lines) + steps, Volumes.METRIC, new Law("uk"));
    }

    private static Fact.PackInUse pack(String food, String declaration, boolean inDate) {
        return new Fact.PackInUse(food, "The " + food, Declaration.read(declaration, new Law("uk")), "read", inDate);
    }

    private static Arbitrary<List<Recipe>> dishes() {
        return Arbitraries.of(DISHES).list().ofMinSize(1).ofMaxSize(5).uniqueElements(Recipe::name);
    }

    private static Arbitrary<Fact> facts() {
        var packs = Combinators.combine(Arbitraries.of(FOODS), Arbitraries.of(PACKS), Arbitraries.of(true, false))
                .as(DerivedAgainTest::pack);
        // a line may be linked to the very pack that its food takes anyway
        var linked = Arbitraries.of(PACKS).map(p -> pack("tahini", p, true));
        var links = Combinators.combine(Arbitraries.of(DISHES), linked.injectNull(0.3))
                .as((dish, pack) -> new Fact.LineUses(dish.name(), dish.lines().getFirst().text(), pack));
        var contacts = Combinators.combine(Arbitraries.of(DISHES), Arbitraries.of("almond", "sesame"))
                .as((dish, left) -> new Fact.Contact(dish.name(), "", List.of(Substances.shipped().get(left)),
                        "on a board"));
        return Arbitraries.oneOf(List.of(packs, linked, links, contacts));
    }

    @Provide
    Arbitrary<AKitchen> kitchens() {
        return Combinators.combine(dishes(), facts().list().ofMaxSize(5), Arbitraries.of(UK, US)).as(this::kitchen);
    }

    private AKitchen kitchen(List<Recipe> dishes, List<Fact> facts, RuleBook home) {
        var all = new ArrayList<>(facts);
        for (var dish : dishes) {
            all.add(new Fact.OtherDish(dish));
            // what reached a dish reached one of its parts, whatever that is called
            for (var fact : facts) if (fact instanceof Fact.Contact c && c.dish().equals(dish.name()))
                all.add(new Fact.Contact(c.dish(), dish.parts().getFirst().name(), c.substances(), c.how()));
        }
        return new AKitchen(dishes, new Facts(home, all));
    }

    @Property(tries = 3000)
    void what_was_derived_before_changes_nothing(@ForAll("kitchens") AKitchen before,
            @ForAll("kitchens") AKitchen now) {
        for (var dish : now.dishes) {
            var anew = now.derived(dish);
            var again = Derivation.of(dish, now.facts, before.derived(dish));
            assertThat(again).isEqualTo(anew);
            // and one of another dish by that name stands for nothing
            for (var other : before.dishes)
                assertThat(Derivation.of(dish, now.facts, before.derived(other))).isEqualTo(anew);
        }
    }

    @Test
    void a_dish_is_derived_again_only_where_something_it_rests_on_changed() {
        var dressing = dish("Tahini dressing", List.of("3 tbsp tahini"), "");
        var salad = dish("Bulgur salad", List.of("80 g bulgur", "300 g tahini dressing"), "");
        var bread = dish("Toast", List.of("2 slices bread"), "");
        var before = facts("Sesame.", dressing, salad, bread);
        var now = facts("Sesame. May contain nuts.", dressing, salad, bread);
        var toast = Derivation.of(bread, before);
        assertThat(Derivation.of(bread, now, toast).evidence()).as("bread takes no tahini").isSameAs(toast.evidence());
        var again = Derivation.of(salad, now, Derivation.of(salad, before));
        assertThat(marks(again, UK)).as("the dressing's pack changed").contains("nuts:may-contain", "sesame:contains");
        assertThat(again.facts()).isSameAs(now);
    }

    private static Facts facts(String declaration, Recipe... dishes) {
        var all = new ArrayList<Fact>();
        all.add(pack("tahini", declaration, true));
        for (var dish : dishes) all.add(new Fact.OtherDish(dish));
        return new Facts(UK, all);
    }
}
