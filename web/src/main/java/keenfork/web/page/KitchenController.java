package keenfork.web.page;

import keenfork.paper.Press;
import keenfork.web.persistence.settings.Settings;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.ModelAndView;

/// Who the kitchen is, as its labels and its pages say it.
@Controller
class KitchenController {
    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_ADDRESS = 200;
    private static final int LONGEST_EVENT = 100;
    private final Settings settings;

    /// who the kitchen is, as it was typed
    record Typed(String name, String address, String event) {
        Typed(@Nullable String name, @Nullable String address, @Nullable String event) {
            this.name = plain(name);
            this.address = address == null ? "" : address.strip();
            this.event = plain(event);
        }

        private static String plain(@Nullable String typed) {
            return typed == null ? "" : typed.strip().replaceAll("\\s+", " ");
        }

        static Typed of(Settings.Identity who) { return new Typed(who.name(), who.address(), who.event()); }

        /// {@return what is wrong with it, in words; empty where nothing is}
        private String wrong() {
            if (name.isEmpty()) return "Say what your kitchen is called: it stands on every label.";
            if (name.length() > LONGEST_NAME) return tooLong("The name", LONGEST_NAME);
            if (address.length() > LONGEST_ADDRESS) return tooLong("The address", LONGEST_ADDRESS);
            if (event.length() > LONGEST_EVENT) return tooLong("What you cook for", LONGEST_EVENT);
            var missing = Press.missing(name + address + event);
            return missing.isEmpty() ? ""
                    : "No face here has the letters %s, so they cannot be printed."
                            .formatted(String.join(" ", missing));
        }

        private static String tooLong(String what, int most) {
            return "%s is longer than %d letters, and does not fit on a label.".formatted(what, most);
        }
    }

    KitchenController(Settings settings) {
        this.settings = settings;
    }

    @GetMapping("/kitchen")
    String show(Model model) {
        model.addAttribute("typed", Typed.of(settings.identity()));
        model.addAttribute("wrong", "");
        return "page/kitchen";
    }

    @PostMapping("/kitchen")
    ModelAndView keep(Typed typed) {
        var wrong = typed.wrong();
        if (wrong.isEmpty()) {
            settings.callItself(new Settings.Identity(typed.name, typed.address, typed.event));
            return new ModelAndView("redirect:/today");
        }
        var again = new ModelAndView("page/kitchen", HttpStatus.UNPROCESSABLE_CONTENT);
        again.addObject("typed", typed);
        again.addObject("wrong", wrong);
        return again;
    }
}
