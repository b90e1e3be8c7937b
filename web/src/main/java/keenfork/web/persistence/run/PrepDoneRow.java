package keenfork.web.persistence.run;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "prep_done")
final class PrepDoneRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    LocalDate served = LocalDate.EPOCH;
    long dishId;
    String kind = "";
    String what = "";
    int place;
    Instant doneAt = Instant.EPOCH;
    String doneBy = "";
}
