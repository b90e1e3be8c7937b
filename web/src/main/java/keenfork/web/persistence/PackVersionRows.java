package keenfork.web.persistence;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PackVersionRows extends JpaRepository<PackVersionRow, Long> {
    List<PackVersionRow> findAllByPackIdOrderByNumberDesc(long packId);

    Optional<PackVersionRow> findByPackIdAndNumber(long packId, int number);

    @Query("select coalesce(max(v.number), 0) from PackVersionRow v where v.packId = :packId")
    int lastNumber(long packId);
}
