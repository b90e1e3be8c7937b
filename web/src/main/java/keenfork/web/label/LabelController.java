package keenfork.web.label;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import keenfork.core.label.Kind;
import keenfork.paper.LabelPdf;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.kitchen.OutOfDate;
import keenfork.web.kitchen.Paper;
import keenfork.web.page.Cook;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.guest.Events;
import keenfork.web.persistence.label.Labels;
import keenfork.web.persistence.label.Once;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/// The station: labels as they would print now, those that were printed, and those that are no longer true.
@Controller
class LabelController {
    private static final String ALREADY =
            "This was pressed already: it is in the queue, or printed. Nothing more was printed.";
    private final Kitchen kitchen;
    private final Composing composing;
    private final Printing printing;
    private final LabelPdf pdf;
    private final Labels labels;
    private final Paper paper;
    private final LabelsPage page;
    private final Once once;
    private final Clock clock;

    LabelController(Kitchen kitchen, Composing composing, Printing printing, LabelPdf pdf, Labels labels, Paper paper,
            LabelsPage page, Once once, Clock clock) {
        this.kitchen = kitchen;
        this.composing = composing;
        this.printing = printing;
        this.pdf = pdf;
        this.labels = labels;
        this.paper = paper;
        this.page = page;
        this.once = once;
        this.clock = clock;
    }

    @GetMapping("/labels")
    String labels(LabelRequest asked, @RequestParam(name = "page", defaultValue = "1") int at,
            @RequestParam(defaultValue = "0") long see,
            HttpServletRequest request, Model model) {
        // what is printed from beside an old label is the same one as it reads now
        var of = see == 0 ? asked : labels.find(see).map(this::onMenu).orElse(asked);
        model.addAttribute("view", page.of(of.byTyped().isEmpty() ? of.by(Cook.of(request)) : of, Math.max(1, at), see,
                List.of(), ""));
        return "label/labels";
    }

    /// What came out of a dish, or for guests, asked for again by the station once the printer is done.
    @GetMapping("/labels/{of}/{id}/history")
    String history(@PathVariable String of, @PathVariable long id, Model model) {
        model.addAttribute("history", page.history(of, id));
        return "label/history :: history";
    }

    /// Which labels the text of a dish does not fit on, asked for by the page once it is shown: it takes a moment to
    /// find out.
    @GetMapping("/labels/{id}/fit")
    String fit(@PathVariable long id, Model model) {
        var menu = kitchen.menu();
        model.addAttribute("tooLong", Kind.alone().stream().filter(
                k -> composing.wanted(menu, LabelRequest.of(id, k.id())).stream().anyMatch(w -> !pdf.fits(w.face(), k)))
                .map(Kind::words).toList());
        return "label/pages :: fit";
    }

    /// Prints labels: what they say is written down as printed once it comes out, so that they can be called back when
    /// it is no longer true.
    @PostMapping("/labels/print")
    ModelAndView print(LabelRequest typed, @RequestParam(defaultValue = "") String act, HttpServletRequest request) {
        var asked = typed.byTyped().isEmpty() ? typed.by(Cook.of(request)) : typed;
        var wrong = asked.wrong(composing.today());
        if (!wrong.isEmpty()) return again(asked, List.of(), wrong);
        if (!once.isFirst(act)) return again(asked, List.of(), ALREADY);
        var answer = printing.print(kitchen.menu(), asked);
        if (answer.job() == 0) once.forget(act);
        if (!answer.waits().isEmpty())
            return again(asked, answer.waits(),
                    answer.job() == 0 ? "Nothing was printed." : "The others print; these do not:");
        return new ModelAndView("redirect:/labels?" + asked.query() + "#printer");
    }

    private ModelAndView again(LabelRequest asked, List<String> waits, String wrong) {
        return new ModelAndView("label/labels", Map.of("view", page.of(asked, 1, 0, waits, wrong)),
                HttpStatus.UNPROCESSABLE_CONTENT);
    }

    /// A slip of the finger must not call copies back that are still out: more than are out, or no number, is turned
    /// down.
    @PostMapping("/labels/printed/{print}/back")
    ModelAndView takeBack(@PathVariable long print, @RequestParam(defaultValue = "") String copies,
            HttpServletRequest request) {
        var then = past(print);
        var many = copies.strip().matches("\\d{1,4}") ? Integer.parseInt(copies.strip()) : 0;
        var asked = onMenu(then);
        if (many < 1 || many > then.out())
            return again(asked.by(Cook.of(request)), List.of(),
                    "Copies taken back are a number from 1 to %d, not “%s”: so many are still out. Nothing was noted."
                            .formatted(then.out(), copies.strip()));
        labels.takeBack(print, many);
        return new ModelAndView("redirect:/labels" + (asked.dishId() == 0 ? "" : "?" + asked.query()));
    }

    /// {@return the station as it stands for a printed label; for the first dish where its own is off the menu}
    private LabelRequest onMenu(Labels.Printed then) {
        var menu = kitchen.menu();
        if (menu.guests(then.print().guests()).isPresent()) return Printing.asked(then, 1, "");
        var there = menu.dish(then.print().dish()).isPresent();
        return there ? Printing.asked(then, 1, "") : LabelRequest.of(0, Kind.CARD.id());
    }

    /// Prints as many as are out, as they should read now. The old ones stay on the list until they are taken back.
    @PostMapping("/labels/printed/{print}/again")
    ModelAndView again(@PathVariable long print, @RequestParam(defaultValue = "") String act,
            HttpServletRequest request) {
        var then = past(print);
        if (!once.isFirst(act)) return again(onMenu(then).by(Cook.of(request)), List.of(), ALREADY);
        var answer = printing.again(then, Cook.of(request));
        if (answer.job() == 0) once.forget(act);
        if (answer.waits().isEmpty()) return new ModelAndView("redirect:/labels#printer");
        return again(onMenu(then).by(Cook.of(request)), answer.waits(),
                answer.job() == 0 ? "Nothing was printed." : "The others print; these do not:");
    }

    /// Prints anew all that is out of date, in one act. A line of the whole menu prints the whole menu, once.
    @PostMapping("/labels/again")
    ModelAndView allAgain(@RequestParam(defaultValue = "") String act, HttpServletRequest request) {
        if (!once.isFirst(act))
            return again(LabelRequest.of(0, Kind.CARD.id()).by(Cook.of(request)), List.of(), ALREADY);
        var waits = new ArrayList<String>();
        var menus = false;
        for (var old : paper.outOfDate().stream().filter(OutOfDate::onMenu).toList()) {
            var isMenu = old.printed().print().kind().equals(Kind.MENU.id());
            if (!(isMenu && menus)) waits.addAll(printing.again(old.printed(), Cook.of(request)).waits());
            menus |= isMenu;
        }
        return waits.isEmpty() ? new ModelAndView("redirect:/labels#printer")
                : again(LabelRequest.of(0, Kind.CARD.id()).by(Cook.of(request)), waits,
                        "The others print; these do not:");
    }

    /// What the labels of a dish, or the cards of guests, said at one moment.
    @GetMapping("/labels/{of}/{id}/then")
    String then(@PathVariable String of, @PathVariable long id, @RequestParam(defaultValue = "") String at,
            Model model) {
        var moment = Moments.read(at, ZonedDateTime.now(clock));
        var seen = new ArrayList<String>();
        var then = new ArrayList<PastPrint>();
        for (var p : page.printed(of, id))
            if (moment.isPresent() && !p.printed().isAfter(moment.get().toInstant())
                    && !seen.contains(p.print().kind())) {
                        seen.add(p.print().kind());
                        then.add(PastPrint.of(p, composing));
                    }
        model.addAttribute("view", new ThenView("%s/%d".formatted(of, id),
                of.equals("dish") ? "dish=" + id : "kind=guest&guests=" + id, name(of, id), at, moment.isEmpty(),
                then));
        return "label/then";
    }

    private String name(String of, long id) {
        return of.equals("dish")
                ? kitchen.menu().dish(id).map(Menu.Dish::name).orElse("A dish that is off the menu")
                : kitchen.menu().guests(id).map(Events.Guests::name).orElse("Guests that are off the list");
    }

    /// What was said at one moment.
    ///
    /// @param of     the dish or the guests, as the address has it
    /// @param back   where the page leads back to
    /// @param at     the moment as it was typed
    /// @param unread whether that is no moment
    record ThenView(String of, String back, String name, String at, boolean unread, List<PastPrint> then) {}

    private Labels.Printed past(long print) {
        return labels.find(print).orElseThrow(() -> new NotHere("Nothing was printed under this number."));
    }
}
