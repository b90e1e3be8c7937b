package keenfork.web.persistence.dish;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface VariantRows extends JpaRepository<VariantRow, Long> {
    List<VariantRow> findAllByOrderByDishId();
}
