package keenfork.core.swap;

import java.util.List;
import keenfork.core.regime.Group;
import keenfork.core.trace.Derivation;

/// A way to serve a dish to people who avoid something.
///
/// @param moves     the changes, in the order of the recipe
/// @param bringsIn  groups the dish did not have before, in the rule book's order
/// @param unknown   lines about which something avoided is still not known
/// @param lead      minutes before all is ready
/// @param closeness how near the changed lines stay on average, 0 to 1
/// @param after     the changed dish, derived afresh
public record Plan(List<Move> moves, List<Group> bringsIn, int unknown, Swap.Lead lead, double closeness, Derivation after) {
    public Plan {
        moves = List.copyOf(moves);
        bringsIn = List.copyOf(bringsIn);
    }

    public List<Move> changes() {
        return moves.stream().filter(Move::changes).toList();
    }
}
