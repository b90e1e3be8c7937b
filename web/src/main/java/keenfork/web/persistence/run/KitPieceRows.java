package keenfork.web.persistence.run;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface KitPieceRows extends JpaRepository<KitPieceRow, Long> {
    List<KitPieceRow> findAllByRetiredFalseOrderById();
}
