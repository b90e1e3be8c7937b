package keenfork.web.persistence.guest;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import keenfork.web.persistence.Changed;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.ServedAt;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to events, and to the people to be fed at them, in groups. One event at most is in force: its guests are
/// those that the stations speak of. Without one, they are those of the counter of every day.
@Component
@Transactional
public class Events {
    private final GuestGroupRows rows;
    private final EventRows eventRows;
    private final EventDishRows menus;
    private final ApplicationEventPublisher events;

    /// People who avoid the same.
    ///
    /// @param id     their key
    /// @param name   what the crew calls them
    /// @param people how many, 1 or more
    /// @param avoids what they avoid, in words of the command line, such as `eggs, sesame`
    public record Guests(long id, String name, int people, String avoids) {}

    /// What is said of an event.
    ///
    /// @param day     its day, or null while nobody knows
    /// @param doors   when guests come in, such as `18:00`, or an empty string
    /// @param service when it is served, such as `18:30`, or an empty string
    /// @param covers  how many come; 0 while nobody knows
    /// @param guestsUntil the last day on which its guests are kept, or null for as long as it is
    public record Details(String name, @Nullable LocalDate day, String doors, String service, int covers, String notes,
            @Nullable LocalDate guestsUntil) {}

    /// An event.
    ///
    /// @param version what a change of it is written over
    public record Event(long id, long version, Details details, boolean archived, boolean inForce) {
        /// {@return what it is called where one is chosen}
        public String words() { return archived ? details.name + ", laid by" : details.name; }
    }

    Events(GuestGroupRows rows, EventRows eventRows, EventDishRows menus, ApplicationEventPublisher events) {
        this.rows = rows;
        this.eventRows = eventRows;
        this.menus = menus;
        this.events = events;
    }

    /// {@return the groups of the event in force}
    @Transactional(readOnly = true)
    public List<Guests> groups() {
        var now = now();
        return rows.findAllByOrderById().stream().filter(r -> Objects.equals(r.eventId, now))
                .map(r -> new Guests(r.id == null ? 0 : r.id, r.name, r.people, r.avoids)).toList();
    }

    private @Nullable Long now() { return eventRows.findByInForceTrue().map(r -> r.id).orElse(null); }

    /// Adds a group to the event in force.
    public void add(String name, int people, String avoids) {
        add(now(), name, people, avoids);
        events.publishEvent(new Changed());
    }

    private void add(@Nullable Long event, String name, int people, String avoids) {
        var row = new GuestGroupRow();
        row.name = name;
        row.people = people;
        row.avoids = avoids;
        row.eventId = event;
        rows.saveAndFlush(row);
    }

    /// Writes a group anew; nothing where it is not there any more.
    public void change(long id, String name, int people, String avoids) {
        rows.findById(id).ifPresent(row -> {
            row.name = name;
            row.people = people;
            row.avoids = avoids;
            rows.saveAndFlush(row);
            events.publishEvent(new Changed());
        });
    }

    /// Takes people out of some groups, which go where nobody is left, and makes them a group of their own: all of it
    /// or nothing.
    ///
    /// @param people how many, at most as many as each of the groups has
    /// @throws Conflict where a group is gone, or smaller by now
    public void regroup(List<Long> from, int people, String name, String avoids) {
        for (var id : from) {
            var row = rows.findById(id).filter(r -> r.people >= people)
                    .orElseThrow(() -> new Conflict("A group was changed meanwhile. Nothing was done; look again."));
            row.people -= people;
            if (row.people == 0) rows.delete(row);
            else rows.save(row);
        }
        rows.flush();
        add(name, people, avoids);
    }

    /// Puts two groups together under the name of the first.
    /// @throws Conflict where one of them is gone
    public void join(long one, long other) {
        var gone = rows.findById(other);
        var into = rows.findById(one).filter(_ -> gone.isPresent())
                .orElseThrow(() -> new Conflict("A group was changed meanwhile. Nothing was done; look again."));
        into.people += gone.orElseThrow().people;
        rows.saveAndFlush(into);
        remove(other);
    }

    public void remove(long id) {
        rows.deleteById(id);
        events.publishEvent(new Changed());
    }

    /// {@return every event, by its day}
    @Transactional(readOnly = true)
    public List<Event> all() { return eventRows.findAllByOrderByDayAscIdAsc().stream().map(Events::event).toList(); }

    @Transactional(readOnly = true)
    public Optional<Event> inForce() { return eventRows.findByInForceTrue().map(Events::event); }

    private static Event event(EventRow row) {
        return new Event(row.id == null ? 0 : row.id, row.version,
                new Details(row.name, row.day, row.doors, row.service, row.covers, row.notes, row.guestsUntil),
                row.archived,
                row.inForce);
    }

    /// {@return the key of a new event, which is in force from now on}
    public long begin(Details details) {
        var row = new EventRow();
        fill(row, details);
        var id = Objects.requireNonNull(eventRows.saveAndFlush(row).id);
        use(id);
        return id;
    }

    private static void fill(EventRow row, Details details) {
        row.name = details.name;
        row.day = details.day;
        row.doors = details.doors;
        row.service = details.service;
        row.covers = details.covers;
        row.notes = details.notes;
        row.guestsUntil = details.guestsUntil;
    }

    /// Writes an event anew.
    /// @throws Conflict where somebody did so meanwhile, or it is gone
    public void change(long id, long version, Details details) {
        var row = eventRows.findById(id).orElseThrow(() -> new Conflict("This event is not there any more."));
        if (row.version != version) throw new Conflict("Somebody changed this event meanwhile. Look at it again.");
        fill(row, details);
        eventRows.saveAndFlush(row);
        events.publishEvent(new Changed());
    }

    /// Puts an event in force; 0 is the counter of every day.
    public void use(long id) {
        eventRows.findByInForceTrue().ifPresent(row -> {
            row.inForce = false;
            eventRows.saveAndFlush(row);
        });
        eventRows.findById(id).ifPresent(row -> {
            row.inForce = true;
            row.archived = false;
            eventRows.saveAndFlush(row);
        });
        events.publishEvent(new Changed());
    }

    /// Lays an event by; one that is in force is so no more.
    public void archive(long id) {
        eventRows.findById(id).ifPresent(row -> {
            row.archived = true;
            row.inForce = false;
            eventRows.saveAndFlush(row);
            events.publishEvent(new Changed());
        });
    }

    /// Deletes the guests of every event whose last day for them is over: names, numbers and what they avoid.
    /// @return the keys of those events
    public List<Long> forgetGuests(LocalDate today) {
        var over = eventRows.findAllByOrderByDayAscIdAsc().stream()
                .filter(e -> e.guestsUntil != null && e.guestsUntil.isBefore(today)).map(e -> e.id).toList();
        var gone = rows.findAllByOrderById().stream().filter(g -> g.eventId != null && over.contains(g.eventId))
                .toList();
        if (gone.isEmpty()) return List.of();
        rows.deleteAll(gone);
        rows.flush();
        events.publishEvent(new Changed());
        return gone.stream().map(g -> Objects.requireNonNull(g.eventId)).distinct().toList();
    }

    /// Begins an event as another one was, its menu and guests with it, without its day.
    public void copy(long id) {
        var row = eventRows.findById(id).orElseThrow(() -> new Conflict("This event is not there any more."));
        var copy = begin(new Details(row.name + ", again", null, row.doors, row.service, row.covers, row.notes, null));
        menus.findAllByEventId(id).forEach(d -> serve(copy, d.dishId, at(d)));
        rows.findAllByOrderById().stream().filter(g -> Objects.equals(g.eventId, id))
                .forEach(g -> add(copy, g.name, g.people, g.avoids));
        events.publishEvent(new Changed());
    }

    /// {@return where each dish on the menu of an event stands, by the dish's key; empty where none is chosen}
    @Transactional(readOnly = true)
    public Map<Long, ServedAt> menu(long event) {
        return menus.findAllByEventId(event).stream().collect(Collectors.toMap(r -> r.dishId, Events::at));
    }

    private static ServedAt at(EventDishRow row) { return new ServedAt(row.course, row.station, row.turn); }

    /// Puts a dish on the menu of an event.
    public void serve(long event, long dish, ServedAt at) {
        var row = new EventDishRow();
        row.eventId = event;
        row.dishId = dish;
        row.course = at.course();
        row.station = at.station();
        row.turn = at.turn();
        menus.saveAndFlush(row);
        events.publishEvent(new Changed());
    }

    /// Takes a dish off the menu of an event.
    public void takeOff(long event, long dish) {
        menus.deleteById(new EventDishRow.Key(event, dish));
        events.publishEvent(new Changed());
    }
}
