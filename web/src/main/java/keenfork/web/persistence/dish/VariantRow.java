package keenfork.web.persistence.dish;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "variant")
final class VariantRow {
    @Id long dishId;
    long originalId;
    int originalNumber;
    String avoids = "";
    Instant madeAt = Instant.EPOCH;
    String madeBy = "";
}
