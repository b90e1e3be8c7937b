package keenfork.web.persistence;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface VariantRows extends JpaRepository<VariantRow, Long> {
    List<VariantRow> findAllByOrderByDishId();
}
