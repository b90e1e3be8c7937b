package keenfork.web.covers;

import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.run.PrepList;
import keenfork.core.run.Task;
import keenfork.format.PackCsv;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Cook;
import keenfork.web.page.CsvAnswer;
import keenfork.web.page.Format;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.guest.Events;
import keenfork.web.persistence.run.Runs;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/// What is to be done for the covers, day by day, and the run set for them.
@Controller
class PrepController {
    private final Kitchen kitchen;
    private final CoversKitchen covers;
    private final Events events;
    private final Runs runs;
    private final Format format;

    PrepController(Kitchen kitchen, CoversKitchen covers, Events events, Runs runs, Format format) {
        this.kitchen = kitchen;
        this.covers = covers;
        this.events = events;
        this.runs = runs;
        this.format = format;
    }

    /// The list.
    ///
    /// @param per   portions made for each hundred who can eat a dish
    /// @param run   the run in force, which would be set anew; 0 where there is none
    /// @param wrong what is wrong; empty where nothing is
    record View(int per, List<Span> spans, long run, String wrong) {}

    /// a time of preparing
    ///
    /// @param id of its heading
    record Span(String id, String name, List<OfDish> dishes) {}

    /// a dish, and for how many
    record OfDish(String name, String many, List<Item> items) {}

    /// something to do
    ///
    /// @param takes what goes in, in words; empty where nothing does
    /// @param time  how long it takes, in words
    record Item(String text, String takes, String time) {}

    @GetMapping("/covers/prep")
    ModelAndView list(@RequestParam(defaultValue = "100") String per) { return page(per, "", HttpStatus.OK); }

    private ModelAndView page(String per, String wrong, HttpStatus status) {
        var view = new ModelAndView("covers/prep", status);
        var menu = kitchen.menu();
        var unscaled = menu.dishes().stream().filter(d -> d.derivation().recipe().serves() < 1).map(Menu.Dish::name)
                .collect(Collectors.toSet());
        view.addObject("view", new View(PlatesToMake.per(per), spans(PrepList.of(run(menu, per).batches()), unscaled),
                menu.run().kept().id(), wrong));
        return view;
    }

    private PlatesRun run(Menu menu, String per) {
        return new PlatesRun(menu, PlatesToMake.of(menu, covers, PlatesToMake.per(per)));
    }

    private List<Span> spans(PrepList list, Set<String> unscaled) {
        var day = events.inForce().map(e -> e.details().day());
        var spans = List.of(
                new Span("before", "The day before" + day.map(d -> ", " + format.day(d.minusDays(1))).orElse(""),
                        dishes(list.dayBefore(), unscaled)),
                new Span("day", "On the day" + day.map(d -> ", " + format.day(d)).orElse(""),
                        dishes(list.day(), unscaled)),
                new Span("last", "Just before it is served", dishes(list.last(), unscaled)));
        return spans.stream().filter(s -> !s.dishes.isEmpty()).toList();
    }

    /// @param unscaled dishes whose recipe does not say for how many it is: they are made once, as written
    private List<OfDish> dishes(List<PrepList.OfDish> dishes, Set<String> unscaled) {
        return dishes.stream().map(d -> new OfDish(d.dish(),
                unscaled.contains(d.dish()) ? "once, as written" : "for " + d.portions(),
                d.tasks().stream().map(t -> new Item(t.text(), format.list(t.takes()), time(t))).toList())).toList();
    }

    private static String time(Task task) {
        return task.waits() == 0 ? "%d min".formatted(task.hands())
                : "%d min, then %d by itself".formatted(task.hands(), task.waits());
    }

    @GetMapping("/covers/prep.csv")
    ResponseEntity<byte[]> csv(@RequestParam(defaultValue = "100") String per) {
        var list = PrepList.of(run(kitchen.menu(), per).batches());
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
    ModelAndView set(@RequestParam(defaultValue = "0") long run, @RequestParam(defaultValue = "100") String per,
            HttpServletRequest request) {
        var turns = run(kitchen.menu(), per).turns();
        if (turns.isEmpty())
            return page(per, "No dish of these covers is eaten by anybody yet: there is nothing to set.",
                    HttpStatus.UNPROCESSABLE_CONTENT);
        try {
            runs.use(run, turns, "set for the covers", Cook.of(request));
            return new ModelAndView("redirect:/run?show=yours");
        } catch (Conflict e) {
            return page(per, String.valueOf(e.getMessage()), HttpStatus.CONFLICT);
        }
    }
}
