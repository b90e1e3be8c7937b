package keenfork.web.persistence.run;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface PrepPieceRows extends JpaRepository<PrepPieceRow, Long> {
    List<PrepPieceRow> findAllByTurnIdIn(List<Long> turnIds);
}
