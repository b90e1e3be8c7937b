package keenfork.web.swap;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import keenfork.core.swap.Move;
import keenfork.core.swap.Plan;
import keenfork.web.page.Format;

/// What goes in by weight, drawn as a bar: what stays, then what is changed.
///
/// @param name     whose it is
/// @param total    what goes in
/// @param segments its segments from the left
record MassBar(String name, String total, List<Segment> segments) {
    private static final double WHOLE = 100;
    private static final double WIDE = 13;

    /// One stretch of a bar.
    ///
    /// @param x     where it begins, in hundredths of the longer bar
    /// @param width how long it is
    /// @param kind  `same`, or `to` with a number that tells neighbours apart
    /// @param name  what it is
    /// @param label the same where there is room to write it, else an empty string
    record Segment(double x, double width, String kind, String name, String label) {}

    static List<MassBar> of(Recipe before, Plan plan, int number, Format format) {
        var was = plan.moves().stream().filter(m -> !(m instanceof Move.ReadPack)).map(Move::line).toList();
        var is = plan.moves().stream().filter(m -> !(m instanceof Move.ReadPack)).flatMap(m -> m.goesIn().stream())
                .toList();
        var after = plan.after().recipe();
        var scale = Math.max(before.mass().likelyGrams(), after.mass().likelyGrams());
        if (scale <= 0) return List.of();
        return List.of(bar("As written", before, was, scale, format), bar("Plan " + number, after, is, scale, format));
    }

    private static MassBar bar(String name, Recipe recipe, List<Line> changed, double scale, Format format) {
        var segments = new ArrayList<Segment>();
        var of = changed.stream().map(MassBar::grams).reduce(0.0, Double::sum);
        var x = segment(segments, 0, (recipe.mass().likelyGrams() - of) / scale * WHOLE, "same", "as before");
        for (var line : changed)
            x = segment(segments, x, grams(line) / scale * WHOLE, "to" + segments.size() % 2,
                    PlansView.food(line) + ", " + format.likely(line.mass()));
        return new MassBar(name, format.likely(recipe.mass()), segments);
    }

    private static double grams(Line line) { return line.weighed().map(m -> m.likelyGrams()).orElse(0.0); }

    private static double segment(List<Segment> segments, double x, double width, String kind, String name) {
        if (width <= 0) return x;
        segments.add(
                new Segment(tenths(x), tenths(width), kind, name, width >= WIDE ? name.replaceFirst(", .*", "") : ""));
        return x + width;
    }

    private static double tenths(double figure) { return Math.round(figure * 10) / 10.0; }
}
