package keenfork.web.persistence.label;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface PrintJobRows extends JpaRepository<PrintJobRow, Long> {
    List<PrintJobRow> findAllByStateInOrderById(Collection<String> states);

    Optional<PrintJobRow> findTopByOrderByIdDesc();

    List<PrintJobRow> findTop12ByStateInOrderByIdDesc(Collection<String> states);
}
