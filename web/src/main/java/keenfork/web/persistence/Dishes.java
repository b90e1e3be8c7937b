package keenfork.web.persistence;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to the stored dishes.
@Component
@Transactional
public class Dishes {
    private final DishRows rows;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Dishes(DishRows rows, ApplicationEventPublisher events, Clock clock) {
        this.rows = rows;
        this.events = events;
        this.clock = clock;
    }

    /// {@return every dish in menu order}
    @Transactional(readOnly = true)
    public List<Stored<DishText>> all() {
        return rows.findAllByOrderByPositionAscIdAsc().stream().map(Dishes::stored).toList();
    }

    @Transactional(readOnly = true)
    public Optional<Stored<DishText>> find(long id) {
        return rows.findById(id).map(Dishes::stored);
    }

    /// {@return the key of a new dish at the end of the menu}
    /// @throws Conflict when another dish has that name
    public long add(String name, String text) {
        return add(name, text, "");
    }

    /// The same for a recipe that came as a schema.org object.
    public long add(String name, String text, String original) {
        if (rows.named(name).isPresent()) throw new Conflict("Another dish is called “%s”. Give this one a name of its own.".formatted(name));
        var row = new DishRow();
        row.name = name;
        row.text = text;
        row.original = original;
        row.position = rows.lastPosition() + 1;
        row.changedAt = Instant.now(clock);
        var id = rows.saveAndFlush(row).id;
        events.publishEvent(new Changed());
        if (id == null) throw new IllegalStateException("a stored dish has a key");
        return id;
    }

    /// Stores a newer text.
    /// @param version  the version the text was written over
    /// @param original the schema.org object it came as, or an empty string to keep the one it has
    /// @throws Conflict when it was changed meanwhile, is gone, or the name is taken
    public void change(long id, long version, String name, String text, String original) {
        var row = rows.findById(id).orElseThrow(() -> new Conflict("This dish was taken off the menu meanwhile. Save it as a new dish to keep your text."));
        if (row.version != version) throw new Conflict("Somebody changed this dish while you wrote. Both texts are below: bring them together, then save.");
        var other = rows.named(name);
        if (other.isPresent() && other.get() != row) throw new Conflict("Another dish is called “%s”. Give this one a name of its own.".formatted(name));
        row.name = name;
        row.text = text;
        if (!original.isEmpty()) row.original = original;
        row.changedAt = Instant.now(clock);
        rows.saveAndFlush(row);
        events.publishEvent(new Changed());
    }

    private static Stored<DishText> stored(DishRow row) {
        if (row.id == null) throw new IllegalStateException("a stored dish has a key");
        return new Stored<>(row.id, row.version, new DishText(row.name, row.text, row.original, row.changedAt));
    }
}
