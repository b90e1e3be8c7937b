package keenfork.web.page;

import java.util.List;
import keenfork.core.trace.Difference;
import keenfork.web.kitchen.Effect;

/// What a change does to one dish, told by group: what its mark was and what it becomes.
///
/// @param dish    the dish's key; 0 where it is the one being looked at
/// @param changes the groups that change, what gets worse first
public record EffectView(long dish, String name, List<Change> changes) {
    /// one group that changes
    public record Change(String group, String was, String wasWords, String is, String isWords, boolean worse) {
        static Change of(Difference difference, Format format) {
            return new Change(difference.group().name(), format.symbol(difference.before()),
                    format.words(difference.before()), format.symbol(difference.after()),
                    format.full(difference.after()), difference.isWorse());
        }
    }

    /// {@return whether it is of the dish that is looked at}
    public boolean isOf(long here) { return dish == here; }

    public static EffectView of(Effect effect, Format format) {
        return of(effect.dish(), effect.name(), effect.differences(), format);
    }

    public static EffectView of(long dish, String name, List<Difference> differences, Format format) {
        var worseFirst = differences.stream().sorted((a, b) -> Boolean.compare(b.isWorse(), a.isWorse()))
                .map(d -> Change.of(d, format)).toList();
        return new EffectView(dish, name, worseFirst);
    }
}
