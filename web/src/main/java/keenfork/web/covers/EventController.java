package keenfork.web.covers;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.guest.Events;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/// Events: begun, changed, put in force, copied, laid by.
@Controller
class EventController {
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_NOTES = 2_000;
    private static final int MOST_COVERS = 100_000;
    private static final String A_TIME = "(?:[01]?\\d|2[0-3])[:.][0-5]\\d|";
    private static final String BACK = "redirect:/covers";
    private final Events events;

    EventController(Events events) {
        this.events = events;
    }

    /// an event as it was typed
    record Typed(@Nullable String name, @Nullable String day, @Nullable String doors, @Nullable String service,
            @Nullable String covers, @Nullable String notes, @Nullable String guestsUntil) {
        static final Typed NOTHING = new Typed("", "", "", "", "", "", "");

        /// {@return an event as its form shows it}
        static Typed of(Events.Details kept) {
            return new Typed(kept.name(), written(kept.day()), kept.doors(), kept.service(),
                    kept.covers() == 0 ? "" : String.valueOf(kept.covers()), kept.notes(), written(kept.guestsUntil()));
        }

        private static String written(@Nullable LocalDate day) { return day == null ? "" : day.toString(); }

        String wrong() {
            if (plain(name).isEmpty() || plain(name).length() > LONGEST_NAME)
                return "Give the event a name of 1 to %d letters.".formatted(LONGEST_NAME);
            if (!plain(covers).matches("\\d{0,6}") || number() > MOST_COVERS)
                return "Covers are a whole number, not “%s”.".formatted(plain(covers));
            if (!plain(doors).matches(A_TIME))
                return "Doors open at a time such as 18:00, not “%s”.".formatted(plain(doors));
            if (!plain(service).matches(A_TIME))
                return "It is served at a time such as 18:30, not “%s”.".formatted(plain(service));
            if (plain(notes).length() > LONGEST_NOTES)
                return "Keep the notes under %,d letters.".formatted(LONGEST_NOTES);
            if (!plain(guestsUntil).isEmpty() && date(guestsUntil) == null)
                return "Guests are kept until a date, not “%s”.".formatted(plain(guestsUntil));
            return plain(day).isEmpty() || date(day) != null ? ""
                    : "Its day is a date, not “%s”.".formatted(plain(day));
        }

        Events.Details details() {
            return new Events.Details(plain(name), date(day), plain(doors).replace('.', ':'),
                    plain(service).replace('.', ':'), number(), plain(notes),
                    date(guestsUntil));
        }

        private int number() { return plain(covers).isEmpty() ? 0 : Integer.parseInt(plain(covers)); }

        private static @Nullable LocalDate date(@Nullable String typed) {
            try {
                return plain(typed).isEmpty() ? null : LocalDate.parse(plain(typed));
            } catch (DateTimeParseException e) {
                return null;
            }
        }

        private static String plain(@Nullable String typed) { return typed == null ? "" : typed.strip(); }
    }

    @PostMapping("/covers/events")
    String begin(Typed typed, RedirectAttributes flash) {
        if (isRight(typed, flash)) events.begin(typed.details());
        return BACK;
    }

    @PostMapping("/covers/events/{id}")
    String change(@PathVariable long id, @RequestParam(defaultValue = "0") long version, Typed typed,
            RedirectAttributes flash) {
        if (!isRight(typed, flash)) return BACK;
        try {
            events.change(id, version, typed.details());
        } catch (Conflict | OptimisticLockingFailureException e) {
            flash.addFlashAttribute("wrongEvent",
                    "Somebody changed this event meanwhile. What you typed still stands here: keep it again to write "
                            + "over theirs.");
            flash.addFlashAttribute("typedEvent", typed);
        }
        return BACK;
    }

    /// What is wrong is said over the page, with what was typed in its fields.
    private static boolean isRight(Typed typed, RedirectAttributes flash) {
        var wrong = typed.wrong();
        if (wrong.isEmpty()) return true;
        flash.addFlashAttribute("wrongEvent", wrong);
        flash.addFlashAttribute("typedEvent", typed);
        return false;
    }

    @PostMapping("/covers/events/use")
    String use(@RequestParam(defaultValue = "0") long event) {
        events.use(event);
        return BACK;
    }

    @PostMapping("/covers/events/{id}/copy")
    String copy(@PathVariable long id, RedirectAttributes flash) {
        try {
            events.copy(id);
        } catch (Conflict e) {
            flash.addFlashAttribute("wrongEvent", e.getMessage());
        }
        return BACK;
    }

    @PostMapping("/covers/events/{id}/archive")
    String archive(@PathVariable long id) {
        events.archive(id);
        return BACK;
    }
}
