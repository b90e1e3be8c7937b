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
@Table(name = "prep_laid")
final class PrepLaidRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    LocalDate served = LocalDate.EPOCH;
    String what = "";
    Instant laidAt = Instant.EPOCH;
    String laidBy = "";
}
