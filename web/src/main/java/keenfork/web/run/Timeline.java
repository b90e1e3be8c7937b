package keenfork.web.run;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import keenfork.core.food.Substance;
import keenfork.core.regime.RuleBook;
import keenfork.core.run.Batch;
import keenfork.core.run.Clean;
import keenfork.core.run.Piece;
import keenfork.core.run.PrepRun;
import keenfork.core.run.Schedule;
import keenfork.web.page.Format;
import org.jspecify.annotations.Nullable;

/// A run drawn by the clock: a lane for each piece of kit and each pair of hands, the night before at the left, an arc
/// for all that travels.
///
/// @param width   px
/// @param height  px
/// @param night   where the day begins; what is left of it is laid on the day before
/// @param ticks   the full hours
/// @param serve   where all must be ready
/// @param opens   where the kitchen opens, 0 where that is before the first start
/// @param handsAt where the lanes of hands begin
/// @param summary the whole drawing as a reader hears it
record Timeline(int width, int height, int night, List<Tick> ticks, int serve, String ready, int opens, int handsAt,
        List<PieceLane> lanes, List<Arc> arcs, String summary) {
    private static final int LEAST_NIGHT = 160;
    private static final int BESIDE_NIGHT = 144;
    private static final int LABELS = 140;
    private static final int NIGHT = 84;
    private static final int HEAD = 34;
    private static final int LANE = 37;
    private static final int BLOCK = 26;
    private static final int FITS = 1176;
    private static final int WIDE = 3200;
    private static final double LETTER = 8.7;
    private static final int SQUARE = 8;

    /// {@return whether something is done the night before}
    public boolean hasNight() { return night > LEAST_NIGHT; }

    /// {@return how wide the night before is drawn, in px}
    public int nightWidth() { return night - BESIDE_NIGHT; }

    /// a full hour
    record Tick(int x, String time) {}

    /// one piece of kit, or one pair of hands
    record PieceLane(String name, int y, boolean hands, List<Block> blocks) {}

    /// Something done there.
    ///
    /// @param kind    task, wash, wipe or soak
    /// @param label   its batch's number in the run, with as much of the name as fits; empty where nothing does
    /// @param squares where a square for each group it holds stands
    /// @param hit     whether something from before reaches it
    /// @param words   the whole of it, as it is heard and as it shows on pointing
    record Block(String kind, int x, int y, int width, int height, String label, List<Integer> squares, boolean hit,
            int turn, long dish, String words) {
        private static final int WASH_MARK = 13;

        /// {@return whether there is room for the mark of a wash}
        public boolean showsWash() { return kind.equals("wash") && width > WASH_MARK; }

        public boolean isSoak() { return kind.equals("soak"); }

        public boolean isWipe() { return kind.equals("wipe"); }

        /// {@return how it is heard on a piece}
        public String heard(String piece) { return piece + ": " + words; }

        /// {@return how it looks: its kind, and `hit` where something reaches it}
        public String look() { return hit ? kind + " hit" : kind; }

        public int middle() { return x + width / 2; }
    }

    /// a hand-over
    record Arc(int trip, String path, int x, int y, String words, String title) {}

    private record Place(Piece piece, int y) {}

    static Timeline of(PrepRun run, Schedule schedule, List<ContactView> trips, Batches batches, boolean wide) {
        return new Drawing(run, schedule, trips, batches, wide).sheet();
    }

    /// a drawing being made
    private static final class Drawing {
        private final PrepRun run;
        private final Schedule schedule;
        private final List<ContactView> trips;
        private final Batches batches;
        private final LocalTime ready;
        private final int left;
        private final double scale;
        private final List<Place> places = new ArrayList<>();

        Drawing(PrepRun run, Schedule schedule, List<ContactView> trips, Batches batches, boolean wide) {
            this.run = run;
            this.schedule = schedule;
            this.trips = trips;
            this.batches = batches;
            ready = batches.day().serve();
            left = LABELS + (schedule.dayBefore().isEmpty() ? 6 : NIGHT);
            scale = ((wide ? WIDE : FITS) - left - 14) / (double) Math.max(30, schedule.minutes());
        }

        private int x(int minute) { return left + (int) Math.round(minute * scale); }

        Timeline sheet() {
            for (var piece : pieces()) places.add(new Place(piece, HEAD + places.size() * LANE));
            var handsAt = HEAD + places.size() * LANE;
            var lanes = new ArrayList<PieceLane>();
            for (var place : places)
                lanes.add(new PieceLane(Format.upper(place.piece.name()), place.y, false, blocks(place)));
            for (var c = 0; c < schedule.cooks(); c++)
                lanes.add(new PieceLane("Cook " + (c + 1), handsAt + c * LANE, true, hands(c, handsAt + c * LANE)));
            var opens = schedule.late() == 0 ? 0 : x(schedule.late());
            var height = handsAt + schedule.cooks() * LANE + 4;
            return new Timeline(x(schedule.minutes()) + 14, height, left, ticks(), x(schedule.minutes()),
                    ready.toString(),
                    opens, handsAt, lanes, arcs(),
                    "%d %s over %d %s of kit, %s".formatted(run.turns().size(),
                            run.turns().size() == 1 ? "batch" : "batches", places.size(),
                            places.size() == 1 ? "piece" : "pieces", Score.of(run).inWords()));
        }

        private List<Piece> pieces() {
            return run.conditions().equipment().pieces().stream()
                    .filter(p -> schedule.placed().stream().anyMatch(d -> d.on().contains(p))).toList();
        }

        private List<Tick> ticks() {
            var ticks = new ArrayList<Tick>();
            var start = ready.toSecondOfDay() / 60 - schedule.minutes();
            for (var hour = Math.floorDiv(start, 60) + 1; hour * 60 < ready.toSecondOfDay() / 60; hour++)
                if (x(hour * 60 - start) > left + 18 && x(schedule.minutes()) - x(hour * 60 - start) > 100)
                    ticks.add(new Tick(x(hour * 60 - start), "%02d:00".formatted(Math.floorMod(hour, 24))));
            return ticks;
        }

        private List<Block> blocks(Place place) {
            var blocks = new ArrayList<Block>();
            var soaks = 0;
            for (var p : schedule.placed()) {
                if (!p.on().contains(place.piece)) continue;
                if (p.kind() == Schedule.Slot.DAY_BEFORE)
                    blocks.add(block(p, "soak", LABELS + 4 + 26 * soaks++, place.y + 7, 24, place.piece));
                else blocks.add(block(p, kind(p), x(p.from()), place.y + 7, x(p.until()) - x(p.from()), place.piece));
            }
            return blocks;
        }

        private List<Block> hands(int cook, int y) {
            return schedule.onTheDay().stream().filter(p -> p.cook() == cook)
                    .map(p -> block(p, kind(p), x(p.from()), y + 6, x(p.hands()) - x(p.from()), null)).toList();
        }

        private String kind(Schedule.Placed p) {
            if (p.kind() != Schedule.Slot.CLEAN) return "task";
            return p.clean() == Clean.WIPE || p.clean() == Clean.RINSE ? "wipe" : "wash";
        }

        private Block block(Schedule.Placed p, String kind, int x, int y, int width, @Nullable Piece piece) {
            var use = piece == null || p.task() < 0 ? Optional.<Batch.Use>empty() : use(p, piece);
            var groups = use.map(u -> groups(u, u.by(p.task()), batches.menu().ruleBook())).orElse(List.of());
            var squares = new ArrayList<Integer>();
            for (var i = 0; !kind.equals("soak") && i < groups.size() && (i + 1) * SQUARE + 2 < width; i++)
                squares.add(x + 3 + i * SQUARE);
            var hit = piece != null && kind.equals("task") && trips.stream().anyMatch(t -> t.turn() == p.turn()
                    && t.piece().equals(piece.id()) && use.isPresent() && number(p, use.get()) == t.use());
            return new Block(kind, x, y, Math.max(3, width - 1), BLOCK, label(p, kind, width), squares, hit, p.turn(),
                    batches.id(run.turns().get(p.turn()).batch()), words(p, groups));
        }

        private String words(Schedule.Placed p, List<String> groups) {
            var at = p.kind() == Schedule.Slot.DAY_BEFORE ? "the day before"
                    : "%s to %s".formatted(time(p.from()), time(p.until()));
            return "%d. %s, %s%s".formatted(p.turn() + 1, p.what(), at,
                    groups.isEmpty() ? "" : ". Holds " + String.join(", ", groups));
        }

        private String time(int minute) { return ready.minusMinutes(schedule.minutes() - minute).toString(); }

        private String label(Schedule.Placed p, String kind, int width) {
            if (!kind.equals("task")) return "";
            var number = String.valueOf(p.turn() + 1);
            if (width < number.length() * 9 + 5) return "";
            var letters = (int) ((width - 5) / LETTER);
            var named = number + " " + p.dish();
            if (named.length() <= letters) return named;
            return letters < number.length() + 5 ? number : named.substring(0, letters - 1).strip() + "…";
        }

        private Optional<Batch.Use> use(Schedule.Placed p, Piece piece) {
            Batch.Use found = null;
            for (var use : run.turns().get(p.turn()).batch().uses(piece.kit()))
                if (found == null || use.task() <= p.task()) found = use;
            return Optional.ofNullable(found);
        }

        private int number(Schedule.Placed p, Batch.Use use) {
            return run.turns().get(p.turn()).batch().uses(use.kit()).indexOf(use);
        }

        private List<Arc> arcs() {
            var arcs = new ArrayList<Arc>();
            for (var trip : trips) {
                var place = places.stream().filter(l -> l.piece.id().equals(trip.piece())).findFirst();
                if (place.isEmpty()) continue;
                var there = schedule.onTheDay().stream()
                        .filter(p -> p.on().contains(place.get().piece) && p.kind() == Schedule.Slot.TASK).toList();
                var to = there.stream()
                        .filter(p -> p.turn() == trip.turn()
                                && use(p, place.get().piece).filter(u -> number(p, u) == trip.use()).isPresent())
                        .findFirst();
                if (to.isEmpty()) continue;
                var from = there.stream().filter(p -> p.turn() == trip.from() && p.from() < to.get().from())
                        .reduce((_, b) -> b);
                arcs.add(arc(trip, from.map(p -> (x(p.from()) + x(p.until())) / 2).orElse(left), x(to.get().from()) + 6,
                        place.get().y + 6));
            }
            return arcs;
        }

        private static Arc arc(ContactView trip, int from, int to, int y) {
            var middle = (from + to) / 2;
            return new Arc(trip.number(),
                    "M%d %dC%d %d %d %d %d %d".formatted(from, y, from, y - 15, to, y - 15, to, y), middle, y - 12,
                    trip.words(), trip.title());
        }
    }

    /// {@return the groups of the rule book that go over a kit, a question mark behind what is not sure}
    /// @param by what of it is in by the moment that is asked about
    static List<String> groups(Batch.Use use, Set<Substance> by, RuleBook book) {
        var groups = new LinkedHashSet<String>();
        for (var s : use.holds().keySet()) if (by.contains(s)) groups.addAll(names(s, book));
        for (var s : use.unsure())
            if (by.contains(s))
                names(s, book).stream().filter(name -> !groups.contains(name)).forEach(name -> groups.add(name + "?"));
        return List.copyOf(groups);
    }

    private static List<String> names(Substance substance, RuleBook book) {
        return book.groups().stream().filter(g -> book.member(g, substance).isPresent())
                .map(g -> g.names(substance) ? substance.name() : g.name().toLowerCase()).toList();
    }
}
