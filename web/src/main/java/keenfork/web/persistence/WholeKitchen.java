package keenfork.web.persistence;

import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to all that a kitchen keeps at once.
@Component
@Transactional
public class WholeKitchen {
    private final JdbcClient rows;
    private final ApplicationEventPublisher events;

    WholeKitchen(JdbcClient rows, ApplicationEventPublisher events) {
        this.rows = rows;
        this.events = events;
    }

    /// Forgets all of it, as if the kitchen had never been used. Who looks at it stays where they are.
    public void empty() {
        var tables = rows.sql("select tablename from pg_tables where schemaname = current_schema() and tablename "
                + "not like 'flyway%' and tablename not like 'spring_session%'").query(String.class).list();
        rows.sql("truncate table " + tables.stream().map(t -> "\"" + t + "\"").collect(Collectors.joining(", "))
                + " restart identity").update();
        events.publishEvent(new Changed());
    }
}
