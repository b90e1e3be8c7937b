package keenfork.core.run;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import keenfork.core.food.Words;
import org.jspecify.annotations.Nullable;

/// A run being laid out, from the last batch to the first. Minutes count from when all must be ready: they are negative.
final class Layout {
    /// minutes that something hot takes to cool, where its own step does not say so; common practice
    private static final int COOLS = 20;
    private static final Pattern COOLED = Pattern.compile("(?i)\\b(?:cool|cools|cooled|chill|chills|chilled|cold)\\b");

    private final Equipment equipment;
    private final Day day;
    private final List<Booked> booked = new ArrayList<>();
    /// on pieces whose leavings matter: what comes next there
    private final Map<Piece, Booked> next = new HashMap<>();
    /// by the key of a dish the first thing placed that uses it
    private final Map<String, Booked> used = new HashMap<>();

    /// Something placed, with what kept it from being later.
    ///
    /// @param heldBy what comes after it, or null where only the time to be ready does
    /// @param by     the piece or the hands it waits for; empty where it is a step of the same dish
    private record Booked(Schedule.Placed placed, @Nullable Booked heldBy, String by) {}

    /// the latest a thing may end, and what says so
    private record Limit(int at, @Nullable Booked heldBy, String by) {
        Limit or(int other, @Nullable Booked holder, String what) { return other < at ? new Limit(other, holder, what) : this; }
    }

    Layout(PrepRun run) {
        equipment = run.conditions().equipment();
        day = run.conditions().day();
    }

    void batch(int turn, Made made) {
        var tasks = made.batch().tasks();
        var done = new Booked[tasks.size()];
        for (var t = tasks.size() - 1; t >= 0; t--) {
            var task = tasks.get(t);
            var pieces = task.kit().stream().filter(k -> made.on().containsKey(k)).map(made::piece).toList();
            if (task.isDayBefore()) {
                booked.add(new Booked(new Schedule.Placed(Schedule.Kind.DAY_BEFORE, turn, t, made.batch().dish(), task.text(), pieces, 0, 0, task.hands(), task.hands()), null, ""));
                continue;
            }
            var limit = new Limit(0, null, "");
            var user = used.get(Words.key(made.batch().dish()));
            if (user != null) limit = limit.or(user.placed.from(), user, "");
            for (var later = t + 1; later < tasks.size(); later++)
                if (tasks.get(later).after().contains(t) && done[later] != null) limit = limit.or(done[later].placed.from() - cooling(task, tasks.get(later)), done[later], "");
            done[t] = book(Schedule.Kind.TASK, turn, t, made, task.text(), pieces, task.kit().stream().filter(k -> !k.carries()).toList(), limit, task.hands(), task.waits());
            for (var kit : task.kit()) clean(turn, t, made, kit);
        }
        made.batch().needs().forEach((dish, task) -> {
            var by = task < done.length ? done[task] : null;
            if (by != null) used.merge(Words.key(dish), by, (a, b) -> a.placed.from() <= b.placed.from() ? a : b);
        });
    }

    private static int cooling(Task task, Task later) {
        return later.when() == Task.When.COOL && !COOLED.matcher(task.text()).find() ? COOLS : 0;
    }

    /// A clean goes before the first task of the day that its use is of.
    private void clean(int turn, int task, Made made, Kit kit) {
        var uses = made.batch().uses(kit);
        for (var u = uses.size() - 1; u >= 0; u--) {
            var clean = made.clean(kit, u);
            if (clean == Clean.NONE || first(made.batch(), uses.get(u)) != task) continue;
            var piece = made.piece(kit);
            book(Schedule.Kind.CLEAN, turn, -1, made, piece.name() + " " + clean.words(), List.of(piece), List.of(), new Limit(0, null, ""), equipment.figures().of(clean).minutes(), 0);
        }
    }

    private static int first(Batch batch, Batch.Use use) {
        for (var t = use.task(); t < batch.tasks().size(); t++) if (!batch.tasks().get(t).isDayBefore() && batch.tasks().get(t).kit().contains(use.kit())) return t;
        return use.task();
    }

    private Booked book(Schedule.Kind kind, int turn, int task, Made made, String text, List<Piece> pieces, List<Kit> rooms, Limit limit, int hands, int waits) {
        for (var piece : pieces) {
            var after = next.get(piece);
            if (after != null) limit = limit.or(after.placed.from(), after, piece.name());
        }
        var taken = new LinkedHashMap<Kit, Piece>();
        var cook = 0;
        for (var settled = false; !settled; ) {
            var from = limit.at - hands - waits;
            var free = latestCook(from, hands);
            cook = free.cook;
            settled = free.from == from;
            if (!settled) limit = new Limit(free.from + hands + waits, free.holder, "hands");
            for (var room : rooms) {
                var place = latestRoom(room, limit.at - hands - waits, hands + waits);
                taken.put(room, place.piece);
                if (place.from == limit.at - hands - waits) continue;
                limit = new Limit(place.from + hands + waits, place.holder, place.piece.name());
                settled = false;
            }
        }
        var on = new ArrayList<>(pieces);
        on.addAll(taken.values());
        var from = limit.at - hands - waits;
        var now = new Booked(new Schedule.Placed(kind, turn, task, made.batch().dish(), text, on, cook, from, from + hands, limit.at), limit.heldBy, limit.by);
        booked.add(now);
        for (var piece : pieces) next.put(piece, now);
        return now;
    }

    private record Hands(int cook, int from, @Nullable Booked holder) {}

    private record Room(Piece piece, int from, @Nullable Booked holder) {}

    private Hands latestCook(int from, int minutes) {
        Hands best = null;
        for (var c = 0; c < day.cooks(); c++) {
            var cook = c;
            var gap = latest(from, minutes, booked.stream().filter(b -> b.placed.cook() == cook && isOnTheDay(b)).toList(), false);
            if (best == null || gap.from > best.from) best = new Hands(c, gap.from, gap.holder);
        }
        return Optional.ofNullable(best).orElseThrow();
    }

    private Room latestRoom(Kit kit, int from, int minutes) {
        Room best = null;
        for (var piece : equipment.of(kit)) {
            var gap = latest(from, minutes, booked.stream().filter(b -> b.placed.on().contains(piece) && isOnTheDay(b)).toList(), true);
            if (best == null || gap.from > best.from) best = new Room(piece, gap.from, gap.holder);
        }
        return Optional.ofNullable(best).orElseThrow();
    }

    private static boolean isOnTheDay(Booked b) { return b.placed.kind() != Schedule.Kind.DAY_BEFORE; }

    private record Gap(int from, @Nullable Booked holder) {}

    /// {@return the latest minute, not after the given one, from which so many are free}
    /// @param whole whether what is booked takes all its time, or only its hands-on part
    private static Gap latest(int from, int minutes, List<Booked> busy, boolean whole) {
        var gap = new Gap(from, null);
        for (var b : busy.stream().sorted(Comparator.comparingInt((Booked x) -> x.placed.from()).reversed()).toList())
            if (gap.from < (whole ? b.placed.until() : b.placed.hands()) && b.placed.from() < gap.from + minutes) gap = new Gap(b.placed.from() - minutes, b);
        return gap;
    }

    List<Schedule.Placed> placed() { return booked.stream().map(Booked::placed).toList(); }

    /// The chain from the first start to the end, each link held by the one after it: what it waits for, and how long that takes in all.
    List<String> blocks() {
        var first = booked.stream().filter(Layout::isOnTheDay).min(Comparator.comparingInt(b -> b.placed.from())).orElse(null);
        var minutes = new LinkedHashMap<String, Integer>();
        for (var at = first; at != null; at = at.heldBy) {
            var next = at.heldBy;
            var long_ = (next == null ? 0 : next.placed.from()) - at.placed.from();
            minutes.merge(at.by.isEmpty() ? "the steps of %s, one after the other".formatted(at.placed.dish()) : at.by.equals("hands") ? "the cooks' hands" : "the " + at.by, long_, Integer::sum);
        }
        return minutes.entrySet().stream().sorted(Map.Entry.<String, Integer>comparingByValue().reversed()).map(e -> "%s: %s".formatted(e.getKey(), Schedule.inWords(e.getValue()))).toList();
    }
}
