package keenfork.web.run;

import jakarta.servlet.http.HttpServletRequest;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import keenfork.core.run.ToldText;
import keenfork.web.page.Cook;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.run.Runs;
import keenfork.web.persistence.settings.Settings;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/// The day of the run: when, with how many hands, by which school; and what was laid on the day before.
@Controller
class DayController {
    private static final int MOST_COOKS = 12;
    private static final int LONGEST = 4_000;
    private final RunPage page;
    private final Settings settings;
    private final Runs runs;

    /// the form as it was typed
    record Typed(String day, String cooks, String opens, String serve, boolean strict, String told) {}

    DayController(RunPage page, Settings settings, Runs runs) {
        this.page = page;
        this.settings = settings;
        this.runs = runs;
    }

    @GetMapping("/run/day")
    String day(Model model) {
        var day = settings.runDay();
        return fill(model, new Typed(day.day() == null ? "" : day.day().toString(), String.valueOf(day.cooks()),
                day.opens().toString(), day.serve().toString(), day.strict(), settings.told()), "");
    }

    private String fill(Model model, Typed typed, String wrong) {
        var batches = page.batches();
        var laid = runs.laid(batches.served());
        model.addAttribute("typed", typed);
        model.addAttribute("wrong", wrong);
        model.addAttribute("served", batches.served());
        model.addAttribute("pieces", batches.conditions().equipment().pieces().stream().map(p -> p.name()).toList());
        var names = batches.inOrder().stream().map(b -> b.dish()).toList();
        model.addAttribute("order",
                names.size() > 2 ? "%s before %s".formatted(names.getLast(), names.get(1)) : "");
        model.addAttribute("laid", batches.yours().schedule().dayBefore().stream()
                .map(p -> new RunView.Laid(p.what(), laid.contains(p.what()))).toList());
        return "run/day";
    }

    @PostMapping("/run/day")
    ModelAndView use(@RequestParam(defaultValue = "") String day, @RequestParam(defaultValue = "") String cooks,
            @RequestParam(defaultValue = "") String opens, @RequestParam(defaultValue = "") String serve,
            @RequestParam(defaultValue = "strict") String school, @RequestParam(defaultValue = "") String told) {
        var typed = new Typed(day.strip(), cooks.strip(), opens.strip(), serve.strip(), !school.equals("measured"),
                told.strip());
        try {
            var read = read(typed);
            if (typed.told.length() > LONGEST)
                throw new IllegalArgumentException(
                        "What else holds today is told in %d letters at most.".formatted(LONGEST));
            var batches = page.batches();
            ToldText.read(typed.told, batches.conditions().equipment(), read.cooks(), read.serve(),
                    batches.inOrder().stream().map(b -> b.dish()).toList());
            settings.useRunDay(read);
            settings.tell(typed.told);
            return new ModelAndView("redirect:/run?show=yours");
        } catch (IllegalArgumentException e) {
            var model = new ExtendedModelMap();
            var view = new ModelAndView(fill(model, typed, String.valueOf(e.getMessage())),
                    HttpStatus.UNPROCESSABLE_CONTENT);
            view.addAllObjects(model);
            return view;
        }
    }

    private static Settings.RunDay read(Typed typed) {
        if (!typed.cooks.matches("\\d{1,2}") || Integer.parseInt(typed.cooks) < 1
                || Integer.parseInt(typed.cooks) > MOST_COOKS)
            throw new IllegalArgumentException(
                    "Cooks are a number from 1 to %d, not “%s”.".formatted(MOST_COOKS, typed.cooks));
        var opens = time(typed.opens, "08:00");
        var serve = time(typed.serve, "17:30");
        if (!opens.isBefore(serve))
            throw new IllegalArgumentException(
                    ("The kitchen opens at %s and all must be ready by %s: there is no time between. A run ends on the "
                            + "day it begins.")
                                    .formatted(opens, serve));
        return new Settings.RunDay(typed.day.isEmpty() ? null : date(typed.day), Integer.parseInt(typed.cooks), opens,
                serve, typed.strict);
    }

    private static LocalTime time(String text, String example) {
        try {
            return LocalTime.parse(text.length() == 4 ? "0" + text : text).withSecond(0).withNano(0);
        } catch (DateTimeParseException e) {
            throw new IllegalArgumentException("A time is written as %s, not “%s”.".formatted(example, text), e);
        }
    }

    private static LocalDate date(String text) {
        try {
            return LocalDate.parse(text);
        } catch (DateTimeParseException e) {
            throw new IllegalArgumentException(
                    "A day is written as 2026-11-27, not “%s”. Leave it empty for today.".formatted(text), e);
        }
    }

    /// Notes that something was laid on the day before, or that it was not.
    @PostMapping("/run/laid")
    String laid(@RequestParam String what, @RequestParam boolean done,
            @RequestParam(defaultValue = "/run/day") String back, HttpServletRequest request) {
        var batches = page.batches();
        if (batches.yours().schedule().dayBefore().stream().noneMatch(p -> p.what().equals(what)))
            throw new NotHere("This is not in the run any more.");
        runs.lay(batches.served(), what, done, Cook.of(request));
        return back.equals("/run") ? "redirect:/run?show=yours" : "redirect:/run/day";
    }
}
