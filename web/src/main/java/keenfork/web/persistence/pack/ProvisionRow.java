package keenfork.web.persistence.pack;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "provision")
class ProvisionRow {
    @Id String food = "";
    int packGrams;
    int haveGrams;
    String supplier = "";
    Instant countedAt = Instant.EPOCH;
    String countedBy = "";
}
