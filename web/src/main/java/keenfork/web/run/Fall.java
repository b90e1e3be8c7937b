package keenfork.web.run;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import keenfork.core.run.Piece;
import keenfork.core.run.PrepRun;
import keenfork.core.run.Progress;
import keenfork.core.run.Schedule;
import keenfork.web.page.Format;
import org.jspecify.annotations.Nullable;

/// The next two hours of a run, read downward: the kit that matters most hangs side by side, a batch is a ribbon on it,
/// a wash is a gate that holds what was left, twine takes the food on.
///
/// @param at      when it begins: "now", or a time where the day has not begun
/// @param columns the pieces, from the left
/// @param ticks   the half hours
/// @param ribbons what is made
/// @param gates   what is washed, with what it holds back
/// @param drips   what runs on into a ribbon, for nothing holds it
/// @param twines  where food goes from one piece to another
/// @param also    pieces in use in these hours that do not hang here
/// @param words   the whole of it as it is heard
record Fall(String at, int width, int height, List<Column> columns, List<Tick> ticks, List<Ribbon> ribbons,
        List<Gate> gates,
        List<Drip> drips, List<String> twines, List<String> also, String words) {
    static final int HOURS = 120;
    private static final int WIDTH = 792;
    private static final int HEAD = 46;
    private static final int BODY = 448;
    private static final int LEFT = 60;
    private static final int MOST = 5;
    private static final int GAP = 13;
    private static final int LOWEST = 27;
    private static final int LINE = 21;
    private static final int GATE = 28;
    /// px of a ribbon that a stain covers
    private static final int STAINED = 20;
    /// minutes after which nobody follows a twine any more
    private static final int FOLLOWED = 60;
    private static final double LETTER = 10.2;
    /// minutes between two tasks of a batch on one piece that are drawn as one ribbon
    private static final int NEAR = 12;

    record Column(String name, int x, int middle) {}

    record Tick(int y, String time, boolean full) {}

    /// @param lines  its name as far as it fits
    /// @param blocks where a small block for each group it holds stands
    record Ribbon(String path, int x, int y, int height, boolean now, List<String> lines, List<Integer> blocks,
            int blockY, int end, String cook, String words) {}

    /// @param what what was left on the piece, in few words; empty where nothing would travel
    record Gate(String stain, int x, int y, int width, int middle, String what, String word, String words) {
        public int end() { return x + width; }
    }

    /// @param what what travels on
    record Drip(String stain, int x, int y, int width, int middle, String what) {}

    /// one batch on one piece for a while
    private record Stretch(int column, int turn, int from, int until, Schedule.Placed first, Schedule.Placed last) {}

    /// What is drawn.
    ///
    /// @param run   the run as it was planned
    /// @param trips what travels in truth
    /// @param ready when all must be ready
    /// @param from  the first minute that is drawn
    /// @param left  for a clean what it holds back, in few words
    record Scene(PrepRun run, Progress progress, List<ContactView> trips, Batches batches, LocalTime ready, int from,
            Map<Schedule.Placed, String> left) {}

    /// {@return the hours from a minute on}
    static Fall of(Scene scene) { return new Drawing(scene).fall(); }

    /// a fall being drawn
    private static final class Drawing {
        private final PrepRun run;
        private final Progress progress;
        private final List<ContactView> trips;
        private final Batches batches;
        private final LocalTime ready;
        private final int from;
        private final Map<Schedule.Placed, String> left;
        private final List<Piece> pieces = new ArrayList<>();
        /// where things hang, once they have room
        private final Map<Stretch, Integer> tops = new HashMap<>();
        private final Map<Stretch, Integer> heights = new HashMap<>();
        private final Map<Schedule.Placed, Integer> gateAt = new HashMap<>();
        /// ribbons over whose foot a stain lies
        private final Set<Stretch> held = new HashSet<>();
        private double each;

        Drawing(Scene scene) {
            run = scene.run;
            progress = scene.progress;
            trips = scene.trips;
            batches = scene.batches;
            ready = scene.ready;
            from = scene.from;
            left = scene.left;
        }

        Fall fall() {
            var inUse = inUse();
            var most = inUse.stream().sorted(Comparator.comparingInt((Piece p) -> -weight(p))).limit(MOST).toList();
            for (var piece : inUse) if (most.contains(piece)) pieces.add(piece);
            each = (WIDTH - LEFT) / (double) Math.max(1, pieces.size());
            var stretches = stretches();
            hang(stretches);
            var ribbons = stretches.stream().filter(t -> tops.getOrDefault(t, 0) < HEAD + BODY).map(this::ribbon)
                    .toList();
            var columns = new ArrayList<Column>();
            for (var i = 0; i < pieces.size(); i++)
                columns.add(new Column(Format.upper(shortName(pieces.get(i)
                        .name())), x(i), x(i) + wide() / 2));
            var also = inUse.stream().filter(p -> !pieces.contains(p)).map(Piece::name).toList();
            return new Fall(progress.now() < from ? time(from) : "now", WIDTH, HEAD + BODY, columns, ticks(), ribbons,
                    gates(), drips(stretches),
                    twines(stretches), also, words(stretches));
        }

        private static String shortName(String name) {
            var cut = name.contains(" and ") && name.length() > 14 ? name.substring(0, name.indexOf(" and ")) : name;
            return cut.length() > 15 && cut.contains(",") ? cut.substring(0, cut.indexOf(',')) : cut;
        }

        private int x(int column) { return LEFT + GAP / 2 + (int) Math.round(column * each); }

        private int wide() { return (int) Math.round(each) - GAP; }

        private int y(int minute) {
            return HEAD + (int) Math.round((Math.clamp(minute, from, from + HOURS) - from) * BODY / (double) HOURS);
        }

        private boolean isSeen(Schedule.Placed p) {
            return progress.open().contains(p) && progress.starts(p) < from + HOURS && progress.ends(p) > from;
        }

        private List<Piece> inUse() {
            return run.conditions().equipment().pieces().stream()
                    .filter(p -> progress.open().stream().anyMatch(d -> d.on().contains(p) && isSeen(d))).toList();
        }

        /// Kit on which something is held back or travels matters more than kit that is only used.
        private int weight(Piece piece) {
            var weight = 0;
            for (var p : progress.open()) {
                if (!p.on().contains(piece) || !isSeen(p)) continue;
                var use = piece.kit().carries() ? 10 + p.until() - p.from() : 5;
                weight += p.kind() == Schedule.Slot.CLEAN ? 40 : use;
            }
            return weight;
        }

        private List<Stretch> stretches() {
            var all = new ArrayList<Stretch>();
            for (var c = 0; c < pieces.size(); c++) {
                Stretch open = null;
                for (var p : progress.open()) {
                    if (!p.on().contains(pieces.get(c)) || !isSeen(p)) continue;
                    var goesOn = open != null && p.kind() == Schedule.Slot.TASK && p.turn() == open.turn
                            && p.from() - open.last.until() <= NEAR;
                    if (open != null && !goesOn) all.add(open);
                    if (p.kind() == Schedule.Slot.CLEAN) open = null;
                    else if (goesOn && open != null)
                        open = new Stretch(c, open.turn, open.from, progress.ends(p),
                                open.first, p);
                    else open = new Stretch(c, p.turn(), progress.starts(p), progress.ends(p), p, p);
                }
                if (open != null) all.add(open);
            }
            return all;
        }

        private List<Tick> ticks() {
            var ticks = new ArrayList<Tick>();
            var start = ready.toSecondOfDay() / 60 - progress.schedule().minutes();
            for (var half = Math.floorDiv(start + from, 30) + 1; half * 30 - start < from + HOURS; half++)
                if (half * 30 - start > from + 6)
                    ticks.add(new Tick(y(half * 30 - start),
                            "%02d:%02d".formatted(Math.floorMod(half / 2, 24), half % 2 * 30), half % 2 == 0));
            return ticks;
        }

        private Ribbon ribbon(Stretch s) {
            var x = x(s.column);
            var top = tops.getOrDefault(s, y(s.from));
            var height = heights.getOrDefault(s, LOWEST);
            var batch = run.turns().get(s.turn).batch();
            var rows = Math.clamp((height - 4 - (isHeld(s) ? STAINED : 0)) / LINE, 1, 3);
            var lines = wrapped(batch.dish(), (int) ((wide() - 20) / LETTER), rows);
            var groups = pieces.get(s.column).kit().carries() ? batch.uses(pieces.get(s.column).kit()).stream()
                    .flatMap(u -> Timeline.groups(u, u.leaves(), batches.menu().ruleBook()).stream()).distinct()
                    .count() : 0;
            var blocks = new ArrayList<Integer>();
            var room = height >= LINE * lines.size() + 24 + (isHeld(s) ? STAINED : 0);
            var foot = top + height - 17 - (isHeld(s) ? STAINED : 0);
            for (var i = 0; room && i < Math.min(groups, 5); i++) blocks.add(x + wide() - 44 - i * 13);
            var now = progress.cooks().stream().anyMatch(c -> c.now()
                    .filter(n -> n.turn() == s.turn && n.on().contains(pieces.get(s.column))
                            && n.from() >= s.first.from() && n.until() <= s.last.until())
                    .isPresent());
            return new Ribbon(FallShapes.cloth(x, top, wide(), height), x, top, height, now, lines, blocks, foot,
                    x + wide(),
                    room ? String.valueOf(s.first.cook() + 1) : "",
                    "%s, %s to %s, on the %s".formatted(batch.dish(), time(s.from), time(s.until), pieces.get(s.column)
                            .name()));
        }

        private boolean isHeld(Stretch s) { return held.contains(s); }

        /// Short things are given room for their names: what comes after hangs lower than its minute, in its order.
        private void hang(List<Stretch> stretches) {
            for (var c = 0; c < pieces.size(); c++) {
                var column = c;
                var own = stretches.stream().filter(s -> s.column == column).toList();
                var cursor = HEAD;
                var from = 0;
                for (var clean : cleans(pieces.get(column))) {
                    var until = from;
                    while (until < own.size() && own.get(until).from < progress.starts(clean) + 1) until++;
                    var isStained = !left.getOrDefault(clean, "").isEmpty();
                    cursor = hang(own.subList(from, until), isStained, cursor);
                    var stain = isStained && (until == 0 || !held.contains(own.get(until - 1)) || cursor == HEAD)
                            ? STAINED + 12 : 0;
                    var y = Math.max(cursor + stain, y(progress.starts(clean)));
                    gateAt.put(clean, y);
                    cursor = y + GATE + 4;
                    from = until;
                }
                hang(own.subList(from, own.size()), false, cursor);
            }
        }

        private List<Schedule.Placed> cleans(Piece piece) {
            return progress.open().stream()
                    .filter(p -> p.kind() == Schedule.Slot.CLEAN && p.on().contains(piece) && isSeen(p)).toList();
        }

        /// Hangs what is done on a piece up to a clean, or to the end.
        /// @param isStained whether the last of them leaves what the clean has to take off
        /// @return the height from which the next may hang
        private int hang(List<Stretch> stretches, boolean isStained, int cursor) {
            for (var i = 0; i < stretches.size(); i++) {
                var stretch = stretches.get(i);
                var isHeld = isStained && i == stretches.size() - 1;
                if (isHeld) held.add(stretch);
                var top = Math.max(cursor, y(stretch.from));
                var height = Math.max(LOWEST + (isHeld ? STAINED : 0), y(stretch.until) - top);
                tops.put(stretch, top);
                heights.put(stretch, height);
                cursor = top + height + 2;
            }
            return cursor;
        }

        private List<Gate> gates() {
            var gates = new ArrayList<Gate>();
            for (var c = 0; c < pieces.size(); c++)
                for (var p : progress.open()) {
                    if (p.kind() != Schedule.Slot.CLEAN || !p.on().contains(pieces.get(c)) || !isSeen(p)) continue;
                    var y = gateAt.getOrDefault(p, HEAD);
                    if (y > HEAD + BODY) continue;
                    var what = left.getOrDefault(p, "");
                    gates.add(new Gate(FallShapes.stain(x(c), y, wide()), x(c), y, wide(), x(c) + wide() / 2,
                            cut(what, (int) ((wide() - 20) / LETTER)), word(p),
                            "%s before %s%s".formatted(p.text(), p.dish(),
                                    what.isEmpty() ? "" : ", " + what + " on it")));
                }
            return gates;
        }

        private static String word(Schedule.Placed p) {
            return p.clean().verb();
        }

        private List<Drip> drips(List<Stretch> stretches) {
            var drips = new ArrayList<Drip>();
            for (var trip : trips)
                for (var s : stretches)
                    if (s.turn == trip.turn() && pieces.get(s.column).id().equals(trip.piece())
                            && tops.getOrDefault(s, 0) > HEAD + STAINED) {
                                drips.add(new Drip(FallShapes.drip(x(s.column), tops.getOrDefault(s, HEAD), wide()),
                                        x(s.column),
                                        tops.getOrDefault(s, HEAD), wide(), x(s.column) + wide() / 2,
                                        cut(trip.words(), (int) ((wide() - 20) / LETTER))));
                                break;
                            }
            return drips;
        }

        /// Food goes on from where it was worked before: drawn once for each ribbon, from the nearest one of its batch.
        private List<String> twines(List<Stretch> stretches) {
            var twines = new ArrayList<String>();
            for (var s : stretches) {
                var before = stretches.stream().filter(o -> o != s && o.turn == s.turn
                        && Math.abs(o.column - s.column) == 1 && o.until <= s.from + 1 && s.from - o.until <= FOLLOWED
                        && feeds(o, s)).max(Comparator.comparingInt(Stretch::until)).orElse(null);
                if (before == null) continue;
                var toTheRight = s.column > before.column;
                var x1 = x(before.column) + (toTheRight ? wide() : 0);
                var x2 = x(s.column) + (toTheRight ? 0 : wide());
                var y1 = tops.getOrDefault(before, HEAD) + heights.getOrDefault(before, LOWEST) - 9;
                var y2 = tops.getOrDefault(s, HEAD) + 9;
                if (y2 > HEAD + BODY || y1 > y2) continue;
                var bend = toTheRight ? 16 : -16;
                twines.add("M%d %dC%d %d %d %d %d %d".formatted(x1, y1, x1 + bend, y1 + 8, x2 - bend, y2 - 8, x2, y2));
            }
            return twines;
        }

        private boolean feeds(Stretch one, Stretch other) {
            var tasks = run.turns().get(one.turn).batch().tasks();
            for (var t = other.first.task(); t <= other.last.task(); t++)
                for (var before : tasks.get(t).after())
                    if (before >= one.first.task()
                            && before <= one.last.task())
                        return true;
            return false;
        }

        private String words(List<Stretch> stretches) {
            var byPiece = new LinkedHashMap<String, List<String>>();
            for (var s : stretches)
                byPiece.computeIfAbsent(pieces.get(s.column).name(), _ -> new ArrayList<>())
                        .add("%s %s".formatted(time(s.from), run.turns().get(s.turn).batch().dish()));
            var said = new ArrayList<String>();
            byPiece.forEach((piece, all) -> said.add(piece + ": " + String.join(", ", all)));
            return "The next two hours, downward, by kit. " + String.join(". ", said);
        }

        private String time(int minute) {
            return ready.minusMinutes(progress.schedule().minutes() - minute).toString();
        }
    }

    private static String cut(String words, int letters) {
        return words.length() <= letters ? words : words.substring(0, Math.max(1, letters - 1)).stripTrailing() + "…";
    }

    /// A name in lines, by its words; what does not fit is left away with a sign.
    private static List<String> wrapped(String name, int letters, int rows) {
        var lines = new ArrayList<String>();
        var line = new StringBuilder();
        for (var word : name.split(" ")) {
            if (!line.isEmpty() && line.length() + 1 + word.length() > letters) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        if (lines.size() <= rows) return lines.stream().map(l -> cut(l, letters)).toList();
        var shown = new ArrayList<>(lines.subList(0, rows));
        @Nullable String last = shown.getLast();
        shown.set(rows - 1, cut(last + " " + lines.get(rows), letters));
        return shown.stream().map(l -> cut(l, letters)).toList();
    }
}
