package keenfork.core.run;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import keenfork.core.food.Substance;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/// Hands, spoon and cloth go from dish to dish though no step names them. Common practice: they are washed and changed
/// between two dishes whose allergens differ.
class InHandTest {
    private static final String TAHINI = "Sesame dip\n1 kg tahini\nMethod:\nBlend the tahini smooth.";
    private static final String PEAS = "Pea dip\n1 kg peas\nMethod:\nMash the peas in a bowl.";

    private static Schedule schedule(int cooks, String... texts) { return run(cooks, List.of(texts)).schedule(); }

    private static PrepRun run(int cooks, List<String> texts) {
        var batches = texts.stream().flatMap(t -> Batch.of(Derivation.of(
                Recipe.read(t, Volumes.METRIC, new Law("uk")), Facts.none(UK))).stream()).toList();
        return Sequencer.washed(batches, Conditions.USUAL.with(new Day(cooks, 600)));
    }

    private static Stream<String> held(Schedule schedule, String dish) {
        return schedule.placed().stream().filter(p -> p.dish().equals(dish))
                .flatMap(p -> p.held().stream().map(Substance::id));
    }

    @Test
    void hands_are_changed_between_two_dishes_that_share_no_piece() {
        var one = schedule(1, TAHINI, PEAS);
        var peas = one.placed().stream().filter(p -> p.dish().equals("Pea dip")).findFirst().orElseThrow();
        var sesame = one.placed().stream().filter(p -> p.dish().equals("Sesame dip")).findFirst().orElseThrow();
        assertThat(held(one, "Pea dip")).containsExactly("sesame");
        assertThat(peas.from()).as("a minute for it").isGreaterThan(sesame.hands());
        assertThat(held(one, "Sesame dip")).as("peas bring nothing that a rule book groups").isEmpty();
    }

    @Test
    void two_cooks_bring_each_other_nothing() {
        assertThat(schedule(2, TAHINI, PEAS).placed()).noneMatch(Schedule.Placed::isFresh);
    }

    @Test
    void what_is_surely_in_both_needs_no_change() {
        assertThat(schedule(1, TAHINI, "Sesame cream\n1 kg tahini\n1 lemon\nMethod:\nStir in a bowl.").placed())
                .noneMatch(Schedule.Placed::isFresh);
    }

    /// The dressing has no nuts yet when it is stirred; a topping of nuts that comes off is no reason to spare the
    /// hands.
    @Test
    void what_comes_off_does_not_count_as_being_there() {
        var salad =
                "Salad\nBase:\n1 kg rice\nTopping:\n100 g walnuts\nMethod:\nStir the rice in a bowl.\n"
                        + "Chop the walnuts.\n"
                        + "Scatter the walnuts.";
        var run = run(1, List.of("Pesto\n500 g walnuts\nMethod:\nBlend the walnuts.", salad));
        var stir = run.schedule().placed().stream().filter(p -> p.text().startsWith("Stir the rice")).findFirst()
                .orElseThrow();
        var pesto = run.schedule().placed().stream().filter(p -> p.dish().equals("Pesto")).findFirst().orElseThrow();
        assertThat(pesto.from()).isLessThan(stir.from());
        assertThat(stir.held()).extracting(Substance::id).containsExactly("walnut");
    }

    @Provide
    Arbitrary<List<String>> menus() {
        var dish =
                Arbitraries.of("500 g rice\n100 g tahini", "300 g carrots\n50 g almonds", "200 g feta\n100 g walnuts",
                        "400 g bread\n2 eggs", "1 kg peas");
        var step = Arbitraries.of("Blend.", "Stir in a bowl.", "Simmer 20 min.", "Toss everything.", "Chop.");
        return dish.flatMap(d -> step.list().ofMinSize(1).ofMaxSize(3).map(s -> d + "\nMethod:\n"
                + String.join("\n", s))).list().ofMinSize(2).ofMaxSize(6).map(texts -> {
                    var at = new int[1];
                    return texts.stream().map(t -> "Dish " + ++at[0] + "\n" + t).toList();
                });
    }

    /// Followed by hand: what a cook has touched since the last change, less what the next dish surely holds.
    @Property(tries = 500)
    void nothing_travels_in_hand(@ForAll("menus") List<String> menu,
            @ForAll @IntRange(min = 1, max = 3) int cooks) {
        var run = run(cooks, menu);
        Map<Integer, Map<Integer, Set<Substance>>> touched = new HashMap<>();
        Map<Integer, Schedule.Placed> last = new HashMap<>();
        for (var p : run.schedule().onTheDay()) {
            if (p.kind() != Schedule.Slot.TASK) continue;
            var batch = run.turns().get(p.turn()).batch();
            var held = touched.computeIfAbsent(p.cook(), _ -> new HashMap<>());
            var before = last.put(p.cook(), p);
            if (p.isFresh()) {
                assertThat(before).isNotNull();
                assertThat(p.from() - before.hands()).as("minutes to change in").isPositive();
                held.clear();
            }
            var surely = new LinkedHashSet<Substance>();
            for (var use : batch.uses()) surely.addAll(use.there());
            held.forEach((turn, of) -> {
                if (turn != p.turn()) assertThat(surely).as("%s, hands from %s", p.what(), before).containsAll(of);
            });
            var own = held.computeIfAbsent(p.turn(), _ -> new LinkedHashSet<>());
            for (var use : batch.uses()) own.addAll(use.by(p.task()));
        }
    }
}
