package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.food.Grammar;
import keenfork.core.measure.Unit;
import org.jspecify.annotations.Nullable;

/// A sheet whose columns are named: "Ingredient | Unit | Qty | Yield" over its rows. Each row is a line of a list: its
/// amount, its unit, its name, what is done to it and what it is said to contain; what is none of these, such as a
/// price or a yield, says nothing of what goes in.
final class Sheet {
    /// What stands in a column.
    private enum Column { NAME, AMOUNT, UNIT, DONE, ALLERGENS, ASIDE }

    private static final Map<String, Column> NAMED = Arrays.stream(Column.values())
            .flatMap(column -> Grammar.list("column-" + column.name().toLowerCase(Locale.ROOT)).stream()
                    .map(word -> Map.entry(word, column)))
            .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));
    /// the surest first: a comma may stand in a cell
    private static final List<String> BETWEEN = List.of("\t", "|", "  ", ",");
    private static final Pattern BESIDE = Pattern.compile("\\s{2,}");
    private static final Pattern FIGURE = Pattern.compile("\\d[\\d.,]{0,9}");
    private static final Pattern OF_MARKS = Pattern.compile("[-:=+| ]*");
    /// a name and an amount: fewer columns are no sheet
    private static final int FEWEST = 2;

    private final List<Column> columns;
    private final String between;
    /// the unit of a bare figure where the head of the amounts is one: "g" over "90"; else empty
    private final String unit;

    private Sheet(List<Column> columns, String between, String unit) {
        this.columns = columns;
        this.between = between;
        this.unit = unit;
    }

    /// {@return the lines of a recipe with the rows of each sheet in it as lines of a list; as many as before}
    static List<String> asList(List<String> written) {
        Sheet open = null;
        List<String> all = null;
        for (var at = 0; at < written.size(); at++) {
            var line = written.get(at);
            var headed = headedBy(line);
            if (headed != null) open = headed;
            if (open == null) continue;
            var row = headed == null ? open.row(line) : "";
            if (row == null) {
                if (line.isBlank()) open = null;
                continue;
            }
            if (all == null) all = new ArrayList<>(written);
            all.set(at, row);
        }
        return all == null ? written : all;
    }

    /// {@return the sheet whose columns a line names, or null where it names none}
    private static @Nullable Sheet headedBy(String line) {
        var between = between(line);
        if (between.isEmpty()) return null;
        var heads =
                cells(line, between).stream().map(c -> c.toLowerCase(Locale.ROOT).replaceFirst("[:.]$", "")).toList();
        var columns = heads.stream().map(Sheet::headed).toList();
        if (columns.size() < FEWEST || columns.contains(null) || !isOnce(columns, Column.NAME)
                || !columns.contains(Column.AMOUNT))
            return null;
        var amounts = heads.get(columns.indexOf(Column.AMOUNT));
        return new Sheet(firstOfEach(columns), between, isUnit(amounts) ? amounts : "");
    }

    private static @Nullable Column headed(String head) { return isUnit(head) ? Column.AMOUNT : NAMED.get(head); }

    private static boolean isUnit(String head) {
        var unit = Units.unit(head);
        return unit != null && (unit.kind() == Unit.Kind.WEIGHT || unit.kind() == Unit.Kind.VOLUME);
    }

    private static boolean isOnce(List<Column> columns, Column column) {
        return columns.stream().filter(column::equals).count() == 1;
    }

    /// Two columns of amounts are two sizes, or what is bought and what is left of it: the first counts.
    private static List<Column> firstOfEach(List<Column> columns) {
        var kept = new ArrayList<Column>();
        for (var column : columns) kept.add(kept.contains(column) ? Column.ASIDE : column);
        return kept;
    }

    private static String between(String line) {
        return BETWEEN.stream().filter(line::contains).findFirst().orElse("");
    }

    private static List<String> cells(String line, String between) {
        var bare = between.equals("\t") ? line : line.strip();
        if (between.equals("|") && bare.startsWith("|")) bare = bare.substring(1);
        if (between.equals("|") && bare.endsWith("|")) bare = bare.substring(0, bare.length() - 1);
        var cells = between.equals("  ") ? BESIDE.split(bare) : bare.split(Pattern.quote(between), -1);
        return Arrays.stream(cells).map(String::strip).map(Emphasis::without).toList();
    }

    /// {@return a row as a line of a list; empty for a rule between rows, null where a line is no row of this sheet}
    private @Nullable String row(String line) {
        if (line.isBlank() || !line.contains(between)) return null;
        if (OF_MARKS.matcher(line.strip()).matches()) return "";
        var cells = cells(line, between);
        // where only blanks part them, an empty cell leaves no trace
        var isWhole = between.equals("  ") ? cells.size() == columns.size() : cells.size() <= columns.size();
        if (!isWhole || cell(cells, Column.NAME).isEmpty()) return null;
        var amount = cell(cells, Column.AMOUNT);
        var unit = this.unit.isEmpty() || !FIGURE.matcher(amount).matches() ? cell(cells, Column.UNIT) : this.unit;
        var times = !amount.isEmpty() && !unit.isEmpty() && Character.isDigit(unit.charAt(0)) ? "x" : "";
        var said = Stream.of(amount, times, unit, cell(cells, Column.NAME)).filter(c -> !c.isEmpty())
                .collect(Collectors.joining(" "));
        var done = cell(cells, Column.DONE);
        var allergens = cell(cells, Column.ALLERGENS);
        return said + (done.isEmpty() || Stated.isNone(done) ? "" : ", " + done)
                + (allergens.isEmpty() || Stated.isNone(allergens) ? "" : " (contains " + allergens + ")");
    }

    private String cell(List<String> cells, Column column) {
        var at = columns.indexOf(column);
        return at < 0 || at >= cells.size() ? "" : cells.get(at);
    }
}
