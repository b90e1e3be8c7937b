package keenfork.web.persistence.dish;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import keenfork.web.persistence.Stored;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface DishRows extends JpaRepository<DishRow, Long> {
    /// Read as values: a menu of thousands is read after every change, and nobody changes a row of it.
    @Query("""
            select new keenfork.web.persistence.Stored(d.id, d.version,
                new keenfork.web.persistence.dish.DishText(d.name, d.text, d.original, d.changedAt))
            from DishRow d where d.offMenuAt is null order by d.position, d.id""")
    List<Stored<DishText>> onMenu();

    List<DishRow> findAllByOffMenuAtIsNotNullOrderByOffMenuAtDesc();

    @Query("select d from DishRow d where lower(d.name) = lower(:name) and d.offMenuAt is null")
    Optional<DishRow> named(String name);

    @Query("select coalesce(max(d.position), 0) from DishRow d")
    int lastPosition();

    /// Whoever else wants to change it waits until this change is stored, and then sees it.
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select r from DishRow r where r.id = :id")
    Optional<DishRow> locked(long id);
}
