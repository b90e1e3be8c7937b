package keenfork.web.label;

import keenfork.paper.LabelPdf;
import keenfork.web.persistence.label.PrintJobs;
import org.springframework.stereotype.Component;

/// Stands in for a label printer: it has a roll that runs out, a switch, and a cable that can come loose in the middle
/// of a page. Real paper is printed from the file of the job.
@Component
class StandInPrinter implements LabelPrinter {
    private final PrintJobs jobs;

    StandInPrinter(PrintJobs jobs) {
        this.jobs = jobs;
    }

    @Override
    public Outcome print(byte[] pdf, int page) {
        if (page < 0 || page >= LabelPdf.pages(pdf))
            throw new IllegalArgumentException("the file has no page %d".formatted(page + 1));
        var now = jobs.printer();
        if (!now.isOn()) return Outcome.OFF;
        if (now.paper() == 0) return Outcome.NO_PAPER;
        if (now.dropsNext()) {
            jobs.use(new PrintJobs.Printer(false, now.paper() - 1, false));
            return Outcome.NOBODY_SAW;
        }
        jobs.use(new PrintJobs.Printer(true, now.paper() - 1, false));
        return Outcome.CAME_OUT;
    }
}
