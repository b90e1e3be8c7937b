package keenfork.web.larder;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.Locale;
import java.util.Map;
import keenfork.core.kitchen.LarderPack;
import keenfork.core.kitchen.LineLink;
import keenfork.core.pack.ReadAgain;
import keenfork.core.regime.RuleBook;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Cook;
import keenfork.web.page.Format;
import keenfork.web.page.NotHere;
import keenfork.web.page.VersionsView;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.Stored;
import keenfork.web.persistence.pack.Packs;
import keenfork.web.persistence.settings.Settings;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class LarderController {
    private static final long NEW = 0;
    private final Kitchen kitchen;
    private final Packs packs;
    private final Settings settings;
    private final Format format;
    private final Clock clock;

    LarderController(Kitchen kitchen, Packs packs, Settings settings, Format format, Clock clock) {
        this.kitchen = kitchen;
        this.packs = packs;
        this.settings = settings;
        this.format = format;
        this.clock = clock;
    }

    @GetMapping("/larder")
    ModelAndView list(@RequestParam(defaultValue = "") String q) {
        var menu = kitchen.menu();
        return list(menu, q, String.valueOf(menu.readAgain().days()), "", HttpStatus.OK);
    }

    private ModelAndView list(Menu menu, String q, String days, String wrong, HttpStatus status) {
        var words = q.strip().toLowerCase(Locale.ROOT);
        var needed = Comparator.comparing((Stored<LarderPack> p) -> !menu.isInUse(p))
                .thenComparing(p -> p.value().isRead()).thenComparing(p -> !menu.isDue(p.value()));
        var found = menu.packs().stream().sorted(needed).map(p -> PackRowView.of(p, menu, format))
                .filter(p -> p.holds(words)).toList();
        return new ModelAndView("larder/list",
                Map.of("larder", new LarderList(found, menu.packs().size(), menu.packsInUse().size(), q, days, wrong)),
                status);
    }

    @PostMapping("/larder/read-again")
    ModelAndView readAgain(@RequestParam(defaultValue = "") String days) {
        if (days.strip().matches("[1-9]\\d{0,3}")) {
            settings.readAgainAfter(new ReadAgain(Integer.parseInt(days.strip())));
            return new ModelAndView("redirect:/larder");
        }
        return list(kitchen.menu(), "", days,
                "Say after how many days a pack is read again: a whole number from 1 to 9999, not “%s”."
                        .formatted(days),
                HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @GetMapping("/larder/new")
    ModelAndView blank(@RequestParam(defaultValue = "") String food) {
        return pack(NEW, PackForm.blank(food, kitchen.menu().ruleBook().id()), "", null, "", HttpStatus.OK);
    }

    @GetMapping("/larder/{id}")
    ModelAndView open(@PathVariable long id, @RequestParam(defaultValue = "") String find) {
        return pack(id, PackForm.of(stored(id)), "", null, find, HttpStatus.OK);
    }

    @PostMapping("/larder/read")
    ModelAndView read(@RequestParam(defaultValue = "0") long id, PackForm form) {
        return new ModelAndView("larder/pack :: reading", "reading", reading(id, form));
    }

    private PackPage.Reading reading(long id, PackForm form) {
        var menu = kitchen.menu();
        var words = DeclarationView.of(form.read(), menu.ruleBook(), format);
        return new PackPage.Reading(words, form.declaration().length() > PackForm.LONGEST ? form.wrong() : "",
                words.letter(form.label(), form.barCode(), menu.kitchenName()),
                id == NEW ? null : packs.find(id).map(p -> compared(id, p.value(), form, menu)).orElse(null));
    }

    private @Nullable ComparedView compared(long id, LarderPack before, PackForm form, Menu menu) {
        if (!form.wrong().isEmpty() || !ComparedView.isWorthShowing(before.declaration(), form.declaration()))
            return null;
        return ComparedView.of(PackForm.read(before.declaration(), before.law()), form.read(), menu,
                kitchen.menuWithPack(id, form.text(before, LocalDate.now(clock))), format);
    }

    @PostMapping("/larder/new")
    ModelAndView add(PackForm form, HttpServletRequest request) {
        if (!form.wrong().isEmpty()) return pack(NEW, form, form.wrong(), null, "", HttpStatus.UNPROCESSABLE_CONTENT);
        return new ModelAndView(
                "redirect:/larder/" + packs.add(form.text(null, LocalDate.now(clock)), Cook.of(request)));
    }

    @PostMapping("/larder/{id}")
    ModelAndView change(@PathVariable long id, PackForm form, HttpServletRequest request) {
        var before = stored(id);
        if (!form.wrong().isEmpty()) return pack(id, form, form.wrong(), null, "", HttpStatus.UNPROCESSABLE_CONTENT);
        try {
            packs.change(id, form.versionNumber(), form.text(before.value(), LocalDate.now(clock)), Cook.of(request));
            return new ModelAndView("redirect:/larder/" + id);
        } catch (Conflict e) {
            var theirs = stored(id);
            return pack(id, form.over(theirs.version()), String.valueOf(e.getMessage()), theirs.value(), "",
                    HttpStatus.CONFLICT);
        }
    }

    /// Makes a pack the usual one, lets it stand in today, or ends that.
    @PostMapping("/larder/{id}/use")
    String use(@PathVariable long id, @RequestParam(defaultValue = "") String as) {
        stored(id);
        switch (as) {
            case "usual" -> packs.makeUsual(id);
            case "today" -> packs.standIn(id, LocalDate.now(clock));
            case "stop" -> packs.standIn(id, null);
            case "none" -> packs.standBy(id);
            default -> throw new NotHere("A pack is the usual one, stands in today, or stands by.");
        }
        return "redirect:/larder/" + id;
    }

    @PostMapping("/larder/{id}/lines")
    String link(@PathVariable long id, @RequestParam long dish, @RequestParam String line,
            @RequestParam(defaultValue = "link") String as) {
        stored(id);
        var isThere = kitchen.menu().dish(dish).stream().flatMap(d -> d.derivation().recipe().lines().stream())
                .anyMatch(l -> l.text().equals(line));
        if (!as.equals("link")) packs.unlink(dish, line);
        else if (isThere) packs.link(new LineLink(dish, line, id));
        else throw new NotHere("That line is not in the dish any more. Open the pack again.");
        return "redirect:/larder/" + id;
    }

    @GetMapping("/larder/{id}/versions")
    ModelAndView versions(@PathVariable long id, @RequestParam(defaultValue = "0") int from,
            @RequestParam(defaultValue = "0") int to) {
        var pack = stored(id);
        var versions = packs.versions(id);
        var after = to == 0 ? versions.getFirst()
                : packs.version(id, to).orElseThrow(() -> new NotHere("This pack has no version %d.".formatted(to)));
        var number = from == 0 ? Math.max(1, after.number() - 1) : from;
        var before = packs.version(id, number)
                .orElseThrow(() -> new NotHere("This pack has no version %d.".formatted(number)));
        var compared = ComparedView.of(PackForm.read(before.value().declaration(), before.value().law()),
                PackForm.read(after.value().declaration(), after.value().law()),
                kitchen.menuWithPack(id, before.value()), kitchen.menuWithPack(id, after.value()), format);
        return new ModelAndView("larder/versions", "compared", compared)
                .addObject("page", new VersionsView<>(id, pack.value().label(), versions, before, after));
    }

    private Stored<LarderPack> stored(long id) {
        return packs.find(id).orElseThrow(() -> new NotHere("This pack is not in the larder any more."));
    }

    private ModelAndView pack(long id, PackForm form, String wrong, @Nullable LarderPack theirs, String find,
            HttpStatus status) {
        return new ModelAndView("larder/pack",
                Map.of("page", new PackPage(id, form, wrong, theirs, find, RuleBook.all(),
                        id == NEW ? null : packs.find(id).map(p -> PackView.of(p, find, kitchen, format)).orElse(null),
                        reading(id, form))),
                status);
    }
}
