package keenfork.web.persistence.label;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import keenfork.core.label.NetQuantity;
import keenfork.core.label.OnPack;
import keenfork.core.label.OnPaper;
import keenfork.format.PrintJson;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to what was printed. A printed label is stored as printed: paper does not change.
@Component
@Transactional
public class Labels {
    private final PrintedLabelRows rows;
    private final Clock clock;
    private final Counter changes = new Counter();

    /// What is printed.
    ///
    /// @param dish        the dish's key; 0 for a guest's card
    /// @param guests      the key of the guests it is for; 0 for any other label
    /// @param kind        `card`, `tub` and so on
    /// @param paper       what it says; null where it was printed before that was kept
    /// @param copies      how many, 1 or more
    /// @param place       where they go, or an empty string
    /// @param by          who printed them, or an empty string
    /// @param why         why they went out though not everything is known; empty where it is
    /// @param keepBy      the day it keeps until, or null where the label carries none
    /// @param made        the day the food was made, or null for the day it was printed
    /// @param batch       which batch of that day; may be empty
    /// @param pack        what it says of the pack beside that
    public record Print(long dish, long guests, String kind, @Nullable OnPaper paper, int copies, String place,
            String by, String why,
            @Nullable LocalDate keepBy, @Nullable LocalDate made, String batch, OnPack pack) {
        /// {@return what it says; empty where it was printed before that was kept}
        public Optional<OnPaper> says() { return Optional.ofNullable(paper); }
    }

    /// Copies of a label as they were printed.
    ///
    /// @param id        their key
    /// @param printed   when
    /// @param statement what they say as it was written before it was kept apart; empty on newer ones
    /// @param cameOut   how many of them came out of the printer
    /// @param takenBack how many of them were taken back
    public record Printed(long id, Print print, Instant printed, String statement, int cameOut, int takenBack) {
        /// {@return how many are still out}
        public int out() { return cameOut - takenBack; }
    }

    Labels(PrintedLabelRows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /// {@return the key of what was printed in one go}
    public long printed(Print print) {
        var row = row(print);
        row.copies = print.copies;
        var key = key(rows.saveAndFlush(row));
        changes.changed();
        return key;
    }

    /// Notes what is to be printed; none of it is out yet.
    void ask(Print print, long job) {
        var row = row(print);
        row.copies = 0;
        row.jobId = job;
        rows.saveAndFlush(row);
    }

    /// Notes copies that came out of the printer, by their label's key.
    void cameOut(Map<Long, Integer> copies) {
        copies.forEach((id, many) -> rows.findById(id).ifPresent(r -> {
            // the label says what it says from the moment its first copy is out
            if (r.copies == 0) r.printedAt = Instant.now(clock);
            r.copies += many;
            rows.saveAndFlush(r);
        }));
        changes.changed();
    }

    private PrintedLabelRow row(Print print) {
        var row = new PrintedLabelRow();
        row.dishId = print.dish == 0 ? null : print.dish;
        row.guests = print.guests;
        row.kind = print.kind;
        row.printedAt = Instant.now(clock);
        print.says().ifPresent(paper -> {
            row.says = PrintJson.write(paper);
            row.fingerprint = paper.fingerprint();
        });
        row.asked = print.copies;
        row.place = print.place;
        row.printedBy = print.by;
        row.why = print.why;
        row.keepBy = print.keepBy;
        row.made = print.made;
        row.batch = print.batch;
        row.mark = print.pack.mark();
        row.net = print.pack.net().map(NetQuantity::typed).orElse("");
        row.usedSo = print.pack.use();
        return row;
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

    /// {@return all that came out of a dish, the newest first}
    @Transactional(readOnly = true)
    public List<Printed> history(long dish) {
        return rows.findAllByDishIdAndCopiesGreaterThanOrderByPrintedAtDescIdDesc(dish, 0).stream().map(Labels::printed)
                .toList();
    }

    /// {@return all that came out for guests, the newest first}
    @Transactional(readOnly = true)
    public List<Printed> historyOfGuests(long guests) {
        return rows.findAllByGuestsAndCopiesGreaterThanOrderByPrintedAtDescIdDesc(guests, 0).stream()
                .map(Labels::printed).toList();
    }

    @Transactional(readOnly = true)
    public Optional<Printed> find(long id) { return rows.findById(id).map(Labels::printed); }

    /// Notes that copies were taken back, no more than are out.
    public void takeBack(long id, int copies) {
        rows.findById(id).ifPresent(r -> {
            r.takenBack = Math.clamp((long) r.takenBack + copies, 0, r.copies);
            rows.saveAndFlush(r);
            changes.changed();
        });
    }

    static Printed printed(PrintedLabelRow r) {
        return new Printed(key(r),
                new Print(r.dishId == null ? 0 : r.dishId, r.guests, r.kind, PrintJson.read(r.says).orElse(null),
                        r.asked, r.place, r.printedBy, r.why, r.keepBy, r.made, r.batch,
                        new OnPack(r.mark, NetQuantity.parse(r.net), r.usedSo)),
                r.printedAt, r.statement, r.copies, r.takenBack);
    }
}
