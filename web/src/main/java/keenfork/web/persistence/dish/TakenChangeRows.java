package keenfork.web.persistence.dish;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface TakenChangeRows extends JpaRepository<TakenChangeRow, Long> {
    List<TakenChangeRow> findAllByPlanIdOrderById(long planId);
}
