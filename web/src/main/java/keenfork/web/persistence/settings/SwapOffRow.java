package keenfork.web.persistence.settings;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "swap_off")
class SwapOffRow {
    @Id String swap = "";
    Instant changedAt = Instant.EPOCH;
    String changedBy = "";
}
