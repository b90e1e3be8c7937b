package keenfork.web.persistence.label;

import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to the printer's queue. What was asked outlives a restart; a page whose end nobody saw is asked about,
/// never printed twice in silence and never passed over.
@Component
@Transactional
public class PrintJobs {
    private static final short THE_PRINTER = 1;
    private static final int NEW_ROLL = 200;
    private final PrintJobRows rows;
    private final PrintedLabelRows printed;
    private final LabelPrinterRows printers;
    private final Labels labels;
    private final Clock clock;
    private final Counter changes = new Counter();

    /// how far something to print is
    public enum State {
        WAITING("waiting"), SENDING("sending"), UNSURE("unsure"), HELD("held"), DONE("done"),
        THROWN_AWAY("thrown away");

        private static final List<State> OPEN = List.of(WAITING, SENDING, UNSURE, HELD);
        private final String id;

        State(String id) { this.id = id; }

        static State named(String id) {
            return Arrays.stream(values()).filter(s -> s.id.equals(id)).findFirst()
                    .orElseThrow(() -> new IllegalStateException("nothing is printed in the state " + id));
        }

        static List<String> ids(List<State> states) { return states.stream().map(s -> s.id).toList(); }
    }

    /// Something to print.
    ///
    /// @param pages how many pages in all; 0 as long as it is not laid out
    /// @param done  how many of them came out
    /// @param note  why it is held; else empty
    public record Job(long id, String title, String kind, String sheet, int pages, int done, State state, String note,
            Instant asked, String by) {}

    /// The stand-in for a printer.
    ///
    /// @param isOn      whether it answers
    /// @param paper     how many pages it can still print
    /// @param dropsNext whether the connection goes in the middle of the next page
    public record Printer(boolean isOn, int paper, boolean dropsNext) {
        public boolean isReady() { return isOn && paper > 0; }
    }

    PrintJobs(PrintJobRows rows, PrintedLabelRows printed, LabelPrinterRows printers, Labels labels, Clock clock) {
        this.rows = rows;
        this.printed = printed;
        this.printers = printers;
        this.labels = labels;
        this.clock = clock;
    }

    /// {@return the key of what is to be printed, with its labels, none of which is out yet}
    public long ask(String title, String kind, String sheet, int pages, List<Labels.Print> of, String by) {
        var row = new PrintJobRow();
        row.title = title;
        row.kind = kind;
        row.sheet = sheet;
        row.pages = pages;
        row.state = State.WAITING.id;
        row.askedAt = clock.instant();
        row.askedBy = by;
        var job = rows.saveAndFlush(row);
        if (job.id == null) throw new IllegalStateException("what is to be printed has a key");
        for (var print : of) labels.ask(print, job.id);
        changes.changed();
        return job.id;
    }

    /// {@return how often the queue or the printer changed since the start}
    public long changes() { return changes.get(); }

    /// {@return the key of what was asked for last; 0 while nothing was}
    @Transactional(readOnly = true)
    public long last() { return rows.findTopByOrderByIdDesc().map(r -> r.id).orElse(0L); }

    @Transactional(readOnly = true)
    public Optional<Job> find(long id) { return rows.findById(id).map(PrintJobs::job); }

    /// {@return what is still to be printed, in the order it was asked for}
    @Transactional(readOnly = true)
    public List<Job> open() {
        return rows.findAllByStateInOrderById(State.ids(State.OPEN)).stream().map(PrintJobs::job).toList();
    }

    /// {@return what was printed or thrown away last, the newest first}
    @Transactional(readOnly = true)
    public List<Job> ended() {
        return rows.findTop12ByStateInOrderByIdDesc(State.ids(List.of(State.DONE, State.THROWN_AWAY))).stream()
                .map(PrintJobs::job).toList();
    }

    /// Notes how many pages it has, once it is laid out.
    public void laidOut(long id, int pages) { row(id).pages = pages; }

    public void sending(long id) { enter(row(id), State.SENDING, ""); }

    /// Notes that the page came out that was sent, with copies of the labels on it.
    /// @param copies of each label on the page, by the label's key
    public void cameOut(long id, Map<Long, Integer> copies) {
        var row = row(id);
        row.done++;
        labels.cameOut(copies);
        enter(row, row.done >= row.pages ? State.DONE : State.WAITING, "");
    }

    /// The page did not come out: it is still to be printed.
    public void again(long id) { enter(row(id), State.WAITING, ""); }

    /// Nobody saw whether the page came out.
    public void unsure(long id) { enter(row(id), State.UNSURE, ""); }

    public void hold(long id, String why) { enter(row(id), State.HELD, why); }

    /// What did not come out yet will not.
    public void throwAway(long id) { enter(row(id), State.THROWN_AWAY, ""); }

    private void enter(PrintJobRow row, State state, String note) {
        row.state = state.id;
        row.note = note;
        rows.saveAndFlush(row);
        changes.changed();
    }

    private PrintJobRow row(long id) {
        return rows.findById(id).orElseThrow(() -> new IllegalStateException("nothing is printed under " + id));
    }

    private static Job job(PrintJobRow r) {
        if (r.id == null) throw new IllegalStateException("what is to be printed has a key");
        return new Job(r.id, r.title, r.kind, r.sheet, r.pages, r.done, State.named(r.state), r.note, r.askedAt,
                r.askedBy);
    }

    /// {@return the labels of what is printed, in the order they stand on it}
    @Transactional(readOnly = true)
    public List<Labels.Printed> labels(long job) {
        return printed.findAllByJobIdOrderById(job).stream().map(Labels::printed).toList();
    }

    /// {@return the printer; switched on with a new roll until somebody does something with it}
    @Transactional(readOnly = true)
    public Printer printer() {
        return printers.findById(THE_PRINTER).map(r -> new Printer(r.isOn, r.paper, r.dropsNext))
                .orElse(new Printer(true, NEW_ROLL, false));
    }

    public void use(Printer printer) {
        var row = printers.findById(THE_PRINTER).orElseGet(LabelPrinterRow::new);
        row.isOn = printer.isOn;
        row.paper = printer.paper;
        row.dropsNext = printer.dropsNext;
        printers.saveAndFlush(row);
        changes.changed();
    }
}
