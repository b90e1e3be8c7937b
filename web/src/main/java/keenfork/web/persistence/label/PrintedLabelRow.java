package keenfork.web.persistence.label;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import keenfork.core.label.DateMark;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "printed_label")
final class PrintedLabelRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    @Nullable Long dishId;
    long guests;
    String kind = "";
    Instant printedAt = Instant.EPOCH;
    String statement = "";
    String says = "";
    String fingerprint = "";
    int asked = 1;
    int copies = 1;
    int takenBack;
    String place = "";
    String printedBy = "";
    String why = "";
    @Nullable LocalDate keepBy;
    @Nullable LocalDate made;
    String batch = "";
    @Enumerated(EnumType.STRING) DateMark mark = DateMark.USE_BY;
    String net = "";
    String usedSo = "";
    @Nullable Long jobId;
}
