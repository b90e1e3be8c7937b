package keenfork.web.persistence.dish;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "dish")
final class DishRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    @Version long version;
    String name = "";
    String text = "";
    String original = "";
    int position;
    Instant changedAt = Instant.EPOCH;
    @Nullable Instant offMenuAt;
}
