package keenfork.web.page;

import java.util.List;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Avoidances;
import keenfork.core.recipe.Line;
import keenfork.core.swap.Split;
import keenfork.core.trace.Derivation;
import org.jspecify.annotations.Nullable;

/// Portions taken off before something avoided goes in, in the words of the bench.
///
/// @param step    the number of the step before which they are taken off
/// @param text    that step
/// @param portion what one weighs, of what is in by then; empty where the recipe does not say how many it serves
/// @param clear   what is in by then
/// @param without what the portions go without
/// @param still   what goes into both afterwards; empty where nothing does
/// @param larger  what makes the split larger, or an empty string
/// @param takeOff how much for all who need it; empty where nobody said how many they are
/// @param tub     what the clear tub is called
public record SplitView(int step, String text, String portion, String clear, String without, String still,
        String larger, String takeOff, String tub) {
    /// @param people how many they are for; 0 where nobody said
    public static @Nullable SplitView of(Derivation dish, List<Avoidance> avoid, long people, Format format) {
        return Split.of(dish, avoid).map(s -> of(s, dish, avoid, people, format)).orElse(null);
    }

    private static SplitView of(Split split, Derivation dish, List<Avoidance> avoid, long people, Format format) {
        var steps = dish.recipe().steps();
        var beyond = split.step() >= steps.size();
        var one = split.portion();
        var range = format.range(one);
        var between = range.isEmpty() ? "" : " (" + range + ")";
        var wait = split.further() <= split.step() ? "" : "If %s can wait for the end, it is before step %d."
                .formatted(words(split.movable(), format), Math.min(split.further(), steps.size()) + 1);
        return new SplitView(split.step() + 1, beyond ? "It goes out." : steps.get(split.step()),
                one == null ? "" : format.likely(one) + between,
                format.likely(split.clear()),
                words(split.without(), format), words(split.still(), format), wait,
                people == 0 || one == null ? ""
                        : "%s, %s".formatted(format.count(people, "portion", "portions"),
                                Format.grams(one.likelyGrams() * people)),
                dish.recipe().name() + ", " + Avoidances.inWords(avoid));
    }

    private static String words(List<Line> lines, Format format) {
        return format.list(lines.stream().map(Line::text).toList());
    }
}
