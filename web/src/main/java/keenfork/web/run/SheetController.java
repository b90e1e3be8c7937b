package keenfork.web.run;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import keenfork.core.run.PrepRun;
import keenfork.format.RunCalendar;
import keenfork.web.page.Format;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

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
    String sheet(@RequestParam(defaultValue = "yours") String show, @RequestParam(defaultValue = "") String size,
            Model model) {
        var batches = page.batches();
        model.addAttribute("large", size.equals("large"));
        model.addAttribute("show", show.equals("best") ? "best" : "yours");
        model.addAttribute("serve", batches.day().serve().toString());
        model.addAttribute("day", format.day(batches.served()));
        model.addAttribute("view", SheetView.of(run(show, batches), batches.day().serve(), format));
        model.addAttribute("school", batches.day().strict() ? "strict" : "measured");
        return "run/sheet";
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
