package keenfork.web.covers;

import java.util.List;
import keenfork.core.covers.GuestList;
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
        List<Events.Guests> kept, TakenPlans.@Nullable Taken taken, Chosen events, List<CoversKitchen.OnMenu> menu) {

    /// What was typed into the list of guests.
    ///
    /// @param text  as typed
    /// @param list  as it was read, or null where nothing was typed
    /// @param wrong what is wrong with it; an empty string where nothing is
    record Typed(String text, @Nullable GuestList list, String wrong) {
        static final Typed NOTHING = new Typed("", null, "");
    }

    /// the events, and the one in force, or null for the counter of every day
    record Chosen(List<Events.Event> all, Events.@Nullable Event now) {
        public String title() { return now == null ? "Begin an event" : "This event"; }

        public String keep() { return now == null ? "Begin it" : "Keep it"; }

        /// {@return what is kept of the one in force, or null}
        public Events.@Nullable Details details() { return now == null ? null : now.details(); }

        /// {@return where its form goes}
        public String path() { return now == null ? "/covers/events" : "/covers/events/" + now.id(); }
    }
}
