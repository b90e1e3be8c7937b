package keenfork.web.persistence.run;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "prep_piece")
final class PrepPieceRow {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) @Nullable Long id;
    long turnId;
    String kit = "";
    String piece = "";
}
