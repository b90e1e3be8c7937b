package keenfork.web.persistence.dish;

import java.util.Map;
import java.util.stream.Collectors;
import keenfork.web.persistence.Changed;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to the courses of the menu.
@Component
@Transactional
public class Courses {
    private final DishCourseRows rows;
    private final ApplicationEventPublisher events;

    Courses(DishCourseRows rows, ApplicationEventPublisher events) {
        this.rows = rows;
        this.events = events;
    }

    /// {@return the course of each dish that has one, by the dish's key}
    @Transactional(readOnly = true)
    public Map<Long, String> all() {
        return rows.findAll().stream().collect(Collectors.toMap(r -> r.dishId, r -> r.course));
    }

    /// Says which course a dish belongs to; an empty string takes it out of its course.
    public void set(long dish, String course) {
        if (course.isEmpty()) rows.deleteById(dish);
        else {
            var row = rows.findById(dish).orElseGet(DishCourseRow::new);
            row.dishId = dish;
            row.course = course;
            rows.saveAndFlush(row);
        }
        events.publishEvent(new Changed());
    }
}
