package keenfork.core.swap;

import java.util.List;
import keenfork.core.recipe.Line;
import keenfork.core.search.Proof;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;

/// What the planner answers.
///
/// @param before   the dish as it is
/// @param best     plans, best first; empty where none is possible or none is needed
/// @param rejected replacements turned down, with the reason
/// @param blocked  what stops every plan
/// @param needed   false where nothing avoided is in the dish, nor could be
/// @param proof    what the order of the plans is worth
public record Plans(Derivation before, List<Plan> best, List<Rejected> rejected, List<Blocked> blocked, boolean needed,
        Proof proof) {
    /// A replacement that would bring in something avoided.
    ///
    /// @param certainty how surely it is in it
    public record Rejected(Line line, String with, String because, Certainty certainty) {}

    /// a line that no move can mend
    public record Blocked(String line, String avoid, String nearest) {}

    public Plans {
        best = List.copyOf(best);
        rejected = List.copyOf(rejected);
        blocked = List.copyOf(blocked);
    }
}
