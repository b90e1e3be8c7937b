package keenfork.web.run;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/// The station: what is looked at, and how far the search for a better order is.
@Controller
class RunController {
    private final RunPage page;
    private final Search search;

    RunController(RunPage page, Search search) {
        this.page = page;
        this.search = search;
    }

    /// Before its day a run is planned; on the day it opens where the hands are, and the plan is one press away.
    @GetMapping("/run")
    String run(@RequestParam(defaultValue = "") String show, @RequestParam(defaultValue = "0") long open,
            @RequestParam(defaultValue = "-1") int trip, @RequestParam(defaultValue = "") String zoom, Model model) {
        if (show.isEmpty() && open == 0 && trip < 0 && page.isToday()) return "redirect:/run/now";
        return page.fill(model,
                new RunPage.Asked(show.equals("yours") ? "yours" : "best", open, trip, zoom.equals("wide")), "");
    }

    /// How far the search is, asked for by the page while it goes on.
    @GetMapping("/run/search")
    String search(Model model) {
        var batches = page.batches();
        var answer = search.best(batches.inOrder(), batches.conditions());
        model.addAttribute("tried", answer.tried());
        model.addAttribute("best", answer.run() == null ? null
                : Tile.of("Best order", "best", false, answer.run(), batches.day().serve()));
        return "run/search :: tile";
    }

    @PostMapping("/run/search/stop")
    String stop() {
        search.stop();
        return "redirect:/run?show=best";
    }
}
