package keenfork.web.persistence.dish;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "taken_plan")
final class TakenPlanRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    @Nullable Long eventId;
    Instant takenAt = Instant.EPOCH;
    String takenBy = "";
}
