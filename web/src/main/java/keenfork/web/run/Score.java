package keenfork.web.run;

import keenfork.core.run.PrepRun;
import keenfork.core.run.Schedule;

/// What an order is worth at a glance.
///
/// @param contacts hand-overs left
/// @param washes   full washes, and fresh oil or water
/// @param minutes  from the first start until all is ready
/// @param late     minutes by which it starts before the kitchen opens
record Score(int contacts, int washes, int minutes, int late) {
    static Score of(PrepRun run) {
        var schedule = run.schedule();
        return new Score(run.contacts(), run.washes(), schedule.minutes(), schedule.late());
    }

    /// {@return it in words: `2 contacts, 31 washes, 10 min late`}
    String inWords() {
        return "%d %s, %d %s%s".formatted(contacts, contacts == 1 ? "contact" : "contacts", washes,
                washes == 1 ? "wash" : "washes", late == 0 ? "" : ", %s late".formatted(Schedule.inWords(late)));
    }
}
