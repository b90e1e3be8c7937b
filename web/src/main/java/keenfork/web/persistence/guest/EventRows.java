package keenfork.web.persistence.guest;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface EventRows extends JpaRepository<EventRow, Long> {
    List<EventRow> findAllByOrderByDayAscIdAsc();

    Optional<EventRow> findByInForceTrue();
}
