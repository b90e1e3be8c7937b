package keenfork.web.persistence;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PrintedLabelRows extends JpaRepository<PrintedLabelRow, Long> {
    @Query("select p from PrintedLabelRow p where p.id in (select max(q.id) from PrintedLabelRow q group by q.dishId, q.kind) order by p.printedAt, p.id")
    List<PrintedLabelRow> lastOfEach();
}
