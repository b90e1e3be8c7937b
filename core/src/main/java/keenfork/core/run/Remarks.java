package keenfork.core.run;

import java.util.ArrayList;
import java.util.List;

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
            for (var first : run.conditions().told().before(batch.dish())) {
                var now = turn;
                var begins = placed.stream().filter(p -> p.turn() == now && p.kind() == Schedule.Slot.TASK)
                        .mapToInt(Schedule.Placed::from).min().orElse(Integer.MAX_VALUE);
                if (placed.stream()
                        .anyMatch(p -> p.kind() == Schedule.Slot.TASK && Precedence.isSame(p.dish(), first)
                                && p.until() > begins))
                    said.add("%s is not done before %s begins, as was told.".formatted(first, batch.dish()));
            }
            for (var need : batch.needs().entrySet()) {
                var user = at(placed, turn, need.getValue().task());
                for (var other = 0; other < run.turns().size(); other++) {
                    if (other == turn || !Precedence.isSame(run.turns().get(other).batch().dish(),
                            need.getKey()))
                        continue;
                    var made = other;
                    var ready = placed.stream().filter(p -> p.turn() == made && p.kind() == Schedule.Slot.TASK)
                            .mapToInt(Schedule.Placed::until).max().orElse(0);
                    if (user >= 0 && ready > user)
                        said.add("%s uses %s before it is made.".formatted(batch.dish(),
                                run.turns().get(other).batch().dish()));
                }
            }
        }
        return said;
    }

    private static int at(List<Schedule.Placed> placed, int turn, int task) {
        return placed.stream().filter(p -> p.turn() == turn && p.task() == task && p.kind() == Schedule.Slot.TASK)
                .mapToInt(Schedule.Placed::from).findFirst().orElse(-1);
    }

    private static String quoted(Schedule.Placed p) {
        return p.text().endsWith(".") ? p.text().substring(0, p.text().length() - 1) : p.text();
    }
}
