package keenfork.web.persistence.guest;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;

@Entity
@IdClass(EventDishRow.Key.class)
@Table(name = "event_dish")
final class EventDishRow {
    @Id long eventId;
    @Id long dishId;
    String course = "";
    String station = "";
    int turn;

    record Key(long eventId, long dishId) implements Serializable {}
}
