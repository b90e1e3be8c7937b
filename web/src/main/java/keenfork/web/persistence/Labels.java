package keenfork.web.persistence;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to what was printed. A printed label is stored as printed: paper does not change.
@Component
@Transactional
public class Labels {
    private final PrintedLabelRows rows;
    private final Clock clock;

    /// A label as it was printed.
    ///
    /// @param dish      the dish's key
    /// @param kind      `card` or `tub`
    /// @param printed   when
    /// @param statement what it said
    public record Printed(long dish, String kind, Instant printed, String statement) {}

    Labels(PrintedLabelRows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    public void printed(long dish, String kind, String statement) {
        var row = new PrintedLabelRow();
        row.dishId = dish;
        row.kind = kind;
        row.printedAt = Instant.now(clock);
        row.statement = statement;
        rows.saveAndFlush(row);
    }

    /// {@return the newest print of each kind for each dish, the oldest first}
    @Transactional(readOnly = true)
    public List<Printed> newest() {
        return rows.lastOfEach().stream().map(r -> new Printed(r.dishId, r.kind, r.printedAt, r.statement)).toList();
    }
}
