package keenfork.web.persistence;

import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to the kitchen's settings.
@Component
@Transactional
public class Settings {
    private static final String RULE_BOOK = "rule-book";
    private final SettingRows rows;
    private final ApplicationEventPublisher events;

    Settings(SettingRows rows, ApplicationEventPublisher events) {
        this.rows = rows;
        this.events = events;
    }

    /// {@return the key of the rule book in force; `uk` until one is chosen}
    @Transactional(readOnly = true)
    public String ruleBook() {
        return rows.findById(RULE_BOOK).map(r -> r.value).orElse("uk");
    }

    public void useRuleBook(String id) {
        var row = new SettingRow();
        row.name = RULE_BOOK;
        row.value = id;
        rows.save(row);
        events.publishEvent(new Changed());
    }
}
