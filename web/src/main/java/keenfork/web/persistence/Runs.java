package keenfork.web.persistence;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to the run in force: the order in which dishes go over the shared kit, and what is cleaned in between.
@Component
@Transactional
public class Runs {
    private final TurnRows rows;
    private final PrepCleanRows cleanRows;
    private final ApplicationEventPublisher events;

    /// One dish in its turn.
    ///
    /// @param dish   the dish's key
    /// @param cleans what is done to each kit before it, by the kit's id: `WIPE`, `RINSE`, `WASH` or `FRESH`; a kit that is not named is not cleaned
    public record Turn(long dish, Map<String, String> cleans) {
        public Turn {
            cleans = Map.copyOf(cleans);
        }
    }

    Runs(TurnRows rows, PrepCleanRows cleanRows, ApplicationEventPublisher events) {
        this.rows = rows;
        this.cleanRows = cleanRows;
        this.events = events;
    }

    /// {@return the run in force, or none}
    @Transactional(readOnly = true)
    public List<Turn> inForce() {
        var byDish = cleanRows.findAll().stream().collect(Collectors.groupingBy(c -> c.dishId, Collectors.toMap(c -> c.kit, c -> c.clean)));
        return rows.findAllByOrderByPosition().stream().map(r -> new Turn(r.dishId, byDish.getOrDefault(r.dishId, Map.of()))).toList();
    }

    /// Puts another run in force in place of the one before.
    public void use(List<Turn> turns) {
        rows.deleteAllInBatch();
        cleanRows.deleteAllInBatch();
        for (var i = 0; i < turns.size(); i++) {
            var row = new TurnRow();
            row.position = i;
            row.dishId = turns.get(i).dish();
            rows.save(row);
            turns.get(i).cleans().forEach((kit, clean) -> {
                var done = new PrepCleanRow();
                done.dishId = row.dishId;
                done.kit = kit;
                done.clean = clean;
                cleanRows.save(done);
            });
        }
        rows.flush();
        events.publishEvent(new Changed());
    }
}
