package keenfork.web.persistence.dish;

import java.util.Map;
import java.util.stream.Collectors;
import keenfork.web.persistence.Changed;
import keenfork.web.persistence.ServedAt;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to where the dishes of every day stand: their courses, stations and turns.
@Component
@Transactional
public class Courses {
    private final DishCourseRows rows;
    private final ApplicationEventPublisher events;

    Courses(DishCourseRows rows, ApplicationEventPublisher events) {
        this.rows = rows;
        this.events = events;
    }

    /// {@return where each dish stands of which anything is said, by the dish's key}
    @Transactional(readOnly = true)
    public Map<Long, ServedAt> all() {
        return rows.findAll().stream().collect(
                Collectors.toMap(r -> r.dishId, r -> new ServedAt(r.course, r.station, r.turn)));
    }

    /// Says where a dish stands.
    public void set(long dish, ServedAt at) {
        if (at.isNowhere()) rows.deleteById(dish);
        else {
            var row = rows.findById(dish).orElseGet(DishCourseRow::new);
            row.dishId = dish;
            row.course = at.course();
            row.station = at.station();
            row.turn = at.turn();
            rows.saveAndFlush(row);
        }
        events.publishEvent(new Changed());
    }
}
