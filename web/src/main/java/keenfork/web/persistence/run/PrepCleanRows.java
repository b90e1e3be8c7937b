package keenfork.web.persistence.run;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface PrepCleanRows extends JpaRepository<PrepCleanRow, Long> {
    List<PrepCleanRow> findAllByTurnIdIn(List<Long> turnIds);
}
