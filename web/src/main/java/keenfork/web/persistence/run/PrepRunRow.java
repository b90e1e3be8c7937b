package keenfork.web.persistence.run;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "prep_run")
final class PrepRunRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    @Nullable Long beforeId;
    String how = "";
    Instant madeAt = Instant.EPOCH;
    String madeBy = "";
    boolean inForce;
}
