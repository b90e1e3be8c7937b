package keenfork.web.persistence.run;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface PrepRunRows extends JpaRepository<PrepRunRow, Long> {
    Optional<PrepRunRow> findByInForceTrue();

    List<PrepRunRow> findTop20ByOrderByIdDesc();
}
