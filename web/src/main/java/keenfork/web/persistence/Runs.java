package keenfork.web.persistence;

import java.util.List;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to the run in force: the order in which dishes go through the blender.
@Component
@Transactional
public class Runs {
    private final TurnRows rows;
    private final ApplicationEventPublisher events;

    /// One dish in its turn.
    ///
    /// @param dish  the dish's key
    /// @param clean what is done to the blender before it: `NONE`, `WIPE`, `RINSE` or `WASH`
    public record Turn(long dish, String clean) {}

    Runs(TurnRows rows, ApplicationEventPublisher events) {
        this.rows = rows;
        this.events = events;
    }

    /// {@return the run in force, or none}
    @Transactional(readOnly = true)
    public List<Turn> inForce() {
        return rows.findAllByOrderByPosition().stream().map(r -> new Turn(r.dishId, r.clean)).toList();
    }

    /// Puts another run in force in place of the one before.
    public void use(List<Turn> turns) {
        rows.deleteAllInBatch();
        for (var i = 0; i < turns.size(); i++) {
            var row = new TurnRow();
            row.position = i;
            row.dishId = turns.get(i).dish();
            row.clean = turns.get(i).clean();
            rows.save(row);
        }
        rows.flush();
        events.publishEvent(new Changed());
    }
}
