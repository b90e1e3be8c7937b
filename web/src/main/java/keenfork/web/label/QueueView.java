package keenfork.web.label;

import java.util.List;
import keenfork.web.persistence.label.PrintJobs;

/// The printer and what waits for it, in words.
///
/// @param state  what the printer does
/// @param asks   whether something has to be done before it goes on
/// @param works  whether a page may come out at any moment: the page looks again
record QueueView(String state, boolean asks, boolean works, PrintJobs.Printer printer, List<QueuedJob> open,
        List<QueuedJob> ended) {
    private static final int ENDED_SHOWN = 4;

    /// One thing to print.
    ///
    /// @param progress in words: `5 of 14 came out`
    record QueuedJob(PrintJobs.Job job, String progress) {
        public boolean isUnsure() { return job.state() == PrintJobs.State.UNSURE; }

        public boolean isHeld() { return job.state() == PrintJobs.State.HELD; }

        public boolean canBeThrownAway() { return isHeld() || job.state() == PrintJobs.State.WAITING; }

        /// {@return the page that comes next, from 1}
        public int next() { return job.done() + 1; }

        static QueuedJob of(PrintJobs.Job job) {
            var pages = job.pages() == 1 ? "1 page" : job.pages() + " pages";
            return new QueuedJob(job, switch (job.state()) {
                case DONE -> pages + ", all came out";
                case THROWN_AWAY -> "%d of %s came out, the rest was thrown away".formatted(job.done(), pages);
                case WAITING, SENDING, UNSURE, HELD ->
                        job.pages() == 0 ? "is being laid out" : "%d of %s came out".formatted(job.done(), pages);
            });
        }
    }

    /// {@return whether the printer stands still for something a press can say is done}
    public boolean canBeHelped() { return asks && !printer.isReady(); }

    static QueueView of(PrintJobs jobs) {
        var printer = jobs.printer();
        var open = jobs.open();
        var unsure = open.stream().anyMatch(j -> j.state() == PrintJobs.State.UNSURE);
        var waits = open.stream()
                .anyMatch(j -> j.state() == PrintJobs.State.WAITING || j.state() == PrintJobs.State.SENDING);
        var works = waits && !unsure && printer.isReady();
        var state = unsure ? "It stopped in the middle of a page" : state(printer, works);
        return new QueueView(state, unsure || waits && !printer.isReady(), works, printer,
                open.stream().map(QueuedJob::of).toList(),
                jobs.ended().stream().limit(ENDED_SHOWN).map(QueuedJob::of).toList());
    }

    private static String state(PrintJobs.Printer printer, boolean works) {
        if (!printer.isOn()) return "Switched off";
        if (printer.paper() == 0) return "Out of paper";
        return works ? "Printing" : "Ready";
    }
}
