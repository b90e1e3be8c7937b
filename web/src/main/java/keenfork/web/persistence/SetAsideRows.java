package keenfork.web.persistence;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface SetAsideRows extends JpaRepository<SetAsideRow, Long> {
    List<SetAsideRow> findAllByOrderById();
}
