package keenfork.web.persistence.label;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface GlutenReportRows extends JpaRepository<GlutenReportRow, Long> {
    List<GlutenReportRow> findAllByOrderById();
}
