package keenfork.web.persistence.label;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface KeepTimeRows extends JpaRepository<KeepTimeRow, Long> {
    List<KeepTimeRow> findAllByOrderById();
}
