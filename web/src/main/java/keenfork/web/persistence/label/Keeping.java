package keenfork.web.persistence.label;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import keenfork.web.persistence.Changed;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to what the kitchen knows of its own food: how long it keeps, and what a laboratory found in it. Nothing
/// is overwritten: every change stays with who, when and why.
@Component
@Transactional
public class Keeping {
    private final KeepTimeRows times;
    private final GlutenReportRows reports;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    /// A change of a keeping time.
    ///
    /// @param days the kitchen's own, or null for the shipped time again
    public record Change(String what, @Nullable Integer days, String why, String by, Instant at) {}

    /// A laboratory's report on the gluten in a dish.
    ///
    /// @param mgPerKg what was found; 0 where none was detected
    /// @param said    the fingerprint of what the dish was made of then
    public record Report(long dish, BigDecimal mgPerKg, LocalDate on, String reference, String said, String by) {}

    Keeping(KeepTimeRows times, GlutenReportRows reports, ApplicationEventPublisher events, Clock clock) {
        this.times = times;
        this.reports = reports;
        this.events = events;
        this.clock = clock;
    }

    /// {@return the kitchen's own times in days, by what keeps so long}
    @Transactional(readOnly = true)
    public Map<String, Integer> own() {
        var own = new HashMap<String, Integer>();
        for (var row : times.findAllByOrderById()) {
            if (row.days == null) own.remove(row.what);
            else own.put(row.what, row.days);
        }
        return own;
    }

    /// {@return every change, the newest first}
    @Transactional(readOnly = true)
    public List<Change> history() {
        return times.findAllByOrderById().reversed().stream()
                .map(r -> new Change(r.what, r.days, r.why, r.setBy, r.setAt)).toList();
    }

    public void set(String what, @Nullable Integer days, String why, String by) {
        var row = new KeepTimeRow();
        row.what = what;
        row.days = days;
        row.why = why;
        row.setBy = by;
        row.setAt = clock.instant();
        times.saveAndFlush(row);
        events.publishEvent(new Changed());
    }

    /// {@return the newest report on each dish that has one}
    @Transactional(readOnly = true)
    public Map<Long, Report> reports() {
        var newest = new HashMap<Long, Report>();
        for (var r : reports.findAllByOrderById())
            newest.put(r.dishId, new Report(r.dishId, r.mgPerKg, r.testedOn, r.reference, r.said, r.filedBy));
        return newest;
    }

    public void file(Report report) {
        var row = new GlutenReportRow();
        row.dishId = report.dish;
        row.mgPerKg = report.mgPerKg;
        row.testedOn = report.on;
        row.reference = report.reference;
        row.said = report.said;
        row.filedBy = report.by;
        row.filedAt = clock.instant();
        reports.saveAndFlush(row);
        events.publishEvent(new Changed());
    }
}
