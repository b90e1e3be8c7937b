package keenfork.web.persistence.pack;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "provision")
final class ProvisionRow {
    @Id String food = "";
    int packGrams;
    int haveGrams;
    String supplier = "";
    /// both are set, or none
    @Nullable BigDecimal priceAmount;
    int priceGrams;
    Instant countedAt = Instant.EPOCH;
    String countedBy = "";
}
