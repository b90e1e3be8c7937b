package keenfork.core.run;

import java.time.LocalDate;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import keenfork.core.food.Substance;

/// A run laid out in time, from when all must be ready backwards: every task and every clean with its minutes, its
/// pieces and the hands that do it.
///
/// The batches keep their order on every piece, for what travels depends on it; a cook with a gap takes other work.
/// What is laid on the day before takes no time of the day.
///
/// @param placed  all that is done, by when it starts
/// @param day     the day it is laid out in
/// @param minutes from the first start until all is ready
/// @param blocks  what it hangs on, the longest first
/// @param remarks what the order does not do justice to
public record Schedule(List<Placed> placed, Day day, int minutes, List<String> blocks, List<String> remarks) {
    public Schedule {
        placed = List.copyOf(placed);
        blocks = List.copyOf(blocks);
        remarks = List.copyOf(remarks);
    }

    /// what is done
    public enum Slot { TASK, CLEAN, DAY_BEFORE }

    /// One thing done.
    ///
    /// @param turn  the batch's place in the run, from 0
    /// @param task  its place in the batch; -1 for a clean
    /// @param use   for a clean, which of the batch's uses of that kind of kit it stands before, from 0; else -1
    /// @param text  what is done, in words
    /// @param clean how a piece is cleaned; [Clean#NONE] for anything else
    /// @param on    the pieces it goes over
    /// @param cook  whose hands, from 0
    /// @param from  minutes from the start of the run; 0 for what is done the day before
    /// @param hands minute its hands-on part ends
    /// @param until minute it ends, on its pieces
    /// @param held  what the cook's hands, spoon and cloth bring from other dishes, and must not: they are changed
    ///              before it
    public record Placed(Slot kind, int turn, int task, int use, String dish, String text, Clean clean, List<Piece> on,
            int cook,
            int from, int hands, int until, Set<Substance> held) {
        public Placed {
            on = List.copyOf(on);
            held = Collections.unmodifiableSet(new LinkedHashSet<>(held));
        }

        Placed(Slot kind, int turn, int task, int use, String dish, String text, Clean clean, List<Piece> on, int cook,
                int from, int hands, int until) {
            this(kind, turn, task, use, dish, text, clean, on, cook, from, hands, until, Set.of());
        }

        /// {@return whether the cook washes hands and takes a fresh spoon and cloth before it}
        public boolean isFresh() { return !held.isEmpty(); }

        Placed after(Set<Substance> held) {
            return new Placed(kind, turn, task, use, dish, text, clean, on, cook, from, hands, until, held);
        }

        /// {@return the whole of it in words: "Bean dip: Blend smooth.", or "blender washed, before Bean dip"}
        public String what() { return kind == Slot.CLEAN ? text + ", before " + dish : dish + ": " + text; }

        Placed later(int minutes) {
            if (kind == Slot.DAY_BEFORE) return this;
            return new Placed(kind, turn, task, use, dish, text, clean, on, cook, from + minutes, hands + minutes,
                    until + minutes, held);
        }
    }

    /// {@return minutes by which the run is longer than the day; 0 where it fits}
    public int late() { return Math.max(0, minutes - day.minutes()); }

    /// {@return minutes as they are said of a day: `45 min`, `5 h 40 min`}
    public static String inWords(int minutes) {
        if (minutes < 60) return minutes + " min";
        return minutes % 60 == 0 ? minutes / 60 + " h" : "%d h %d min".formatted(minutes / 60, minutes % 60);
    }

    public int cooks() { return day.cooks(); }

    /// {@return what is laid on the day before}
    public List<Placed> dayBefore() { return placed.stream().filter(p -> p.kind() == Slot.DAY_BEFORE).toList(); }

    public List<Placed> onTheDay() { return placed.stream().filter(p -> p.kind() != Slot.DAY_BEFORE).toList(); }

    /// {@return what should have been laid on the day before, and was not}
    /// @param served the day all is served
    /// @param laid   what was laid on, in its words as [Placed#what] gives them
    public List<Placed> missed(LocalDate served, LocalDate today, Set<String> laid) {
        return today.isBefore(served) ? List.of() : dayBefore().stream().filter(p -> !laid.contains(p.what())).toList();
    }

    /// {@return a run laid out, each task as late as its pieces, its hands and what comes after it allow}
    static Schedule of(PrepRun run) {
        var layout = new Layout(run);
        for (var i = run.turns().size() - 1; i >= 0; i--) layout.batch(i, run.turns().get(i).made());
        var placed = layout.placed();
        var start = placed.stream().filter(p -> p.kind() != Slot.DAY_BEFORE).map(Placed::from).reduce(0, Integer::min);
        var shifted = placed.stream().map(p -> p.later(-start))
                .sorted(Comparator.comparing((Placed p) -> p.kind() != Slot.DAY_BEFORE).thenComparingInt(Placed::from)
                        .thenComparingInt(Placed::turn))
                .toList();
        var day = run.conditions().day();
        return new Schedule(InHand.changed(shifted, run), day, -start, layout.blocks(),
                Remarks.of(run, shifted, -start));
    }
}
