package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import keenfork.core.food.Grammar;

/// Columns for batches of several sizes beside each other: "x1", "x5" over "200 g", "1 kg". Only the first is read: the
/// others say the same once more.
final class Scales {
    private static final Pattern BETWEEN = Pattern.compile("\\s*(?:\\t|\\||\\s{2,})\\s*");
    private static final Pattern EATERS =
            Pattern.compile("(?i)(?:for )?\\d{1,5}\\s?(?:" + Grammar.anyOf("eater") + ")");
    private static final Pattern SCALE =
            Pattern.compile("(?i)[x×]\\s?\\d{1,4}|\\d{1,4}\\s?[x×]|(?:for )?\\d{1,5}|" + EATERS.pattern());
    private static final Pattern COLUMN = Pattern.compile("(?i)(?:" + Grammar.anyOf("column") + ")");

    private Scales() {}

    /// {@return the lines of a recipe with the first of such columns alone; the lines themselves where there are none}
    static List<String> first(List<String> written) {
        for (var at = 0; at < written.size(); at++) {
            var cells = cells(written.get(at));
            var sizes = cells.size() > 2 && !SCALE.matcher(cells.getFirst()).matches()
                    ? cells.subList(1, cells.size()) : cells;
            if (sizes.size() < 2 || !sizes.stream().allMatch(c -> SCALE.matcher(c).matches())) continue;
            var below = written.subList(at + 1, written.size()).stream().map(l -> first(l, sizes.size())).toList();
            if (below.equals(written.subList(at + 1, written.size()))) continue;
            var all = new ArrayList<>(written.subList(0, at));
            all.add(headline(cells, sizes));
            all.addAll(below);
            return all;
        }
        return written;
    }

    /// {@return what stays of the line over the columns: a name before them, or how many the first is for}
    private static String headline(List<String> cells, List<String> sizes) {
        var isNamed = cells.size() > sizes.size() && !COLUMN.matcher(cells.getFirst()).matches();
        if (isNamed) return cells.getFirst();
        return EATERS.matcher(sizes.getFirst()).matches() ? sizes.getFirst() : "";
    }

    /// "Cashews | 200 g | 1 kg" is "Cashews 200 g": a name, and an amount for each size
    private static String first(String line, int sizes) {
        var cells = cells(line);
        return cells.size() == sizes + 1 && !startsWithFigure(cells.getFirst())
                && cells.stream().skip(1).allMatch(Scales::startsWithFigure)
                        ? cells.getFirst() + " " + cells.get(1) : line;
    }

    private static boolean startsWithFigure(String cell) { return Numbers.at(cell, 0) != null; }

    private static List<String> cells(String line) {
        if (line.indexOf('\t') < 0 && line.indexOf('|') < 0 && !line.contains("  ")) return List.of();
        return Arrays.stream(BETWEEN.split(line.strip())).filter(c -> !c.isEmpty()).toList();
    }
}
