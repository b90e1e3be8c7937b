package keenfork.web.kitchen;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import keenfork.web.persistence.guest.Events;
import keenfork.web.persistence.label.Keeping;
import keenfork.web.persistence.settings.Settings;

/// What the kitchen has on file that labels rest on, beside recipes, packs and the run.
///
/// @param guests  the people to be fed, in groups
/// @param times   the kitchen's own keeping times in days, by what keeps so long
/// @param reports the newest laboratory report on each dish that has one
/// @param who     who the kitchen is
/// @param event   the event in force; empty at the counter of every day
public record OnFile(List<Events.Guests> guests, Map<String, Integer> times, Map<Long, Keeping.Report> reports,
        Settings.Identity who, Optional<Events.Event> event) {
    public static final OnFile NOTHING = new OnFile(List.of(), Map.of(), Map.of(), Settings.Identity.UNNAMED,
            Optional.empty());

    public OnFile {
        guests = List.copyOf(guests);
        times = Map.copyOf(times);
        reports = Map.copyOf(reports);
    }
}
