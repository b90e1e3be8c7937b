package keenfork.web.persistence.label;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/// Front door to acts that happen once, however often their button is pressed.
@Component
public class Once {
    /// no page is kept open so long
    private static final Duration KEPT = Duration.ofDays(30);
    private static final int LONGEST = 200;
    private final JdbcClient rows;
    private final Clock clock;

    Once(JdbcClient rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /// {@return whether this is the first time; of two at the same moment one is. Without a key every time is}
    /// @param act a key of the page and of the button on it
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public boolean isFirst(String act) {
        if (act.isEmpty()) return true;
        var now = Instant.now(clock);
        rows.sql("delete from done_once where done < ?").param(now.minus(KEPT).atOffset(ZoneOffset.UTC)).update();
        return rows.sql("insert into done_once (act, done) values (?, ?) on conflict do nothing")
                .param(key(act)).param(now.atOffset(ZoneOffset.UTC))
                .update() == 1;
    }

    /// Nothing came of it, so it may be pressed again.
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void forget(String act) {
        rows.sql("delete from done_once where act = ?").param(key(act)).update();
    }

    private static String key(String act) { return act.length() > LONGEST ? act.substring(0, LONGEST) : act; }
}
