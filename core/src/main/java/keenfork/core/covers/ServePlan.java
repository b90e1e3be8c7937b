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
/// @param small   small dishes of their own that would feed who still has too little, the last resort
public record ServePlan(List<Change> changes, List<Shortfall> unfed, boolean proved, int bound, CoverPuzzle.Cost cost,
        Coverage after, List<SmallDish> small) {
    /// a group that has fewer dishes of a course than it must have
    ///
    /// @param has how many it has
    public record Shortfall(GuestGroup group, String course, int has) {}

    /// {@return the groups that do not get a dish as it is, and do by a change of this plan}
    public List<GuestGroup> gets(Change change) {
        return after.covers().stream().filter(c -> c.dish().name().equals(change.dish().name()))
                .filter(c -> c.how() == switch (change) {
                    case Change.HoldBack _ -> Cover.How.PEELED;
                    case Change.SplitOff _ -> Cover.How.SPLIT;
                    case Change.SwapForAll _ -> Cover.How.AS_SERVED;
                    case Change.MakeVariant _ -> Cover.How.VARIANT;
                }).map(Cover::group).filter(g -> !Coverage.cover(g, change.dish()).isServed()).distinct().toList();
    }

    public ServePlan {
        changes = List.copyOf(changes);
        unfed = List.copyOf(unfed);
        small = List.copyOf(small);
    }
}
