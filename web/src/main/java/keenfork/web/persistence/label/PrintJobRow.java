package keenfork.web.persistence.label;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "print_job")
final class PrintJobRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    @Version long version;
    String title = "";
    String kind = "";
    String sheet = "";
    int pages;
    int done;
    String state = "";
    String note = "";
    Instant askedAt = Instant.EPOCH;
    String askedBy = "";
}
