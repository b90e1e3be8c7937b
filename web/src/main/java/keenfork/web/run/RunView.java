package keenfork.web.run;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import keenfork.core.food.Substance;
import keenfork.core.regime.RuleBook;
import keenfork.core.run.Batch;
import keenfork.core.run.Clean;
import keenfork.core.run.PrepRun;
import keenfork.web.page.Format;

/// A run drawn from the top down: the clock at the left, a block for each batch, waves for a full wash, and an arc for all that travels.
record RunView(List<Block> blocks, List<Wash> washes, List<Arc> arcs, List<Trip> trips, int height, String worth, String summary) {
    private static final LocalTime ENDS = LocalTime.of(17, 30);
    private static final int BLOCK = 46;
    private static final int GAP = 8;
    private static final int WASH = 30;
    private static final int MOST_GROUPS = 8;

    /// one batch; `y` in px
    record Block(int turn, String time, String dish, String part, List<String> groups, int y, int middle, boolean hit, boolean washed) {}

    /// one full wash
    record Wash(String time, int y, int middle) {}

    /// a hand-over between two blocks
    record Arc(String path, int labelY, String words) {}

    /// a hand-over in words
    record Trip(int turn, String title, String how, String estimate) {}

    static RunView of(PrepRun run, RuleBook ruleBook, Format format) {
        var blocks = new ArrayList<Block>();
        var washes = new ArrayList<Wash>();
        var start = ENDS.minusMinutes(run.minutes());
        var y = GAP;
        for (var i = 0; i < run.turns().size(); i++) {
            var turn = run.turns().get(i);
            if (turn.clean() == Clean.WASH) {
                washes.add(new Wash(start.plusMinutes(turn.from() - turn.clean().minutes()).toString(), y, y + WASH / 2 - 2));
                y += WASH;
            }
            blocks.add(new Block(i, start.plusMinutes(turn.from()).toString(), turn.batch().dish(), turn.batch().part(), groups(turn.batch(), ruleBook), y, y + BLOCK / 2,
                    !turn.carried().isEmpty(), turn.clean() == Clean.WASH));
            y += BLOCK + GAP;
        }
        return new RunView(blocks, washes, arcs(run, blocks), trips(run, format), y + GAP, run.proof().inWords(),
                "%s on one blender from %s to %s, %d contacts left".formatted(format.count(blocks.size(), "batch", "batches"), start, ENDS, run.contacts()));
    }

    private static List<String> groups(Batch batch, RuleBook ruleBook) {
        var groups = new LinkedHashSet<String>();
        for (var s : batch.holds().keySet()) groups.addAll(names(s, ruleBook));
        for (var s : batch.unsure()) for (var name : names(s, ruleBook)) if (!groups.contains(name)) groups.add(name + "?");
        return groups.size() > MOST_GROUPS ? List.of("not known: it may hold anything") : List.copyOf(groups);
    }

    private static List<String> names(Substance substance, RuleBook ruleBook) {
        return ruleBook.groups().stream().filter(g -> ruleBook.member(g, substance).isPresent())
                .map(g -> g.names(substance) ? substance.name() : g.name().toLowerCase()).toList();
    }

    private static List<Arc> arcs(PrepRun run, List<Block> blocks) {
        var arcs = new ArrayList<Arc>();
        for (var i = 0; i < run.turns().size(); i++) {
            var turn = run.turns().get(i);
            for (var j = 0; j < i; j++) {
                var from = run.turns().get(j).batch();
                var what = turn.carried().stream().filter(c -> c.from() == from).map(c -> c.substance().name()).toList();
                if (what.isEmpty()) continue;
                var a = blocks.get(j).middle() + 8;
                var b = blocks.get(i).middle() - 6;
                var out = 556 + Math.min(40, 10 + (i - j) * 8);
                arcs.add(new Arc("M548 %d C%d %d %d %d 552 %d".formatted(a, out, a, out, b, b), (a + b) / 2, String.join(", ", what)));
            }
        }
        return arcs;
    }

    private static List<Trip> trips(PrepRun run, Format format) {
        var trips = new ArrayList<Trip>();
        for (var i = 0; i < run.turns().size(); i++) {
            var turn = run.turns().get(i);
            if (turn.carried().isEmpty()) continue;
            var what = turn.carried().stream().map(c -> c.substance().name()).toList();
            var estimates = turn.carried().stream().map(c -> c.substance().name() + ": " + c.estimate()).toList();
            trips.add(new Trip(i, format.list(what) + " to " + turn.batch().dish(),
                    String.join("; ", turn.carried().stream().map(c -> c.how()).distinct().toList()), String.join(". ", estimates)));
        }
        return trips;
    }
}
