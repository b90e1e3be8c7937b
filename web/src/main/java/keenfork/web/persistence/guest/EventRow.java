package keenfork.web.persistence.guest;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "event")
final class EventRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    @Version long version;
    String name = "";
    @Nullable LocalDate day;
    String service = "";
    String doors = "";
    int covers;
    String notes = "";
    @Nullable LocalDate guestsUntil;
    boolean archived;
    boolean inForce;
}
