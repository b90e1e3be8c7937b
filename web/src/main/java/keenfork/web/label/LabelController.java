package keenfork.web.label;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import keenfork.core.label.KeepBy;
import keenfork.core.label.Kind;
import keenfork.core.label.OnPaper;
import keenfork.core.label.Statement;
import keenfork.core.regime.RuleBook;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.kitchen.Paper;
import keenfork.web.page.Cook;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.Labels;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/// The station: labels as they would print now, those that were printed, and those that are no longer true.
@Controller
class LabelController {
    private static final int MOST_COPIES = 1000;
    private static final int LONGEST = 200;
    private final Kitchen kitchen;
    private final LabelPdf pdf;
    private final Labels labels;
    private final Paper paper;
    private final Clock clock;
    private final String kitchenName;

    /// What was typed before printing.
    ///
    /// @param why    why it goes out though not everything is known
    /// @param keepBy the day a packed one keeps until; empty for as long as the dish keeps
    record Typed(String copies, String place, String by, String why, String keepBy) {}

    LabelController(Kitchen kitchen, LabelPdf pdf, Labels labels, Paper paper, Clock clock, @Value("${keenfork.kitchen}") String kitchenName) {
        this.kitchen = kitchen;
        this.pdf = pdf;
        this.labels = labels;
        this.paper = paper;
        this.clock = clock;
        this.kitchenName = kitchenName;
    }

    @GetMapping("/labels") String labels(@RequestParam(defaultValue = "0") long dish, @RequestParam(defaultValue = "0") long printed, HttpServletRequest request, Model model) {
        return fill(model, dish, printed, new Typed("1", "", Cook.of(request), "", ""), "");
    }

    private String fill(Model model, long dish, long printed, Typed typed, String wrong) {
        var menu = kitchen.menu();
        model.addAttribute("dishes", menu.dishes());
        model.addAttribute("old", paper.outOfDate());
        model.addAttribute("typed", typed);
        model.addAttribute("wrong", wrong);
        model.addAttribute("kinds", alone());
        model.addAttribute("justPrinted", labels.find(printed).orElse(null));
        if (menu.dishes().isEmpty()) return "label/labels";
        var shown = dish == 0 ? menu.dishes().getFirst() : dish(menu, dish);
        var statement = statement(menu, shown);
        model.addAttribute("chosen", shown.id());
        var keeps = KeepBy.of(shown.derivation());
        model.addAttribute("label", view(OnPaper.of(statement, true), menu.ruleBook(), LocalDate.now(clock), keepBy(shown)));
        model.addAttribute("keeps", keeps);
        model.addAttribute("keepBy", typed.keepBy.isEmpty() ? keepBy(shown).toString() : typed.keepBy);
        model.addAttribute("notes", new Notes(statement));
        model.addAttribute("history", labels.history(shown.id()).stream().limit(20).map(p -> Past.of(p, menu)).toList());
        return "label/labels";
    }

    private static Statement statement(Menu menu, Menu.Dish dish) { return Statement.compose(dish.derivation(), menu.ruleBook()); }

    private LabelView view(OnPaper said, RuleBook ruleBook, LocalDate day, @Nullable LocalDate keepBy) { return LabelView.of(said, ruleBook, kitchenName, day, keepBy); }

    private LocalDate keepBy(Menu.Dish dish) { return LocalDate.now(clock).plusDays(KeepBy.of(dish.derivation()).days()); }

    /// Which labels the text of a dish does not fit on, asked for by the page once it is shown: it takes a moment to find out.
    @GetMapping("/labels/{id}/fit") String fit(@PathVariable long id, Model model) {
        var menu = kitchen.menu();
        var dish = dish(menu, id);
        var statement = statement(menu, dish);
        model.addAttribute("tooLong", alone().stream().filter(k -> !pdf.fits(view(OnPaper.of(statement, k.isPacked()), menu.ruleBook(), LocalDate.now(clock), keepBy(dish)), k)).map(Kind::words).toList());
        return "label/labels :: fit";
    }

    @GetMapping("/labels/{id}/{kind}.pdf") ResponseEntity<byte[]> preview(@PathVariable long id, @PathVariable String kind) {
        var menu = kitchen.menu();
        var of = kind(kind);
        var dish = dish(menu, id);
        var said = OnPaper.of(statement(menu, dish), of.isPacked());
        return file(said.name(), of, pdf.of(view(said, menu.ruleBook(), LocalDate.now(clock), keepBy(dish)), of));
    }

    private static ResponseEntity<byte[]> file(String dish, Kind kind, byte[] bytes) {
        var name = ContentDisposition.inline().filename(dish.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-") + "-" + kind.id() + ".pdf").build();
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).header(HttpHeaders.CONTENT_DISPOSITION, name.toString()).body(bytes);
    }

    /// Prints labels: what they say is written down as printed, so that they can be called back once it is no longer true.
    @PostMapping("/labels/{id}/{kind}") ModelAndView print(@PathVariable long id, @PathVariable String kind, @RequestParam(defaultValue = "1") String copies, @RequestParam(defaultValue = "") String place,
                                                           @RequestParam(defaultValue = "") String by, @RequestParam(defaultValue = "") String why, @RequestParam(defaultValue = "") String keepBy, HttpServletRequest request) {
        var menu = kitchen.menu();
        var of = kind(kind);
        var dish = dish(menu, id);
        var typed = new Typed(copies.strip(), place.strip(), by.isBlank() ? Cook.of(request) : by.strip(), why.strip(), keepBy.strip());
        var statement = statement(menu, dish);
        var said = OnPaper.of(statement, of.isPacked());
        var until = typed.keepBy.isEmpty() ? Optional.of(keepBy(dish)) : day(typed.keepBy);
        var wrong = until.isEmpty() || until.get().isBefore(LocalDate.now(clock)) ? "It keeps until a day to come, written as 2026-11-29, not “%s”. Nothing was printed.".formatted(typed.keepBy) : wrong(typed, of, said, until.get(), menu.ruleBook());
        if (!wrong.isEmpty()) return again(id, typed, wrong);
        var number = labels.printed(new Labels.Print(id, of.id(), said.text(), said.fingerprint(), Integer.parseInt(typed.copies), typed.place, typed.by, of.isPacked() && !said.unknown().isEmpty() ? typed.why : "", of.isPacked() ? until.orElseThrow() : null));
        return new ModelAndView("redirect:/labels?dish=" + id + "&printed=" + number);
    }

    private static Optional<LocalDate> day(String text) {
        try {
            return Optional.of(LocalDate.parse(text));
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }

    private String wrong(Typed typed, Kind kind, OnPaper said, LocalDate keepBy, RuleBook ruleBook) {
        if (!typed.copies.matches("\\d{1,4}") || Integer.parseInt(typed.copies) < 1 || Integer.parseInt(typed.copies) > MOST_COPIES) return "Copies are a number from 1 to %,d, not “%s”. Nothing was printed.".formatted(MOST_COPIES, typed.copies);
        for (var text : List.of(typed.place, typed.by, typed.why)) if (text.length() > LONGEST) return "Keep each field under %d letters. Nothing was printed.".formatted(LONGEST);
        if (kind.isPacked() && !said.unknown().isEmpty() && (typed.why.isEmpty() || typed.by.isEmpty()))
            return "Not known: %s. A label on packed food waits until that is settled: read the packs and answer the questions. Or somebody answers for it, with a name and a reason. Nothing was printed.".formatted(String.join(", ", OnPaper.grouped(said.unknown())));
        if (!pdf.fits(view(said, ruleBook, LocalDate.now(clock), keepBy), kind)) return "The text does not fit on the %s (%d × %d mm), and it is never set smaller than the rule book asks. Take a larger label. Nothing was printed.".formatted(kind.words().toLowerCase(Locale.ROOT), kind.width(), kind.height());
        return "";
    }

    private ModelAndView again(long dish, Typed typed, String wrong) {
        var model = new ExtendedModelMap();
        var view = new ModelAndView(fill(model, dish, 0, typed, wrong), HttpStatus.UNPROCESSABLE_CONTENT);
        view.addAllObjects(model);
        return view;
    }

    /// A label as it was printed, whatever has changed since.
    @GetMapping("/labels/printed/{print}.pdf") ResponseEntity<byte[]> printed(@PathVariable long print) {
        var then = past(print);
        if (then.print().says().isEmpty()) throw new NotHere("This label was printed before its words were kept apart; it cannot be set again.");
        var said = OnPaper.parse(then.print().says());
        // a line of a sheet is shown as a card
        var kind = Kind.named(then.print().kind()).filter(Kind::isOfOneDish).orElse(Kind.CARD);
        return file(said.name(), kind, pdf.of(view(said, RuleBook.named(said.ruleBook()).orElse(RuleBook.uk()), LocalDate.ofInstant(then.printed(), clock.getZone()), then.print().keepBy()), kind));
    }

    /// A slip of the finger must not call copies back that are still out: more than are out, or no number, is turned down.
    @PostMapping("/labels/printed/{print}/back") ModelAndView takeBack(@PathVariable long print, @RequestParam(defaultValue = "") String copies, HttpServletRequest request) {
        var then = past(print);
        var many = copies.strip().matches("\\d{1,4}") ? Integer.parseInt(copies.strip()) : 0;
        var dish = kitchen.menu().dish(then.print().dish()).map(Menu.Dish::id).orElse(0L);
        if (many < 1 || many > then.out()) return again(dish, new Typed("1", "", Cook.of(request), "", ""), "Copies taken back are a number from 1 to %d, not “%s”: so many are still out. Nothing was noted.".formatted(then.out(), copies.strip()));
        labels.takeBack(print, many);
        return new ModelAndView("redirect:/labels" + (dish == 0 ? "" : "?dish=" + dish));
    }

    /// Prints as many as are out, as they should read now. The old ones stay on the list until they are taken back.
    @PostMapping("/labels/printed/{print}/again") ModelAndView again(@PathVariable long print, HttpServletRequest request) {
        var then = past(print);
        if (then.print().kind().equals(Kind.MENU.id())) return new ModelAndView("redirect:/labels#menusheet");
        return print(then.print().dish(), then.print().kind(), String.valueOf(Math.max(1, then.out())), then.print().place(), Cook.of(request), "", "", request);
    }

    /// What the labels of a dish said at one moment.
    @GetMapping("/labels/{id}/then") String then(@PathVariable long id, @RequestParam(defaultValue = "") String at, Model model) {
        var menu = kitchen.menu();
        var moment = Moments.read(at, ZonedDateTime.now(clock));
        var seen = new ArrayList<String>();
        var then = new ArrayList<Past>();
        for (var p : labels.history(id)) if (moment.isPresent() && !p.printed().isAfter(moment.get().toInstant()) && !seen.contains(p.print().kind())) {
            seen.add(p.print().kind());
            then.add(Past.of(p, menu));
        }
        model.addAttribute("id", id);
        model.addAttribute("name", menu.dish(id).map(Menu.Dish::name).orElse("A dish that is off the menu"));
        model.addAttribute("at", at);
        model.addAttribute("unread", moment.isEmpty());
        model.addAttribute("then", then);
        return "label/then";
    }

    private Labels.Printed past(long print) { return labels.find(print).orElseThrow(() -> new NotHere("Nothing was printed under this number.")); }

    private static Kind kind(String kind) {
        return Kind.named(kind).filter(Kind::isOfOneDish).orElseThrow(() -> new NotHere("There is no label called “%s”; there are %s.".formatted(kind, String.join(", ", alone().stream().map(Kind::id).toList()))));
    }

    private static List<Kind> alone() { return Arrays.stream(Kind.values()).filter(Kind::isOfOneDish).toList(); }

    private static Menu.Dish dish(Menu menu, long id) {
        return menu.dish(id).orElseThrow(() -> new NotHere("This dish is not on the menu any more."));
    }
}
