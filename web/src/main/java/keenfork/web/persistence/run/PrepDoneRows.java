package keenfork.web.persistence.run;

import java.time.LocalDate;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface PrepDoneRows extends JpaRepository<PrepDoneRow, Long> {
    List<PrepDoneRow> findAllByServedOrderById(LocalDate served);
}
