package keenfork.web.run;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalTime;
import keenfork.core.run.PrepRun;
import keenfork.format.RunCalendar;
import keenfork.web.page.Format;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/// The run on paper: a sheet for the wall for each cook, and a calendar to take along.
@Controller
class SheetController {
    private final RunPage page;
    private final Search search;
    private final Format format;
    private final Clock clock;

    SheetController(RunPage page, Search search, Format format, Clock clock) {
        this.page = page;
        this.search = search;
        this.format = format;
        this.clock = clock;
    }

    @GetMapping("/run/sheet")
    ModelAndView sheet(@RequestParam(defaultValue = "yours") String show,
            @RequestParam(defaultValue = "") String size) {
        var batches = page.batches();
        var asked = new Asked(show.equals("best"), size.equals("large"), format.day(batches.served()),
                batches.day().serve(), batches.day().strict() ? "strict" : "measured");
        return new ModelAndView("run/sheet", "view", SheetView.of(run(show, batches), batches.day().serve(), format))
                .addObject("asked", asked);
    }

    /// What is asked of the sheet.
    ///
    /// @param best   whether it is the best order's, not the kitchen's own
    /// @param large  whether it is set in large type
    /// @param day    which day it is of
    /// @param school how contact is judged
    record Asked(boolean best, boolean large, String day, LocalTime serve, String school) {
        public String title() { return best ? "Wall sheet, best order" : "Wall sheet, your order"; }

        public String show() { return best ? "best" : "yours"; }

        /// {@return the other size}
        public String turn() { return large ? "One page a cook" : "Large type"; }

        public String turnPath() { return "/run/sheet?show=" + show() + (large ? "" : "&size=large"); }

        public String look() { return large ? "kf-wall large" : "kf-wall"; }
    }

    @GetMapping("/run/run.ics")
    ResponseEntity<byte[]> calendar(@RequestParam(defaultValue = "yours") String show) {
        var batches = page.batches();
        var text = RunCalendar.write(run(show, batches).schedule(), batches.served().atTime(batches.day().serve()),
                Instant.now(clock));
        var file = ContentDisposition.attachment().filename("run.ics", StandardCharsets.UTF_8).build().toString();
        return ResponseEntity.ok().contentType(MediaType.parseMediaType("text/calendar;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, file).body(text.getBytes(StandardCharsets.UTF_8));
    }

    private PrepRun run(String show, Batches batches) {
        return show.equals("best") ? search.found(batches.inOrder(), batches.conditions()) : batches.yours();
    }
}
