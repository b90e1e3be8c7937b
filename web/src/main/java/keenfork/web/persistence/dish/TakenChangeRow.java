package keenfork.web.persistence.dish;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.List;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "taken_change")
final class TakenChangeRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    long planId;
    String words = "";
    String how = "";
    long dishId;
    int was;
    List<Long> asides = List.of();
    List<String> lines = List.of();
}
