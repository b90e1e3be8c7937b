package keenfork.core.run;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// What a laid-out run does not do justice to: warm things gone cold, fresh things that stand.
final class Remarks {
    private Remarks() {}

    static List<String> of(PrepRun run, List<Schedule.Placed> placed, int ready) {
        var remarks = new ArrayList<String>();
        remarks.addAll(unmade(run, placed));
        for (var stock : run.stocks()) if (stock.isShort()) remarks.add(stock.inWords());
        for (var p : placed) {
            if (p.kind() != Schedule.Slot.TASK) continue;
            var task = run.turns().get(p.turn()).batch().tasks().get(p.task());
            for (var window : task.windows()) remarks.addAll(missed(window, task, p, placed, ready));
        }
        remarks.addAll(run.against());
        for (var turn : run.turns())
            for (var ask : turn.batch()
                    .asks())
                remarks.add("%s: %s".formatted(turn.batch().dish(), ask.inWords()));
        return remarks;
    }

    /// Where a task lies outside of its window.
    private static List<String> missed(Window window, Task task, Schedule.Placed p, List<Schedule.Placed> placed,
            int ready) {
        if (window.kind() == Window.When.FRESH)
            return ready - p.until() <= window.most() ? List.of()
                    : List.of(
                            "%s stands %s after “%s”.".formatted(p.dish(), Schedule.inWords(ready - p.until()),
                                    quoted(p)));
        var said = new ArrayList<String>();
        for (var before : placed) {
            if (before.kind() != Schedule.Slot.TASK || before.turn() != p.turn()
                    || !task.after().contains(before.task()))
                continue;
            var gap = p.from() - before.until();
            if (gap <= window.most()) continue;
            said.add(switch (window.kind()) {
                case WARM -> "%s: %s pass before “%s”. It will not be warm any more.".formatted(p.dish(),
                        Schedule.inWords(gap), quoted(p));
                case AT_ONCE ->
                        "%s: it stands for %s before “%s”.".formatted(p.dish(), Schedule.inWords(gap), quoted(p));
                case COOL, DAY_BEFORE, FRESH ->
                        "%s: %s pass before “%s”.".formatted(p.dish(), Schedule.inWords(gap), quoted(p));
            });
        }
        return said;
    }

    /// What is used before it is made: told before all else that an order does not manage.
    private static List<String> unmade(PrepRun run, List<Schedule.Placed> placed) {
        var said = new ArrayList<String>();
        for (var turn = 0; turn < run.turns().size(); turn++) {
            var batch = run.turns().get(turn).batch();
            for (var first : run.conditions().told().before(batch.dish()))
                if (isLate(first, turn, placed))
                    said.add("%s is not done before %s begins, as was told.".formatted(first, batch.dish()));
            for (var need : batch.needs().entrySet()) {
                var user = at(placed, turn, need.getValue().task());
                if (user >= 0) said.addAll(madeAfter(user, run, turn, need.getKey(), placed));
            }
        }
        return said;
    }

    /// What a turn uses at a minute, and is made later in another.
    private static List<String> madeAfter(int user, PrepRun run, int turn, String dish, List<Schedule.Placed> placed) {
        var said = new ArrayList<String>();
        for (var other = 0; other < run.turns().size(); other++) {
            var made = run.turns().get(other).batch().dish();
            if (other != turn && Precedence.isSame(made, dish)
                    && tasks(placed, other).mapToInt(Schedule.Placed::until).max().orElse(0) > user)
                said.add("%s uses %s before it is made.".formatted(run.turns().get(turn).batch().dish(), made));
        }
        return said;
    }

    /// {@return whether a dish is not done when a turn begins}
    private static boolean isLate(String dish, int turn, List<Schedule.Placed> placed) {
        var begins = tasks(placed, turn).mapToInt(Schedule.Placed::from).min().orElse(Integer.MAX_VALUE);
        return placed.stream().anyMatch(p -> p.kind() == Schedule.Slot.TASK && Precedence.isSame(p.dish(), dish)
                && p.until() > begins);
    }

    private static Stream<Schedule.Placed> tasks(List<Schedule.Placed> placed, int turn) {
        return placed.stream().filter(p -> p.turn() == turn && p.kind() == Schedule.Slot.TASK);
    }

    private static int at(List<Schedule.Placed> placed, int turn, int task) {
        return placed.stream().filter(p -> p.turn() == turn && p.task() == task && p.kind() == Schedule.Slot.TASK)
                .mapToInt(Schedule.Placed::from).findFirst().orElse(-1);
    }

    private static String quoted(Schedule.Placed p) {
        return p.text().endsWith(".") ? p.text().substring(0, p.text().length() - 1) : p.text();
    }
}
