package keenfork.web.persistence.dish;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import keenfork.web.persistence.Changed;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to portions that go out without something: a part is held back, or they are taken off before it goes in.
@Component
@Transactional
public class SetAsides {
    private final SetAsideRows rows;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    /// how portions are kept without something
    public enum Portions {
        HOLD_BACK("hold-back"), TAKE_OFF("take-off");

        private final String stored;

        Portions(String stored) {
            this.stored = stored;
        }
    }

    /// Portions set aside.
    ///
    /// @param id     its key
    /// @param dish   the dish's key
    /// @param avoids what they are without, in words of the command line
    /// @param people for how many; 0 where nobody said
    /// @param made   when that was said
    /// @param by     who said so, or an empty string
    public record Aside(long id, long dish, Portions kind, String avoids, int people, Instant made, String by) {}

    SetAsides(SetAsideRows rows, ApplicationEventPublisher events, Clock clock) {
        this.rows = rows;
        this.events = events;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<Aside> all() {
        return rows.findAllByOrderById().stream().map(SetAsides::aside).toList();
    }

    /// {@return the key of what is set aside}
    public long add(long dish, Portions kind, String avoids, int people, String by) {
        var row = new SetAsideRow();
        row.dishId = dish;
        row.kind = kind.stored;
        row.avoids = avoids;
        row.people = people;
        row.madeAt = Instant.now(clock);
        row.madeBy = by;
        var id = rows.saveAndFlush(row).id;
        if (id == null) throw new IllegalStateException("what is set aside has a key");
        events.publishEvent(new Changed());
        return id;
    }

    public void remove(long id) {
        rows.deleteById(id);
        events.publishEvent(new Changed());
    }

    private static Aside aside(SetAsideRow row) {
        if (row.id == null) throw new IllegalStateException("what is set aside has a key");
        return new Aside(row.id, row.dishId,
                row.kind.equals(Portions.HOLD_BACK.stored) ? Portions.HOLD_BACK : Portions.TAKE_OFF,
                row.avoids, row.people, row.madeAt, row.madeBy);
    }
}
