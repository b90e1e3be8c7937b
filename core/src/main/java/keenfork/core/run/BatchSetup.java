package keenfork.core.run;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// How a batch is made: on which pieces, and what is done to them before it goes over them.
///
/// @param on     the piece it takes of each kind of kit whose leavings matter
/// @param cleans what is done before its uses; what is not named is not cleaned
public record BatchSetup(Batch batch, Map<Kit, Piece> on, Map<Before, Clean> cleans) {

    /// Before one of a batch's uses of a kind of kit.
    ///
    /// @param use which of them, from 0
    public record Before(Kit kit, int use) {}

    public BatchSetup {
        on = Map.copyOf(on);
        cleans = Map.copyOf(cleans);
        for (var kit : batch.kit())
            if (!on.containsKey(kit))
                throw new IllegalArgumentException("%s goes over no %s".formatted(batch.dish(), kit.name()));
    }

    /// {@return a batch on the first piece of each kind that it may go on, nothing cleaned}
    public static BatchSetup of(Batch batch, Equipment equipment) {
        var on = new LinkedHashMap<Kit, Piece>();
        for (var kit : batch.kit()) on.put(kit, equipment.open(batch, kit).getFirst());
        return new BatchSetup(batch, on, Map.of());
    }

    /// {@return this with a clean in front of a use; one of kit that the batch does not go over is no clean before it}
    public BatchSetup with(Before before, Clean clean) {
        var all = new LinkedHashMap<>(cleans);
        if (clean == Clean.NONE || before.use() < 0 || before.use() >= batch.uses(before.kit()).size())
            all.remove(before);
        else all.put(before, clean);
        return new BatchSetup(batch, on, all);
    }

    /// {@return this on another piece of one kind of kit}
    public BatchSetup on(Piece piece) {
        if (!on.containsKey(piece.kit())) return this;
        var all = new LinkedHashMap<>(on);
        all.put(piece.kit(), piece);
        return new BatchSetup(batch, all, cleans);
    }

    public Clean clean(Kit kit, int use) { return cleans.getOrDefault(new Before(kit, use), Clean.NONE); }

    public Piece piece(Kit kit) {
        var piece = on.get(kit);
        if (piece == null) throw new IllegalArgumentException("%s goes over no %s".formatted(batch.dish(), kit.name()));
        return piece;
    }

    /// {@return the kinds of kit whose piece is kept from something in it}
    public List<Kit> against() { return batch.kit().stream().filter(k -> !batch.mayGoOn(piece(k))).toList(); }
}
