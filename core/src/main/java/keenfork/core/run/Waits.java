package keenfork.core.run;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToIntFunction;
import keenfork.core.food.Table;

/// How long a step goes on by itself: the time it says, or the usual one of its work and its food.
final class Waits {
    private static final List<WaitRow> ROWS = read();

    /// @param work   words of the work, one of which stands in the sentence
    /// @param beside sets of words, of each of which one stands beside it
    private record WaitRow(Phrases work, List<Phrases> beside, int minutes) {
        /// the talk that turns a work round is read past, and the foods that it names count: "drain the soaked seeds"
        boolean isOf(Work.Sentence sentence) {
            return work.isIn(sentence.works()) && beside.stream().allMatch(b -> b.isIn(sentence.whole()));
        }
    }

    private Waits() {}

    private static List<WaitRow> read() {
        var rows = new ArrayList<WaitRow>();
        for (var row : Table.read(Waits.class, "waits.txt", 4)) {
            var beside = Arrays.stream(row.cell(1).split("\\+")).map(String::strip).filter(s -> !s.isEmpty())
                    .map(s -> Phrases.longestFirst(Arrays.stream(s.split(";")).map(String::strip).toList())).toList();
            rows.add(new WaitRow(Work.anyFormOf(row), beside, row.read(2, Integer::parseInt)));
        }
        return List.copyOf(rows);
    }

    /// {@return minutes of a step that is done in one go}
    static int of(String text) { return of(text, _ -> 1); }

    /// {@return minutes of a step}
    /// @param goes for each sentence in how many goes its work is done, one after the other
    static int of(String text, ToIntFunction<String> goes) {
        var sentences = Work.sentences(Window.withoutTimes(text));
        var said = 0;
        var isSaid = false;
        for (var sentence : sentences) {
            for (var time : SaidTime.in(sentence.whole())) {
                isSaid = true;
                said += time.minutes() * goes.applyAsInt(sentence.whole());
            }
        }
        if (isSaid) return said;
        var usual = 0;
        for (var sentence : sentences)
            usual += ROWS.stream().filter(r -> r.isOf(sentence)).findFirst().map(WaitRow::minutes)
                    .orElse(0) * goes.applyAsInt(sentence.whole());
        return usual;
    }
}
