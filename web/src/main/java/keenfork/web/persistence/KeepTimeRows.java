package keenfork.web.persistence;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface KeepTimeRows extends JpaRepository<KeepTimeRow, Long> {
    List<KeepTimeRow> findAllByOrderById();
}
