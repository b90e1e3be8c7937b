package keenfork.web.persistence.settings;

import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import java.time.Instant;

/// Something the kitchen says of a swap, by whom and when.
@MappedSuperclass
abstract class SwapSaidRow {
    @Id String swap = "";
    Instant changedAt = Instant.EPOCH;
    String changedBy = "";
}
