package keenfork.web.persistence.guest;

import java.util.List;
import keenfork.web.persistence.Changed;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to the people to be fed, in groups.
@Component
@Transactional
public class Events {
    private final GuestGroupRows rows;
    private final ApplicationEventPublisher events;

    /// People who avoid the same.
    ///
    /// @param id     their key
    /// @param name   what the crew calls them
    /// @param people how many, 1 or more
    /// @param avoids what they avoid, in words of the command line, such as `eggs, sesame`
    public record Guests(long id, String name, int people, String avoids) {}

    Events(GuestGroupRows rows, ApplicationEventPublisher events) {
        this.rows = rows;
        this.events = events;
    }

    @Transactional(readOnly = true)
    public List<Guests> groups() {
        return rows.findAllByOrderById().stream()
                .map(r -> new Guests(r.id == null ? 0 : r.id, r.name, r.people, r.avoids)).toList();
    }

    public void add(String name, int people, String avoids) {
        var row = new GuestGroupRow();
        row.name = name;
        row.people = people;
        row.avoids = avoids;
        rows.saveAndFlush(row);
        events.publishEvent(new Changed());
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

    public void remove(long id) {
        rows.deleteById(id);
        events.publishEvent(new Changed());
    }
}
