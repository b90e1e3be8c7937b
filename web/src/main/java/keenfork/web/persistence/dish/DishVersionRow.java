package keenfork.web.persistence.dish;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "dish_version")
final class DishVersionRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    long dishId;
    int number;
    String name = "";
    String text = "";
    Instant savedAt = Instant.EPOCH;
    String savedBy = "";
    String how = "";
}
