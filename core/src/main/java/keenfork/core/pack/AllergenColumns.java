package keenfork.core.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import keenfork.core.pack.ColumnHeads.Cell;
import org.jspecify.annotations.Nullable;

/// The table of a supplier's specification with a column for each answer, "Allergen | Contains | May contain", and a
/// cross, a tick or a word in it.
///
/// A row without a mark says that its allergen is not in it, but only where another row has one: ticks that are
/// pictures are lost when a table is pasted, and then nothing is denied. A row whose cells are neither marks nor blanks
/// is not plain, and what it names is in it.
final class AllergenColumns {
    private static final Pattern MARK = whole("column-mark");
    private static final Pattern BLANK = whole("column-blank");
    private static final Pattern TICK = Tone.pattern("column-tick");
    private static final Pattern CROSS = whole("column-cross");
    /// "yes (wheat)"
    private static final Pattern NAMED = Pattern.compile("\\([^()]*\\)\\s*$");
    /// so many rows make a table
    private static final int TABLE = 2;
    /// and so many cells behind a name are answers, whatever stands over them
    private static final int FEWEST_ANSWERS = 2;

    private final String text;
    /// a cross beside a tick says no
    private final boolean hasTicks;
    /// a mark or a word stands in a cell somewhere: they are not lost
    private boolean isAnswered;
    /// lines that name an allergen and answer something
    private int seen;
    private final List<AnsweredRows.Row> rows = new ArrayList<>();
    /// cells with a word in them: they name nothing
    private final List<AnsweredRows.Row> words = new ArrayList<>();

    private AllergenColumns(String text) {
        this.text = text;
        this.hasTicks = TICK.matcher(text).find();
    }

    private static Pattern whole(String kind) {
        return Pattern.compile("(?iu)\\s*(?:" + Tone.held(kind) + ")\\s*");
    }

    /// {@return the rows of a text, in its order; none where it has no such table}
    static List<AnsweredRows.Row> of(String text) { return new AllergenColumns(text).read(); }

    private List<AnsweredRows.Row> read() {
        ColumnHeads heads = null;
        for (int start = 0, end; start < text.length(); start = end + 1) {
            end = text.indexOf('\n', start);
            if (end < 0) end = text.length();
            var line = text.substring(start, end);
            var found = ColumnHeads.of(line, text.startsWith("|", end + 1) || text.startsWith("\t", end + 1));
            if (found != null) {
                heads = found;
                continue;
            }
            var cells = ColumnHeads.cells(line, heads == null ? ColumnHeads.BARS : heads.between(), true);
            if (cells.size() > 1 && Allergens.areAllOf(cells.getFirst().text().strip())) row(cells, heads, start);
            else if (cells.size() < 2 && !Allergens.areAllOf(line.strip())) heads = null;
        }
        if (seen < TABLE || !isAnswered) return List.of();
        rows.addAll(words);
        return rows;
    }

    private void row(List<Cell> cells, @Nullable ColumnHeads heads, int start) {
        seen++;
        var tone = heads == null ? ofUnknownHeads(cells) : tone(cells, heads);
        if (tone == null) return;
        // "Nuts | no | yes (hazelnut)": which of them may be in it
        var end = cells.getFirst().end();
        for (var cell : cells.subList(1, cells.size())) {
            var isWord = cell.text().chars().anyMatch(Character::isLetterOrDigit);
            var isAnswer = MARK.matcher(cell.text()).matches() || BLANK.matcher(cell.text()).matches();
            isAnswered |= isMarked(cell) || isAnswer && isWord;
            if (tone == Tone.MAY && !isAnswer && isMarked(cell)) end = cell.end();
            else if (isAnswer && isWord)
                words.add(new AnsweredRows.Row(Tone.NEGATED, start + cell.start(), start + cell.end()));
        }
        rows.add(new AnsweredRows.Row(tone, start + cells.getFirst().start(), start + end));
    }

    /// {@return what a row says below heads that nobody knows, "Nuts | no | yes": that they may be in it, or are, where
    /// the first answer says so; null where none says yes}
    private @Nullable Tone ofUnknownHeads(List<Cell> cells) {
        var answers = cells.subList(1, cells.size());
        if (answers.size() < FEWEST_ANSWERS || answers.stream().noneMatch(this::isMarked)) return null;
        return isBlank(answers.getFirst()) ? Tone.MAY : Tone.IN;
    }

    private Tone tone(List<Cell> cells, ColumnHeads heads) {
        // a row with cells too few, or a cell that is no answer
        if (cells.size() < heads.count() && !isLongEnough(cells, heads) || !isPlain(cells, heads)) return Tone.IN;
        var no = isMarked(cells, heads.no());
        if (isMarked(cells, heads.in())) return Tone.IN;
        if (isMarked(cells, heads.may())) return no ? Tone.IN : Tone.MAY;
        if (isMarked(cells, heads.unknown(cells.size()))) return Tone.MAY;
        // where a column says no, what has no mark at all was not filled in
        return heads.no().isEmpty() || no ? Tone.NEGATED : Tone.IN;
    }

    /// a last column that nobody knows, such as remarks, may be missing
    private static boolean isLongEnough(List<Cell> cells, ColumnHeads heads) {
        return heads.between().equals(ColumnHeads.BARS)
                && heads.known().stream().allMatch(column -> column < cells.size());
    }

    private boolean isPlain(List<Cell> cells, ColumnHeads heads) {
        return heads.known().stream().allMatch(column -> isMarked(cells.get(column)) || isBlank(cells.get(column)));
    }

    private boolean isMarked(List<Cell> cells, Set<Integer> columns) {
        return columns.stream().anyMatch(column -> isMarked(cells.get(column)));
    }

    private boolean isMarked(Cell cell) {
        return MARK.matcher(NAMED.matcher(cell.text()).replaceFirst("")).matches() && !isCross(cell);
    }

    private boolean isBlank(Cell cell) { return BLANK.matcher(cell.text()).matches() || isCross(cell); }

    private boolean isCross(Cell cell) { return hasTicks && CROSS.matcher(cell.text()).matches(); }
}
