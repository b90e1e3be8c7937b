package keenfork.core.recipe;

import java.util.BitSet;
import java.util.List;

/// Steps that only their bullets tell from the list above them: "feta" and "dressing" without, then "- mix the grains
/// warm" and "- feta goes on at service".
///
/// Where most of the lines with a bullet begin with what is done, or go on as a step does, all of them are steps; a
/// line with an amount in front never is.
final class BulletedSteps {
    /// so many lines without a bullet make a list, and so many with one what is done with it
    private static final int FEWEST = 2;

    private BulletedSteps() {}

    /// {@return the numbers of the lines that are such steps}
    /// @param written the lines of a recipe, its name first
    static BitSet in(List<String> written) {
        var steps = new BitSet();
        if (written.stream().noneMatch(l -> isBulleted(l.stripLeading()))) return steps;
        var lines = written.stream().map(Pasted::plain).toList();
        var first = 0;
        var listed = -1;
        while (first < lines.size() && !isBulleted(lines.get(first))) if (!lines.get(first++).isEmpty()) listed++;
        if (listed < FEWEST) return steps;
        var end = first;
        while (end < lines.size() && isBulleted(lines.get(end))) end++;
        var told = lines.subList(first, end).stream().filter(l -> StepLine.mayBe(Bullets.withoutBullet(l))).count();
        if (told < FEWEST || told * 2 <= end - first) return steps;
        for (var at = first; at < end; at++)
            if (!StepLine.isMeasured(Bullets.withoutBullet(lines.get(at)))) steps.set(at);
        return steps;
    }

    private static boolean isBulleted(String line) { return !line.isEmpty() && Bullets.isBulleted(line); }
}
