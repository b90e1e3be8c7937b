package keenfork.web.run;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.LocalDateTime;
import keenfork.web.page.Cook;
import keenfork.web.page.Format;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.guest.Events;
import keenfork.web.persistence.run.Runs;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/// The run at arm's length, on its day: what is done is marked here, and is a fact from then on.
@Controller
class NowController {
    private static final int LONGEST = 2_000;
    private final RunPage page;
    private final Runs runs;
    private final Events events;
    private final Format format;
    private final Clock clock;

    NowController(RunPage page, Runs runs, Events events, Format format, Clock clock) {
        this.page = page;
        this.runs = runs;
        this.events = events;
        this.format = format;
        this.clock = clock;
    }

    @GetMapping("/run/now")
    String now(Model model) {
        var batches = page.batches();
        var isKept = batches.menu().run().kept().id() != 0 && !batches.turns().isEmpty();
        model.addAttribute("kept", isKept);
        model.addAttribute("dishes", !batches.byDish().isEmpty());
        if (isKept)
            model.addAttribute("view", NowView.of(batches, runs.done(batches.served()), events.groups(),
                    LocalDateTime.now(clock), format));
        return "run/now";
    }

    /// Marks something done, or not done after all.
    @PostMapping("/run/done")
    String done(@RequestParam long dish, @RequestParam boolean clean,
            @RequestParam String what, @RequestParam int place, @RequestParam(defaultValue = "true") boolean done,
            HttpServletRequest request) {
        var batches = page.batches();
        if (what.length() > LONGEST || place < 0 || done && batches.turns().stream()
                .noneMatch(t -> t.dish() == dish))
            throw new NotHere("This is not in the run any more.");
        runs.mark(batches.served(), new Runs.Mark(dish, clean, what, place), done, Cook.of(request));
        return "redirect:/run/now";
    }
}
