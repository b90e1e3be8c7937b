package keenfork.web.persistence.pack;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface PackRows extends JpaRepository<PackRow, Long> {
    List<PackRow> findAllByOrderByLabelAscIdAsc();

    Optional<PackRow> findByFoodAndSpareFalse(String food);

    List<PackRow> findAllByFoodAndStandsInOn(String food, LocalDate day);
}
