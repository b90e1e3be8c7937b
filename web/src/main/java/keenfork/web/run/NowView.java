package keenfork.web.run;

import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import keenfork.core.food.Substance;
import keenfork.core.run.BatchSetup;
import keenfork.core.run.Clean;
import keenfork.core.run.CrossContact;
import keenfork.core.run.Kit;
import keenfork.core.run.PrepRun;
import keenfork.core.run.Progress;
import keenfork.core.run.Schedule;
import keenfork.core.run.Sequencer;
import keenfork.web.page.Format;
import keenfork.web.persistence.guest.Events;
import keenfork.web.persistence.run.Runs;
import org.jspecify.annotations.Nullable;

/// The run for the hands: for each cook what is now, what to wash before the next, and what is next; beside it the next
/// two hours by kit.
///
/// @param day      the day all is served, in words
/// @param standing how the day stands: when it begins, whether it is on time
/// @param late     whether it is behind
/// @param trips    what travels, in words; empty for nothing
/// @param passed   washes that nobody did, though what they stand before is made
/// @param open     how many steps and dishes are not known
/// @param cooks    a card for each pair of hands
/// @param lately   what was marked last, the newest first
record NowView(String day, String clock, String standing, boolean late, List<String> trips, List<Passed> passed,
        int open, List<Card> cooks, Fall fall, Whole whole, List<Lately> lately) {
    private static final int LAST = 4;
    private static final int MOST_WASHES = 1;

    /// {@return whether few washes were passed over, so that they stand open}
    public boolean fewPassed() { return passed.size() < 2; }

    /// what is posted to mark something
    record Mark(long dish, boolean clean, String what, int place) {}

    /// One pair of hands.
    ///
    /// @param begun  whether what is first in hand has begun
    /// @param now    null where all is done
    /// @param washes what must be clean before
    /// @param more   washes after that, in words; empty for none
    record Card(int number, boolean begun, @Nullable TaskView now, List<Wash> washes, String more,
            @Nullable TaskView next) {
        public String head() { return "Cook %d, %s".formatted(number, begun ? "now" : "first"); }
    }

    /// @param when  "to 14:34", or "at 10:41" where it is not begun
    /// @param takes what goes in
    /// @param fresh what the hands, the spoon and the cloth are changed for before it; empty where they need not be
    record TaskView(String when, String dish, String text, String takes, String on, String fresh, Mark mark) {
        private static final int LONG = 30;

        /// {@return how its name is set: `long` in smaller letters}
        public String look() { return dish.length() > LONG ? "long" : ""; }
    }

    /// @param stain what is on it and who goes without if it is passed over; empty where nothing would travel
    /// @param word  what is done: wash, wipe, rinse, renew
    record Wash(String stain, String people, String word, String piece, String before, Mark mark) {}

    /// a wash that was passed over, with what it let through
    record Passed(String words, Mark mark) {}

    /// something that was marked
    record Lately(String words, Mark mark) {}

    private static final int ROW = 26;
    private static final int CLEAN_WIDE = 4;

    /// the whole day of all cooks, small
    record Whole(List<Bar> bars, List<Hour> hours, int from, int width, List<Integer> rows) {
        /// {@return how high the drawing is, in px}
        public int height() { return 34 + rows.size() * ROW; }

        /// {@return how high the frame of the next two hours is, in px}
        public int framed() { return 8 + rows.size() * ROW; }
    }

    /// @param y the middle of its row
    record Bar(int x, int y, int width, boolean clean, boolean done) {
        private static final int HIGH = 16;
        private static final int LOW = 10;

        public int height() { return clean ? HIGH : LOW; }

        public int top() { return y + (HIGH - height()) / 2; }

        /// {@return its style: a clean or a task, done or not}
        public String look() {
            if (clean) return done ? "cl dn" : "cl";
            return done ? "dn" : "bar";
        }
    }

    record Hour(int x, String time) {}

    static NowView of(Batches batches, List<Runs.Marked> marks, List<Events.Guests> groups, LocalDateTime at,
            Format format) {
        var planned = batches.planned();
        var schedule = planned.schedule();
        var ready = batches.day().serve();
        var starts = batches.served().atTime(ready).minusMinutes(schedule.minutes());
        var done = batches.menu().run().done();
        var progress = Progress.of(planned, done, (int) ChronoUnit.MINUTES.between(starts, at));
        var truth = batches.yours();
        var trips = ContactView.of(truth, batches, groups, -1, format);
        var builder = new Builder(batches, planned, progress, groups, ready, format);
        var from = Math.clamp(progress.now(), 0, Math.max(0, schedule.minutes() + progress.behind() - 1));
        var cooks = progress.cooks().stream().map(builder::card).toList();
        var left = new HashMap<Schedule.Placed, String>();
        for (var p : progress.open())
            if (p.kind() == Schedule.Slot.CLEAN && progress.starts(p) < from + Fall.HOURS)
                left.put(p,
                        builder.names(builder.held(p)));
        return new NowView(batches.served().getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.UK), at.toLocalTime()
                .truncatedTo(ChronoUnit.MINUTES).toString(), standing(progress, starts, at, ready),
                progress.behind() > 0,
                trips.stream().map(ContactView::title).toList(), builder.passed(), truth.asks().size(), cooks,
                Fall.of(new Fall.Scene(planned, progress, trips, batches, ready, from, left)), builder.whole(from),
                builder.lately(marks));
    }

    private static String standing(Progress progress, LocalDateTime starts, LocalDateTime at, LocalTime ready) {
        var all = progress.schedule().onTheDay();
        if (!all.isEmpty() && progress.open().isEmpty()) return "all done";
        if (at.isBefore(starts)) return "begins %s, ready %s".formatted(starts.toLocalTime(), ready);
        if (progress.behind() <= 0) return "on time, ready " + ready;
        return progress.behind() > 24 * 60 ? "this day is over"
                : "%s behind: ready %s, not %s".formatted(Schedule.inWords(progress.behind()),
                        ready.plusMinutes(progress.behind()), ready);
    }

    /// a view being made
    private static final class Builder {
        private static final int DAY_WIDTH = 728;
        private static final int DAY_LEFT = 64;
        private final Batches batches;
        private final PrepRun planned;
        private final Progress progress;
        private final List<Events.Guests> groups;
        private final LocalTime ready;
        private final Format format;

        Builder(Batches batches, PrepRun planned, Progress progress, List<Events.Guests> groups, LocalTime ready,
                Format format) {
            this.batches = batches;
            this.planned = planned;
            this.progress = progress;
            this.groups = groups;
            this.ready = ready;
            this.format = format;
        }

        private String time(int minute) {
            return ready.minusMinutes(progress.schedule().minutes() - minute).toString();
        }

        Card card(Progress.AtWork at) {
            var washes = at.washes().stream().map(this::wash).toList();
            var now = at.now().map(p -> row(p, when(p))).orElse(null);
            return new Card(at.cook() + 1, at.now().filter(p -> progress.now() < p.from()).isEmpty(), now,
                    washes.stream().limit(MOST_WASHES).toList(),
                    washes.size() <= MOST_WASHES ? "" : "then clean: "
                            + format.list(washes.stream().skip(MOST_WASHES).map(Wash::piece).distinct().toList()),
                    at.next()
                            .map(p -> row(p, time(progress.starts(p)))).orElse(null));
        }

        private String when(Schedule.Placed p) {
            if (progress.now() < p.from()) return "at " + time(p.from());
            return progress.now() > p.hands() ? "due " + time(p.hands()) : "to " + time(p.hands());
        }

        private TaskView row(Schedule.Placed p, String when) {
            var task = planned.turns().get(p.turn()).batch().tasks().get(p.task());
            var on = p.on().stream().filter(piece -> piece.kit().carries()).map(piece -> piece.name()).toList();
            var goes = task.goes() > 1 ? ", in %d goes".formatted(task.goes()) : "";
            return new TaskView(when, p.dish(), p.text().replaceFirst("\\.$", "") + goes,
                    String.join(", ", task.takes()),
                    on.isEmpty() ? "" : format.list(on),
                    String.join(", ", p.held().stream().map(Substance::name).toList()), mark(p));
        }

        private Mark mark(Schedule.Placed p) {
            var dish = batches.id(planned.turns().get(p.turn()).batch());
            return p.kind() == Schedule.Slot.CLEAN ? new Mark(dish, true, p.on().getFirst().kit().id(), p.use())
                    : new Mark(dish, false, p.text(), p.task());
        }

        private Wash wash(Schedule.Placed p) {
            var held = held(p);
            var out = ContactView.shutOut(held, batches, groups).stream().mapToInt(Events.Guests::people).sum();
            var without = out == 1 ? "1 goes without" : out + " go without";
            return new Wash(names(held), out == 0 ? "" : without,
                    Format.upper(p.clean().verb()),
                    p.on().getFirst().name(), p.dish(), mark(p));
        }

        /// What a clean holds back: what would travel without it.
        List<CrossContact> held(Schedule.Placed clean) {
            var order = new ArrayList<>(planned.order());
            var kit = clean.on().getFirst().kit();
            order.set(clean.turn(), order.get(clean.turn()).with(new BatchSetup.Before(kit, clean.use()), Clean.NONE));
            return Sequencer.score(order, planned.conditions()).turns().get(clean.turn()).carried().stream()
                    .filter(c -> c.kit() == kit && c.use() == clean.use()).toList();
        }

        String names(List<CrossContact> carried) {
            Set<String> names = new LinkedHashSet<>();
            for (var c : carried) names.add(c.substance().name());
            return String.join(", ", names);
        }

        List<Passed> passed() {
            var passed = new ArrayList<Passed>();
            var done = progress.done();
            for (var turn : planned.turns())
                for (var before : turn.made().cleans().keySet())
                    if (done.isPassedOver(turn.batch(),
                            before))
                        passed.add(new Passed("Nobody marked the %s clean before %s.".formatted(turn.made()
                                .piece(before.kit()).name(), turn.batch().dish()),
                                new Mark(batches.id(turn.batch()), true, before.kit().id(), before.use())));
            return passed;
        }

        List<Lately> lately(List<Runs.Marked> marks) {
            return marks.reversed().stream().limit(LAST).map(m -> {
                var dish = batches.menu().dish(m.mark().dish()).map(d -> d.name()).orElse("a dish that is gone");
                var what = m.mark().clean() ? "%s clean, before %s".formatted(Kit.named(m.mark().what()).map(Kit::name)
                        .orElse(m.mark().what()), dish) : dish + ": " + m.mark().what();
                return new Lately("%s: %s%s".formatted(format.moment(m.at()), what, m.by()
                        .isEmpty() ? "" : ", by " + m.by()), new Mark(m.mark().dish(), m.mark().clean(), m.mark()
                                .what(), m.mark().place()));
            }).toList();
        }

        Whole whole(int from) {
            var schedule = progress.schedule();
            var scale = DAY_WIDTH / (double) Math.max(30, schedule.minutes());
            var bars = new ArrayList<Bar>();
            var rows = new ArrayList<Integer>();
            for (var c = 0; c < schedule.cooks(); c++) rows.add(36 + c * ROW);
            for (var p : schedule.onTheDay()) {
                var isClean = p.kind() == Schedule.Slot.CLEAN;
                bars.add(new Bar(DAY_LEFT + (int) (p.from() * scale), rows.get(p.cook()),
                        isClean ? CLEAN_WIDE : Math.max(2, (int) ((p.hands() - p.from()) * scale) - 2), isClean,
                        progress.done().isDone(p)));
            }
            var hours = new ArrayList<Hour>();
            var start = ready.toSecondOfDay() / 60 - schedule.minutes();
            for (var hour = Math.floorDiv(start, 60)
                    + 1; hour * 60 < ready.toSecondOfDay() / 60 - 20; hour++)
                hours.add(new Hour(DAY_LEFT
                        + (int) ((hour * 60 - start) * scale), String.valueOf(Math.floorMod(hour, 24))));
            return new Whole(bars, hours, DAY_LEFT + (int) (from * scale),
                    (int) (Math.min(Fall.HOURS, Math.max(0, schedule.minutes() - from)) * scale), rows);
        }
    }
}
