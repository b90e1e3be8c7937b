package keenfork.web.persistence;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to what was printed. A printed label is stored as printed: paper does not change.
@Component
@Transactional
public class Labels {
    private final PrintedLabelRows rows;
    private final Clock clock;
    private final AtomicLong changes = new AtomicLong();

    /// What is printed.
    ///
    /// @param dish        the dish's key
    /// @param kind        `card`, `tub` and so on
    /// @param says        what it says, kept apart by how surely
    /// @param fingerprint the statement's
    /// @param copies      how many, 1 or more
    /// @param place       where they go, or an empty string
    /// @param by          who printed them, or an empty string
    /// @param why         why they went out though not everything is known; empty where it is
    /// @param keepBy      the day it keeps until, or null where the label carries none
    public record Print(long dish, String kind, String says, String fingerprint, int copies, String place, String by, String why, @Nullable LocalDate keepBy) {}

    /// Copies of a label as they were printed.
    ///
    /// @param id        their key
    /// @param printed   when
    /// @param statement what they say as it was written before it was kept apart; empty on newer ones
    /// @param takenBack how many of them were taken back
    public record Printed(long id, Print print, Instant printed, String statement, int takenBack) {
        /// {@return how many are still out}
        public int out() { return print.copies - takenBack; }
    }

    Labels(PrintedLabelRows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /// {@return the key of what was printed}
    public long printed(Print print) {
        var row = new PrintedLabelRow();
        row.dishId = print.dish;
        row.kind = print.kind;
        row.printedAt = Instant.now(clock);
        row.says = print.says;
        row.fingerprint = print.fingerprint;
        row.copies = print.copies;
        row.place = print.place;
        row.printedBy = print.by;
        row.why = print.why;
        row.keepBy = print.keepBy;
        var key = key(rows.saveAndFlush(row));
        changes.incrementAndGet();
        return key;
    }

    private static long key(PrintedLabelRow row) {
        if (row.id == null) throw new IllegalStateException("what was printed has a key");
        return row.id;
    }

    /// {@return how often something was printed or taken back since the start}
    public long changes() { return changes.get(); }

    /// {@return every copy that is still out, the oldest first: what an older print says is out there, too}
    @Transactional(readOnly = true)
    public List<Printed> out() { return rows.out().stream().map(Labels::printed).toList(); }

    /// {@return all that was printed of a dish, the newest first}
    @Transactional(readOnly = true)
    public List<Printed> history(long dish) { return rows.findAllByDishIdOrderByPrintedAtDescIdDesc(dish).stream().map(Labels::printed).toList(); }

    @Transactional(readOnly = true)
    public Optional<Printed> find(long id) { return rows.findById(id).map(Labels::printed); }

    /// Notes that copies were taken back, no more than are out.
    public void takeBack(long id, int copies) {
        rows.findById(id).ifPresent(r -> {
            r.takenBack = Math.clamp((long) r.takenBack + copies, 0, r.copies);
            rows.saveAndFlush(r);
            changes.incrementAndGet();
        });
    }

    private static Printed printed(PrintedLabelRow r) {
        return new Printed(key(r), new Print(r.dishId, r.kind, r.says, r.fingerprint, r.copies, r.place, r.printedBy, r.why, r.keepBy), r.printedAt, r.statement, r.takenBack);
    }
}
