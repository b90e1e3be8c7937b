package keenfork.core.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import keenfork.core.food.Words;

/// What is made before what: a batch that uses another dish waits for it, and so does one that the crew wants later.
final class Precedence {
    /// for each batch the places of those that go into it
    private final List<Set<Integer>> needs = new ArrayList<>();

    Precedence(List<Batch> batches, Told told) {
        for (var batch : batches) {
            var before = new TreeSet<Integer>();
            var dishes = new ArrayList<>(batch.needs().keySet());
            dishes.addAll(told.before(batch.dish()));
            for (var b = 0; b < batches.size(); b++) {
                var other = batches.get(b);
                if (other != batch && dishes.stream().anyMatch(d -> isSame(other.dish(), d))) before.add(b);
            }
            needs.add(before);
        }
    }

    /// {@return whether two names mean one dish}
    static boolean isSame(String one, String other) { return Words.key(one).equals(Words.key(other)); }

    /// {@return whether all that goes into a batch is among those made}
    ///
    /// @param made a bit for each batch
    boolean isReady(int batch, int made) {
        for (var before : needs.get(batch)) if ((made >> before & 1) == 0) return false;
        return true;
    }

    /// {@return whether something that is still open goes into a batch}
    boolean waits(int batch, List<Integer> open) {
        for (var before : needs.get(batch)) if (open.contains(before)) return true;
        return false;
    }

    /// {@return how often an order uses a batch before it is made}
    int broken(int[] order) {
        var place = new int[order.length];
        for (var i = 0; i < order.length; i++) place[order[i]] = i;
        var broken = 0;
        for (var b = 0; b < order.length; b++) for (var before : needs.get(b)) if (place[before] > place[b]) broken++;
        return broken;
    }
}
