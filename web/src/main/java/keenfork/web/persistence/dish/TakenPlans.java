package keenfork.web.persistence.dish;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to the plans over a whole menu that were taken, so that each can be taken back.
@Component
@Transactional
public class TakenPlans {
    private final TakenPlanRows plans;
    private final TakenChangeRows changes;
    private final Clock clock;

    /// One thing that was done.
    ///
    /// @param words  what, as it was told
    /// @param how    how it was kept
    /// @param dish   the dish that was changed or made, or that portions are of
    /// @param was    the version it had before; 0 where it was not changed
    /// @param asides the keys of what was set aside
    /// @param lines  the lines that were linked to another pack
    public record Done(String words, String how, long dish, int was, List<Long> asides, List<String> lines) {
        public Done {
            asides = List.copyOf(asides);
            lines = List.copyOf(lines);
        }
    }

    /// A plan that was taken.
    ///
    /// @param by who took it, or an empty string
    public record Taken(long id, Instant at, String by, List<Done> done) {}

    TakenPlans(TakenPlanRows plans, TakenChangeRows changes, Clock clock) {
        this.plans = plans;
        this.changes = changes;
        this.clock = clock;
    }

    /// @param event the event it is for, 0 for the counter of every day
    public void keep(long event, String by, List<Done> done) {
        var plan = new TakenPlanRow();
        plan.eventId = event == 0 ? null : event;
        plan.takenAt = Instant.now(clock);
        plan.takenBy = by;
        var id = plans.saveAndFlush(plan).id;
        if (id == null) throw new IllegalStateException("a plan that was taken has a key");
        for (var one : done) {
            var row = new TakenChangeRow();
            row.planId = id;
            row.words = one.words;
            row.how = one.how;
            row.dishId = one.dish;
            row.was = one.was;
            row.asides = one.asides;
            row.lines = one.lines;
            changes.save(row);
        }
    }

    /// {@return the plan that was taken last for an event, 0 for the counter; empty where none was}
    @Transactional(readOnly = true)
    public Optional<Taken> last(long event) {
        return plans.findAllByOrderByIdDesc().stream()
                .filter(p -> (p.eventId == null ? 0 : p.eventId) == event).findFirst().map(this::taken);
    }

    /// Forgets a plan, once it is taken back.
    public void forget(long id) {
        plans.deleteById(id);
    }

    private Taken taken(TakenPlanRow plan) {
        if (plan.id == null) throw new IllegalStateException("a plan that was taken has a key");
        return new Taken(plan.id, plan.takenAt, plan.takenBy, changes.findAllByPlanIdOrderById(plan.id).stream()
                .map(c -> new Done(c.words, c.how, c.dishId, c.was, c.asides, c.lines)).toList());
    }
}
