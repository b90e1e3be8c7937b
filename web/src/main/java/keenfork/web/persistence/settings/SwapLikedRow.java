package keenfork.web.persistence.settings;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "swap_liked")
class SwapLikedRow {
    @Id String swap = "";
    Instant changedAt = Instant.EPOCH;
    String changedBy = "";
}
