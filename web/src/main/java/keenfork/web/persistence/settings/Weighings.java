package keenfork.web.persistence.settings;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import keenfork.core.measure.Span;
import keenfork.web.persistence.Changed;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to what the kitchen weighed itself, which stands in for figures of the reference table.
@Component
@Transactional
public class Weighings {
    private final OwnWeightRows rows;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    /// One figure of the kitchen's own.
    ///
    /// @param food    the food's shown name
    /// @param noun    what it is counted in, or `ml`
    /// @param grams   g of one, or g per ml
    /// @param note    how it was found
    /// @param changed when it was written down
    /// @param by      who did
    public record Weighing(String food, String noun, Span grams, String note, Instant changed, String by) {}

    Weighings(OwnWeightRows rows, ApplicationEventPublisher events, Clock clock) {
        this.rows = rows;
        this.events = events;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<Weighing> all() {
        return rows.findAllByOrderByFoodAscNounAsc().stream()
                .map(r -> new Weighing(r.food, r.noun, Span.parse(r.figures), r.note, r.changedAt, r.changedBy))
                .toList();
    }

    /// Writes a figure down in place of the one before.
    public void keep(String food, String noun, Span grams, String note, String by) {
        var row = rows.findByFoodAndNoun(food, noun).orElseGet(OwnWeightRow::new);
        row.food = food;
        row.noun = noun;
        row.figures = "%s-%s-%s".formatted(grams.low().toPlainString(), grams.likely().toPlainString(),
                grams.high().toPlainString());
        row.note = note;
        row.changedAt = Instant.now(clock);
        row.changedBy = by;
        rows.saveAndFlush(row);
        events.publishEvent(new Changed());
    }

    /// Goes back to the figure of the reference table.
    public void forget(String food, String noun) {
        rows.findByFoodAndNoun(food, noun).ifPresent(rows::delete);
        events.publishEvent(new Changed());
    }
}
