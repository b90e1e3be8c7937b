package keenfork.web.run;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import keenfork.core.run.Schedule;
import keenfork.format.RunCalendar;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.page.Format;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/// The run by the clock: a sheet for the wall, and a calendar to take along.
@Controller
class SheetController {
    private static final LocalTime USUAL = LocalTime.of(17, 30);
    private static final int MOST_COOKS = 12;
    private final Kitchen kitchen;
    private final Format format;
    private final Clock clock;

    SheetController(Kitchen kitchen, Format format, Clock clock) {
        this.kitchen = kitchen;
        this.format = format;
        this.clock = clock;
    }

    @GetMapping("/run/sheet") String sheet(@RequestParam(defaultValue = "yours") String show, @RequestParam(defaultValue = "2") String cooks, @RequestParam(defaultValue = "") String serve, Model model) {
        var ready = time(serve);
        var hands = hands(cooks);
        model.addAttribute("show", show.equals("best") ? "best" : "yours");
        model.addAttribute("cooks", hands);
        model.addAttribute("serve", ready.toString());
        model.addAttribute("day", format.day(kitchen.menu().day()));
        model.addAttribute("view", SheetView.of(schedule(show, hands), ready, format));
        return "run/sheet";
    }

    @GetMapping("/run/run.ics") ResponseEntity<byte[]> calendar(@RequestParam(defaultValue = "yours") String show, @RequestParam(defaultValue = "2") String cooks, @RequestParam(defaultValue = "") String serve) {
        var text = RunCalendar.write(schedule(show, hands(cooks)), LocalDate.now(clock).atTime(time(serve)), Instant.now(clock));
        var file = ContentDisposition.attachment().filename("run.ics", StandardCharsets.UTF_8).build().toString();
        return ResponseEntity.ok().contentType(MediaType.parseMediaType("text/calendar;charset=UTF-8")).header(HttpHeaders.CONTENT_DISPOSITION, file).body(text.getBytes(StandardCharsets.UTF_8));
    }

    private Schedule schedule(String show, int cooks) {
        var batches = Batches.of(kitchen.menu());
        return Schedule.of(show.equals("best") ? batches.best() : batches.yours(), cooks);
    }

    /// What cannot be read is the usual: the sheet shows what it was made for.
    private static int hands(String text) { return text.matches("\\d{1,2}") ? Math.clamp(Integer.parseInt(text), 1, MOST_COOKS) : 2; }

    private static LocalTime time(String text) {
        try {
            return text.isBlank() ? USUAL : LocalTime.parse(text.strip());
        } catch (DateTimeParseException e) {
            return USUAL;
        }
    }
}
