package keenfork.core.run;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import keenfork.core.search.Proof;

/// Orders batches of which some may be made on one kit or another: the choice that washes less is taken, and a contact
/// is kept from happening where the other kit is clean.
final class KitChoices {
    /// most ways of choosing that are all tried; beyond, one dish is chosen for after the other
    private static final int ALL = 8;
    /// most batches for which all are tried
    private static final int BATCHES = 10;
    private static final Comparator<PrepRun> BETTER = Comparator.comparingInt((PrepRun r) -> r.schedule().late())
            .thenComparingInt(PrepRun::washing).thenComparingInt(PrepRun::stale).thenComparingInt(PrepRun::minutes);

    private KitChoices() {}

    static boolean isOpen(List<Batch> batches) {
        return batches.stream().anyMatch(b -> !b.choice().ways().isEmpty());
    }

    static PrepRun order(List<Batch> batches, Conditions conditions) {
        List<List<Batch>> all = new ArrayList<>(List.of(List.of()));
        for (var batch : batches) {
            var ways = batch.choice().ways().isEmpty() ? List.of(batch) : batch.choice().ways();
            if (all.size() * ways.size() > ALL || batches.size() > BATCHES) return oneByOne(batches, conditions);
            var longer = new ArrayList<List<Batch>>();
            for (var before : all) for (var way : ways) longer.add(with(before, way));
            all = longer;
        }
        var runs = all.stream().map(b -> Sequencer.chosen(b, conditions)).toList();
        var best = runs.stream().min(BETTER).orElseThrow();
        if (runs.stream().allMatch(r -> r.proof() instanceof Proof.Best)) return best;
        return stopped(best, runs.stream().mapToInt(PrepRun::least).min().orElse(0));
    }

    private static List<Batch> with(List<Batch> before, Batch way) {
        var all = new ArrayList<>(before);
        all.add(way);
        return all;
    }

    private static PrepRun oneByOne(List<Batch> batches, Conditions conditions) {
        var chosen = new ArrayList<Batch>();
        for (var b : batches) chosen.add(b.choice().ways().isEmpty() ? b : b.choice().ways().getFirst());
        var best = Sequencer.chosen(chosen, conditions);
        for (var i = 0; i < batches.size(); i++)
            for (var way : batches.get(i).choice().ways()) {
                if (way.choice().id().equals(chosen.get(i).choice().id())) continue;
                var other = new ArrayList<>(chosen);
                other.set(i, way);
                var run = Sequencer.chosen(other, conditions);
                if (BETTER.compare(run, best) >= 0) continue;
                best = run;
                chosen.set(i, way);
            }
        return stopped(best, 0);
    }

    /// What was not tried may wash less: nothing is proved then.
    private static PrepRun stopped(PrepRun run, int least) {
        var nodes = switch (run.proof()) {
            case Proof.Best(var n) -> n;
            case Proof.Stopped(var n) -> n;
        };
        return new PrepRun(run.turns(), run.conditions(), new Proof.Stopped(nodes), least);
    }
}
