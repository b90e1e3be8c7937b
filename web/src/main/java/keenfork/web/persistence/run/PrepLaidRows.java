package keenfork.web.persistence.run;

import java.time.LocalDate;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface PrepLaidRows extends JpaRepository<PrepLaidRow, Long> {
    List<PrepLaidRow> findAllByServed(LocalDate served);
}
