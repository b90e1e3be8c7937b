package keenfork.core.covers;

import java.util.List;

/// A way to serve everyone.
///
/// @param changes what is done, in the order of the menu
/// @param unfed   who still has too little of a course
/// @param proved  whether nothing better is possible with what is known
/// @param bound   people who cannot be fed by any plan; of a plan that is proved, those it leaves unfed
/// @param cost    what it was ranked by
/// @param after   who then can eat what
public record ServePlan(List<Change> changes, List<Shortfall> unfed, boolean proved, int bound, CoverPuzzle.Cost cost,
        Coverage after) {
    /// a group that has fewer dishes of a course than it must have
    ///
    /// @param has how many it has
    public record Shortfall(GuestGroup group, String course, int has) {}

    public ServePlan {
        changes = List.copyOf(changes);
        unfed = List.copyOf(unfed);
    }
}
