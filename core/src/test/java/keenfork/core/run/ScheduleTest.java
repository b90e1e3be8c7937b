package keenfork.core.run;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScheduleTest {
    private static Batch batch(String text) { return Batch.of(Derivation.of(Recipe.read(text, Volumes.METRIC, new Law("uk")), Facts.none(UK))).orElseThrow(); }

    private static Schedule schedule(int cooks, String... texts) {
        return Schedule.of(Sequencer.washed(Stream.of(texts).map(ScheduleTest::batch).toList(), School.STRICT), cooks);
    }

    /// Times of the trade, common practice; what a step says itself goes before.
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', value = {"Simmer the barley 35 min, drain and cool. | 35", "Simmer 10–15 min. | 15", "Roast 1 hour at 200 °C. | 60", "Toast, simmer 15 min, fluff, cool 10 min. | 25", "Roast the carrots. | 40",
            "Chill. | 60", "Slice the cucumbers. | 0", "Soak overnight. | 0"})
    void a_step_waits_as_long_as_it_says_or_as_usual(String step, int minutes) {
        assertThat(Task.of(step).waits()).isEqualTo(minutes);
    }

    @Test void while_one_thing_simmers_the_cook_does_another() {
        var salad = "Salad\n1 kg rice\nMethod:\nSimmer the rice 40 min.";
        var slaw = "Slaw\n1 kg cabbage\nMethod:\nShred the cabbage.";
        var schedule = schedule(1, salad, slaw);
        assertThat(schedule.minutes()).isEqualTo(45);
        assertThat(schedule.placed()).extracting(Schedule.Placed::dish).containsExactly("Salad", "Slaw");
        assertThat(schedule.lateBy(40)).isEqualTo(5);
        assertThat(schedule.lateBy(60)).isZero();
    }

    @Test void a_soak_is_laid_on_the_day_before_and_takes_no_time_of_the_day() {
        var schedule = schedule(2, "Hummus\n1 kg chickpeas\nMethod:\nSoak the chickpeas overnight.\nSimmer 60 min.\nBlend smooth.");
        assertThat(schedule.placed().getFirst().kind()).isEqualTo(Schedule.Kind.DAY_BEFORE);
        assertThat(schedule.minutes()).isEqualTo(5 + 60 + 10);
    }

    @Test void a_wash_takes_the_kit_and_a_pair_of_hands_before_the_batch() {
        var schedule = schedule(1, "Almond cream\n200 g almonds\nMethod:\nBlend smooth.", "Pea dip\n1 kg peas\nMethod:\nBlend smooth.");
        assertThat(schedule.placed()).extracting(p -> p.kind().name() + " " + p.from() + "–" + p.until()).containsExactly("TASK 0–10", "CLEAN 10–18", "TASK 18–28");
        assertThat(schedule.placed().get(1).text()).isEqualTo("blender washed");
    }

    @Provide Arbitrary<List<String>> menus() {
        var step = Arbitraries.of("Simmer the rice 20 min.", "Blend the tahini.", "Slice the carrots.", "Toss everything.", "Scatter the almonds.", "Roast the carrots 30 min.", "Soak the rice overnight.", "Deep-fry the carrots.", "Chill.");
        return step.list().ofMinSize(1).ofMaxSize(5).map(steps -> "\n500 g rice\n100 g tahini\n300 g carrots\n50 g almonds\nMethod:\n" + String.join("\n", steps)).list().ofMinSize(1).ofMaxSize(7)
                .map(texts -> {
                    var named = new ArrayList<String>();
                    for (var i = 0; i < texts.size(); i++) named.add("Dish " + i + texts.get(i));
                    return List.copyOf(named);
                });
    }

    @Property(tries = 300) void nothing_and_nobody_is_booked_twice(@ForAll("menus") List<String> menu, @ForAll @IntRange(min = 1, max = 4) int cooks) {
        var batches = menu.stream().flatMap(t -> Batch.of(Derivation.of(Recipe.read(t, Volumes.METRIC, new Law("uk")), Facts.none(UK))).stream()).toList();
        var run = Sequencer.washed(batches, School.STRICT);
        var day = Schedule.of(run, cooks).placed().stream().filter(p -> p.kind() != Schedule.Kind.DAY_BEFORE).toList();
        for (var a : day)
            for (var b : day) {
                if (a == b) continue;
                if (a.cook() == b.cook()) assertThat(a.hands() <= b.from() || b.hands() <= a.from()).as("hands: %s, %s", a, b).isTrue();
                if (a.kit().stream().anyMatch(b.kit()::contains)) {
                    assertThat(a.until() <= b.from() || b.until() <= a.from()).as("kit: %s, %s", a, b).isTrue();
                    if (a.turn() < b.turn()) assertThat(a.until()).as("batches keep their order on a kit").isLessThanOrEqualTo(b.from());
                }
            }
        for (var turn = 0; turn < run.turns().size(); turn++) {
            var at = turn;
            var tasks = day.stream().filter(p -> p.turn() == at && p.kind() == Schedule.Kind.TASK).toList();
            for (var i = 1; i < tasks.size(); i++) assertThat(tasks.get(i).from()).as("one after the other").isGreaterThanOrEqualTo(tasks.get(i - 1).until());
            assertThat(tasks).hasSize((int) run.turns().get(at).batch().tasks().stream().filter(t -> !t.dayBefore()).count());
        }
    }
}
