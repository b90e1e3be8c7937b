package keenfork.web.swap;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import keenfork.core.food.Food;
import keenfork.core.swap.CreamSchool;
import keenfork.core.swap.Role;
import keenfork.core.swap.Swap;
import keenfork.core.swap.Swaps;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.SwapStock;
import keenfork.web.page.Cook;
import keenfork.web.page.Format;
import keenfork.web.persistence.settings.OwnSwaps;
import keenfork.web.persistence.settings.Settings;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/// The table of swaps: the shipped ones, which can be turned off, and the kitchen's own.
@Controller
class SwapTableController {
    private static final int LONGEST = 500;
    private static final OwnSwaps.Own BLANK = new OwnSwaps.Own(0, "", "body", "", "", "", "0.7");
    private final Kitchen kitchen;
    private final OwnSwaps own;
    private final Settings settings;
    private final Format format;

    /// One swap.
    ///
    /// @param key   its key where it is the kitchen's own; 0 else
    /// @param tries dishes of the menu that hold what it replaces
    record SwapRow(String id, long key, String replaces, String goesIn, String role, String how, String facts,
            String source, boolean off, boolean liked, List<Tries.OnDish> tries) {
        /// {@return what its button does}
        public String turn() { return off ? "Use it again" : "Turn off"; }

        /// {@return what its other button does}
        public String like() { return liked ? "Prefer no more" : "Prefer this"; }

        /// {@return where that button goes}
        public String likePath() { return "/swaps/table/" + id + (liked ? "/unlike" : "/like"); }

        /// {@return where its button goes}
        public String path() { return "/swaps/table/" + id + (off ? "/on" : "/off"); }
    }

    /// The table as a page.
    ///
    /// @param q     what is looked for, as typed
    /// @param all   how many swaps there are
    /// @param off   how many of them are turned off
    /// @param form  a swap of the kitchen's own, as typed
    /// @param wrong what is wrong with it; empty where nothing is
    /// @param creams the school of creams the kitchen prefers; empty for none
    record SwapTable(String q, int all, int off, List<SwapRow> rows, OwnSwaps.Own form, List<Role> roles,
            String wrong, String creams) {
        public List<CreamSchool> schools() { return List.of(CreamSchool.values()); }

        public String facts() { return off == 0 ? all + " swaps" : "%d swaps, %d turned off".formatted(all, off); }
    }

    SwapTableController(Kitchen kitchen, OwnSwaps own, Settings settings, Format format) {
        this.kitchen = kitchen;
        this.own = own;
        this.settings = settings;
        this.format = format;
    }

    @GetMapping("/swaps/table")
    ModelAndView table(@RequestParam(defaultValue = "") String q) { return page(q, BLANK, "", HttpStatus.OK); }

    private ModelAndView page(String q, OwnSwaps.Own form, String wrong, HttpStatus status) {
        var words = q.strip().toLowerCase(Locale.ROOT);
        var off = own.off();
        var liked = own.liked();
        var tries = Tries.on(kitchen.menu());
        var rows = new ArrayList<SwapRow>();
        for (var o : own.all())
            rows.add(row(SwapStock.swap(o), o.id(), off.contains(o.swap()), liked.contains(o.swap()), tries));
        for (var s : Swaps.shipped().all()) rows.add(row(s, 0, off.contains(s.id()), liked.contains(s.id()), tries));
        var found = rows.stream().filter(
                r -> (r.replaces + " " + r.goesIn + " " + r.role).toLowerCase(Locale.ROOT).contains(words)).toList();
        return new ModelAndView("swap/table",
                Map.of("page", new SwapTable(q, rows.size(), off.size(), found, form, List.of(Role.values()), wrong,
                        settings.creams().map(CreamSchool::id).orElse(""))),
                status);
    }

    private SwapRow row(Swap swap, long key, boolean off, boolean liked, Tries tries) {
        var goesIn = swap.with().stream().map(i -> "%s %s".formatted(i.low().equals(i.high()) ? i.low().toPlainString()
                : i.low().toPlainString() + "–" + i.high().toPlainString(), i.food().name())).toList();
        return new SwapRow(swap.id(), key, String.join(", ", swap.replaces().stream().map(Food::name).toList()),
                String.join(" + ", goesIn), roles(swap), swap.make().isEmpty() ? "As it is" : swap.make(),
                format.minutes(swap.lead().low(), swap.lead().high()),
                swap.source(), off, liked, tries.of(swap));
    }

    private static String roles(Swap swap) {
        return swap.roles().entrySet().stream()
                .map(r -> "%s, close %d of 100".formatted(r.getKey().word(), Math.round(r.getValue() * 100)))
                .collect(Collectors.joining("; "));
    }

    /// a swap as it was typed
    record Typed(@Nullable String replaces, @Nullable String role, @Nullable String goesIn,
            @Nullable String preparation, @Nullable String lead, @Nullable String closeness) {
        OwnSwaps.Own own() {
            return new OwnSwaps.Own(0, plain(replaces), plain(role), plain(goesIn), plain(preparation), plain(lead),
                    plain(closeness));
        }

        private static String plain(@Nullable String typed) { return typed == null ? "" : typed.strip(); }
    }

    @PostMapping("/swaps/table")
    ModelAndView add(Typed typed, HttpServletRequest request) {
        var form = typed.own();
        var wrong = wrong(form);
        if (wrong.isEmpty()) {
            own.add(form, Cook.of(request));
            return new ModelAndView("redirect:/swaps/table");
        }
        return page("", form, wrong, HttpStatus.UNPROCESSABLE_CONTENT);
    }

    private static String wrong(OwnSwaps.Own form) {
        if (form.preparation().isEmpty()) return "Say how it is made, in a few words.";
        for (var text : List.of(form.replaces(), form.goesIn(), form.preparation()))
            if (text.length() > LONGEST)
                return "That is longer than a swap needs: keep each field under %d letters.".formatted(LONGEST);
        try {
            SwapStock.swap(form);
            return "";
        } catch (IllegalArgumentException e) {
            return "Not kept yet: " + e.getMessage() + ".";
        }
    }

    /// @param school the school of creams that is preferred; anything else is none
    @PostMapping("/swaps/table/creams")
    String prefer(@RequestParam(defaultValue = "") String school) {
        settings.prefer(CreamSchool.named(school).orElse(null));
        return "redirect:/swaps/table";
    }

    @PostMapping("/swaps/table/{id}/off")
    String turnOff(@PathVariable String id, @RequestParam(defaultValue = "") String q, HttpServletRequest request) {
        if (isHeld(id)) own.turnOff(id, Cook.of(request));
        return "redirect:/swaps/table" + query(q);
    }

    private boolean isHeld(String id) {
        return Swaps.shipped().all().stream().anyMatch(s -> s.id().equals(id))
                || own.all().stream().anyMatch(o -> id.equals(o.swap()));
    }

    @PostMapping("/swaps/table/{id}/like")
    String like(@PathVariable String id, @RequestParam(defaultValue = "") String q, HttpServletRequest request) {
        if (isHeld(id)) own.like(id, Cook.of(request));
        return "redirect:/swaps/table" + query(q);
    }

    @PostMapping("/swaps/table/{id}/unlike")
    String unlike(@PathVariable String id, @RequestParam(defaultValue = "") String q) {
        own.unlike(id);
        return "redirect:/swaps/table" + query(q);
    }

    @PostMapping("/swaps/table/{id}/on")
    String turnOn(@PathVariable String id, @RequestParam(defaultValue = "") String q) {
        own.turnOn(id);
        return "redirect:/swaps/table" + query(q);
    }

    @PostMapping("/swaps/table/{key}/remove")
    String remove(@PathVariable long key) {
        own.remove(key);
        return "redirect:/swaps/table";
    }

    private static String query(String q) {
        return q.isBlank() ? "" : "?q=" + URLEncoder.encode(q, StandardCharsets.UTF_8);
    }
}
