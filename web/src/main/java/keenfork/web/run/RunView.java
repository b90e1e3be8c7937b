package keenfork.web.run;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.run.ContactPolicy;
import keenfork.core.run.PrepRun;
import keenfork.core.run.Schedule;
import keenfork.web.page.Format;
import keenfork.web.persistence.guest.Events;
import org.jspecify.annotations.Nullable;

/// One order as it is shown.
///
/// @param rows    its batches in order
/// @param opened  the batch that is looked at closely, or null
/// @param trip    the hand-over that is looked at closely, or null
/// @param late    what is said where it does not fit into the day; empty where it does
/// @param blocks  what a late one hangs on
/// @param remarks what it does not do justice to
/// @param choices which kit is taken where a step allows either
/// @param missed  what should have been laid on the day before, and was not
/// @param school  how contacts are flagged, in words
record RunView(Timeline sheet, List<TurnTile> rows, List<ContactView> trips, @Nullable Opened opened,
        @Nullable ContactView trip, String late, List<String> blocks, List<String> remarks,
        List<String> choices, List<Laid> missed,
        String school) {

    /// one batch in its turn
    record TurnTile(int turn, long dish, String name, int portions, boolean locked, int washes, boolean hit,
            boolean open) {
        /// {@return its place as it is said, from 1}
        public int number() { return turn + 1; }

        public boolean isFirst() { return turn == 0; }
    }

    /// {@return whether nothing comes after a turn, counted from 0}
    public boolean isLast(int turn) { return turn == rows.size() - 1; }

    /// something to be laid on the day before
    record Laid(String what, boolean done) {
        public String state() { return done ? "Laid on" : "Not yet"; }
    }

    /// @param missed what should have been laid on the day before, and was not
    static RunView of(PrepRun run, Batches batches, List<Events.Guests> groups, RunPage.Asked asked, List<Laid> missed,
            Format format) {
        var schedule = run.schedule();
        var number = asked.trip();
        var dish = asked.open();
        var trips = ContactView.of(run, batches, groups, number, format);
        var rows = new ArrayList<TurnTile>();
        for (var i = 0; i < run.turns().size(); i++) rows.add(row(run.turns().get(i), i, batches, dish));
        return new RunView(Timeline.of(run, schedule, trips, batches, asked.wide()), rows, trips,
                Opened.of(run, batches, dish), number >= 0 && number < trips.size() ? trips.get(number) : null,
                late(schedule, batches),
                schedule.late() == 0 ? List.of() : schedule.blocks().stream().limit(4).toList(), schedule.remarks(),
                run.choices(), missed,
                batches.conditions().school() == ContactPolicy.STRICT
                        ? "Strict school: any shared use without a full wash is flagged."
                        : "Measured school: a use is flagged where the estimate reaches the reference dose, or none "
                                + "is held. Map and labels stay strict.");
    }

    private static TurnTile row(PrepRun.Turn turn, int at, Batches batches, long dish) {
        var id = batches.id(turn.batch());
        var locked = batches.turns().stream().anyMatch(t -> t.dish() == id && t.locked());
        return new TurnTile(at, id, turn.batch().dish(), turn.batch().portions(), locked, turn.made().cleans().size(),
                !turn.carried().isEmpty(), id == dish);
    }

    private static String late(Schedule schedule, Batches batches) {
        if (schedule.late() == 0) return "";
        return "It does not fit: it takes %s, and from %s to %s there are %s. Open earlier, add a cook, or cook less."
                .formatted(Schedule.inWords(schedule.minutes()), batches.day().opens(), batches.day().serve(),
                        Schedule.inWords(schedule.day().minutes()));
    }
}
