package keenfork.web.persistence.run;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface KitChangeRows extends JpaRepository<KitChangeRow, Long> {
    List<KitChangeRow> findTop100ByOrderByIdDesc();
}
