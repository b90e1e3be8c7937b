package keenfork.web.persistence.run;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface PrepTurnRows extends JpaRepository<PrepTurnRow, Long> {
    List<PrepTurnRow> findAllByRunIdOrderByPosition(long runId);
}
