package keenfork.core.food;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;

/// A shipped table: one row a line, cells between bars, `#` for remarks. A broken file says where.
public final class Table {
    private Table() {}

    /// One row of a shipped table.
    ///
    /// @param file  the file it stands in
    /// @param line  its line there, from 1
    /// @param cells its cells, without blanks around them
    public record Row(String file, int line, List<String> cells) {
        public Row {
            cells = List.copyOf(cells);
        }

        /// {@return the cell, where a lone dash means empty}
        public String cell(int at) {
            var text = cells.get(at);
            return text.equals("-") ? "" : text;
        }

        /// {@return the parts of a cell between commas}
        public List<String> list(int at) {
            return Arrays.stream(cell(at).split(",")).map(String::strip).filter(s -> !s.isEmpty()).toList();
        }

        /// Reads a cell, and names file, line and column where it cannot be read.
        public <T> T read(int at, Function<String, T> reader) {
            try {
                return reader.apply(cell(at));
            } catch (IllegalArgumentException e) {
                throw new IllegalStateException(
                        "%s, line %d, column %d: %s".formatted(file, line, at + 1, e.getMessage()), e);
            }
        }
    }

    /// {@return the rows of a table beside the class that reads it}
    /// @throws IllegalStateException when the file is missing, or a row has not so many cells
    public static List<Row> read(Class<?> beside, String file, int columns) {
        var rows = new ArrayList<Row>();
        var number = 0;
        for (var line : lines(beside, file)) {
            number++;
            if (line.isBlank() || line.startsWith("#")) continue;
            var cells = Arrays.stream(line.split("\\|", -1)).map(String::strip).toList();
            if (cells.size() != columns)
                throw new IllegalStateException(
                        "%s, line %d: %d cells, not %d".formatted(file, number, cells.size(), columns));
            rows.add(new Row(file, number, cells));
        }
        return rows;
    }

    /// {@return the lines of a shipped file beside a class}
    /// {@return the names in a file of one name a line, in order}
    public static List<String> names(Class<?> beside, String file) {
        return lines(beside, file).stream().map(String::strip).filter(l -> !l.isEmpty() && !l.startsWith("#")).toList();
    }

    public static List<String> lines(Class<?> beside, String file) {
        try (var in = beside.getResourceAsStream(file)) {
            if (in == null)
                throw new IllegalStateException("%s is not shipped beside %s".formatted(file, beside.getSimpleName()));
            return new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8)).lines().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
