package keenfork.web.persistence.label;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "gluten_report")
final class GlutenReportRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    long dishId;
    BigDecimal mgPerKg = BigDecimal.ZERO;
    LocalDate testedOn = LocalDate.EPOCH;
    String reference = "";
    String said = "";
    String filedBy = "";
    Instant filedAt = Instant.EPOCH;
}
