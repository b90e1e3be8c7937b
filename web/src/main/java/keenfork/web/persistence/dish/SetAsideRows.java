package keenfork.web.persistence.dish;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface SetAsideRows extends JpaRepository<SetAsideRow, Long> {
    List<SetAsideRow> findAllByOrderById();
}
