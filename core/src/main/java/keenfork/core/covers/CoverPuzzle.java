package keenfork.core.covers;

import java.util.BitSet;
import java.util.Comparator;
import java.util.List;

/// What serving everyone is searched in, in plain figures: one option for each dish of a course. Public so that an
/// outside solver can be set the same.
///
/// @param dishes the options of each dish, the first of them to leave it as it is
/// @param people how many people each group has
/// @param least  dishes that each group must have of the course
public record CoverPuzzle(List<List<Option>> dishes, List<Integer> people, int least) {
    public CoverPuzzle {
        dishes = dishes.stream().map(List::copyOf).toList();
        people = List.copyOf(people);
    }

    /// What can be done with a dish.
    ///
    /// @param changes what is done; empty where it stays as it is
    /// @param feeds   the groups that then eat it, by their places
    public record Option(List<Change> changes, BitSet feeds) {
        public Option {
            changes = List.copyOf(changes);
        }

        /// {@return what it costs, whoever it feeds}
        public Cost cost() {
            var cost = Cost.NONE;
            for (var c : changes)
                cost = cost.plus(new Cost(0, c.size(), c.isTwice() ? 1 : 0, c.minutes(), c.washes(), c.lost()));
            return cost;
        }
    }

    /// What a way of serving costs, in the order that counts.
    ///
    /// @param unfed   people who have fewer dishes than they must have
    /// @param changes lines and plates that are changed
    /// @param twice   dishes made twice
    /// @param minutes minutes of lead time and of hands, over all changes
    /// @param washes  washes of the run, over all changes
    /// @param lost    closeness lost, in thousandths, over all changes
    public record Cost(int unfed, int changes, int twice, int minutes, int washes, int lost)
            implements
            Comparable<Cost> {
        public static final Cost NONE = new Cost(0, 0, 0, 0, 0, 0);
        private static final Comparator<Cost> ORDER =
                Comparator.comparingInt(Cost::unfed).thenComparingInt(Cost::changes).thenComparingInt(Cost::twice)
                        .thenComparingInt(Cost::minutes).thenComparingInt(Cost::washes)
                        .thenComparingInt(Cost::lost);

        @Override
        public int compareTo(Cost other) { return ORDER.compare(this, other); }

        Cost plus(Cost more) {
            return new Cost(unfed + more.unfed, changes + more.changes, twice + more.twice, minutes + more.minutes,
                    washes + more.washes, lost + more.lost);
        }
    }

    /// {@return what one option for each dish costs together}
    public Cost cost(List<Option> chosen) {
        var cost = Cost.NONE;
        for (var option : chosen) cost = cost.plus(option.cost());
        var unfed = 0;
        for (var g = 0; g < people.size(); g++) {
            var group = g;
            if (chosen.stream().filter(o -> o.feeds.get(group)).count() < least) unfed += people.get(g);
        }
        return cost.plus(new Cost(unfed, 0, 0, 0, 0, 0));
    }

    /// {@return people whom no choice feeds: of too few dishes any option feeds them}
    public int unfedAnyway() {
        var unfed = 0;
        for (var g = 0; g < people.size(); g++) {
            var group = g;
            var could = dishes.stream().filter(d -> d.stream().anyMatch(o -> o.feeds.get(group))).count();
            if (could < least) unfed += people.get(g);
        }
        return unfed;
    }
}
