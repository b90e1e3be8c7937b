package keenfork.web.persistence.dish;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "set_aside")
final class SetAsideRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    long dishId;
    String kind = "";
    String avoids = "";
    int people;
    Instant madeAt = Instant.EPOCH;
    String madeBy = "";
}
