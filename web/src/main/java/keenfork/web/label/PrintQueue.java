package keenfork.web.label;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import keenfork.core.label.Kind;
import keenfork.core.label.PaperFormat;
import keenfork.paper.Face;
import keenfork.paper.LabelPdf;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.OutOfDate;
import keenfork.web.persistence.label.Labels;
import keenfork.web.persistence.label.PrintJobs.State;
import keenfork.web.persistence.label.PrintJobs;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/// Works the printer's queue, a page at a time. Before each page it looks whether what stands on it is still so; a page
/// whose end nobody saw is asked about.
@Component
class PrintQueue {
    private static final Logger LOG = LoggerFactory.getLogger(PrintQueue.class);
    private final PrintJobs jobs;
    private final LabelPrinter printer;
    private final Composing composing;
    private final Kitchen kitchen;
    private long idleAt = -1;
    private @Nullable Laid laid;

    /// a whole menu as it was laid out for one job
    private record Laid(long job, byte[] pdf) {}

    /// a label and how many of it stand on a page
    private record Cell(Labels.Printed label, Face face) {}

    PrintQueue(PrintJobs jobs, LabelPrinter printer, Composing composing, Kitchen kitchen) {
        this.jobs = jobs;
        this.printer = printer;
        this.composing = composing;
        this.kitchen = kitchen;
    }

    @Scheduled(fixedDelayString = "${keenfork.printer.pace}")
    void tick() { step(); }

    /// Prints the next page, if there is one and the printer can.
    /// @return false when there is nothing to do until somebody does something
    synchronized boolean step() {
        var changes = jobs.changes();
        if (changes == idleAt) return false;
        var open = jobs.open();
        // only a step sends, and steps follow each other: what is still being sent was left so by one that broke off,
        // or by a restart
        var lost = open.stream().filter(j -> j.state() == State.SENDING).findFirst();
        if (lost.isPresent()) {
            jobs.unsure(lost.get().id());
            return true;
        }
        // a printer of which nobody knows what it did takes no other page before
        var next = open.stream().anyMatch(j -> j.state() == State.UNSURE) || !jobs.printer().isReady()
                ? Optional.<PrintJobs.Job>empty() : open.stream().filter(j -> j.state() == State.WAITING).findFirst();
        if (next.isEmpty()) {
            idleAt = changes;
            return false;
        }
        laidOut(next.get()).ifPresent(pdf -> send(next.get(), pdf));
        return true;
    }

    /// {@return the file with the next page of a job; empty where there is something else to do first, or it is held}
    private Optional<byte[]> laidOut(PrintJobs.Job job) {
        try {
            if (job.pages() == 0) {
                jobs.laidOut(job.id(), LabelPdf.pages(menu(job)) * jobs.labels(job.id()).getFirst().print().copies());
                return Optional.empty();
            }
            if (isHeld(job, on(job).stream().map(Cell::label).distinct().toList())) return Optional.empty();
            return Optional.of(isMenu(job) ? menu(job)
                    : composing.set(on(job).stream().map(Cell::face).toList(), kind(job), sheet(job)));
        } catch (RuntimeException e) {
            LOG.error("\"{}\" could not be laid out", job.title(), e);
            jobs.hold(job.id(), "It could not be laid out. Look at the preview, look again, or throw it away.");
            return Optional.empty();
        }
    }

    /// {@return the labels on the next page of a job, in their order; all of them for a whole menu}
    private List<Cell> on(PrintJobs.Job job) {
        var all = new ArrayList<Cell>();
        var whole = isMenu(job);
        for (var label : jobs.labels(job.id())) {
            var face = composing.printed(label);
            for (var i = 0; i < (whole ? 1 : label.print().copies()); i++) all.add(new Cell(label, face));
        }
        if (whole) return all;
        var each = sheet(job).of(kind(job)).each();
        return all.subList(job.done() * each, Math.min(all.size(), (job.done() + 1) * each));
    }

    private static boolean isMenu(PrintJobs.Job job) { return kind(job) == Kind.MENU; }

    private static Kind kind(PrintJobs.Job job) { return Kind.named(job.kind()).orElseThrow(); }

    private static PaperFormat sheet(PrintJobs.Job job) { return PaperFormat.named(job.sheet()).orElseThrow(); }

    private byte[] menu(PrintJobs.Job job) {
        var now = laid;
        if (now == null || now.job != job.id()) {
            now = new Laid(job.id(), composing.set(on(job).stream().map(Cell::face).toList(), Kind.MENU, sheet(job)));
            laid = now;
        }
        return now.pdf;
    }

    /// Copies of each label on the next page. A copy of the whole menu counts as out from its first page on: what is on
    /// paper already can be read.
    private Map<Long, Integer> copies(PrintJobs.Job job) {
        if (isMenu(job) && job.done() % LabelPdf.pages(menu(job)) != 0) return Map.of();
        return on(job).stream().collect(Collectors.toMap(c -> c.label.id(), _ -> 1, Integer::sum, LinkedHashMap::new));
    }

    /// What is no longer so does not go on paper.
    private boolean isHeld(PrintJobs.Job job, List<Labels.Printed> labels) {
        var menu = kitchen.menu();
        var old = labels.stream().flatMap(l -> OutOfDate.of(menu, l).stream()).toList();
        if (old.isEmpty()) return false;
        jobs.hold(job.id(), "It is not so any more. " + old.stream().limit(2)
                .map(o -> "%s: %s".formatted(o.name(), o.words().getFirst())).collect(Collectors.joining(" ")));
        return true;
    }

    private void send(PrintJobs.Job job, byte[] pdf) {
        var copies = copies(job);
        var page = isMenu(job) ? job.done() % LabelPdf.pages(pdf) : 0;
        jobs.sending(job.id());
        switch (printer.print(pdf, page)) {
            case CAME_OUT -> jobs.cameOut(job.id(), copies);
            case NO_PAPER, OFF -> jobs.again(job.id());
            case NOBODY_SAW -> jobs.unsure(job.id());
        }
    }

    /// Somebody looked what became of the page of which nobody knew.
    /// @return false where nothing is asked about it any more
    synchronized boolean looked(long id, boolean cameOut) {
        var job = jobs.find(id).filter(j -> j.state() == State.UNSURE);
        if (job.isEmpty()) return false;
        if (cameOut) jobs.cameOut(id, copies(job.get()));
        else jobs.again(id);
        return true;
    }

    /// Throws away what did not come out yet. What is being sent, or of which nobody knows, is not thrown away before
    /// that is settled.
    /// @return false where there is nothing to throw away
    synchronized boolean throwAway(long id) {
        var job = jobs.find(id).filter(j -> j.state() == State.WAITING || j.state() == State.HELD);
        job.ifPresent(j -> jobs.throwAway(id));
        return job.isPresent();
    }

    /// Looks again at what is held: what is so once more goes on.
    synchronized boolean resume(long id) {
        var job = jobs.find(id).filter(j -> j.state() == State.HELD);
        job.ifPresent(j -> jobs.again(id));
        return job.isPresent();
    }

    /// {@return all labels of a job as it was asked for, as one file}
    byte[] file(PrintJobs.Job job) {
        if (isMenu(job)) return composing.set(on(job).stream().map(Cell::face).toList(), Kind.MENU, sheet(job));
        var faces = new ArrayList<Face>();
        for (var label : jobs.labels(job.id()))
            faces.addAll(Collections.nCopies(label.print().copies(), composing.printed(label)));
        return composing.set(faces, kind(job), sheet(job));
    }
}
