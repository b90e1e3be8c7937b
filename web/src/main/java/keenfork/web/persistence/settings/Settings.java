package keenfork.web.persistence.settings;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import keenfork.core.covers.Appetite;
import keenfork.core.label.ContactWording;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.ReadAgain;
import keenfork.core.swap.CreamSchool;
import keenfork.web.persistence.Changed;
import keenfork.web.persistence.Conflict;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to the kitchen's settings.
@Component
@Transactional
public class Settings {
    private static final String NAME = "kitchen-name";
    private static final String ADDRESS = "kitchen-address";
    private static final String EVENT = "kitchen-event";
    private static final String RULE_BOOK = "rule-book";
    private static final String CONTACT_WORDING = "contact-wording";
    private static final String OWN_LISTS = "own-lists";
    private static final String READ_AGAIN = "read-again-days";
    private static final String RUN_DAY = "run-day";
    private static final String TOLD = "run-told";
    private static final String CREAMS = "cream-school";
    private static final String VOLUMES = "measures";
    private static final String CONTACT_POLICY = "contact-policy";
    private static final String DEMO = "demo";
    private static final String TUB = "tub-grams";
    private static final String APPETITE = "covers-appetite";
    private static final int USUAL_TUB = 2500;
    private final SettingRows rows;
    private final SettingChangeRows changes;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    /// The day of the run.
    ///
    /// @param day    when all is served; null for the day it is looked at
    /// @param cooks  pairs of hands, 1 or more
    /// @param opens  when the kitchen opens
    /// @param serve  when all must be ready
    /// @param strict whether the crew orders its work by the strict school, or by the measured one
    public record RunDay(@Nullable LocalDate day, int cooks, LocalTime opens, LocalTime serve, boolean strict) {
        public static final RunDay USUAL = new RunDay(null, 2, LocalTime.of(8, 0), LocalTime.of(17, 30), true);
    }

    /// Who the kitchen says it is.
    ///
    /// @param name    as it stands on labels and over every page; empty until it says so
    /// @param address where it is, a line or several; may be empty
    /// @param event   what it cooks for next, in its own words; empty for the counter of every day
    public record Identity(String name, String address, String event) {
        public static final Identity UNNAMED = new Identity("", "", "");

        public boolean isNamed() { return !name.isEmpty(); }
    }

    /// What the kitchen may say of itself.
    public enum Said {
        KITCHEN_NAME(NAME), KITCHEN_ADDRESS(ADDRESS), COOKS_FOR(EVENT), LAW(RULE_BOOK), WORDING(CONTACT_WORDING),
        MEASURES(VOLUMES), CONTACT(CONTACT_POLICY);

        private final String name;

        Said(String name) { this.name = name; }

        private static Said of(String name) {
            return Arrays.stream(values()).filter(s -> s.name.equals(name)).findFirst().orElseThrow();
        }
    }

    /// Something it said, and since when.
    ///
    /// @param value as it is stored
    public record Change(Said what, String value, Instant since) {}

    Settings(SettingRows rows, SettingChangeRows changes, ApplicationEventPublisher events, Clock clock) {
        this.rows = rows;
        this.changes = changes;
        this.events = events;
        this.clock = clock;
    }

    /// {@return who the kitchen is; unnamed until it says so}
    @Transactional(readOnly = true)
    public Identity identity() { return new Identity(text(NAME), text(ADDRESS), text(EVENT)); }

    public void callItself(Identity who) {
        set(NAME, who.name());
        set(ADDRESS, who.address());
        set(EVENT, who.event());
    }

    private String text(String name) { return rows.findById(name).map(r -> r.value).orElse(""); }

    /// {@return the key of the rule book in force; `uk` until one is chosen}
    @Transactional(readOnly = true)
    public String ruleBook() {
        return rows.findById(RULE_BOOK).map(r -> r.value).orElse("uk");
    }

    public void useRuleBook(String id) {
        set(RULE_BOOK, id);
    }

    /// {@return how labels say that something may have come by shared kit; "may contain" until the kitchen chooses}
    @Transactional(readOnly = true)
    public ContactWording contactWording() {
        return rows.findById(CONTACT_WORDING).flatMap(r -> ContactWording.named(r.value)).orElse(ContactWording.MAY);
    }

    public void sayContact(ContactWording wording) { set(CONTACT_WORDING, wording.id()); }

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

    /// @param seen the lists they are written over
    /// @throws Conflict where somebody wrote other lists meanwhile
    public void useOwnLists(String lists, String seen) {
        if (!rows.locked(OWN_LISTS).map(r -> r.value).orElse("").equals(seen))
            throw new Conflict("Somebody changed the lists meanwhile. Theirs stand below yours: bring them together, "
                    + "then keep them.");
        set(OWN_LISTS, lists);
    }

    /// {@return the day of the run; two cooks from 08:00 to 17:30 until the kitchen says otherwise}
    @Transactional(readOnly = true)
    public RunDay runDay() {
        return rows.findById(RUN_DAY).map(r -> r.value.split(" "))
                .map(w -> new RunDay(w[0].equals("today") ? null : LocalDate.parse(w[0]), Integer.parseInt(w[1]),
                        LocalTime.parse(w[2]), LocalTime.parse(w[3]), w[4].equals("strict")))
                .orElse(RunDay.USUAL);
    }

    public void useRunDay(RunDay day) {
        set(CONTACT_POLICY, day.strict() ? "strict" : "measured");
        set(RUN_DAY, "%s %d %s %s %s".formatted(day.day() == null ? "today" : day.day(), day.cooks(), day.opens(),
                day.serve(), day.strict() ? "strict" : "measured"));
    }

    /// {@return what the crew says of its day beside that, a line for each; empty until it does}
    @Transactional(readOnly = true)
    public String told() { return rows.findById(TOLD).map(r -> r.value).orElse(""); }

    public void tell(String said) { set(TOLD, said); }

    /// {@return how much its guests take; a plate of every dish until the kitchen says otherwise}
    @Transactional(readOnly = true)
    public Appetite appetite() {
        return rows.findById(APPETITE).map(r -> r.value.split(" "))
                .map(w -> new Appetite(Integer.parseInt(w[0]), Integer.parseInt(w[1]))).orElse(Appetite.EVERY_DISH);
    }

    public void take(Appetite appetite) { set(APPETITE, appetite.helpings() + " " + appetite.spare()); }

    /// {@return the school of creams the kitchen prefers; empty where it prefers none}
    @Transactional(readOnly = true)
    public Optional<CreamSchool> creams() { return CreamSchool.named(text(CREAMS)); }

    /// @param school the one it prefers, or null for none
    public void prefer(@Nullable CreamSchool school) { set(CREAMS, school == null ? "" : school.id()); }

    /// {@return g that go into a tub of the kitchen's; 2,500 until it says otherwise, which is common practice}
    @Transactional(readOnly = true)
    public int tubGrams() { return rows.findById(TUB).map(r -> Integer.parseInt(r.value)).orElse(USUAL_TUB); }

    public void fillTubsWith(int grams) { set(TUB, String.valueOf(grams)); }

    /// {@return what spoons and cups hold here; metric until the kitchen says otherwise}
    @Transactional(readOnly = true)
    public Volumes volumes() {
        return Arrays.stream(Volumes.values()).filter(v -> v.name().equals(text(VOLUMES))).findFirst()
                .orElse(Volumes.METRIC);
    }

    public void measureIn(Volumes volumes) { set(VOLUMES, volumes.name()); }

    /// {@return whether the made-up kitchen was taken in to play with}
    @Transactional(readOnly = true)
    public boolean isDemo() { return !text(DEMO).isEmpty(); }

    public void beDemo() { set(DEMO, "taken in"); }

    /// {@return what it said of itself, the newest first}
    @Transactional(readOnly = true)
    public List<Change> history() {
        return changes.findTop30ByNameInOrderByIdDesc(Arrays.stream(Said.values()).map(s -> s.name).toList()).stream()
                .map(r -> new Change(Said.of(r.name), r.value, r.changedAt)).toList();
    }

    private void set(String name, String value) {
        if (!rows.findById(name).map(r -> r.value).orElse("").equals(value)) {
            var change = new SettingChangeRow();
            change.name = name;
            change.value = value;
            change.changedAt = Instant.now(clock);
            changes.save(change);
        }
        var row = new SettingRow();
        row.name = name;
        row.value = value;
        rows.save(row);
        events.publishEvent(new Changed());
    }
}
