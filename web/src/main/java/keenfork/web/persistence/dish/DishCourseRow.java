package keenfork.web.persistence.dish;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

@Entity
@Table(name = "dish_course")
final class DishCourseRow {
    @Id long dishId;
    String course = "";
    String station = "";
    int turn;
}
