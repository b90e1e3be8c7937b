package keenfork.web.persistence.pack;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import keenfork.web.persistence.Edit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PackVersionRows extends JpaRepository<PackVersionRow, Long> {
    List<PackVersionRow> findAllByPackIdOrderByNumberDesc(long packId);

    Optional<PackVersionRow> findByPackIdAndNumber(long packId, int number);

    @Query("select new keenfork.web.persistence.Edit(v.packId, v.label, v.savedAt, case when v.readOn is null then "
            + "'written down unread' else 'read anew' end, v.savedBy) from PackVersionRow v where v.savedAt > :since "
            + "order by v.savedAt")
    List<Edit> since(Instant since);

    @Query("select coalesce(max(v.number), 0) from PackVersionRow v where v.packId = :packId")
    int lastNumber(long packId);
}
