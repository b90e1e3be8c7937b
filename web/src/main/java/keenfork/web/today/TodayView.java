package keenfork.web.today;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.run.Schedule;
import keenfork.core.trace.MenuQuestion;
import keenfork.web.kitchen.Menu;
import keenfork.web.kitchen.OutOfDate;
import keenfork.web.page.AsideView;
import keenfork.web.page.Format;
import keenfork.web.persistence.dish.SetAsides;
import keenfork.web.persistence.dish.Variants;
import keenfork.web.persistence.label.PrintJobs;
import keenfork.web.persistence.run.Runs;

/// What needs attention now.
///
/// @param packs     packs to read: unread ones first, then those that are due
/// @param questions what is open, each question once, whatever dishes ask it
/// @param labels    printed labels that no longer say what is so
/// @param run       what should have been laid on the day before, what is not known of how something is made, and
///                  dishes that the run leaves out
/// @param printer   what the printer waits for
/// @param loose     what was set for a day or a line and may no longer hold
/// @param variants  variants whose original was changed, and portions whose way out no longer holds
record TodayView(List<Need> packs, List<Open> questions, List<Need> labels, List<Need> printer, List<Need> run,
        List<Need> loose, List<Need> variants) {
    private static final String RUN = "/run?show=yours";
    private static final String PRINTER = "/labels#printer";
    private static final int NAMED = 3;

    /// one thing to do: its name, what is to be done, and where
    record Need(String name, String words, String link) {}

    /// A question that is open, asked once.
    ///
    /// @param where   the dishes that ask it, in words
    /// @param link    the first of them, or where the pack is read
    /// @param answers what every dish that asks could be answered with
    record Open(String ask, String where, String link, List<String> answers) {
        private static final int NAMED = 3;

        static Open of(MenuQuestion asked, Map<String, Menu.Dish> byName, Menu menu, Format format) {
            var dishes = asked.places().stream().map(MenuQuestion.Place::dish).distinct().toList();
            var where = dishes.size() <= NAMED ? format.list(dishes)
                    : "%s and %d more".formatted(String.join(", ", dishes.subList(0, NAMED)), dishes.size() - NAMED);
            var first = byName.get(dishes.getFirst());
            return new Open(asked.ask(), where, first == null ? "/dishes" : "/dishes/" + first.id(),
                    Answering.common(asked, byName, menu));
        }
    }

    /// the printer with what waits for it
    record Printer(List<PrintJobs.Job> queue, PrintJobs.Printer state) {}

    /// what was kept for some of the people
    record Plates(List<Variants.Variant> variants, List<SetAsides.Aside> asides) {}

    /// @param missed what should have been laid on the day before, and was not
    static TodayView of(Menu menu, List<OutOfDate> outOfDate, Printer printer, List<Schedule.Placed> missed,
            Plates plates, Format format) {
        return new TodayView(packs(menu, format), questions(menu, format), labels(outOfDate, format),
                printer(printer.queue, printer.state, format), run(menu, missed, format), loose(menu),
                variants(menu, plates.variants, plates.asides, format));
    }

    /// {@return whether anything waits}
    public boolean isWaiting() {
        return Stream.of(packs, questions, labels, printer, run, loose, variants).anyMatch(l -> !l.isEmpty());
    }

    private static List<Need> packs(Menu menu, Format format) {
        var needs = new ArrayList<Need>();
        for (var pack : menu.packsInUse()) {
            var dishes = menu.taking(pack.id()).stream().map(u -> u.dish().id()).distinct().count();
            var waits =
                    dishes == 0 ? "no dish uses it" : format.count(dishes, "dish waits for it", "dishes wait for it");
            if (!pack.value().isRead())
                needs.add(new Need(pack.value().label(), "Never read: " + waits, "/larder/" + pack.id()));
        }
        for (var pack : menu.packsInUse())
            if (menu.isDue(pack.value()) && pack.value().readOn() != null)
                needs.add(new Need(pack.value().label(),
                        "Read " + format.day(pack.value().readOn()) + ", so read it again", "/larder/" + pack.id()));
        return needs;
    }

    private static List<Open> questions(Menu menu, Format format) {
        var byName = menu.dishes().stream().collect(Collectors.toMap(Menu.Dish::name, d -> d));
        return MenuQuestion.across(menu.dishes().stream().map(Menu.Dish::derivation).toList()).stream()
                .map(a -> Open.of(a, byName, menu, format)).toList();
    }

    private static List<Need> labels(List<OutOfDate> outOfDate, Format format) {
        return outOfDate.stream()
                .map(o -> new Need(o.name(),
                        "%s of %s: %s Take %s back.".formatted(format.count(o.printed().cameOut(), "copy", "copies"),
                                format.moment(o.printed().printed()), o.words().getFirst(),
                                o.printed().out() == 1 ? "it" : "the " + o.printed().out() + " still out"),
                        "/labels?see=" + o.printed().id()))
                .toList();
    }

    private static List<Need> printer(List<PrintJobs.Job> printing, PrintJobs.Printer printer, Format format) {
        var needs = new ArrayList<Need>();
        for (var job : printing) switch (job.state()) {
            case UNSURE -> needs.add(new Need(job.title(),
                    "Nobody saw whether page %d came out. Look at the printer.".formatted(job.done() + 1), PRINTER));
            case HELD -> needs.add(new Need(job.title(), "Held. " + job.note(), PRINTER));
            case WAITING, SENDING, DONE, THROWN_AWAY -> {}
        }
        var waiting = printing.stream().filter(j -> j.state() == PrintJobs.State.WAITING).count();
        if (waiting > 0 && !printer.isReady())
            needs.add(new Need(printer.isOn() ? "Out of paper" : "The printer is switched off",
                    format.count(waiting, "print waits for it.", "prints wait for it."), PRINTER));
        return needs;
    }

    private static List<Need> run(Menu menu, List<Schedule.Placed> missed, Format format) {
        var needs = new ArrayList<Need>();
        for (var p : missed) needs.add(new Need(p.dish(), "Not laid on the day before: " + p.text(), RUN));
        for (var turn : menu.run().scored().turns())
            for (var ask : turn.batch().asks())
                menu.dishes().stream().filter(d -> d.name().equals(turn.batch().dish())).findFirst()
                        .ifPresent(d -> needs.add(new Need(d.name(), ask.inWords(), "/dishes/" + d.id())));
        var inRun = menu.run().kept().turns().stream().map(Runs.Turn::dish).collect(Collectors.toSet());
        var left = menu.dishes().stream().filter(d -> !inRun.contains(d.id())).map(Menu.Dish::name).toList();
        if (inRun.isEmpty() || left.isEmpty()) return needs;
        var named = left.size() <= NAMED ? format.list(left)
                : "%s and %d more".formatted(String.join(", ", left.subList(0, NAMED)), left.size() - NAMED);
        needs.add(new Need(named, "Not in the run: what shared kit could leave in %s is not counted"
                .formatted(left.size() == 1 ? "it" : "them"), RUN));
        return needs;
    }

    private static List<Need> loose(Menu menu) {
        var needs = new ArrayList<Need>();
        for (var pack : menu.packs())
            if (menu.day().equals(pack.value().standsInOn()))
                needs.add(new Need(pack.value().label(),
                        "Stands in today for the usual " + pack.value().food(), "/larder/" + pack.id()));
        for (var link : menu.stock().links())
            menu.dish(link.dish())
                    .filter(d -> d.derivation().recipe().lines().stream().noneMatch(l -> l.text().equals(link.line())))
                    .ifPresent(d -> needs.add(new Need(d.name(),
                            "“%s” was linked to a pack and is written otherwise now: the link holds no longer"
                                    .formatted(link.line()),
                            "/larder/" + link.pack())));
        return needs;
    }

    private static List<Need> variants(Menu menu, List<Variants.Variant> variants, List<SetAsides.Aside> asides,
            Format format) {
        var needs = new ArrayList<Need>();
        for (var variant : variants)
            if (variant.asks())
                menu.dish(variant.dish())
                        .ifPresent(d -> menu.dish(variant.original()).ifPresent(original -> needs.add(new Need(d.name(),
                                "Its original, %s, was changed since: does it follow?".formatted(original.name()),
                                "/dishes/" + d.id()))));
        for (var aside : asides)
            menu.dish(aside.dish()).ifPresent(d -> {
                var view = AsideView.of(aside, menu, d, format);
                if (!view.holds())
                    needs.add(new Need(d.name(), view.title() + ": " + view.words(), "/dishes/" + d.id()));
            });
        return needs;
    }
}
