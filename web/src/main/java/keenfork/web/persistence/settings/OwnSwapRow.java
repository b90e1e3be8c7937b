package keenfork.web.persistence.settings;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "own_swap")
final class OwnSwapRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    String replaces = "";
    String role = "";
    String goesIn = "";
    String preparation = "";
    String lead = "";
    String closeness = "";
    Instant changedAt = Instant.EPOCH;
    String changedBy = "";
}
