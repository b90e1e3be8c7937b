package keenfork.web.persistence.label;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "keep_time")
final class KeepTimeRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    String what = "";
    @Nullable Integer days;
    String why = "";
    String setBy = "";
    Instant setAt = Instant.EPOCH;
}
