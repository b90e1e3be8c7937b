package keenfork.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.time.LocalTime;
import java.util.List;
import java.util.stream.Stream;
import keenfork.core.Kit;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Times as cooks write them. What each means is plain English.
class SaidTimeTest {
    private static Stream<String> rows(String kind) {
        return Kit.lines("/corpus/grammar.txt").filter(l -> l.startsWith(kind + ": "))
                .map(l -> l.substring(kind.length() + 2));
    }

    static Stream<String> said() { return rows("said"); }

    static Stream<String> ahead() { return rows("ahead"); }

    static Stream<String> told() { return rows("told"); }

    @ParameterizedTest @MethodSource("said")
    void minutes_of_a_step(String row) {
        var cells = row.split(" \\| ");
        assertThat(SaidTime.in(cells[1]).stream().mapToInt(SaidTime::minutes).sum())
                .isEqualTo(Integer.parseInt(cells[0]));
    }

    @ParameterizedTest @MethodSource("ahead")
    void at_most_so_long_before_service(String row) {
        var cells = row.split(" \\| ");
        var fresh = Window.said(cells[1]).stream().filter(w -> w.kind() == Window.When.FRESH).toList();
        assertThat(fresh).containsExactly(new Window(Window.When.FRESH, 0, Integer.parseInt(cells[0])));
        assertThat(Waits.of(cells[1])).as("the time ahead is no wait").isZero();
    }

    @ParameterizedTest @MethodSource("told")
    void what_the_crew_says_is_understood(String line) {
        assertThatCode(() -> ToldText.read(line, Equipment.USUAL, 2, LocalTime.of(18, 0), List.of("Nut dip", "Slaw")))
                .doesNotThrowAnyException();
    }
}
