package keenfork.web.run;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import keenfork.core.run.CrossContact;
import keenfork.core.run.Piece;
import keenfork.core.run.PrepRun;
import keenfork.core.run.Schedule;
import keenfork.core.run.Stock;
import keenfork.web.page.Format;

/// A run as a sheet on the wall: what each cook does, when, with how much of what, and what is washed in between.
///
/// @param cooks     what each pair of hands does
/// @param dayBefore what is laid on the day before
/// @param batches   the batches with their numbers and the people they are made for
/// @param starts    when the first of them starts
/// @param late      what is said where the day is too short; empty where it is not
/// @param remarks   what the order does not do justice to
/// @param choices   which kit is taken where a step allows either
/// @param travels   what still travels
/// @param stocks    what is made of dishes that go into others, and what is left of it
record SheetView(List<Cook> cooks, List<String> dayBefore, List<String> batches, String starts, String late,
        List<String> remarks, List<String> choices, List<String> travels, List<String> stocks) {
    /// the sizes a page is set in, pt, the largest first; the style sheet knows them by their places
    private static final double[] SIZES = {13, 11.5, 10.5, 9.5, 8.5, 7.5};
    /// mm of two columns of the shorter of the two papers, less what is lost where a row would break
    private static final double ROOM = 520;
    /// letters of a line in one of two columns, times the size
    private static final double LETTERS = 415;
    private static final double LINE = 0.3528 * 1.14;
    private static final double AROUND = 2.2;
    /// letters of what a row says where hands are washed before it
    private static final int FRESH = 24;
    private static final int MINUTES_IN_DAY = 24 * 60;

    /// One pair of hands.
    ///
    /// @param fit the place of the size its page is set in, so that it stays one page
    record Cook(int number, List<SheetLine> rows, int fit) {
        static Cook of(int number, List<SheetLine> rows) {
            var fit = 0;
            while (fit < SIZES.length - 1 && height(rows, SIZES[fit]) > ROOM) fit++;
            return new Cook(number, rows, fit);
        }

        private static double height(List<SheetLine> rows, double size) {
            var letters = LETTERS / size;
            var height = 0.0;
            for (var row : rows) {
                var lines = row.wash ? 1 : row.names() + Math.ceil(row.letters() / letters);
                height += lines * size * LINE + AROUND;
            }
            return height;
        }
    }

    /// One thing to do.
    ///
    /// @param takes what goes in, in words; empty for nothing
    /// @param on    the pieces it goes over where the kitchen has several of a kind
    /// @param by    when it is done by itself; empty where the hands do it all
    /// @param fresh whether hands are washed, and spoon and cloth are changed, before it
    /// @param same  whether the dish is the one of the row before
    record SheetLine(String time, int turn, String dish, String text, String takes, String on, boolean wash, String by,
            boolean fresh, boolean same) {
        /// {@return lines that its dish takes}
        private int names() { return same ? 0 : 1; }

        /// {@return letters of what it says}
        private int letters() {
            return text.length() + on.length() + takes.length() + (by.isEmpty() ? 0 : 14) + (fresh ? FRESH : 0) + 3;
        }

        SheetLine below(SheetLine before) {
            return new SheetLine(time, turn, dish, text, takes, on, wash, by, fresh,
                    !wash && !before.wash && before.turn == turn);
        }
    }

    static SheetView of(PrepRun run, LocalTime serve, Format format) {
        var schedule = run.schedule();
        var start = Math.floorMod(serve.toSecondOfDay() / 60 - schedule.minutes(), MINUTES_IN_DAY);
        var cooks = new ArrayList<Cook>();
        for (var c = 0; c < schedule.cooks(); c++) {
            var cook = c;
            var rows = new ArrayList<SheetLine>();
            for (var p : schedule.onTheDay()) {
                if (p.cook() != cook) continue;
                var row = row(p, start, run, format);
                rows.add(rows.isEmpty() ? row : row.below(rows.getLast()));
            }
            cooks.add(Cook.of(c + 1, rows));
        }
        var batches = new ArrayList<String>();
        for (var i = 0; i < run.turns().size(); i++)
            batches.add("%d. %s, for %d".formatted(i + 1,
                    run.turns().get(i).batch().dish(), run.turns().get(i).batch().portions()));
        var late = schedule.late() == 0 ? ""
                : "It does not fit into the day: it takes %s, %s too long. It hangs on %s.".formatted(
                        Schedule.inWords(schedule.minutes()), Schedule.inWords(schedule.late()),
                        format.list(schedule.blocks().stream().limit(3).toList()));
        return new SheetView(cooks, schedule.dayBefore().stream().map(Schedule.Placed::what).toList(), batches,
                clock(start), late, schedule.remarks(), run.choices(),
                run.carried().stream().map(SheetView::travels).distinct().toList(),
                run.stocks().stream().map(Stock::inWords).toList());
    }

    private static String travels(CrossContact c) {
        return "%s to %s, %s.".formatted(Format.upper(c.substance().name()), c.to().dish(), c.how());
    }

    private static SheetLine row(Schedule.Placed p, int start, PrepRun run, Format format) {
        var waits = p.until() > p.hands();
        var takes = p.task() < 0 ? List.<String>of() : run.turns().get(p.turn()).batch().tasks().get(p.task()).takes();
        var on = p.on().stream()
                .filter(piece -> piece.kit().carries() && run.conditions().equipment().of(piece.kit()).size() > 1)
                .map(Piece::name).toList();
        var goes = run.goes(p) > 1 ? " In %d goes.".formatted(run.goes(p)) : "";
        return new SheetLine(clock(start + p.from()), p.turn() + 1, p.dish(),
                (waits && goes.isEmpty() ? p.text().replaceFirst("\\.$", "") : p.text()) + goes,
                String.join("; ", takes),
                p.kind() == Schedule.Slot.CLEAN || on.isEmpty() ? "" : "on the " + format.list(on),
                p.kind() == Schedule.Slot.CLEAN, waits ? clock(start + p.until()) : "", p.isFresh(), false);
    }

    private static String clock(int minute) {
        return LocalTime.ofSecondOfDay(Math.floorMod(minute, MINUTES_IN_DAY) * 60L).toString();
    }
}
