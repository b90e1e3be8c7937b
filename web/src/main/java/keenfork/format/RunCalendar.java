package keenfork.format;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.stream.Collectors;
import keenfork.core.run.Piece;
import keenfork.core.run.Schedule;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/// A run as a calendar (RFC 5545): an event for each task, each clean, and what is laid on the day before. Times are
/// the kitchen's own, without a zone.
public final class RunCalendar {
    private static final LocalTime EVENING = LocalTime.of(20, 0);

    private RunCalendar() {}

    /// {@return the calendar}
    /// @param serve when all must be ready
    /// @param made  when it was made
    public static String write(Schedule schedule, LocalDateTime serve, Instant made) {
        var calendar = new Calendar();
        calendar.add(new ProdId("-//Keen Fork//Prep run//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        var start = serve.minusMinutes(schedule.minutes());
        for (var i = 0; i < schedule.placed().size(); i++)
            calendar.add(event(schedule.placed().get(i), i, start, made));
        return calendar.toString();
    }

    private static VEvent event(Schedule.Placed placed, int number, LocalDateTime start, Instant made) {
        var before = placed.kind() == Schedule.Slot.DAY_BEFORE;
        var from = before ? start.toLocalDate().minusDays(1).atTime(EVENING) : start.plusMinutes(placed.from());
        var event = new VEvent(false);
        event.add(new DtStamp(made));
        event.add(new Uid("run-%d-%s@keen-fork".formatted(number,
                Integer.toHexString((placed.dish() + placed.text()).hashCode()))));
        event.add(new DtStart<>(from));
        event.add(new DtEnd<>(from.plusMinutes(Math.max(1, placed.until() - placed.from()))));
        event.add(new Summary(placed.what()));
        event.add(new Description(placed.on().isEmpty() ? "Cook " + (placed.cook() + 1) : "Cook %d, %s".formatted(
                placed.cook() + 1, placed.on().stream().map(Piece::name).collect(Collectors.joining(", ")))));
        return event;
    }
}
