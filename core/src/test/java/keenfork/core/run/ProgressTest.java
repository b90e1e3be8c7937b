package keenfork.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalTime;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ProgressTest {
    private static final String NUTS = "Almond cream\n1 kg almonds\nMethod:\nBlend smooth.";
    private static final String PLAIN = "Pea dip\n1 kg peas\nMethod:\nBlend smooth.\nStir the dip.";

    private static PrepRun washed() {
        var facts = Facts.none(RuleBook.named("uk").orElseThrow());
        var batches = Stream.of(NUTS, PLAIN)
                .map(t -> Batch.of(Derivation.of(Recipe.read(t, Volumes.METRIC, new Law("uk")), facts)).orElseThrow())
                .toList();
        return Sequencer.washed(batches, Conditions.USUAL.with(new Day(1, 600)));
    }

    private static Done done(PrepRun run, int... places) {
        var marks = new HashSet<Done.Mark>();
        for (var place : places) marks.add(Done.mark(run.schedule().placed().get(place)));
        return new Done(marks);
    }

    @Test
    void each_cook_sees_what_is_now_what_to_wash_and_what_is_next() {
        var run = washed();
        var at = Progress.of(run, Done.NOTHING, 0).cooks().getFirst();
        assertThat(at.now()).hasValueSatisfying(p -> assertThat(p.dish()).isEqualTo("Almond cream"));
        assertThat(at.washes()).singleElement().satisfies(p -> assertThat(p.what())
                .isEqualTo("blender washed, before Pea dip"));
        assertThat(at.next()).hasValueSatisfying(p -> assertThat(p.dish()).isEqualTo("Pea dip"));
        var then = Progress.of(run, done(run, 0, 1), 10).cooks().getFirst();
        assertThat(then.now()).hasValueSatisfying(p -> assertThat(p.dish()).isEqualTo("Pea dip"));
        assertThat(then.washes()).isEmpty();
        assertThat(Progress.of(run, done(run, 0, 1, 2, 3), 10).open()).isEmpty();
    }

    @Test
    void what_is_behind_moves_all_that_is_to_come() {
        var run = washed();
        var first = run.schedule().placed().getFirst();
        assertThat(Progress.of(run, Done.NOTHING, first.hands()).behind()).isZero();
        var late = Progress.of(run, Done.NOTHING, first.hands() + 20);
        assertThat(late.behind()).isEqualTo(20);
        assertThat(late.starts(run.schedule().placed().get(1))).isEqualTo(run.schedule().placed().get(1).from() + 20);
        assertThat(Progress.of(run, done(run, 0, 1, 2, 3), 600).behind()).as("all is done").isZero();
    }

    /// A wash that was skipped is a contact at once; pressed afterwards it is none.
    @Test
    void a_wash_that_was_passed_over_is_a_contact() {
        var run = washed();
        var dip = run.order().getLast();
        assertThat(done(run, 0).inTruth(dip)).as("nothing went over it yet").isEqualTo(dip);
        var skipped = done(run, 0, 2).inTruth(dip);
        assertThat(skipped.cleans()).isEmpty();
        assertThat(Sequencer.contacts(List.of(run.order().getFirst(), skipped), run.conditions())).isNotEmpty();
        assertThat(Progress.of(run, done(run, 0, 2), 0).open()).extracting(Schedule.Placed::text)
                .containsExactly("Stir the dip.");
        assertThat(done(run, 0, 1, 2).inTruth(dip)).isEqualTo(dip);
        var rewritten = new Done(Set.of(new Done.Mark.OfTask("Pea dip", 0, "Blend rough.")));
        assertThat(rewritten.inTruth(dip)).as("a step that was written anew is another one").isEqualTo(dip);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', value = {"Cook 2 until 15:00 | 1 | -150 | 0", "cook 1 leaves at 15:00. | 0 | -150 | 0",
            "Cook 1 from 10:00 | 0 | -100000 | -450", "Cook 2 away 12.00 to 12.30 | 1 | -330 | -300"})
    void the_hours_of_a_cook_are_told_in_a_line(String line, int cook, int from, int until) {
        var told = ToldText.read("# Friday\n\n" + line, Equipment.USUAL, 2, LocalTime.of(17, 30), List.of());
        assertThat(told.away(cook)).containsExactly(new Told.Span(from, until));
    }

    @Test
    void a_piece_that_is_taken_and_what_goes_first_are_told_in_a_line() {
        var told = ToldText.read("Oven shelf 1 taken 13:00 to 14:00\nthe dip before Slaw\nCook 1 from 10:00 to 15:00",
                Equipment.USUAL, 2, LocalTime.of(17, 30), List.of("Slaw", "The dip"));
        assertThat(told.taken().get("oven")).containsExactly(new Told.Span(-270, -210));
        assertThat(told.orders()).containsExactly(new Told.Order("The dip", "Slaw"));
        assertThat(told.away(0)).containsExactly(new Told.Span(Told.ALWAYS, -450), new Told.Span(-150, 0));
    }

    @ParameterizedTest
    @ValueSource(strings = {"Cook 3 until 15:00", "Cook 1 sometimes", "Cook 1 until 18:00",
            "Cook 1 from 15:00 to 14:00", "Anvil taken 13:00 to 14:00", "Blender taken soon", "Dip before Nothing",
            "zhuzh", "Cook 1 until 25:00"})
    void a_line_that_is_not_understood_is_named(String line) {
        assertThatThrownBy(() -> ToldText.read("\n" + line, Equipment.USUAL, 2, LocalTime.of(17, 30), List.of("Dip")))
                .isInstanceOf(IllegalArgumentException.class).hasMessageStartingWith("Line 2, “" + line);
    }
}
