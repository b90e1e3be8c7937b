package keenfork.web.persistence.settings;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "own_weight")
final class OwnWeightRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    String food = "";
    String noun = "";
    String figures = "";
    String note = "";
    Instant changedAt = Instant.EPOCH;
    String changedBy = "";
}
