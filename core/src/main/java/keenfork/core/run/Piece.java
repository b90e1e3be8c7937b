package keenfork.core.run;

import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.Set;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;

/// One piece of a kind of kit: the small blender, the green board.
///
/// @param id       its key
/// @param name     what the crew calls it
/// @param keptFrom what must never go over it; what is not known is kept from it, too, where this names anything
public record Piece(String id, Kit kit, String name, Set<Substance> keptFrom) {
    public Piece {
        if (name.isBlank()) throw new IllegalArgumentException("a piece of kit has a name");
        keptFrom = Collections.unmodifiableSet(new LinkedHashSet<>(keptFrom));
    }

    /// {@return whether something that goes over its kit must not go over this piece}
    public boolean isKeptFrom(Batch.Use use) {
        return !keptFrom.isEmpty() && use.leaves().stream().anyMatch(this::isKeptFrom);
    }

    private boolean isKeptFrom(Substance left) {
        var all = Substances.shipped();
        return left.equals(all.anything())
                || keptFrom.stream().anyMatch(k -> all.isUnder(left, k) || all.isUnder(k, left));
    }

    @Override
    public String toString() { return id; }
}
