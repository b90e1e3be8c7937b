package keenfork.web.persistence.run;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import keenfork.web.persistence.Changed;
import keenfork.web.persistence.Conflict;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to the runs: the one in force, those before it, and what was laid on for them the day before.
@Component
@Transactional
public class Runs {
    private static final String TASK = "task";
    private static final String CLEAN = "wash";
    private final PrepRunRows rows;
    private final PrepTurnRows turnRows;
    private final PrepCleanRows cleanRows;
    private final PrepPieceRows pieceRows;
    private final PrepLaidRows laidRows;
    private final PrepDoneRows doneRows;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    /// One of a batch's uses of a kind of kit.
    ///
    /// @param number which of them, from 0
    public record Use(String kit, int number) {}

    /// One dish in its turn.
    ///
    /// @param dish     the dish's key
    /// @param portions people it feeds; 0 for as many as its recipe says
    /// @param locked   whether it keeps its place when a better order is looked for
    /// @param cleans   what is done before its uses: `WIPE`, `RINSE`, `WASH` or `FRESH`; what is not named is not
    ///                 cleaned
    /// @param way      which kit it takes where its steps allow either, as the core's choice has its key; empty where
    ///                 nobody has chosen
    /// @param pieces   the piece it takes of a kind of kit, by their ids; what is not named is the first it may go on
    public record Turn(long dish, int portions, boolean locked, Map<Use, String> cleans, Map<String, String> pieces,
            String way) {
        public Turn {
            cleans = Map.copyOf(cleans);
            pieces = Map.copyOf(pieces);
        }

        /// One for which nobody has chosen between two kits.
        public Turn(long dish, int portions, boolean locked, Map<Use, String> cleans, Map<String, String> pieces) {
            this(dish, portions, locked, cleans, pieces, "");
        }
    }

    /// A run as it is kept.
    ///
    /// @param id its key; 0 where none is kept yet
    public record Kept(long id, List<Turn> turns) {
        public static final Kept NONE = new Kept(0, List.of());

        public Kept {
            turns = List.copyOf(turns);
        }
    }

    /// A change of the run.
    ///
    /// @param id      the key of the run it led to
    /// @param how     what was done, in words
    /// @param by      who did it, or an empty string
    /// @param inForce whether that run is in force
    public record Change(long id, String how, Instant made, String by, boolean inForce) {
        /// {@return that it is in force; empty where it is not}
        public String standing() { return inForce ? ", in force" : ""; }
    }

    /// Something done on the day.
    ///
    /// @param dish  the dish's key
    /// @param clean whether it is a clean before the dish, and not a task of it
    /// @param what  the kind of kit of a clean, or the words of a task
    /// @param place the use that the clean stands before, or the task's place in the batch, from 0
    public record Mark(long dish, boolean clean, String what, int place) {}

    /// Something done, with when and by whom.
    ///
    /// @param by who did it, or an empty string
    public record Marked(Mark mark, Instant at, String by) {}

    Runs(PrepRunRows rows, PrepTurnRows turnRows, PrepCleanRows cleanRows, PrepPieceRows pieceRows,
            PrepLaidRows laidRows, PrepDoneRows doneRows, ApplicationEventPublisher events, Clock clock) {
        this.rows = rows;
        this.turnRows = turnRows;
        this.cleanRows = cleanRows;
        this.pieceRows = pieceRows;
        this.laidRows = laidRows;
        this.doneRows = doneRows;
        this.events = events;
        this.clock = clock;
    }

    /// {@return the run in force, or none}
    @Transactional(readOnly = true)
    public Kept inForce() { return rows.findByInForceTrue().map(this::kept).orElse(Kept.NONE); }

    /// {@return what led to the latest runs, the newest first}
    @Transactional(readOnly = true)
    public List<Change> history() {
        return rows.findTop20ByOrderByIdDesc().stream()
                .map(r -> new Change(key(r), r.how, r.madeAt, r.madeBy, r.inForce)).toList();
    }

    /// {@return what the run in force can be taken back to, in words of what would be undone; empty where it is the
    /// first}
    @Transactional(readOnly = true)
    public String undoable() {
        return rows.findByInForceTrue().filter(r -> r.beforeId != null).map(r -> r.how).orElse("");
    }

    /// Puts another run in force.
    /// @param over the run it was made from, so that nobody's change is lost unseen
    /// @param how  what was done, in words
    /// @param by   who did it, or an empty string
    /// @throws Conflict where another one is in force by now
    public void use(long over, List<Turn> turns, String how, String by) {
        var row = new PrepRunRow();
        row.beforeId = stepDown(over);
        row.how = how;
        row.madeAt = Instant.now(clock);
        row.madeBy = by;
        row.inForce = true;
        save(row);
        for (var i = 0; i < turns.size(); i++) keep(turns.get(i), key(row), i);
        events.publishEvent(new Changed());
    }

    /// Takes the last change back: the run before it is in force again.
    /// @throws Conflict where another one is in force by now, or there is none before it
    public void takeBack(long over) {
        var before = rows.findById(over).map(r -> r.beforeId).flatMap(rows::findById)
                .orElseThrow(() -> new Conflict("There is nothing to take back: this is the first run that was kept."));
        stepDown(over);
        before.inForce = true;
        save(before);
        events.publishEvent(new Changed());
    }

    private @Nullable Long stepDown(long over) {
        var now = rows.findByInForceTrue();
        if (now.map(Runs::key).orElse(0L) != over) throw changed();
        now.ifPresent(r -> {
            r.inForce = false;
            rows.saveAndFlush(r);
        });
        return now.map(Runs::key).orElse(null);
    }

    private void save(PrepRunRow row) {
        try {
            rows.saveAndFlush(row);
        } catch (DataIntegrityViolationException e) {
            throw changed();
        }
    }

    private static Conflict changed() {
        return new Conflict(
                "Somebody else changed the run meanwhile. This is how it stands now; do it again if it still holds.");
    }

    private static long key(PrepRunRow row) {
        if (row.id == null) throw new IllegalStateException("a run that is kept has a key");
        return row.id;
    }

    private void keep(Turn turn, long run, int position) {
        var row = new PrepTurnRow();
        row.runId = run;
        row.position = position;
        row.dishId = turn.dish();
        row.portions = turn.portions();
        row.locked = turn.locked();
        row.way = turn.way();
        var id = turnRows.saveAndFlush(row).id;
        if (id == null) throw new IllegalStateException("a turn that is kept has a key");
        turn.cleans().forEach((use, clean) -> {
            var done = new PrepCleanRow();
            done.turnId = id;
            done.kit = use.kit();
            done.useNo = use.number();
            done.clean = clean;
            cleanRows.save(done);
        });
        turn.pieces().forEach((kit, piece) -> {
            var taken = new PrepPieceRow();
            taken.turnId = id;
            taken.kit = kit;
            taken.piece = piece;
            pieceRows.save(taken);
        });
    }

    private Kept kept(PrepRunRow row) {
        var turns = turnRows.findAllByRunIdOrderByPosition(key(row));
        var ids = turns.stream().map(t -> t.id).toList();
        var cleans = cleanRows.findAllByTurnIdIn(ids).stream().collect(Collectors.groupingBy(c -> c.turnId));
        var pieces = pieceRows.findAllByTurnIdIn(ids).stream().collect(Collectors.groupingBy(p -> p.turnId));
        return new Kept(key(row), turns.stream().map(t -> {
            var before = new LinkedHashMap<Use, String>();
            for (var c : cleans.getOrDefault(t.id, List.of())) before.put(new Use(c.kit, c.useNo), c.clean);
            var taken = new LinkedHashMap<String, String>();
            for (var p : pieces.getOrDefault(t.id, List.of())) taken.put(p.kit, p.piece);
            return new Turn(t.dishId, t.portions, t.locked, before, taken, t.way);
        }).toList());
    }

    /// {@return what was laid on the day before, in its words}
    /// @param served the day all is served
    @Transactional(readOnly = true)
    public Set<String> laid(LocalDate served) {
        return laidRows.findAllByServed(served).stream().map(r -> r.what).collect(Collectors.toUnmodifiableSet());
    }

    /// Notes that something was laid on the day before, or that it was not.
    public void lay(LocalDate served, String what, boolean laid, String by) {
        var known = laidRows.findAllByServed(served).stream().filter(r -> r.what.equals(what)).toList();
        if (!laid) laidRows.deleteAll(known);
        else if (known.isEmpty()) {
            var row = new PrepLaidRow();
            row.served = served;
            row.what = what;
            row.laidAt = Instant.now(clock);
            row.laidBy = by;
            laidRows.save(row);
        }
    }

    /// {@return what is done of a run}
    /// @param served the day all is served
    @Transactional(readOnly = true)
    public List<Marked> done(LocalDate served) {
        return doneRows.findAllByServedOrderById(served).stream()
                .map(r -> new Marked(new Mark(r.dishId, r.kind.equals(CLEAN), r.what, r.place), r.doneAt, r.doneBy))
                .toList();
    }

    /// Notes that something is done, or that it is not; noted twice it is done once, by whom it was noted first.
    public void mark(LocalDate served, Mark mark, boolean done, String by) {
        var kind = mark.clean() ? CLEAN : TASK;
        var known = doneRows.findAllByServedOrderById(served).stream().filter(r -> r.dishId == mark.dish()
                && r.kind.equals(kind) && r.what.equals(mark.what()) && r.place == mark.place()).toList();
        if (!done) doneRows.deleteAll(known);
        else if (known.isEmpty()) {
            var row = new PrepDoneRow();
            row.served = served;
            row.dishId = mark.dish();
            row.kind = kind;
            row.what = mark.what();
            row.place = mark.place();
            row.doneAt = Instant.now(clock);
            row.doneBy = by;
            doneRows.save(row);
        }
        events.publishEvent(new Changed());
    }
}
