package keenfork.web.run;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import keenfork.core.regime.RuleBook;
import keenfork.core.run.BatchSetup;
import keenfork.core.run.Clean;
import keenfork.core.run.PrepRun;
import org.jspecify.annotations.Nullable;

/// A batch looked at closely: what of it goes over which piece, and what is done there before.
///
/// @param turn     its place in the run, from 0
/// @param portions people it feeds
/// @param locked   whether it keeps its place
/// @param uses     its uses of kit, in order
/// @param pieces   the pieces it may take where the kitchen has several
record Opened(long dish, String name, int turn, int portions, boolean locked, List<Over> uses, List<Choice> pieces) {
    /// {@return its place as it is said, from 1}
    public int number() { return turn + 1; }

    public boolean isFirst() { return turn == 0; }

    /// {@return what the button of its lock does}
    public String lock() { return locked ? "Unlock its turn" : "Lock its turn"; }

    /// One use of a piece.
    ///
    /// @param what   the parts that go over it
    /// @param holds  the groups it holds, in words
    /// @param reach  what reaches it; empty for nothing
    /// @param cleans what can be done before
    record Over(String kit, int use, String piece, String what, String holds, String reach, List<Done> cleans) {}

    /// a clean that can be chosen
    record Done(String word, String name, boolean chosen) {
        /// {@return whether it is done before: it is chosen, and something is done}
        public boolean isDoneBefore() { return chosen && !word.equals("none"); }
    }

    /// pieces of one kind to choose from
    record Choice(String kit, String name, List<Pick> picks) {}

    /// @param kept whether it is kept from something in the batch
    record Pick(String id, String name, boolean chosen, boolean kept) {
        public String said() { return kept ? name + ", kept from this" : name; }
    }

    static @Nullable Opened of(PrepRun run, Batches batches, long dish) {
        for (var i = 0; i < run.turns().size(); i++) {
            var made = run.turns().get(i).made();
            if (batches.id(made.batch()) != dish) continue;
            var locked = batches.turns().stream().anyMatch(t -> t.dish() == dish && t.locked());
            return new Opened(dish, made.batch().dish(), i, made.batch().portions(), locked,
                    uses(run.turns().get(i), batches.menu().ruleBook()), choices(made, run));
        }
        return null;
    }

    private static List<Over> uses(PrepRun.Turn turn, RuleBook book) {
        var all = new ArrayList<Over>();
        for (var kit : turn.batch().kit()) {
            var uses = turn.batch().uses(kit);
            for (var u = 0; u < uses.size(); u++) {
                var number = u;
                var groups = Timeline.groups(uses.get(u), uses.get(u).leaves(), book);
                var reach = turn.carried().stream().filter(c -> c.kit() == kit && c.use() == number)
                        .map(c -> c.substance().name()).distinct().toList();
                var cleans = Arrays.stream(Clean.values())
                        .filter(c -> c == Clean.NONE || kit.endedBy() == Clean.FRESH == (c == Clean.FRESH))
                        .map(c -> new Done(Batches.word(c), word(c), turn.made().clean(kit, number) == c)).toList();
                all.add(new Over(kit.id(), u, turn.made().piece(kit).name(), String.join(", ", uses.get(u).parts()),
                        groups.isEmpty() ? "holds nothing that is grouped" : "holds " + String.join(", ", groups),
                        reach.isEmpty() ? "" : "reached by " + String.join(", ", reach), cleans));
            }
        }
        return all;
    }

    private static String word(Clean clean) {
        return switch (clean) {
            case NONE -> "No wash";
            case WIPE -> "Wipe";
            case RINSE -> "Rinse";
            case WASH -> "Wash";
            case FRESH -> "Renew";
        };
    }

    private static List<Choice> choices(BatchSetup made, PrepRun run) {
        return made.batch().kit().stream().filter(k -> run.conditions().equipment().of(k).size() > 1)
                .map(k -> new Choice(k.id(), k.name(),
                        run.conditions().equipment().of(k).stream()
                                .map(p -> new Pick(p.id(), p.name(), p.equals(made.piece(k)), !made.batch().mayGoOn(p)))
                                .toList()))
                .toList();
    }
}
