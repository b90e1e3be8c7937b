package keenfork.web.persistence.pack;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface LinePackRows extends JpaRepository<LinePackRow, Long> {
    List<LinePackRow> findAllByOrderById();

    Optional<LinePackRow> findByDishIdAndLine(long dishId, String line);
}
