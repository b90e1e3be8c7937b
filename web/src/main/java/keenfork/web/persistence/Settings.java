package keenfork.web.persistence;

import keenfork.core.pack.ReadAgain;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to the kitchen's settings.
@Component
@Transactional
public class Settings {
    private static final String RULE_BOOK = "rule-book";
    private static final String OWN_LISTS = "own-lists";
    private static final String READ_AGAIN = "read-again-days";
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
        set(RULE_BOOK, id);
    }

    /// {@return how long a read pack is relied on; 180 days until the kitchen says otherwise}
    @Transactional(readOnly = true)
    public ReadAgain readAgain() {
        return rows.findById(READ_AGAIN).map(r -> new ReadAgain(Integer.parseInt(r.value))).orElse(ReadAgain.USUAL);
    }

    public void readAgainAfter(ReadAgain age) {
        set(READ_AGAIN, String.valueOf(age.days()));
    }

    /// {@return the kitchen's own lists of foods, one a line; empty until it writes one}
    @Transactional(readOnly = true)
    public String ownLists() {
        return rows.findById(OWN_LISTS).map(r -> r.value).orElse("");
    }

    public void useOwnLists(String lists) {
        set(OWN_LISTS, lists);
    }

    private void set(String name, String value) {
        var row = new SettingRow();
        row.name = name;
        row.value = value;
        rows.save(row);
        events.publishEvent(new Changed());
    }
}
