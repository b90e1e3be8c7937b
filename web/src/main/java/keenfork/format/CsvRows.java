package keenfork.format;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;

/// The rows of a table whose first line names its columns, as spreadsheets write it: commas, semicolons or tabs between
/// cells, and a mark before the first letter.
final class CsvRows {
    private CsvRows() {}

    /// Thrown when a text is no such table; its message is one line for the cook.
    static final class NoTable extends Exception {
        private static final long serialVersionUID = 1L;

        NoTable(String message) {
            super(message);
        }
    }

    /// {@return its rows}
    /// @param wanted  columns that must be there
    /// @param columns all that there are, in words
    /// @param most    rows taken at once
    static List<CSVRecord> of(String text, List<String> wanted, String columns, int most) throws NoTable {
        var plain = text.replace("\uFEFF", "").strip();
        var format = CSVFormat.DEFAULT.builder().setDelimiter(PackCsv.delimiter(plain.lines().findFirst().orElse("")))
                .setHeader().setSkipHeaderRecord(true).setIgnoreEmptyLines(true)
                .setIgnoreHeaderCase(true).setTrim(true).setAllowMissingColumnNames(true)
                .setDuplicateHeaderMode(DuplicateHeaderMode.ALLOW_EMPTY).get();
        try (var parser = format.parse(new StringReader(plain))) {
            var missing = wanted.stream().filter(c -> parser.getHeaderNames().stream().noneMatch(c::equalsIgnoreCase))
                    .toList();
            if (!missing.isEmpty())
                throw new NoTable("its first line must name the columns %s; missing: %s".formatted(columns,
                        String.join(", ", missing)));
            // one more tells that there are too many
            return parser.stream().limit(most + 1L).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (UncheckedIOException | IllegalArgumentException | IllegalStateException e) {
            throw new NoTable("it is no table of cells between commas: " + e.getMessage());
        }
    }

    /// {@return all cells of a text, its first line among them; nothing where it is no table}
    static List<List<String>> cells(String text) {
        var plain = text.replace("\uFEFF", "").strip();
        return rows(plain, PackCsv.delimiter(plain.lines().findFirst().orElse(""))).stream().map(Row::cells).toList();
    }

    /// A row.
    ///
    /// @param line the line of the text it ends on, from 1
    record Row(long line, List<String> cells) {}

    /// {@return all rows of a text whose cells stand between a sign; nothing where it is no table}
    static List<Row> rows(String text, char between) {
        var format = CSVFormat.DEFAULT.builder().setDelimiter(between).setIgnoreEmptyLines(true).setTrim(true).get();
        try (var parser = format.parse(new StringReader(text))) {
            var rows = new ArrayList<Row>();
            for (var entry : parser)
                rows.add(new Row(parser.getCurrentLineNumber(), entry.stream().map(PackCsv::bare).toList()));
            return rows;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (UncheckedIOException | IllegalArgumentException | IllegalStateException e) {
            // a quote in a mail opens no cell: it is read as a mail
            return List.of();
        }
    }

    /// {@return a cell as it was typed; empty where it is not there}
    static String cell(CSVRecord row, String column) {
        return row.isMapped(column) && row.isSet(column) ? PackCsv.bare(row.get(column)) : "";
    }
}
