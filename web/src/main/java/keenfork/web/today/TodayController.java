package keenfork.web.today;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.stream.Collectors;
import keenfork.core.run.Schedule;
import keenfork.core.trace.MenuQuestion;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.kitchen.Paper;
import keenfork.web.page.Cook;
import keenfork.web.page.Format;
import keenfork.web.persistence.WholeKitchen;
import keenfork.web.persistence.dish.Dishes;
import keenfork.web.persistence.dish.SetAsides;
import keenfork.web.persistence.dish.Variants;
import keenfork.web.persistence.label.PrintJobs;
import keenfork.web.persistence.run.Runs;
import keenfork.web.persistence.settings.Settings;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

@Controller
class TodayController {
    private final Kitchen kitchen;
    private final Paper paper;
    private final Runs runs;
    private final Settings settings;
    private final Variants variants;
    private final SetAsides asides;
    private final PrintJobs jobs;
    private final Dishes dishes;
    private final BackedUp backedUp;
    private final WholeKitchen whole;
    private final Format format;

    TodayController(Kitchen kitchen, Paper paper, Runs runs, Settings settings, Variants variants, SetAsides asides,
            PrintJobs jobs, Dishes dishes, BackedUp backedUp, WholeKitchen whole, Format format) {
        this.kitchen = kitchen;
        this.paper = paper;
        this.runs = runs;
        this.settings = settings;
        this.variants = variants;
        this.asides = asides;
        this.jobs = jobs;
        this.dishes = dishes;
        this.backedUp = backedUp;
        this.whole = whole;
        this.format = format;
    }

    @GetMapping("/today")
    String today(HttpServletRequest request, Model model) {
        var menu = kitchen.menu();
        model.addAttribute("dishes", menu.dishes().size());
        model.addAttribute("demo", settings.isDemo());
        model.addAttribute("untouched", menu.dishes().isEmpty() && whole.isUntouched());
        model.addAttribute("day", format.day(menu.day()));
        model.addAttribute("needs", TodayView.of(menu, paper.outOfDate(),
                new TodayView.Printer(jobs.open(), jobs.printer()), missed(menu),
                new TodayView.Plates(variants.all(), asides.all()), format));
        var cook = Cook.of(request);
        model.addAttribute("cook", cook);
        model.addAttribute("sign", cook.isEmpty() ? "It’s me" : "Change");
        model.addAttribute("backedUp", backedUp.said());
        return "today/today";
    }

    private List<Schedule.Placed> missed(Menu menu) {
        var day = settings.runDay().day();
        var served = day == null ? menu.day() : day;
        // a run whose day is over is not looked at any more
        return served.isBefore(menu.day()) ? List.of()
                : menu.run().scored().schedule().missed(served, menu.day(), runs.laid(served));
    }

    /// One answer, written into every dish that asks the question. Each dish gets a new version, which can be taken
    /// back.
    @PostMapping("/today/answer")
    String answer(@RequestParam String ask, @RequestParam String answer, HttpServletRequest request,
            RedirectAttributes told) {
        var menu = kitchen.menu();
        var byName = menu.dishes().stream().collect(Collectors.toMap(Menu.Dish::name, d -> d));
        var asked = MenuQuestion.across(menu.dishes().stream().map(Menu.Dish::derivation).toList()).stream()
                .filter(a -> a.ask().equals(ask)).findFirst();
        var written = asked.map(a -> Answering.written(a, answer, byName, menu)).orElse(List.of());
        for (var one : written)
            dishes.rewrite(one.dish().id(), one.dish().stored().version(), one.dish().name(), one.text(),
                    Cook.of(request), "answered: " + answer);
        told.addFlashAttribute("said", written.isEmpty() ? "That question is not open any more; nothing was changed."
                : "Answered with “%s” in %s. Each has a new version, and the one before is kept.".formatted(answer,
                        format.list(written.stream().map(w -> w.dish().name()).toList())));
        return "redirect:/today";
    }
}
