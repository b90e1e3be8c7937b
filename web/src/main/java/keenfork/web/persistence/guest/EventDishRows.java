package keenfork.web.persistence.guest;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface EventDishRows extends JpaRepository<EventDishRow, EventDishRow.Key> {
    List<EventDishRow> findAllByEventId(long eventId);
}
