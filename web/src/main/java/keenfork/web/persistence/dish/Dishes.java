package keenfork.web.persistence.dish;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import keenfork.web.persistence.Changed;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.Edit;
import keenfork.web.persistence.Stored;
import keenfork.web.persistence.Version;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to the stored dishes. Every text a dish had is kept.
@Component
@Transactional
public class Dishes {
    private static final String WRITTEN = "written";
    private final DishRows rows;
    private final DishVersionRows versions;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Dishes(DishRows rows, DishVersionRows versions, ApplicationEventPublisher events, Clock clock) {
        this.rows = rows;
        this.versions = versions;
        this.events = events;
        this.clock = clock;
    }

    /// {@return every dish on the menu, in menu order}
    @Transactional(readOnly = true)
    public List<Stored<DishText>> all() {
        return rows.onMenu();
    }

    /// {@return the dishes taken off the menu, the last one first}
    @Transactional(readOnly = true)
    public List<Stored<DishText>> offMenu() {
        return rows.findAllByOffMenuAtIsNotNullOrderByOffMenuAtDesc().stream().map(Dishes::stored).toList();
    }

    /// {@return a dish that is on the menu}
    @Transactional(readOnly = true)
    public Optional<Stored<DishText>> find(long id) {
        return rows.findById(id).filter(r -> r.offMenuAt == null).map(Dishes::stored);
    }

    /// {@return every text the dish had, the newest first}
    @Transactional(readOnly = true)
    public List<Version<DishText>> versions(long id) {
        return versions.findAllByDishIdOrderByNumberDesc(id).stream().map(Dishes::version).toList();
    }

    /// {@return what was changed since a moment, the oldest first}
    @Transactional(readOnly = true)
    public List<Edit> since(Instant moment) { return versions.since(moment); }

    @Transactional(readOnly = true)
    public Optional<Version<DishText>> version(long id, int number) {
        return versions.findByDishIdAndNumber(id, number).map(Dishes::version);
    }

    /// {@return the key of a new dish at the end of the menu}
    /// @param original the schema.org object it came as, or an empty string
    /// @param by       who wrote it, or an empty string
    /// @throws Conflict when another dish has that name
    public long add(String name, String text, String original, String by) {
        nameIsFree(name, null);
        var row = new DishRow();
        row.original = original;
        row.position = rows.lastPosition() + 1;
        return keep(row, name, text, by, WRITTEN);
    }

    /// Stores a newer text.
    /// @param version  the version the text was written over
    /// @param original the schema.org object it came as, or an empty string to keep the one it has
    /// @param by       who wrote it, or an empty string
    /// @throws Conflict when it was changed meanwhile, is gone, or the name is taken
    public void change(long id, long version, String name, String text, String original, String by) {
        var row = onMenu(id, version);
        nameIsFree(name, row);
        if (!original.isEmpty()) row.original = original;
        keep(row, name, text, by, WRITTEN);
    }

    /// The same, saying what was done; what it came as stays.
    /// @param how what was done, in words
    public void rewrite(long id, long version, String name, String text, String by, String how) {
        var row = onMenu(id, version);
        nameIsFree(name, row);
        keep(row, name, text, by, how);
    }

    /// Takes a dish off the menu. It is kept with all its versions and can be put back.
    /// @throws Conflict when it was changed meanwhile or is gone
    public void takeOff(long id, long version) {
        var row = onMenu(id, version);
        row.offMenuAt = Instant.now(clock);
        rows.saveAndFlush(row);
        events.publishEvent(new Changed());
    }

    /// Puts a dish back on the menu, at its end.
    /// @throws Conflict when another dish took its name meanwhile
    public void putBack(long id) {
        var row = rows.findById(id).filter(r -> r.offMenuAt != null)
                .orElseThrow(() -> new Conflict("This dish is on the menu already."));
        nameIsFree(row.name, row);
        row.offMenuAt = null;
        row.position = rows.lastPosition() + 1;
        rows.saveAndFlush(row);
        events.publishEvent(new Changed());
    }

    private DishRow onMenu(long id, long version) {
        var row = rows.locked(id).filter(r -> r.offMenuAt == null).orElseThrow(() -> new Conflict(
                "This dish was taken off the menu meanwhile. Save it as a new dish to keep your text."));
        if (row.version != version)
            throw new Conflict(
                    "Somebody changed this dish while you wrote. Both texts are below: bring them together, then "
                            + "save.");
        return row;
    }

    private void nameIsFree(String name, @Nullable DishRow but) {
        var other = rows.named(name);
        if (other.isPresent() && other.get() != but)
            throw taken(name);
    }

    private static Conflict taken(String name) {
        return new Conflict("Another dish is called “%s”. Give this one a name of its own.".formatted(name));
    }

    private long keep(DishRow row, String name, String text, String by, String how) {
        row.name = name;
        row.text = text;
        row.changedAt = Instant.now(clock);
        var id = saved(row, name).id;
        if (id == null) throw new IllegalStateException("a stored dish has a key");
        var version = new DishVersionRow();
        version.dishId = id;
        version.number = versions.lastNumber(id) + 1;
        version.name = name;
        version.text = text;
        version.savedAt = row.changedAt;
        version.savedBy = by;
        version.how = how;
        versions.save(version);
        events.publishEvent(new Changed());
        return id;
    }

    /// two who give the same name at the same moment
    private DishRow saved(DishRow row, String name) {
        try {
            return rows.saveAndFlush(row);
        } catch (DataIntegrityViolationException _) {
            throw taken(name);
        }
    }

    private static Stored<DishText> stored(DishRow row) {
        if (row.id == null) throw new IllegalStateException("a stored dish has a key");
        return new Stored<>(row.id, row.version, new DishText(row.name, row.text, row.original, row.changedAt));
    }

    private static Version<DishText> version(DishVersionRow row) {
        return new Version<>(row.number, row.savedAt, row.savedBy, row.how,
                new DishText(row.name, row.text, "", row.savedAt));
    }
}
