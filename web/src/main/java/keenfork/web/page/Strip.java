package keenfork.web.page;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.regime.RuleBook;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.OnFile;
import keenfork.web.kitchen.Paper;
import keenfork.web.persistence.guest.Events;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/// What stands over every page: the kitchen, the event, the rule book in force and what needs attention.
@ControllerAdvice
class Strip {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM yyyy, HH:mm", Locale.UK);
    private static final DateTimeFormatter EVENT_DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);
    private final Kitchen kitchen;
    private final Paper paper;
    private final Clock clock;

    /// one link of the rail
    record Station(String key, String name, String path) {}

    private static final List<Station> STATIONS = List.of(new Station("1", "Today", "/today"),
            new Station("2", "Dishes", "/dishes"), new Station("3", "Larder", "/larder"),
            new Station("4", "Map", "/map"), new Station("5", "Covers", "/covers"),
            new Station("6", "Swaps", "/swaps"), new Station("7", "Prep run", "/run"),
            new Station("8", "Labels", "/labels"));

    /// everything the layout shows
    record View(String kitchen, String event, RuleBook ruleBook, long packsUnread, long packsDue, long labelsOld,
            List<Station> stations, String here, String today) {
        /// {@return what goes with the number of unread packs}
        public String unreadWords() {
            return (packsUnread == 1 ? "pack unread" : "packs unread") + (packsDue > 0 ? "," : "");
        }

        /// {@return the kitchen's name, or what to press to give it one}
        public String kitchenSaid() { return kitchen.isEmpty() ? "Name your kitchen" : kitchen; }

        /// {@return what the name is for, in the words of a first step}
        public String onLabels() {
            return kitchen.isEmpty() ? "Your name stands on every label." : kitchen + ", on every label.";
        }

        /// {@return whether a pack waits to be read}
        public boolean packsWait() { return packsUnread > 0 || packsDue > 0; }

        /// {@return what goes with the number of labels out of date}
        public String oldWords() { return labelsOld == 1 ? "label out of date" : "labels out of date"; }

        /// {@return what stands in the title of a window}
        public String inTitle() { return kitchen.isEmpty() ? "" : kitchen + " · "; }

        public boolean isHere(Station station) { return here.startsWith(station.path); }
    }

    Strip(Kitchen kitchen, Paper paper, Clock clock) {
        this.kitchen = kitchen;
        this.paper = paper;
        this.clock = clock;
    }

    /// {@return the event in force in words; at the counter of every day what the kitchen says of itself}
    private static String event(OnFile onFile) {
        return onFile.event().map(Events.Event::details).map(e -> Stream.of(e.name(),
                e.day() == null ? "" : EVENT_DAY.format(e.day()), e.covers() == 0 ? "" : e.covers() + " covers")
                .filter(s -> !s.isEmpty())
                .collect(Collectors.joining(", "))).orElse(onFile.who().event());
    }

    @ModelAttribute("strip")
    View strip(HttpServletRequest request) {
        var menu = kitchen.menu();
        return new View(menu.kitchenName(), event(menu.onFile()), menu.ruleBook(), menu.packsUnread(),
                menu.packsDue(),
                paper.outOfDate().stream().mapToLong(o -> o.printed().out()).sum(), STATIONS, request.getRequestURI(),
                DAY.format(LocalDateTime.now(clock)));
    }
}
