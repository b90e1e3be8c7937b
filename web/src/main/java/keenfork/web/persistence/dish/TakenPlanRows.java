package keenfork.web.persistence.dish;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface TakenPlanRows extends JpaRepository<TakenPlanRow, Long> {
    List<TakenPlanRow> findAllByOrderByIdDesc();
}
