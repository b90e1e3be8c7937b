package keenfork.web.run;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.persistence.guest.Events;
import keenfork.web.persistence.run.Runs;
import keenfork.web.persistence.settings.Settings;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/// The station's page: the best order beside the crew's own.
@Component
class RunPage {
    private final Kitchen kitchen;
    private final Settings settings;
    private final Runs runs;
    private final Events events;
    private final Search search;
    private final Format format;
    private final Clock clock;
    private volatile @Nullable KeptBatches kept;

    /// a dish that may be in the run
    record Pick(long id, String name, boolean chosen) {}

    /// What is asked to be shown.
    ///
    /// @param show best or yours
    /// @param open the dish that is looked at closely; 0 for none
    /// @param trip the hand-over that is looked at closely; -1 for none
    /// @param wide whether the clock is drawn wide
    record Asked(String show, long open, int trip, boolean wide) {
        static final Asked YOURS = new Asked("yours", 0, -1, false);

        /// {@return the address with the clock drawn the other way}
        public String turned() { return "/run?show=" + show + (wide ? "" : "&zoom=wide"); }

        /// {@return what that does}
        public String turn() { return wide ? "Fit the day" : "Stretch the clock"; }

        /// {@return the address with a dish looked at closely}
        public String opened(long dish) { return "/run?show=" + show + "&open=" + dish + zoom(); }

        /// {@return the address with a hand-over looked at closely}
        public String followed(int trip) { return "/run?show=" + show + "&trip=" + trip + zoom() + "#trip"; }

        /// {@return how something of a dish looks, `open` where it is looked at closely}
        public String look(long dish) { return dish == open ? "open" : ""; }

        private String zoom() { return wide ? "&zoom=wide" : ""; }

        /// {@return the address of what is asked}
        String address() {
            return "/run?show=" + show + (open == 0 ? "" : "&open=" + open) + (trip < 0 ? "" : "&trip=" + trip)
                    + zoom();
        }
    }

    RunPage(Kitchen kitchen, Settings settings, Runs runs, Events events, Search search, Format format, Clock clock) {
        this.kitchen = kitchen;
        this.settings = settings;
        this.runs = runs;
        this.events = events;
        this.search = search;
        this.format = format;
        this.clock = clock;
    }

    /// Read once, and kept until something it rests on changes: a menu is the same one until then.
    Batches batches() {
        var menu = kitchen.menu();
        var day = settings.runDay();
        var told = settings.told();
        var before = kept;
        if (before != null && before.batches.menu() == menu && before.batches.day().equals(day)
                && before.told.equals(told))
            return before.batches;
        var now = new KeptBatches(told, Batches.of(menu, day, told));
        kept = now;
        return now.batches;
    }

    /// @param told what the crew had said of its day
    private record KeptBatches(String told, Batches batches) {}

    /// {@return whether a run is in force and this is its day}
    boolean isToday() {
        var day = settings.runDay().day();
        return runs.inForce().id() != 0 && LocalDate.now(clock).equals(day);
    }

    /// @param wrong what went wrong, in words; empty for nothing
    String fill(Model model, Asked asked, String wrong) {
        var batches = batches();
        var order = batches.inOrder();
        var answer = search.best(order, batches.conditions());
        var yours = batches.yours();
        var best = asked.show.equals("best") && answer.run() != null;
        var shown = best && answer.run() != null ? answer.run() : yours;
        var missed = shown.schedule().missed(batches.served(), LocalDate.now(clock), runs.laid(batches.served()))
                .stream().map(p -> new RunView.Laid(p.what(), false)).toList();
        var view = RunView.of(shown, batches, events.groups(), asked, missed, format);
        var inRun = batches.turns().stream().map(Runs.Turn::dish).toList();
        var open = open(batches);
        model.addAttribute("page", new View(asked, wrong.isEmpty() ? batches.unheard() : wrong,
                batches.menu().run().kept().id(), format.day(batches.served()), best,
                answer.run() == null ? null
                        : Tile.of("Best order", "best", best, answer.run(), batches.day().serve()),
                Tile.of("Your order", "yours", !best, yours, batches.day().serve()), answer, runs.undoable(),
                runs.history(), view, best ? shown.worth() : "", left(batches, inRun), batches.unsaid(), open,
                travels(view.trips().size(), open.isEmpty()), picks(batches, inRun)));
        return "run/run";
    }

    private static List<Pick> picks(Batches batches, List<Long> inRun) {
        return batches.menu().dishes().stream().filter(d -> batches.byDish().containsKey(d.id()))
                .map(d -> new Pick(d.id(), d.name(), inRun.contains(d.id()))).toList();
    }

    /// The page.
    ///
    /// @param wrong    what went wrong, in words; empty for nothing
    /// @param run      the run in force, 0 for none
    /// @param showBest whether the best order is shown, not the kitchen's own
    /// @param bestTile null where no order was found yet
    /// @param worth    what the proof is worth, in words
    /// @param left     the dishes that are not in the run
    /// @param unsaid   the dishes no step of which says what they go over
    /// @param travels  the headline of what travels
    record View(Asked asked, String wrong, long run, String day, boolean showBest, @Nullable Tile bestTile,
            Tile yoursTile, Search.Answer search, String undoable, List<Runs.Change> history, RunView view,
            String worth, List<String> left, List<String> unsaid, List<Open> open, String travels,
            List<Pick> picks) {
        public boolean kept() { return run != 0; }

        /// {@return whether a wash could keep something from travelling}
        public boolean canBeWashed() { return !view.trips().isEmpty(); }

        /// {@return whose order is shown}
        public String title() { return showBest ? "Best order" : "Your order"; }

        public String shown() { return showBest ? "best" : "yours"; }
    }

    /// What is not known of how a dish is made, with the way to its bench.
    ///
    /// @param dish its key
    record Open(long dish, String name, String words) {}

    private static List<Open> open(Batches batches) {
        return batches.byDish().entrySet().stream().flatMap(
                e -> e.getValue().asks().stream().map(a -> new Open(e.getKey(), e.getValue().dish(), a.inWords())))
                .toList();
    }

    private static String travels(int ways, boolean isKnown) {
        if (ways > 1) return "What still travels, %d ways".formatted(ways);
        if (ways == 1) return "What still travels";
        return isKnown ? "Nothing travels" : "Nothing travels that is known";
    }

    private static List<String> left(Batches batches, List<Long> inRun) {
        return batches.menu().dishes().stream()
                .filter(d -> batches.byDish().containsKey(d.id()) && !inRun.contains(d.id())).map(Menu.Dish::name)
                .toList();
    }
}
