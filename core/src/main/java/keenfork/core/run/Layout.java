package keenfork.core.run;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Pattern;
import keenfork.core.food.Grammar;
import keenfork.core.food.Words;
import org.jspecify.annotations.Nullable;

/// A run being laid out, from the last batch to the first. Minutes count from when all must be ready: they are
/// negative.
final class Layout {
    /// most times a batch is laid anew so that its windows are kept
    private static final int MOST_TRIES = 12;
    private static final Pattern COOLED = Grammar.wordOf("gone-cold");

    private final PrepRun run;
    private final Equipment equipment;
    private final Day day;
    private final Told told;
    private final List<Booked> booked = new ArrayList<>();
    /// on pieces whose leavings matter: what comes next there
    private final Map<Piece, Booked> next = new HashMap<>();
    /// between which tasks hands are changed, and for how long: it is asked again for every place that is tried
    private final Map<At, Map<At, Integer>> changes = new HashMap<>();
    /// by the key of a dish the first thing placed that uses it
    private final Map<String, Booked> used = new HashMap<>();

    /// a task in its turn
    private record At(int turn, int task) {}

    /// Something placed, with what kept it from being later.
    ///
    /// @param heldBy what comes after it, or null where only the time to be ready does
    /// @param by     the piece or the hands it waits for, in words; empty where it is a step of the same dish
    private record Booked(Schedule.Placed placed, @Nullable Booked heldBy, String by) {}

    /// the latest a thing may end, and what says so
    private record Limit(int at, @Nullable Booked heldBy, String by) {
        Limit or(int other, @Nullable Booked holder, String what) {
            return other < at ? new Limit(other, holder, what) : this;
        }
    }

    Layout(PrepRun run) {
        this.run = run;
        equipment = run.conditions().equipment();
        day = run.conditions().day();
        told = run.conditions().told();
    }

    /// Lays a batch, and lays it anew with its later steps earlier where it would miss a window: dressed while warm,
    /// chilled at once.
    void batch(int turn, BatchSetup made) {
        var booked = List.copyOf(this.booked);
        var next = Map.copyOf(this.next);
        var caps = new HashMap<Integer, Integer>();
        var done = lay(turn, made, caps);
        for (var tries = 0; tries < MOST_TRIES && missed(made.batch(), done, caps); tries++) {
            this.booked.clear();
            this.booked.addAll(booked);
            this.next.clear();
            this.next.putAll(next);
            done = lay(turn, made, caps);
        }
        for (var need : made.batch().needs().entrySet()) {
            var by = need.getValue().task() < done.length ? done[need.getValue().task()] : null;
            if (by != null)
                used.merge(Words.key(need.getKey()), by, (a, b) -> a.placed.from() <= b.placed.from() ? a : b);
        }
        for (var before : told.before(made.batch().dish()))
            Arrays.stream(done).filter(Objects::nonNull).min(Comparator.comparingInt(b -> b.placed.from()))
                    .ifPresent(first -> used.merge(Words.key(before), first,
                            (a, b) -> a.placed.from() <= b.placed.from() ? a : b));
    }

    /// {@return whether a task must end earlier than it does, so that what it needs is not too long done}
    /// @param caps for each task the latest minute it may end; it gets what is found
    private static boolean missed(Batch batch, @Nullable Booked[] done, Map<Integer, Integer> caps) {
        var found = false;
        for (var t = 0; t < done.length; t++) {
            var at = done[t];
            var most = batch.tasks().get(t).windows().stream()
                    .filter(w -> w.kind() == Window.When.WARM || w.kind() == Window.When.AT_ONCE)
                    .mapToInt(Window::most).min().orElse(Window.OPEN);
            if (at == null || most == Window.OPEN) continue;
            for (var before : batch.tasks().get(t).after()) {
                var needed = done[before];
                if (needed == null || at.placed.from() - needed.placed.until() <= most) continue;
                var cap = needed.placed.until() + most + at.placed.until() - at.placed.from();
                if (cap >= caps.getOrDefault(t, at.placed.until())) continue;
                caps.put(t, cap);
                found = true;
            }
        }
        return found;
    }

    private @Nullable Booked[] lay(int turn, BatchSetup made, Map<Integer, Integer> caps) {
        var tasks = made.batch().tasks();
        var done = new @Nullable Booked[tasks.size()];
        for (var t = tasks.size() - 1; t >= 0; t--) {
            var task = tasks.get(t);
            var pieces = task.kit().stream().filter(k -> made.on().containsKey(k)).map(made::piece).toList();
            if (task.isDayBefore()) {
                booked.add(new Booked(new Schedule.Placed(Schedule.Slot.DAY_BEFORE, turn, t, -1, made.batch().dish(),
                        task.text(), Clean.NONE, pieces, 0, 0, task.hands(), task.hands()), null, ""));
                continue;
            }
            var limit = new Limit(caps.getOrDefault(t, 0), null, "");
            var user = used.get(Words.key(made.batch().dish()));
            if (user != null) limit = limit.or(user.placed.from(), user, "");
            for (var later = t + 1; later < tasks.size(); later++) {
                var then = done[later];
                if (then != null && tasks.get(later).after().contains(t))
                    limit = limit.or(then.placed.from() - cooling(task, tasks.get(later)), then, "");
            }
            var at = t;
            var floats = pieces.stream().filter(p -> task.isFresh() && floats(turn, made, at, p)).toList();
            var kept = pieces.stream().filter(p -> !floats.contains(p)).toList();
            var rooms = task.kit().stream().filter(k -> !k.carries()).toList();
            done[t] = book(new Wanted(Schedule.Slot.TASK, turn, t, -1, task.text(), Clean.NONE, kept, floats, rooms,
                    task.hands(), task.waits()), limit);
            for (var kit : task.kit()) clean(turn, t, made, kit);
        }
        return done;
    }

    /// {@return whether a task may go over a piece among the batches that come after its own: nothing travels between
    /// any of them and it, either way}
    private boolean floats(int turn, BatchSetup made, int task, Piece piece) {
        var uses = made.batch().uses(piece.kit());
        for (var u = 0; u < uses.size(); u++) {
            var use = uses.get(u);
            if (!use.moments().containsKey(task)) continue;
            if (made.clean(piece.kit(), u) != Clean.NONE && first(made.batch(), use) == task) return false;
            for (var j = turn + 1; j < run.turns().size(); j++) {
                var later = run.turns().get(j).made();
                if (piece.equals(later.on().get(piece.kit())) && later.batch().uses(piece.kit()).stream()
                        .anyMatch(other -> passes(other, use, made.batch()) || passes(use, other, later.batch())))
                    return false;
            }
        }
        return true;
    }

    /// {@return whether anything would travel from one use of a kit to another, nothing being cleaned between}
    private boolean passes(Batch.Use left, Batch.Use reached, Batch of) {
        return !Contacts.passes(left, reached, of, false, Clean.NONE, Contacts.Counted.by(run.conditions())).isEmpty();
    }

    private static int cooling(Task task, Task later) {
        return COOLED.matcher(task.text()).find() ? 0 : later.window(Window.When.COOL).map(Window::least).orElse(0);
    }

    /// A clean goes before the first task of the day that its use is of.
    private void clean(int turn, int task, BatchSetup made, Kit kit) {
        var uses = made.batch().uses(kit);
        for (var u = uses.size() - 1; u >= 0; u--) {
            var clean = made.clean(kit, u);
            if (clean == Clean.NONE || first(made.batch(), uses.get(u)) != task) continue;
            var piece = made.piece(kit);
            book(new Wanted(Schedule.Slot.CLEAN, turn, -1, u, piece.name() + " " + clean.words(), clean,
                    List.of(piece), List.of(), List.of(), equipment.figures().minutes(kit, clean), 0),
                    new Limit(0, null, ""));
        }
    }

    private static int first(Batch batch, Batch.Use use) {
        for (var t = use.task(); t < batch.tasks().size(); t++)
            if (!batch.tasks().get(t).isDayBefore() && batch.tasks()
                    .get(t).kit().contains(use.kit()))
                return t;
        return use.task();
    }

    /// Something that wants a place on the clock.
    ///
    /// @param pieces those whose next use is known, and comes after
    /// @param floats those on which it goes into any gap
    /// @param rooms  kinds of which any piece does that has room
    /// @param hands  minutes of hands
    /// @param waits  minutes it goes on by itself after them
    private record Wanted(Schedule.Slot kind, int turn, int task, int use, String text, Clean clean,
            List<Piece> pieces, List<Piece> floats, List<Kit> rooms, int hands, int waits) {
        int minutes() { return hands + waits; }
    }

    /// Places something as late as it may be: it goes earlier until hands, pieces and room are free all at once.
    private Booked book(Wanted wanted, Limit limit) {
        for (var piece : wanted.pieces) {
            var after = next.get(piece);
            if (after != null) limit = limit.or(after.placed.from(), after, "the " + piece.name());
        }
        var taken = new LinkedHashMap<Kit, Piece>();
        Limit tried;
        Hands cook;
        do {
            tried = limit;
            cook = latestCook(limit.at - wanted.minutes(), wanted.hands, wanted.turn, wanted.task);
            limit = earlier(limit, cook.from, wanted, cook.holder,
                    cook.holder == null ? "the hours of the cooks" : "the cooks' hands");
            limit = onPieces(wanted, limit, taken);
        } while (tried != limit);
        return placed(wanted, limit, cook.cook, taken);
    }

    /// {@return the same limit where there is a place from that minute on, or one that much earlier}
    private static Limit earlier(Limit limit, int from, Wanted wanted, @Nullable Booked holder, String by) {
        return from == limit.at - wanted.minutes() ? limit : new Limit(from + wanted.minutes(), holder, by);
    }

    /// {@return the limit at which all its pieces are free}
    /// @param taken gets the piece of each kind of room
    private Limit onPieces(Wanted wanted, Limit limit, Map<Kit, Piece> taken) {
        for (var piece : wanted.pieces) {
            var told = this.told.taken(piece).stream().map(Layout::busy).toList();
            var gap = latest(limit.at - wanted.minutes(), wanted.minutes(), told);
            limit = earlier(limit, gap.from, wanted, null, "the " + piece.name());
        }
        for (var piece : wanted.floats) {
            var gap = latest(limit.at - wanted.minutes(), wanted.minutes(), busy(piece));
            limit = earlier(limit, gap.from, wanted, gap.holder, "the " + piece.name());
        }
        for (var room : wanted.rooms) {
            var place = latestRoom(room, limit.at - wanted.minutes(), wanted.minutes());
            taken.put(room, place.piece);
            limit = earlier(limit, place.from, wanted, place.holder, "the " + place.piece.name());
        }
        return limit;
    }

    private Booked placed(Wanted wanted, Limit limit, int cook, Map<Kit, Piece> taken) {
        var on = new ArrayList<>(wanted.pieces);
        on.addAll(wanted.floats);
        on.addAll(taken.values());
        var from = limit.at - wanted.minutes();
        var dish = run.turns().get(wanted.turn).batch().dish();
        var now = new Booked(new Schedule.Placed(wanted.kind, wanted.turn, wanted.task, wanted.use, dish, wanted.text,
                wanted.clean, on, cook, from, from + wanted.hands, limit.at), limit.heldBy, limit.by);
        booked.add(now);
        for (var piece : wanted.pieces) next.put(piece, now);
        for (var piece : wanted.floats) next.merge(piece, now, (a, b) -> a.placed.from() <= b.placed.from() ? a : b);
        return now;
    }

    private record Hands(int cook, int from, @Nullable Booked holder) {}

    private record Room(Piece piece, int from, @Nullable Booked holder) {}

    /// some time taken: by something placed, or by what was told
    private record Busy(int from, int until, @Nullable Booked holder) {}

    private static Busy busy(Told.Span span) { return new Busy(span.from(), span.until(), null); }

    private List<Busy> busy(Piece piece) {
        var busy = new ArrayList<>(told.taken(piece).stream().map(Layout::busy).toList());
        for (var b : booked)
            if (isOnTheDay(b) && b.placed.on().contains(piece))
                busy.add(new Busy(b.placed.from(), b.placed.until(), b));
        return busy;
    }

    /// Only the hands-on part takes hands, and the change of what is in them where something would travel.
    private List<Busy> busy(int cook, int turn, int task) {
        var busy = new ArrayList<>(told.away(cook).stream().map(Layout::busy).toList());
        for (var b : booked) {
            if (!isOnTheDay(b) || b.placed.cook() != cook) continue;
            var apart = task >= 0 && b.placed.task() >= 0 && b.placed.turn() != turn;
            var it = new At(turn, task);
            var other = new At(b.placed.turn(), b.placed.task());
            busy.add(new Busy(b.placed.from() - (apart ? change(it, other) : 0),
                    b.placed.hands() + (apart ? change(other, it) : 0), b));
        }
        return busy;
    }

    /// {@return minutes in which hands are changed between two tasks}
    private int change(At left, At reached) {
        return changes.computeIfAbsent(left, _ -> new HashMap<>()).computeIfAbsent(reached, _ -> InHand.travels(
                run.turns().get(left.turn).batch(), left.task, run.turns().get(reached.turn).batch(), reached.task)
                .isEmpty() ? 0 : equipment.figures().changing());
    }

    private Hands latestCook(int from, int minutes, int turn, int task) {
        Hands best = null;
        for (var c = 0; c < day.cooks(); c++) {
            var gap = latest(from, minutes, busy(c, turn, task));
            if (best == null || gap.from > best.from) best = new Hands(c, gap.from, gap.holder);
        }
        return Optional.ofNullable(best).orElseThrow();
    }

    private Room latestRoom(Kit kit, int from, int minutes) {
        Room best = null;
        for (var piece : equipment.of(kit)) {
            var gap = latest(from, minutes, busy(piece));
            if (best == null || gap.from > best.from) best = new Room(piece, gap.from, gap.holder);
        }
        return Optional.ofNullable(best).orElseThrow();
    }

    private static boolean isOnTheDay(Booked b) { return b.placed.kind() != Schedule.Slot.DAY_BEFORE; }

    private record Gap(int from, @Nullable Booked holder) {}

    /// {@return the latest minute, not after the given one, from which so many are free}
    private static Gap latest(int from, int minutes, List<Busy> busy) {
        var gap = new Gap(from, null);
        for (var b : busy.stream().sorted(Comparator.comparingInt(Busy::from).reversed()).toList())
            if (gap.from < b.until && b.from < gap.from + minutes) gap = new Gap(b.from - minutes, b.holder);
        return gap;
    }

    List<Schedule.Placed> placed() { return booked.stream().map(Booked::placed).toList(); }

    /// The chain from the first start to the end, each link held by the one after it: what it waits for, and how long
    /// that takes in all.
    List<String> blocks() {
        var first = booked.stream().filter(Layout::isOnTheDay).min(Comparator.comparingInt(b -> b.placed.from()))
                .orElse(null);
        var minutes = new LinkedHashMap<String, Integer>();
        for (var at = first; at != null; at = at.heldBy) {
            var next = at.heldBy;
            var long_ = (next == null ? 0 : next.placed.from()) - at.placed.from();
            minutes.merge(at.by.isEmpty() ? "the steps of %s, one after the other".formatted(at.placed.dish())
                    : at.by, long_, Integer::sum);
        }
        return minutes.entrySet().stream().sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
                .map(e -> "%s: %s".formatted(e.getKey(), Schedule.inWords(e.getValue()))).toList();
    }
}
