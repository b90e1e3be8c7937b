package keenfork.web.covers;

import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import keenfork.core.run.PrepList;
import keenfork.format.PackCsv;
import keenfork.web.kitchen.EventMenu;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Cook;
import keenfork.web.page.CsvAnswer;
import keenfork.web.page.Format;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.guest.Events;
import keenfork.web.persistence.run.Runs;
import keenfork.web.persistence.settings.Settings;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/// What is to be done for the covers, day by day, and the run set for them.
@Controller
class PrepController {
    private final Kitchen kitchen;
    private final EventMenu covers;
    private final Events events;
    private final Runs runs;
    private final Settings settings;
    private final Format format;

    PrepController(Kitchen kitchen, EventMenu covers, Events events, Runs runs, Settings settings,
            Format format) {
        this.kitchen = kitchen;
        this.covers = covers;
        this.events = events;
        this.runs = runs;
        this.settings = settings;
        this.format = format;
    }

    @GetMapping("/covers/prep")
    ModelAndView list(@ModelAttribute("wrong") String wrong) { return page(wrong, HttpStatus.OK); }

    private ModelAndView page(String wrong, HttpStatus status) {
        var menu = kitchen.menu();
        var tub = settings.tubGrams();
        return new ModelAndView("covers/prep", status).addObject("wrong", wrong).addObject("view",
                PrepView.of(menu, run(menu).batches(), events.inForce(),
                        TakenView.of(settings.appetite(), tub, "/covers/prep"), tub, format));
    }

    private PlatesRun run(Menu menu) { return new PlatesRun(menu, PlatesToMake.of(menu, covers)); }

    @GetMapping("/covers/prep.csv")
    ResponseEntity<byte[]> csv() {
        var list = PrepList.of(run(kitchen.menu()).batches());
        var rows = new ArrayList<List<String>>();
        rows(list.dayBefore(), "day before").forEach(rows::add);
        rows(list.day(), "day").forEach(rows::add);
        rows(list.last(), "last").forEach(rows::add);
        var text = PackCsv.table(List.of("when", "dish", "portions", "task", "takes", "hands_minutes", "waits_minutes"),
                rows);
        return CsvAnswer.of("prep.csv", text);
    }

    private static Stream<List<String>> rows(List<PrepList.OfDish> dishes, String when) {
        return dishes.stream().flatMap(d -> d.tasks().stream().map(t -> List.of(when, d.dish(),
                String.valueOf(d.portions()), t.text(), String.join("; ", t.takes()), String.valueOf(t.hands()),
                String.valueOf(t.waits()))));
    }

    /// Sets the run for the plates: it can be taken back there like any other change.
    ///
    /// @param run the run that stood when the button was seen
    @PostMapping("/covers/run")
    ModelAndView set(@RequestParam(defaultValue = "0") long run, HttpServletRequest request) {
        var turns = run(kitchen.menu()).turns();
        if (turns.isEmpty())
            return page("No dish of these covers is eaten by anybody yet: there is nothing to set.",
                    HttpStatus.UNPROCESSABLE_CONTENT);
        try {
            runs.use(run, turns, "set for the covers", Cook.of(request));
            return new ModelAndView("redirect:/run?show=yours");
        } catch (Conflict e) {
            return page(String.valueOf(e.getMessage()), HttpStatus.CONFLICT);
        }
    }
}
