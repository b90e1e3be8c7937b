package keenfork.core.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// The kit of one kitchen.
///
/// @param pieces  every piece; of a kind that lists none the kitchen has the usual ones
/// @param figures what stays on it, and what cleans do
public record Equipment(List<Piece> pieces, Figures figures) {
    /// the usual kitchen
    public static final Equipment USUAL = new Equipment(List.of(), Figures.SHIPPED);

    public Equipment {
        var all = new ArrayList<Piece>();
        for (var kit : Kit.all()) {
            var own = pieces.stream().filter(p -> p.kit() == kit).toList();
            if (!own.isEmpty()) all.addAll(own);
            else for (var i = 1; i <= kit.usual(); i++)
                all.add(new Piece(i == 1 ? kit.id() : kit.id() + "-" + i, kit,
                        kit.usual() == 1 ? kit.name() : kit.name() + " " + i, Set.of()));
        }
        pieces = List.copyOf(all);
    }

    /// {@return the pieces of a kind, one or more}
    public List<Piece> of(Kit kit) { return pieces.stream().filter(p -> p.kit() == kit).toList(); }

    public Optional<Piece> named(String id) { return pieces.stream().filter(p -> p.id().equals(id)).findFirst(); }

    /// {@return the pieces of a kind that a batch may go on: all of them where each is kept from something it holds,
    /// for the work has to be done}
    List<Piece> open(Batch batch, Kit kit) {
        var may = of(kit).stream().filter(p -> batch.mayGoOn(p)).toList();
        return may.isEmpty() ? of(kit) : may;
    }
}
