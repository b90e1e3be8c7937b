package keenfork.core.run;

import java.util.ArrayList;
import java.util.List;

/// What a laid-out run does not do justice to: warm things gone cold, fresh things that stand.
final class Remarks {
    /// minutes after which something is not warm any more; common practice
    private static final int WARM = 15;
    /// minutes that something fresh may stand; common practice
    private static final int STANDS = 30;

    private Remarks() {}

    static List<String> of(PrepRun run, List<Schedule.Placed> placed, int ready) {
        var remarks = new ArrayList<String>();
        for (var turn : run.turns()) for (var ask : turn.batch()
                .asks()) remarks.add("%s: %s".formatted(turn.batch().dish(), ask.inWords()));
        remarks.addAll(run.against());
        remarks.addAll(unmade(run, placed));
        for (var p : placed) {
            if (p.kind() != Schedule.Kind.TASK) continue;
            var task = run.turns().get(p.turn()).batch().tasks().get(p.task());
            if (task.when() == Task.When.FRESH
                    && ready - p.until() > STANDS) remarks.add("%s stands %s after “%s”.".formatted(p.dish(),
                    Schedule.inWords(ready - p.until()), quoted(p)));
            if (task.when() != Task.When.WARM) continue;
            for (var before : placed)
                if (before.kind() == Schedule.Kind.TASK && before.turn() == p.turn() && task.after()
                        .contains(before.task()) && p.from() - before.until() > WARM)
                    remarks.add("%s: %s pass before “%s”. It will not be warm any more.".formatted(p.dish(),
                            Schedule.inWords(p.from() - before.until()), quoted(p)));
        }
        return remarks;
    }

    /// What is used before it is made: told before all else that an order does not manage.
    private static List<String> unmade(PrepRun run, List<Schedule.Placed> placed) {
        var said = new ArrayList<String>();
        for (var turn = 0; turn < run.turns().size(); turn++) {
            var batch = run.turns().get(turn).batch();
            for (var need : batch.needs().entrySet()) {
                var user = at(placed, turn, need.getValue());
                for (var other = 0; other < run.turns().size(); other++) {
                    if (other == turn || !Precedence.isSame(run.turns().get(other).batch().dish(),
                            need.getKey())) continue;
                    var made = other;
                    var ready = placed.stream().filter(p -> p.turn() == made && p.kind() == Schedule.Kind.TASK)
                            .mapToInt(Schedule.Placed::until).max().orElse(0);
                    if (user >= 0 && ready > user) said.add("%s uses %s before it is made.".formatted(batch.dish(),
                            run.turns().get(other).batch().dish()));
                }
            }
        }
        return said;
    }

    private static int at(List<Schedule.Placed> placed, int turn, int task) {
        return placed.stream().filter(p -> p.turn() == turn && p.task() == task && p.kind() == Schedule.Kind.TASK)
                .mapToInt(Schedule.Placed::from).findFirst().orElse(-1);
    }

    private static String quoted(Schedule.Placed p) {
        return p.text().endsWith(".") ? p.text().substring(0, p.text().length() - 1) : p.text();
    }
}
