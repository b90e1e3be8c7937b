package keenfork.core.swap;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidance;
import keenfork.core.recipe.Recipe;
import keenfork.core.search.Budget;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;

/// A dish that uses another as a part is not taken off whole: the part is planned inside.
class InsideTest {
    private static final List<Avoidance> SESAME = List.of(Avoidance.parse("sesame", UK).orElseThrow());

    private static Recipe read(String text) {
        return Recipe.read(text.replace('/', '\n'), Volumes.METRIC, new Law("uk"));
    }

    private static Plans plans(Recipe dish, Recipe... others) {
        var facts = new ArrayList<Fact>();
        for (var other : others) facts.add(new Fact.OtherDish(other));
        facts.add(new Fact.OtherDish(dish));
        return new SwapPlanner(new Context(new Facts(UK, facts), UK, Volumes.METRIC), SESAME).plan(dish, 5,
                Budget.USUAL);
    }

    private static final Recipe DRESSING = read("House dressing/300 g tahini/100 ml lemon juice/10 g salt");
    private static final Recipe SALAD = read("Salad/1 kg kale/200 g House dressing/Method:/Toss the kale in the "
            + "dressing.");

    @Test
    void the_dressing_is_changed_inside_and_the_salad_uses_its_variant() {
        var plan = plans(SALAD, DRESSING).best().getFirst();
        assertThat(plan.moves()).singleElement().isInstanceOfSatisfying(Move.Inner.class, m -> {
            assertThat(m.with().text()).isEqualTo("200 g House dressing without sesame");
            assertThat(m.plan().moves().toString()).contains("sunflower seed butter");
        });
        assertThat(SESAME.getFirst().against(plan.after())).isEqualTo(Avoidance.Answer.NOTHING);
        assertThat(plan.unknown()).isZero();
    }

    @Test
    void a_variant_that_the_kitchen_has_is_used_before_another_is_made() {
        var own = read("House dressing, no sesame/300 g sunflower seed butter/100 ml lemon juice");
        var plan = plans(SALAD, DRESSING, own).best().getFirst();
        assertThat(plan.moves()).singleElement().isInstanceOfSatisfying(Move.Choose.class,
                m -> assertThat(m.with().dish()).isEqualTo("House dressing, no sesame"));
    }

    /// Written down and read back, the salad uses the variant and holds no sesame.
    @Test
    void it_is_written_and_read_back() {
        var text = "Salad\n1 kg kale\n200 g House dressing\nMethod:\nToss the kale in the dressing.";
        var plan = plans(SALAD, DRESSING).best().getFirst();
        var kept = new Accepted(text, plan, SESAME, Facts.none(UK), t -> read(t)).asChange().orElseThrow();
        assertThat(kept).contains("200 g House dressing without sesame");
        var variant = ((Move.Inner) plan.moves().getFirst()).plan().after().recipe();
        var facts = new Facts(UK, List.of(new Fact.OtherDish(DRESSING), new Fact.OtherDish(
                new Recipe("House dressing without sesame", 0, "", variant.parts(), variant.steps()))));
        assertThat(SESAME.getFirst().against(Derivation.of(read(kept), facts))).isEqualTo(Avoidance.Answer.NOTHING);
    }
}
