package keenfork.core.run;

import java.util.ArrayList;
import java.util.List;

/// A way to clear a contact, with the run as it would be then.
///
/// @param way  what is done
/// @param then the run with it done
public record Remedy(Way way, PrepRun then) {
    /// what can be done about it
    public sealed interface Way {
        /// the clean that alone ends it, before the use it reaches
        record CleanFirst(Piece piece, int use, Clean clean) implements Way {}

        /// the batch it reaches goes on another piece
        record OtherPiece(Piece piece) implements Way {}

        /// the batch it reaches is made before the one it comes from
        record MakeBefore(int turn, String dish) implements Way {}
    }

    /// {@return every way to clear a contact by itself}
    /// @param run     the run it is of
    /// @param turn    the turn it reaches, from 0
    /// @param contact one of that turn's
    public static List<Remedy> of(PrepRun run, int turn, CrossContact contact) {
        var made = run.turns().get(turn).made();
        var kit = contact.kit();
        var remedies = new ArrayList<Remedy>();
        remedies.add(new Remedy(new Way.CleanFirst(contact.piece(), contact.use(), kit.endedBy()),
                with(run, turn, made.with(new BatchSetup.Before(kit, contact.use()), kit.endedBy()))));
        for (var other : run.conditions().equipment().of(kit))
            if (!other.equals(contact.piece()) && made.batch().mayGoOn(other))
                remedies.add(new Remedy(new Way.OtherPiece(other), with(run, turn, made.on(other))));
        if (contact.isOwn()) return remedies;
        var from = comesFrom(run, turn, contact);
        var moved = new ArrayList<>(run.order());
        moved.add(from, moved.remove(turn));
        remedies.add(new Remedy(new Way.MakeBefore(from, contact.from().dish()),
                Sequencer.score(moved, run.conditions())));
        return remedies;
    }

    private static PrepRun with(PrepRun run, int turn, BatchSetup made) {
        var order = new ArrayList<>(run.order());
        order.set(turn, made);
        return Sequencer.score(order, run.conditions());
    }

    /// {@return the turn a contact comes from: the nearest one before the turn it reaches}
    public static int comesFrom(PrepRun run, int turn, CrossContact contact) {
        for (var i = turn; i >= 0; i--) if (run.turns().get(i).batch().equals(contact.from())) return i;
        return turn;
    }
}
