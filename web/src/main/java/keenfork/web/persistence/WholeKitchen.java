package keenfork.web.persistence;

import java.util.List;
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

    /// {@return whether nothing was ever kept in it}
    @Transactional(readOnly = true)
    public boolean isUntouched() {
        return tables().stream()
                .noneMatch(
                        t -> rows.sql("select exists (select 1 from %s)".formatted(t)).query(Boolean.class).single());
    }

    private List<String> tables() {
        return rows.sql("select quote_ident(tablename) from pg_tables where schemaname = current_schema() and "
                + "tablename not like 'flyway%' and tablename not like 'spring_session%'").query(String.class).list();
    }

    /// Forgets all of it, as if the kitchen had never been used. Who looks at it stays where they are.
    public void empty() {
        rows.sql("truncate table %s restart identity".formatted(String.join(", ", tables()))).update();
        events.publishEvent(new Changed());
    }
}
