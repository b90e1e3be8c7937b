package keenfork.core.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// How far a run is at a minute of its day: for each cook what is now, what must be washed before the next, and what is
/// next.
///
/// @param schedule the run as it was planned
/// @param done     what is done of it
/// @param now      minutes from the first start; negative before it
/// @param behind   minutes by which what should be done is not; 0 where the run is on time
/// @param cooks    what each pair of hands is at
/// @param open     what is still to be done, by when it was to start
public record Progress(Schedule schedule, Done done, int now, int behind, List<AtWork> cooks,
        List<Schedule.Placed> open) {
    /// What a pair of hands is at.
    ///
    /// @param behind minutes by which these hands are late
    /// @param now    what is in hand: the first task that is not done; empty where all is
    /// @param washes what must be clean before it or before the next, in order
    /// @param next   the task after it; empty where there is none
    public record AtWork(int cook, int behind, Optional<Schedule.Placed> now, List<Schedule.Placed> washes,
            Optional<Schedule.Placed> next) {
        public AtWork {
            washes = List.copyOf(washes);
        }
    }

    public Progress {
        cooks = List.copyOf(cooks);
        open = List.copyOf(open);
    }

    /// {@return a run at a minute of its day}
    public static Progress of(PrepRun run, Done done, int now) {
        var schedule = run.schedule();
        var behind = 0;
        var cooks = new ArrayList<AtWork>();
        for (var c = 0; c < schedule.cooks(); c++) {
            var cook = c;
            var open = schedule.onTheDay().stream().filter(p -> p.cook() == cook && isOpen(run, done, p)).toList();
            var tasks = open.stream().filter(p -> p.kind() == Schedule.Slot.TASK).toList();
            var own = open.isEmpty() ? 0 : Math.max(0, now - open.getFirst().hands());
            behind = Math.max(behind, own);
            var until = tasks.size() > 1 ? tasks.get(1).from() : Integer.MAX_VALUE;
            var washes = open.stream().filter(p -> p.kind() == Schedule.Slot.CLEAN && p.from() <= until).toList();
            cooks.add(new AtWork(c, own, tasks.stream().findFirst(), washes, tasks.stream().skip(1).findFirst()));
        }
        return new Progress(schedule, done, now, behind, cooks, schedule.onTheDay().stream()
                .filter(p -> isOpen(run, done, p)).toList());
    }

    /// {@return whether something is still to be done; a clean that was passed over is not: what it stood before is
    /// made}
    private static boolean isOpen(PrepRun run, Done done, Schedule.Placed p) {
        if (done.isDone(p)) return false;
        return p.kind() != Schedule.Slot.CLEAN || !done.isPassedOver(run.turns().get(p.turn()).batch(),
                new BatchSetup.Before(p.on().getFirst().kit(), p.use()));
    }

    /// {@return when something that is not done can begin at the earliest: what its hands are behind moves all they
    /// have to come}
    public int starts(Schedule.Placed p) { return p.from() + cooks.get(p.cook()).behind(); }

    /// {@return when it then ends}
    public int ends(Schedule.Placed p) { return p.until() + cooks.get(p.cook()).behind(); }
}
