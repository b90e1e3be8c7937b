package keenfork.core.run;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import keenfork.core.food.Substance;

/// What stays in a cook's hands between two tasks: the hands themselves, the spoon and the tongs, the cloth over the
/// shoulder. No step names them and every step uses them, so they carry from dish to dish by default, and are changed
/// wherever something would travel. A wash of kit that stands between does not count as a change: the cloth stays.
///
/// Source: common practice.
final class InHand {
    private InHand() {}

    /// {@return what one task leaves in the hands that is not surely in what the other works on}
    static Set<Substance> travels(Batch from, int left, Batch to, int reached) {
        var travels = new LinkedHashSet<>(by(from, left));
        travels.removeAll(there(to, reached));
        return travels;
    }

    /// What the hands may have touched once a task is done: all of the dish where no kit says what is in by then.
    private static Set<Substance> by(Batch batch, int task) {
        var touched = new LinkedHashSet<Substance>();
        for (var use : batch.uses()) touched.addAll(use.by(task));
        return touched.isEmpty() ? batch.leaves() : touched;
    }

    /// What is surely in whatever a task works on.
    private static Set<Substance> there(Batch batch, int task) {
        var of = batch.uses().stream().filter(u -> u.moments().containsKey(task)).toList();
        Set<Substance> there = null;
        for (var use : of.isEmpty() ? batch.uses() : of) {
            if (there == null) there = new LinkedHashSet<>(use.there());
            else there.retainAll(use.there());
        }
        return there == null ? Set.of() : there;
    }

    /// {@return what is placed, each task with what must be off the hands before it}
    /// @param placed all of it, by when it starts
    static List<Schedule.Placed> changed(List<Schedule.Placed> placed, PrepRun run) {
        Map<Integer, List<Schedule.Placed>> touched = new HashMap<>();
        var changed = new ArrayList<Schedule.Placed>();
        for (var p : placed) {
            if (p.kind() != Schedule.Slot.TASK || p.hands() == p.from()) {
                changed.add(p);
                continue;
            }
            var before = touched.computeIfAbsent(p.cook(), _ -> new ArrayList<>());
            var held = new LinkedHashSet<Substance>();
            for (var b : before) if (b.turn() != p.turn()) held.addAll(travels(run, b, p));
            if (!held.isEmpty()) before.clear();
            before.add(p);
            changed.add(p.after(held));
        }
        return changed;
    }

    static Set<Substance> travels(PrepRun run, Schedule.Placed left, Schedule.Placed reached) {
        return travels(run.turns().get(left.turn()).batch(), left.task(), run.turns().get(reached.turn()).batch(),
                reached.task());
    }
}
