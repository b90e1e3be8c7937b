package keenfork.web.persistence.guest;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "guest_group")
final class GuestGroupRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    @Version long version;
    String name = "";
    int people;
    String avoids = "";
    /// the event they come to; null for the counter of every day
    @Nullable Long eventId;
}
