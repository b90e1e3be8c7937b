package keenfork.web.persistence;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface TurnRows extends JpaRepository<TurnRow, Long> {
    List<TurnRow> findAllByOrderByPosition();
}
