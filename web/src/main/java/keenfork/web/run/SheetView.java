package keenfork.web.run;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import keenfork.core.run.Schedule;
import keenfork.web.page.Format;

/// A run as a sheet on the wall: what each cook does, when, and what is washed in between.
///
/// @param cooks     what each pair of hands does
/// @param dayBefore what is laid on the day before
/// @param starts    when the first of them starts
/// @param late      what is said where the day is too short; empty where it is not
record SheetView(List<Cook> cooks, List<Row> dayBefore, String starts, String late) {
    private static final int MINUTES_IN_DAY = 24 * 60;

    /// one pair of hands
    record Cook(int number, List<Row> rows) {}

    /// One thing to do.
    ///
    /// @param by when it is done by itself; empty where the hands do it all
    record Row(String time, String dish, String text, boolean wash, String by) {}

    static SheetView of(Schedule schedule, LocalTime serve, Format format) {
        var available = serve.toSecondOfDay() / 60;
        var late = schedule.lateBy(available);
        var start = Math.floorMod(available - schedule.minutes(), MINUTES_IN_DAY);
        var cooks = new ArrayList<Cook>();
        for (var c = 0; c < schedule.cooks(); c++) {
            var cook = c;
            cooks.add(new Cook(c + 1, schedule.placed().stream().filter(p -> p.cook() == cook && p.kind() != Schedule.Kind.DAY_BEFORE).map(p -> row(p, start)).toList()));
        }
        var before = schedule.placed().stream().filter(p -> p.kind() == Schedule.Kind.DAY_BEFORE).map(p -> row(p, start)).toList();
        return new SheetView(cooks, before, clock(start), late == 0 ? "" : "It does not fit into the day: it takes %s. Start the day before, add a cook, or cook less.".formatted(format.minutes(schedule.minutes(), schedule.minutes())));
    }

    private static Row row(Schedule.Placed p, int start) {
        var waits = p.until() > p.hands();
        return new Row(clock(start + p.from()), p.dish(), p.text(), p.kind() == Schedule.Kind.CLEAN, waits ? clock(start + p.until()) : "");
    }

    private static String clock(int minute) { return LocalTime.ofSecondOfDay(Math.floorMod(minute, MINUTES_IN_DAY) * 60L).toString(); }
}
