package keenfork.web.covers;

import java.util.List;
import java.util.stream.Stream;
import keenfork.core.covers.GuestList;
import keenfork.web.kitchen.EventMenu;
import keenfork.web.persistence.dish.TakenPlans;
import keenfork.web.persistence.guest.Events;
import org.jspecify.annotations.Nullable;

/// The covers as a page.
///
/// @param view    who can eat what
/// @param plans   ways to feed everyone; empty where they were not asked for
/// @param least   how many dishes each group is to have
/// @param sum     what the groups and the covers come to together, where that cannot be; empty where it can
/// @param typed   what was typed into the list of guests
/// @param kept    the groups as kept
/// @param taken   the plan that was done last, or null
/// @param events  every event, and the one in force
/// @param menu    every dish with its course
record CoversPage(CoversView view, List<CoversView.Plan> plans, int least, String sum, Typed typed,
        List<Events.Guests> kept, TakenPlans.@Nullable Taken taken, Chosen events, List<EventMenu.OnMenu> menu) {

    /// {@return whether there is anything to draw: dishes, and people who eat them}
    public boolean isDrawn() { return !view.heads().isEmpty() && !view.courses().isEmpty(); }

    /// {@return whether the list of guests stands open to be written in}
    public boolean asksForGuests() { return view.heads().isEmpty() || !typed.text.isEmpty(); }

    /// {@return the second group as kept, which is the other one of two until somebody chooses; null for none}
    public Events.@Nullable Guests second() { return kept.size() > 1 ? kept.get(1) : null; }

    /// What was typed into the list of guests.
    ///
    /// @param text  as typed
    /// @param list  as it was read, or null where nothing was typed
    /// @param wrong what is wrong with it; an empty string where nothing is
    record Typed(String text, @Nullable GuestList list, String wrong) {
        static final Typed NOTHING = new Typed("", null, "");
        private static final int MOST_SHOWN = 8;

        /// {@return what was passed over, as nobody in it avoids anything; the first few, and how many more}
        public List<String> passedOver() {
            var all = list == null ? List.<String>of()
                    : list.passedOver().stream().map(p -> "“%s”".formatted(p.replaceAll("[:,]$", ""))).toList();
            if (all.size() <= MOST_SHOWN) return all;
            return Stream
                    .concat(all.stream().limit(MOST_SHOWN), Stream.of("%d more".formatted(all.size() - MOST_SHOWN)))
                    .toList();
        }
    }

    /// the events, and the one in force, or null for the counter of every day
    record Chosen(List<Events.Event> all, Events.@Nullable Event now) {
        public String title() { return now == null ? "Begin an event" : "This event"; }

        public String keep() { return now == null ? "Begin it" : "Keep it"; }

        /// {@return what stands in its form: what was typed and not kept, else what is kept, else nothing}
        public EventController.Typed typed(EventController.@Nullable Typed typed) {
            if (typed != null) return typed;
            return now == null ? EventController.Typed.NOTHING : EventController.Typed.of(now.details());
        }

        /// {@return where its form goes}
        public String path() { return now == null ? "/covers/events" : "/covers/events/" + now.id(); }
    }
}
