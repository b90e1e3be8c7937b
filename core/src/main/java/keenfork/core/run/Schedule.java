package keenfork.core.run;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// A run laid out in time: every task and every clean with its minutes, its kit and the hands that do it.
///
/// The batches keep their order on every kit, for what travels depends on it; a cook with a gap takes other work. What is laid on the day before takes no time of the day.
///
/// @param placed  all that is done, by when it starts
/// @param cooks   pairs of hands
/// @param minutes from the first start to the last end
public record Schedule(List<Placed> placed, int cooks, int minutes) {
    public Schedule {
        placed = List.copyOf(placed);
    }

    /// what is done
    public enum Kind { TASK, CLEAN, DAY_BEFORE }

    /// One thing done.
    ///
    /// @param turn  the batch's place in the run, from 0
    /// @param text  what is done, in words
    /// @param kit   the kit it goes over
    /// @param cook  whose hands, from 0
    /// @param from  minutes from the start of the run; 0 for what is done the day before
    /// @param hands minute its hands-on part ends
    /// @param until minute it ends, on its kit
    public record Placed(Kind kind, int turn, String dish, String text, List<Kit> kit, int cook, int from, int hands, int until) {
        public Placed {
            kit = List.copyOf(kit);
        }
    }

    /// {@return minutes by which the run is longer than there is time; 0 where it fits}
    public int lateBy(int available) { return Math.max(0, minutes - available); }

    /// {@return a run laid out for some cooks, each task as early as its kit, its hands and what comes before it allow}
    /// @param cooks pairs of hands, 1 or more
    public static Schedule of(PrepRun run, int cooks) {
        if (cooks < 1) throw new IllegalArgumentException("a run needs a cook, not %d".formatted(cooks));
        var layout = new Layout(cooks);
        for (var i = 0; i < run.turns().size(); i++) layout.batch(i, run.turns().get(i));
        return layout.done();
    }

    /// A run being laid out.
    private static final class Layout {
        private final List<List<int[]>> busy = new ArrayList<>();
        private final Map<Kit, Integer> free = new HashMap<>();
        private final List<Placed> placed = new ArrayList<>();

        Layout(int cooks) {
            for (var c = 0; c < cooks; c++) busy.add(new ArrayList<>());
        }

        void batch(int turn, PrepRun.Turn of) {
            var ready = 0;
            Set<Kit> seen = new LinkedHashSet<>();
            for (var task : of.batch().tasks()) {
                if (task.dayBefore()) {
                    placed.add(new Placed(Kind.DAY_BEFORE, turn, of.batch().dish(), task.text(), task.kit(), 0, 0, task.hands(), task.hands()));
                    continue;
                }
                for (var kit : task.kit()) if (seen.add(kit) && of.clean(kit) != Clean.NONE) clean(turn, of, kit);
                ready = place(Kind.TASK, turn, of, task.text(), task.kit(), ready, task.hands(), task.waits());
            }
        }

        private void clean(int turn, PrepRun.Turn of, Kit kit) {
            var clean = of.clean(kit);
            place(Kind.CLEAN, turn, of, "%s %s".formatted(kit.name(), clean.words()), List.of(kit), 0, clean.minutes(), 0);
        }

        private int place(Kind kind, int turn, PrepRun.Turn of, String text, List<Kit> kit, int ready, int hands, int waits) {
            var from = ready;
            for (var k : kit) from = Math.max(from, free.getOrDefault(k, 0));
            var cook = 0;
            var earliest = Integer.MAX_VALUE;
            for (var c = 0; c < busy.size(); c++) {
                var at = gap(busy.get(c), from, hands);
                if (at >= earliest) continue;
                earliest = at;
                cook = c;
            }
            busy.get(cook).add(new int[] {earliest, earliest + hands});
            busy.get(cook).sort(Comparator.comparingInt(b -> b[0]));
            var until = earliest + hands + waits;
            for (var k : kit) free.put(k, until);
            placed.add(new Placed(kind, turn, of.batch().dish(), text, kit, cook, earliest, earliest + hands, until));
            return until;
        }

        /// {@return the first minute from which a pair of hands is free for so long}
        private static int gap(List<int[]> busy, int from, int minutes) {
            var at = from;
            for (var b : busy) {
                if (at + minutes <= b[0]) return at;
                at = Math.max(at, b[1]);
            }
            return at;
        }

        Schedule done() {
            placed.sort(Comparator.comparingInt(Placed::from));
            return new Schedule(placed, busy.size(), placed.stream().filter(p -> p.kind() != Kind.DAY_BEFORE).map(Placed::until).reduce(0, Integer::max));
        }
    }
}
