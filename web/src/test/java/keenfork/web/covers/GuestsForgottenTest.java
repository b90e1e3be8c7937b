package keenfork.web.covers;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import keenfork.web.RunningKitchen;
import keenfork.web.persistence.guest.Events;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;

/// What guests avoid is kept to the day the kitchen said, and not longer.
@TestPropertySource(properties = {"keenfork.demo=false", "test.kitchen=covers"})
class GuestsForgottenTest extends RunningKitchen {
    private static final LocalDate LAST = LocalDate.of(2026, 12, 11);
    @Autowired Events events;
    @Autowired GuestsForgotten forgotten;

    @Test
    void guests_go_the_day_after_their_last_and_nobody_elses() {
        post("/covers", "/covers/list", "list", "2 coeliac", "keep", "true");
        var counter = events.groups();
        post("/covers", "/covers/events", "name", "Mast ball", "covers", "10");
        post("/covers", "/covers/list", "list", "3 vegan", "keep", "true");
        post("/covers", "/covers/events", "name", "Quay supper", "covers", "10", "guestsUntil", LAST.toString());
        post("/covers", "/covers/list", "list", "4 vegan", "keep", "true");
        assertThat(get("/covers").body()).contains("value=\"2026-12-11\"");
        forgotten.on(LAST);
        assertThat(events.groups()).as("it is their last day").hasSize(1);
        forgotten.on(LAST.plusDays(1));
        assertThat(events.groups()).isEmpty();
        assertThat(get("/covers.csv").body()).doesNotContain("vegan");
        for (var event : events.all()) {
            events.use(event.id());
            if (event.details().name().equals("Mast ball")) {
                assertThat(events.groups()).as("of which no last day was said").hasSize(1);
                events.groups().forEach(g -> events.remove(g.id()));
            }
            events.archive(event.id());
        }
        assertThat(events.groups()).as("the counter of every day").isEqualTo(counter);
        counter.forEach(g -> events.remove(g.id()));
    }

    @Test
    void a_last_day_that_is_no_date_is_said() {
        post("/covers", "/covers/events", "name", "Mast ball", "guestsUntil", "soon");
        assertThat(get("/covers").body()).contains("Guests are kept until a date, not “soon”");
    }
}
