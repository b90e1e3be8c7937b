package keenfork.core.pack;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/// The table of a supplier's specification with a column for each answer, "Allergen | Contains | May contain", and a
/// cross or a tick in it.
///
/// A row without a mark says that its allergen is not in it, but only where another row has one: ticks that are
/// pictures are lost when a table is pasted, and then nothing is denied. What stands in a cell and is neither a mark
/// nor a blank leaves its row to be read as any text is.
final class AllergenColumns {
    private static final Pattern IN = whole("column-in");
    private static final Pattern MAY = whole("column-may");
    private static final Pattern NEGATED = whole("column-no");
    private static final Pattern MARK = whole("column-mark");
    private static final Pattern BLANK = whole("column-blank");
    private static final Pattern BETWEEN = Pattern.compile("[|\\t]");
    /// "yes (wheat)"
    private static final Pattern NAMED = Pattern.compile("\\([^()]*\\)\\s*$");
    private static final int NONE = -1;
    /// so many rows make a table
    private static final int TABLE = 2;

    private AllergenColumns() {}

    private static Pattern whole(String kind) {
        return Pattern.compile("(?iu)\\s*(?:" + Tone.held(kind) + ")\\s*");
    }

    /// Which column says what; -1 for none.
    private record Heads(int in, int may, int no) {}

    /// {@return the rows of a text, in its order; none where it has no such table}
    static List<AnsweredRows.Row> of(String text) {
        var rows = new ArrayList<AnsweredRows.Row>();
        Heads heads = null;
        for (int start = 0, end; start < text.length(); start = end + 1) {
            end = text.indexOf('\n', start);
            if (end < 0) end = text.length();
            var line = text.substring(start, end);
            if (line.indexOf('|') < 0 && line.indexOf('\t') < 0) {
                if (!Allergens.areAllOf(line.strip())) heads = null;
                continue;
            }
            var frame = BETWEEN.matcher(line).lookingAt() ? 1 : 0;
            var cells = BETWEEN.split(line.substring(frame), -1);
            var found = heads(cells);
            if (found != null) heads = found;
            var tone = heads == null || found != null || !Allergens.areAllOf(cells[0].strip()) ? null
                    : tone(cells, heads);
            if (tone == null || heads == null) continue;
            // "Nuts | no | yes (hazelnut)": which of them may be in it
            rows.add(new AnsweredRows.Row(tone, start + frame,
                    start + frame + (tone == Tone.MAY ? until(cells, heads.may) : cells[0].length())));
        }
        var isMarked = rows.stream().anyMatch(r -> r.tone() != Tone.NEGATED);
        return rows.size() < TABLE || !isMarked ? List.of() : rows;
    }

    private static @Nullable Heads heads(String[] cells) {
        int in = NONE, may = NONE, no = NONE;
        for (var i = 1; i < cells.length; i++) {
            if (MAY.matcher(cells[i]).matches()) may = i;
            else if (IN.matcher(cells[i]).matches()) in = i;
            else if (NEGATED.matcher(cells[i]).matches()) no = i;
        }
        return in == NONE ? null : new Heads(in, may, no);
    }

    /// {@return what a row says; null where that is not plain}
    private static @Nullable Tone tone(String[] cells, Heads heads) {
        var in = isMarked(cells, heads.in);
        var may = isMarked(cells, heads.may);
        var no = isMarked(cells, heads.no);
        if (in == null || may == null || no == null || (in || may) && no) return null;
        if (in) return Tone.IN;
        if (may) return Tone.MAY;
        // where a column says no, what has no mark at all was not filled in
        return heads.no == NONE || no ? Tone.NEGATED : null;
    }

    private static int until(String[] cells, int column) {
        return Arrays.stream(cells).limit(column + 1L).mapToInt(String::length).sum() + column;
    }

    /// {@return whether a cell is marked; null where nobody can say}
    private static @Nullable Boolean isMarked(String[] cells, int column) {
        if (column == NONE) return false;
        if (column >= cells.length) return null;
        if (MARK.matcher(NAMED.matcher(cells[column]).replaceFirst("")).matches()) return true;
        return BLANK.matcher(cells[column]).matches() ? false : null;
    }
}
