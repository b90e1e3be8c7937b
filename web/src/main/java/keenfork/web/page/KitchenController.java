package keenfork.web.page;

import java.util.Arrays;
import java.util.Optional;
import keenfork.core.label.ContactWording;
import keenfork.core.measure.Volumes;
import keenfork.core.regime.RuleBook;
import keenfork.paper.Press;
import keenfork.web.persistence.settings.Settings;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.ModelAndView;

/// Who the kitchen is, as its labels and its pages say it.
@Controller
class KitchenController {
    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_ADDRESS = 200;
    private static final int LONGEST_EVENT = 100;
    private static final String STRICT = "strict";
    private static final String MEASURED = "measured";
    private final Settings settings;
    private final Format format;

    /// What spoons and cups may hold.
    record Measure(String id, String words) {}

    /// Something the kitchen said before.
    record Before(String what, String since) {}

    /// who the kitchen is, as it was typed
    record Typed(String name, String address, String event, String measures, String contact) {
        Typed(@Nullable String name, @Nullable String address, @Nullable String event, @Nullable String measures,
                @Nullable String contact) {
            this.measures = plain(measures);
            this.contact = plain(contact);
            this.name = plain(name);
            this.address = address == null ? "" : address.strip();
            this.event = plain(event);
        }

        private static String plain(@Nullable String typed) {
            return typed == null ? "" : typed.strip().replaceAll("\\s+", " ");
        }

        static Typed of(Settings.Identity who, Volumes measures, boolean isStrict) {
            return new Typed(who.name(), who.address(), who.event(), measures.name(), isStrict ? STRICT : MEASURED);
        }

        public boolean isStrict() { return !contact.equals(MEASURED); }

        /// {@return what spoons and cups hold; empty where nobody said so here}
        private Optional<Volumes> volumes() {
            return Arrays.stream(Volumes.values()).filter(v -> v.name().equals(measures)).findFirst();
        }

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

    KitchenController(Settings settings, Format format) {
        this.settings = settings;
        this.format = format;
    }

    @GetMapping("/kitchen")
    ModelAndView show() {
        return page(Typed.of(settings.identity(), settings.volumes(), settings.runDay().strict()), "", HttpStatus.OK);
    }

    private ModelAndView page(Typed typed, String wrong, HttpStatus status) {
        return new ModelAndView("page/kitchen", status).addObject("typed", typed).addObject("wrong", wrong)
                .addObject("measures",
                        Arrays.stream(Volumes.values()).map(v -> new Measure(v.name(), words(v))).toList())
                .addObject("before", settings.history().stream()
                        .map(c -> new Before(words(c), format.moment(c.since()))).toList());
    }

    private static String words(Volumes volumes) {
        return switch (volumes) {
            case METRIC -> "Metric: a tablespoon is 15 ml, a cup 250 ml";
            case US -> "United States: a tablespoon is 14.8 ml, a cup 237 ml";
            case AU -> "Australia: a tablespoon is 20 ml, a cup 250 ml";
            case IMPERIAL -> "Imperial: a tablespoon is 17.8 ml, a cup 284 ml";
        };
    }

    private static String words(Settings.Change change) {
        return switch (change.what()) {
            case KITCHEN_NAME -> "Called “%s”".formatted(change.value());
            case KITCHEN_ADDRESS -> "At “%s”".formatted(change.value().replace("\n", ", "));
            case COOKS_FOR -> change.value().isEmpty() ? "Cooks for the counter of every day"
                    : "Cooks for “%s”".formatted(change.value());
            case LAW -> "Rule book: "
                    + RuleBook.named(change.value()).map(RuleBook::name).orElse(change.value());
            case WORDING -> "Own contact on labels: " + (change.value().equals(ContactWording.MAY.id())
                    ? "as packs say it" : "made with shared kit");
            case MEASURES -> words(Volumes.valueOf(change.value()));
            case CONTACT -> "What counts as a contact: " + change.value();
        };
    }

    @PostMapping("/kitchen")
    ModelAndView keep(Typed typed) {
        var wrong = typed.wrong();
        if (!wrong.isEmpty()) return page(typed, wrong, HttpStatus.UNPROCESSABLE_CONTENT);
        settings.callItself(new Settings.Identity(typed.name, typed.address, typed.event));
        typed.volumes().ifPresent(settings::measureIn);
        var day = settings.runDay();
        if (!typed.contact.isEmpty())
            settings.useRunDay(new Settings.RunDay(day.day(), day.cooks(), day.opens(), day.serve(),
                    typed.isStrict()));
        return new ModelAndView("redirect:/today");
    }
}
