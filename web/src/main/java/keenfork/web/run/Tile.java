package keenfork.web.run;

import java.time.LocalTime;
import keenfork.core.run.PrepRun;
import keenfork.core.run.Schedule;

/// An order at a glance, to be chosen.
///
/// @param starts when its first task starts
/// @param note   what time is left, or is missing
record Tile(String name, String show, boolean here, int contacts, int washes, String starts, String note,
        boolean late) {
    /// {@return what goes with the number of contacts}
    public String contactsSaid() { return contacts == 1 ? "contact left" : "contacts left"; }

    /// {@return what goes with the number of washes}
    public String washesSaid() { return washes == 1 ? "wash" : "washes"; }

    static Tile of(String name, String show, boolean here, PrepRun run, LocalTime serve) {
        var schedule = run.schedule();
        var spare = schedule.day().minutes() - schedule.minutes();
        return new Tile(name, show, here, run.contacts(), run.washes(),
                serve.minusMinutes(schedule.minutes()).toString(),
                spare < 0 ? Schedule.inWords(-spare) + " late" : Schedule.inWords(spare) + " to spare", spare < 0);
    }
}
