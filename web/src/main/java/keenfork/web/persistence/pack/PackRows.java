package keenfork.web.persistence.pack;

import jakarta.persistence.LockModeType;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface PackRows extends JpaRepository<PackRow, Long> {
    List<PackRow> findAllByOrderByLabelAscIdAsc();

    Optional<PackRow> findByFoodAndSpareFalse(String food);

    List<PackRow> findAllByFoodAndStandsInOn(String food, LocalDate day);

    /// Whoever else wants to change it waits until this change is stored, and then sees it.
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select r from PackRow r where r.id = :id")
    Optional<PackRow> locked(long id);
}
