package keenfork.web.persistence.settings;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnSwapRows extends JpaRepository<OwnSwapRow, Long> {
    List<OwnSwapRow> findAllByOrderById();
}
