package keenfork.web.persistence.label;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PrintedLabelRows extends JpaRepository<PrintedLabelRow, Long> {
    @Query("select p from PrintedLabelRow p where p.takenBack < p.copies order by p.printedAt, p.id")
    List<PrintedLabelRow> out();

    List<PrintedLabelRow> findAllByDishIdAndCopiesGreaterThanOrderByPrintedAtDescIdDesc(long dishId, int copies);

    List<PrintedLabelRow> findAllByGuestsAndCopiesGreaterThanOrderByPrintedAtDescIdDesc(long guests, int copies);

    List<PrintedLabelRow> findAllByJobIdOrderById(long jobId);
}
