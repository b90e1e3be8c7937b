package keenfork.web.covers;

import java.time.Clock;
import java.time.LocalDate;
import java.util.concurrent.TimeUnit;
import keenfork.web.persistence.dish.TakenPlans;
import keenfork.web.persistence.guest.Events;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Deletes guests whose last day is over, as the kitchen said when it wrote the event: at the start, and every hour.
/// What is kept for a plate ("hold back, for milk") stays with the dish, without a name; a card that was printed stays
/// in what was printed.
@Component
@Transactional
class GuestsForgotten {
    private static final Logger LOG = LoggerFactory.getLogger(GuestsForgotten.class);
    private final Events events;
    private final TakenPlans taken;
    private final Clock clock;

    GuestsForgotten(Events events, TakenPlans taken, Clock clock) {
        this.events = events;
        this.taken = taken;
        this.clock = clock;
    }

    @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.HOURS)
    public void today() { on(LocalDate.now(clock)); }

    void on(LocalDate day) {
        for (var event : events.forgetGuests(day)) {
            for (var last = taken.last(event); last.isPresent(); last = taken.last(event))
                taken.forget(last.get().id());
            LOG.info("guests of event {} were deleted, as their last day is over", event);
        }
    }
}
