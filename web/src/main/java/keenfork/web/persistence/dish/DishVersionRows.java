package keenfork.web.persistence.dish;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import keenfork.web.persistence.Edit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface DishVersionRows extends JpaRepository<DishVersionRow, Long> {
    List<DishVersionRow> findAllByDishIdOrderByNumberDesc(long dishId);

    Optional<DishVersionRow> findByDishIdAndNumber(long dishId, int number);

    @Query("select new keenfork.web.persistence.Edit(v.dishId, v.name, v.savedAt, v.how, v.savedBy) from "
            + "DishVersionRow v where v.savedAt > :since order by v.savedAt")
    List<Edit> since(Instant since);

    @Query("select coalesce(max(v.number), 0) from DishVersionRow v where v.dishId = :dishId")
    int lastNumber(long dishId);
}
