package keenfork.web.persistence.pack;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "pack_version")
final class PackVersionRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    long packId;
    int number;
    String label = "";
    String food = "";
    String law = "";
    String declaration = "";
    @Nullable LocalDate readOn;
    Instant savedAt = Instant.EPOCH;
    String savedBy = "";
}
