package keenfork.web.larder;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import keenfork.core.food.Foods;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.pack.ReadAgain;
import keenfork.core.regime.RuleBook;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.PackText;
import keenfork.web.persistence.Packs;
import keenfork.web.persistence.Settings;
import keenfork.web.persistence.Stored;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class LarderController {
    private static final String NO_BAR_CODE = "";
    private final Kitchen kitchen;
    private final Packs packs;
    private final Settings settings;
    private final Format format;
    private final Clock clock;

    /// what was typed about a pack
    record PackForm(String food, String label, String law, String declaration, String version) {
        private static final int LONGEST = 20_000;

        PackForm(@Nullable String food, @Nullable String label, @Nullable String law, @Nullable String declaration, @Nullable String version) {
            this.food = food == null ? "" : food.strip();
            this.label = label == null ? "" : label.strip();
            this.law = law == null ? "" : law;
            this.declaration = declaration == null ? "" : declaration.replace("\r\n", "\n");
            this.version = version == null ? "" : version;
        }

        static PackForm of(Stored<PackText> pack) {
            var p = pack.value();
            return new PackForm(p.food(), p.label(), p.law(), p.declaration(), String.valueOf(pack.version()));
        }

        Declaration read() {
            return Declaration.read(declaration, RuleBook.named(law).map(r -> new Law(r.id())).orElse(Law.UNKNOWN));
        }

        String lawId() {
            return RuleBook.named(law).map(RuleBook::id).orElse("unknown");
        }

        long versionNumber() {
            return version.matches("\\d{1,18}") ? Long.parseLong(version) : -1;
        }

        String wrong() {
            if (declaration.length() > LONGEST) return "This is longer than %,d letters. A declaration is what is printed on one pack.".formatted(LONGEST);
            if (declaration.indexOf('\0') >= 0) return "There is a sign in the text that is no letter. Type it from the pack.";
            if (food.isEmpty() || Foods.shipped().find(food).isEmpty()) return "Say which food of the table this pack is used for: “%s” is not in it.".formatted(food);
            return label.isEmpty() || label.length() > 200 ? "Give the pack a name of 1 to 200 letters, as you would call it across the kitchen." : "";
        }
    }

    LarderController(Kitchen kitchen, Packs packs, Settings settings, Format format, Clock clock) {
        this.kitchen = kitchen;
        this.packs = packs;
        this.settings = settings;
        this.format = format;
        this.clock = clock;
    }

    @GetMapping("/larder") String list(Model model) {
        list(model, kitchen.menu(), String.valueOf(kitchen.menu().readAgain().days()), "");
        return "larder/list";
    }

    private void list(Model model, Menu menu, String days, String wrong) {
        var unreadFirst = Comparator.comparing((Stored<PackText> p) -> p.value().isRead()).thenComparing(p -> !menu.isDue(p.value()));
        model.addAttribute("packs", menu.packs().stream().sorted(unreadFirst).map(p -> PackRowView.of(p, menu, format)).toList());
        model.addAttribute("days", days);
        model.addAttribute("wrong", wrong);
    }

    @PostMapping("/larder/read-again") String readAgain(@RequestParam(defaultValue = "") String days, Model model, HttpServletResponse response) {
        if (days.strip().matches("[1-9]\\d{0,3}")) {
            settings.readAgainAfter(new ReadAgain(Integer.parseInt(days.strip())));
            return "redirect:/larder";
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        list(model, kitchen.menu(), days, "Say after how many days a pack is read again: a whole number from 1 to 9999, not “%s”.".formatted(days));
        return "larder/list";
    }

    @GetMapping("/larder/new") ModelAndView blank(@RequestParam(defaultValue = "") String food) {
        return pack(0, new PackForm(food, food, kitchen.menu().ruleBook().id(), "", ""), "", HttpStatus.OK);
    }

    @GetMapping("/larder/{id}") ModelAndView open(@PathVariable long id) {
        return pack(id, PackForm.of(packs.find(id).orElseThrow(() -> new NotHere("This pack is not in the larder any more."))), "", HttpStatus.OK);
    }

    @PostMapping("/larder/read") String read(PackForm form, Model model) {
        model.addAttribute("reading", DeclarationView.of(form.read(), kitchen.menu().ruleBook(), format));
        return "larder/pack :: reading";
    }

    @PostMapping("/larder/new") ModelAndView add(PackForm form) {
        var wrong = form.wrong();
        if (wrong.isEmpty() && kitchen.menu().packFor(food(form)).isPresent()) wrong = "There is a pack in use for %s already. Open that one and read it again.".formatted(food(form));
        if (!wrong.isEmpty()) return pack(0, form, wrong, HttpStatus.UNPROCESSABLE_CONTENT);
        packs.add(text(form, NO_BAR_CODE));
        return new ModelAndView("redirect:/larder");
    }

    @PostMapping("/larder/{id}") ModelAndView change(@PathVariable long id, PackForm form) {
        var wrong = form.wrong();
        if (!wrong.isEmpty()) return pack(id, form, wrong, HttpStatus.UNPROCESSABLE_CONTENT);
        var before = packs.find(id).orElseThrow(() -> new NotHere("This pack is not in the larder any more."));
        try {
            packs.change(id, form.versionNumber(), text(form, before.value().barCode()));
            return new ModelAndView("redirect:/larder/" + id);
        } catch (Conflict e) {
            var newer = new PackForm(form.food(), form.label(), form.law(), form.declaration(), String.valueOf(before.version()));
            return pack(id, newer, e.getMessage() + " Stored now: " + before.value().declaration(), HttpStatus.CONFLICT);
        }
    }

    private PackText text(PackForm form, String barCode) {
        return new PackText(food(form), form.label(), barCode, form.lawId(), form.declaration(), form.declaration().isBlank() ? null : LocalDate.now(clock));
    }

    private static String food(PackForm form) {
        return Foods.shipped().find(form.food()).orElseThrow().name();
    }

    private ModelAndView pack(long id, PackForm form, String wrong, HttpStatus status) {
        var page = new ModelAndView("larder/pack", status);
        page.addObject("id", id);
        page.addObject("form", form);
        page.addObject("wrong", wrong);
        page.addObject("laws", RuleBook.all());
        page.addObject("reading", DeclarationView.of(form.read(), kitchen.menu().ruleBook(), format));
        return page;
    }
}
