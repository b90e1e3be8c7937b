package keenfork.web.persistence;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface PackRows extends JpaRepository<PackRow, Long> {
    List<PackRow> findAllByOrderByLabelAscIdAsc();
}
