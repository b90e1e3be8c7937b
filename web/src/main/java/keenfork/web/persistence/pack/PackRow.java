package keenfork.web.persistence.pack;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "pack")
final class PackRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    @Version long version;
    String food = "";
    String label = "";
    String barCode = "";
    String law = "";
    String declaration = "";
    @Nullable LocalDate readOn;
    boolean spare;
    @Nullable LocalDate standsInOn;
}
