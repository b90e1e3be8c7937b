package keenfork.core.pack;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/// The heads of a table of allergens: which of its columns say that one is in it, may be in it, or is not, and what
/// parts its cells.
///
/// @param between what parts two cells
/// @param count   of its cells, the first with the names
/// @param in      columns of what is in it, one at least
/// @param may     columns of precautions
/// @param no      columns of what is not in it
record ColumnHeads(Pattern between, int count, Set<Integer> in, Set<Integer> may, Set<Integer> no) {
    private static final Pattern IN = whole("column-in");
    private static final Pattern MAY = whole("column-may");
    private static final Pattern NEGATED = whole("column-no");
    static final Pattern BARS = Pattern.compile("[|\\t]");
    /// what parts cells beside bars and tabs: a table with such must have two heads that are known
    private static final List<Pattern> OTHERS =
            List.of(Pattern.compile(";"), Pattern.compile(","), Pattern.compile(" {2,}"));
    /// "Contains (Y/N)", "May contain?"
    private static final Pattern HOW = Pattern.compile("\\s*\\([^()]*\\)\\s*|[?:]\\s*$");
    private static final int LONGEST = 300;

    ColumnHeads {
        in = Set.copyOf(in);
        may = Set.copyOf(may);
        no = Set.copyOf(no);
    }

    private static Pattern whole(String kind) {
        return Pattern.compile("(?iu)\\s*(?:" + Tone.held(kind) + ")\\s*");
    }

    /// {@return the heads that a line has; null where it has none}
    /// @param isFramed whether a bar in front of it is a frame, and not the end of an empty cell over the names
    @Nullable
    static ColumnHeads of(String line, boolean isFramed) {
        if (line.length() > LONGEST) return null;
        var barred = of(line, BARS, isFramed);
        if (barred != null) return barred;
        return OTHERS.stream().map(b -> of(line, b, isFramed))
                .filter(h -> h != null && h.known().size() > 1).findFirst().orElse(null);
    }

    private static @Nullable ColumnHeads of(String line, Pattern between, boolean isFramed) {
        var cells = cells(line, between, isFramed);
        // "Nuts | yes | no" is a row
        if (cells.size() < 2 || Allergens.areAllOf(cells.getFirst().text.strip())) return null;
        var in = new HashSet<Integer>();
        var may = new HashSet<Integer>();
        var no = new HashSet<Integer>();
        IntStream.range(1, cells.size()).forEach(i -> {
            var head = HOW.matcher(cells.get(i).text).replaceAll("");
            if (MAY.matcher(head).matches()) may.add(i);
            else if (IN.matcher(head).matches()) in.add(i);
            else if (NEGATED.matcher(head).matches()) no.add(i);
        });
        return in.isEmpty() ? null : new ColumnHeads(between, cells.size(), in, may, no);
    }

    /// {@return the columns whose heads say something that is known here}
    Set<Integer> known() { return Stream.of(in, may, no).flatMap(Set::stream).collect(Collectors.toSet()); }

    /// {@return the columns of a row whose heads say nothing that is known here}
    /// @param cells of the row, the first with the name
    Set<Integer> unknown(int cells) {
        var known = known();
        return IntStream.range(1, cells).filter(i -> !known.contains(i)).boxed().collect(Collectors.toSet());
    }

    /// @param start where it begins in its line
    record Cell(String text, int start) {
        int end() { return start + text.length(); }
    }

    /// {@return the cells of a line, without the bar that a frame puts in front}
    static List<Cell> cells(String line, Pattern between, boolean isFramed) {
        var cells = new ArrayList<Cell>();
        var start = isFramed && (line.startsWith("|") || line.startsWith("\t")) ? 1 : 0;
        var bar = between.matcher(line).region(start, line.length());
        while (bar.find()) {
            cells.add(new Cell(line.substring(start, bar.start()), start));
            start = bar.end();
        }
        cells.add(new Cell(line.substring(start), start));
        return cells;
    }
}
