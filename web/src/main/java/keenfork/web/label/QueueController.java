package keenfork.web.label;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import keenfork.core.label.Kind;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.label.Once;
import keenfork.web.persistence.label.PrintJobs;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/// The printer and its queue.
@Controller
class QueueController {
    private static final int NEW_ROLL = 200;
    private static final String BACK = "redirect:/labels#printer";
    private final PrintJobs jobs;
    private final PrintQueue queue;
    private final Printing printing;
    private final Once once;

    QueueController(PrintJobs jobs, PrintQueue queue, Printing printing, Once once) {
        this.jobs = jobs;
        this.queue = queue;
        this.printing = printing;
        this.once = once;
    }

    /// The queue alone, which the station asks for again as long as something comes out.
    @GetMapping("/labels/queue")
    String queue(Model model, HttpServletResponse response) {
        var queue = QueueView.of(jobs);
        // what came out stands in the history beside it
        if (!queue.works()) response.setHeader("HX-Trigger", "came-out");
        model.addAttribute("queue", queue);
        return "label/queue :: queue";
    }

    @PostMapping("/labels/queue/{id}/{what}")
    String settle(@PathVariable long id, @PathVariable String what, HttpServletRequest request) {
        var settled = switch (what) {
            case "came-out" -> queue.looked(id, true);
            case "not" -> queue.looked(id, false);
            case "throw-away" -> queue.throwAway(id);
            case "look-again" -> queue.resume(id);
            case "as-it-reads-now" -> anew(id, request);
            default -> throw new NotHere("Nothing can be done with it called “%s”.".formatted(what));
        };
        if (!settled)
            throw new NotHere(
                    "This was settled already, at another screen or by the printer. Look at the queue again.");
        return BACK;
    }

    /// Of several who press it at once, one prints; where it is held again, it may be pressed again.
    private boolean anew(long id, HttpServletRequest request) {
        var act = "anew/" + id;
        if (!once.isFirst(act)) return false;
        var settled = printing.anew(id, request);
        if (jobs.find(id).filter(j -> j.state() == PrintJobs.State.HELD).isPresent()) once.forget(act);
        return settled;
    }

    @PostMapping("/labels/printer/{what}")
    String printer(@PathVariable String what) {
        var now = jobs.printer();
        jobs.use(switch (what) {
            case "on" -> new PrintJobs.Printer(true, now.paper(), false);
            case "off" -> new PrintJobs.Printer(false, now.paper(), false);
            case "load" -> new PrintJobs.Printer(now.isOn(), NEW_ROLL, now.dropsNext());
            case "take-paper" -> new PrintJobs.Printer(now.isOn(), 0, now.dropsNext());
            case "loosen" -> new PrintJobs.Printer(now.isOn(), now.paper(), true);
            default -> throw new NotHere("Nothing can be done with the printer called “%s”.".formatted(what));
        });
        return BACK;
    }

    /// The whole of what was asked for as one file, for a printer of the kitchen's own.
    @GetMapping("/labels/jobs/{id}.pdf")
    ResponseEntity<byte[]> file(@PathVariable long id) {
        var job = jobs.find(id).orElseThrow(() -> new NotHere("Nothing was printed under this number."));
        var name = ContentDisposition.inline()
                .filename("%s-%d.pdf".formatted(Kind.named(job.kind()).map(Kind::id).orElse("labels"), id)).build();
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, name.toString()).body(queue.file(job));
    }
}
