package keenfork.core.food;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
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

    /// One block of a shipped file: lines of `key: value`, a blank line after the last.
    ///
    /// @param file  the file it stands in
    /// @param line  its first line there, from 1
    /// @param cells its values by their keys
    public record Block(String file, int line, Map<String, String> cells) {
        public Block {
            cells = Map.copyOf(cells);
        }

        /// {@return the value of a key, or what stands for it where it has none}
        public String cell(String key, String otherwise) { return cells.getOrDefault(key, otherwise); }

        /// Reads a value, an empty text where the block has none, and names file, line and key where it cannot be read.
        public <T> T read(String key, Function<String, T> reader) {
            try {
                return reader.apply(cell(key, ""));
            } catch (IllegalArgumentException e) {
                throw new IllegalStateException("%s, line %d, %s: %s".formatted(file, line, key, e.getMessage()), e);
            }
        }
    }

    /// {@return the blocks of a file beside the class that reads it}
    /// @throws IllegalStateException when the file is missing, or a line is no `key: value` with one of the keys
    public static List<Block> blocks(Class<?> beside, String file, Set<String> keys) {
        var blocks = new ArrayList<Block>();
        var cells = new LinkedHashMap<String, String>();
        var lines = lines(beside, file);
        var first = 0;
        for (var at = 0; at <= lines.size(); at++) {
            var line = at == lines.size() ? "" : lines.get(at);
            if (line.startsWith("#")) continue;
            if (line.isBlank()) {
                if (!cells.isEmpty()) blocks.add(new Block(file, first, cells));
                cells.clear();
                continue;
            }
            if (cells.isEmpty()) first = at + 1;
            var colon = line.indexOf(": ");
            if (colon < 0 || !keys.contains(line.substring(0, colon))
                    || cells.put(line.substring(0, colon), line.substring(colon + 2).strip()) != null)
                throw new IllegalStateException("%s, line %d: no `key: value` of %s, each once".formatted(file, at + 1,
                        keys));
        }
        return blocks;
    }

    /// {@return the names in a file of one name a line, in order}
    public static List<String> names(Class<?> beside, String file) {
        return lines(beside, file).stream().map(String::strip).filter(l -> !l.isEmpty() && !l.startsWith("#")).toList();
    }

    /// {@return the lines of a shipped file beside a class}
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
