package keenfork.web.run;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import keenfork.core.run.Carried;
import keenfork.core.run.Piece;
import keenfork.core.run.PrepRun;
import keenfork.core.run.Schedule;
import keenfork.web.page.Format;

/// A run as a sheet on the wall: what each cook does, when, with how much of what, and what is washed in between.
///
/// @param cooks     what each pair of hands does
/// @param dayBefore what is laid on the day before
/// @param batches   the batches with their numbers and the people they are made for
/// @param starts    when the first of them starts
/// @param late      what is said where the day is too short; empty where it is not
/// @param remarks   what the order does not do justice to
/// @param travels   what still travels
record SheetView(List<Cook> cooks, List<String> dayBefore, List<String> batches, String starts, String late, List<String> remarks, List<String> travels) {
    private static final int MINUTES_IN_DAY = 24 * 60;

    /// one pair of hands
    record Cook(int number, List<Row> rows) {}

    /// One thing to do.
    ///
    /// @param takes what goes in, in words; empty for nothing
    /// @param on    the pieces it goes over where the kitchen has several of a kind
    /// @param by    when it is done by itself; empty where the hands do it all
    record Row(String time, int turn, String dish, String text, String takes, String on, boolean wash, String by) {}

    static SheetView of(PrepRun run, LocalTime serve, Format format) {
        var schedule = run.schedule();
        var start = Math.floorMod(serve.toSecondOfDay() / 60 - schedule.minutes(), MINUTES_IN_DAY);
        var cooks = new ArrayList<Cook>();
        for (var c = 0; c < schedule.cooks(); c++) {
            var cook = c;
            cooks.add(new Cook(c + 1, schedule.onTheDay().stream().filter(p -> p.cook() == cook).map(p -> row(p, start, run, format)).toList()));
        }
        var batches = new ArrayList<String>();
        for (var i = 0; i < run.turns().size(); i++) batches.add("%d. %s, for %d".formatted(i + 1, run.turns().get(i).batch().dish(), run.turns().get(i).batch().portions()));
        var late = schedule.late() == 0 ? "" : "It does not fit into the day: it takes %s, %s too long. It hangs on %s.".formatted(Schedule.inWords(schedule.minutes()), Schedule.inWords(schedule.late()), format.list(schedule.blocks().stream().limit(3).toList()));
        return new SheetView(cooks, schedule.dayBefore().stream().map(Schedule.Placed::what).toList(), batches, clock(start), late, schedule.remarks(), run.carried().stream().map(SheetView::travels).distinct().toList());
    }

    private static String travels(Carried c) { return "%s to %s, %s.".formatted(Format.upper(c.substance().name()), c.to().dish(), c.how()); }

    private static Row row(Schedule.Placed p, int start, PrepRun run, Format format) {
        var waits = p.until() > p.hands();
        var takes = p.task() < 0 ? List.<String>of() : run.turns().get(p.turn()).batch().tasks().get(p.task()).takes();
        var on = p.on().stream().filter(piece -> piece.kit().carries() && run.conditions().equipment().of(piece.kit()).size() > 1).map(Piece::name).toList();
        return new Row(clock(start + p.from()), p.turn() + 1, p.dish(), p.text(), String.join("; ", takes), p.kind() == Schedule.Kind.CLEAN || on.isEmpty() ? "" : "on the " + format.list(on), p.kind() == Schedule.Kind.CLEAN, waits ? clock(start + p.until()) : "");
    }

    private static String clock(int minute) { return LocalTime.ofSecondOfDay(Math.floorMod(minute, MINUTES_IN_DAY) * 60L).toString(); }
}
