package keenfork.format;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;

/// Packs as a table: `food, name, bar code, printed under, read on, declaration`. Written so that no spreadsheet takes
/// a cell for a formula.
public final class PackCsv {
    /// rows taken at once; a larder holds a few hundred packs
    public static final int MOST_ROWS = 5_000;
    static final List<String> HEAD =
            List.of("food", "name", "bar code", "printed under", "read on", "declaration");
    private static final List<String> NEEDED = List.of("food", "declaration");
    private static final String FORMULA = "=+-@\t\r\n＝＋－＠";
    private static final char SHIELD = '\'';

    /// One row.
    ///
    /// @param number the line of the file it starts on, from 1
    /// @param cells  its cells by the names of [#write]'s heading, in lower case; a cell that is not there is left out
    public record PackRecord(long number, Map<String, String> cells) {
        public String cell(String name) { return cells.getOrDefault(name, ""); }
    }

    /// Thrown when a text is no such table; its message is one line for the cook.
    public static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1L;

        Unreadable(String message) {
            super(message);
        }
    }

    private PackCsv() {}

    /// {@return whether the first line of a text names the columns of this table, and not those of a supplier's}
    public static boolean isOwn(String text) {
        var head = text.replace("\uFEFF", "").lines().filter(l -> !l.isBlank()).findFirst().orElse("");
        var names = CsvRows.rows(head, delimiter(head)).stream().flatMap(r -> r.cells().stream())
                .map(c -> c.toLowerCase(Locale.ROOT)).toList();
        return names.containsAll(NEEDED) && names.stream().allMatch(c -> c.isEmpty() || HEAD.contains(c));
    }

    /// {@return the rows of a table whose first line names its columns; commas, semicolons or tabs between cells}
    /// @throws Unreadable when a column is missing, a quote does not end, or there are too many rows
    public static List<PackRecord> read(String text) throws Unreadable {
        var head = text.lines().filter(l -> !l.isBlank()).findFirst().orElseThrow(() -> new Unreadable("It is empty."));
        var format = CSVFormat.DEFAULT.builder().setDelimiter(delimiter(head)).setHeader().setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true).setIgnoreHeaderCase(true).setTrim(true)
                .setAllowMissingColumnNames(true).setDuplicateHeaderMode(DuplicateHeaderMode.ALLOW_EMPTY).get();
        try (var parser = format.parse(new StringReader(text.stripLeading()))) {
            var missing = NEEDED.stream()
                    .filter(c -> parser.getHeaderNames().stream().noneMatch(c::equalsIgnoreCase)).toList();
            if (!missing.isEmpty())
                throw new Unreadable("Its first line must name the columns; missing: %s. The columns are: %s."
                        .formatted(String.join(", ", missing), String.join(", ", HEAD)));
            var rows = new ArrayList<PackRecord>();
            for (var entry : parser) {
                if (rows.size() == MOST_ROWS)
                    throw new Unreadable("It has more than %,d rows. Cut it in two.".formatted(MOST_ROWS));
                rows.add(row(entry, parser.getCurrentLineNumber(), parser.getHeaderNames()));
            }
            return List.copyOf(rows);
        } catch (IOException | UncheckedIOException | IllegalArgumentException | IllegalStateException e) {
            throw new Unreadable(
                    ("It cannot be read as a table: %s. Check that every quote has its partner, and that no column is "
                            + "named twice.")
                                    .formatted(plain(e)));
        }
    }

    private static String plain(Exception e) {
        var cause = e.getCause() == null ? e : e.getCause();
        return String.valueOf(cause.getMessage()).lines().findFirst().orElse("").replaceFirst("\\.$", "");
    }

    private static PackRecord row(CSVRecord entry, long line, List<String> names) {
        var cells = new HashMap<String, String>();
        for (var name : names)
            if (entry.isSet(name)) cells.put(name.toLowerCase(Locale.ROOT).strip(), bare(entry.get(name)));
        return new PackRecord(line, Map.copyOf(cells));
    }

    /// {@return what stands between the cells of a heading: a comma, a semicolon or a tab}
    static char delimiter(String head) {
        var found = ',';
        for (var c : new char[] {';', '\t'}) if (count(head, c) > count(head, found)) found = c;
        return found;
    }

    private static long count(String text, char c) { return text.chars().filter(x -> x == c).count(); }

    /// {@return the table, its heading first; rows hold the cells in the heading's order}
    public static String write(List<List<String>> rows) { return table(HEAD, rows); }

    /// {@return any table as text in which no cell starts a formula}
    public static String table(List<String> head, List<List<String>> rows) {
        var out = new StringWriter();
        try (var printer = CSVFormat.DEFAULT.print(out)) {
            printer.printRecord(head);
            for (var row : rows) printer.printRecord(row.stream().map(PackCsv::shielded).toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static String shielded(String cell) {
        var first = cell.stripLeading();
        var isFormula = !cell.isEmpty()
                && (FORMULA.indexOf(cell.charAt(0)) >= 0 || !first.isEmpty() && FORMULA.indexOf(first.charAt(0)) >= 0);
        return isFormula || !cell.isEmpty() && cell.charAt(0) == SHIELD ? SHIELD + cell : cell;
    }

    static String bare(String cell) {
        return !cell.isEmpty() && cell.charAt(0) == SHIELD ? cell.substring(1) : cell;
    }
}
