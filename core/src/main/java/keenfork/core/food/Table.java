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

/// A shipped table: one row a line, cells between bars, `#` for remarks; a row that is too long for a page goes on on
/// indented lines. A broken file says where.
public final class Table {
    private Table() {}

    /// One line of a shipped file, with what goes on indented below it.
    ///
    /// @param number where it begins, from 1
    /// @param text   what it says, the indented lines joined to it by one blank each; behind a broken bar, which stands
    ///               in a pattern, by none
    public record Line(int number, String text) {
        /// {@return whether it says nothing: a blank line, or a remark}
        public boolean isSilent() { return text.isBlank() || text.startsWith("#"); }

        private Line and(String more) {
            return new Line(number, text + (text.endsWith("¦") ? "" : " ") + more.strip());
        }
    }

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
        for (var line : lines(beside, file)) {
            if (line.isSilent()) continue;
            var cells = Arrays.stream(line.text.split("\\|", -1)).map(String::strip).toList();
            if (cells.size() != columns)
                throw new IllegalStateException(
                        "%s, line %d: %d cells, not %d".formatted(file, line.number, cells.size(), columns));
            rows.add(new Row(file, line.number, cells));
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
        var lines = new ArrayList<>(lines(beside, file));
        lines.add(new Line(lines.size() + 1, ""));
        var first = 0;
        for (var line : lines) {
            if (line.text.startsWith("#")) continue;
            if (line.text.isBlank()) {
                if (!cells.isEmpty()) blocks.add(new Block(file, first, cells));
                cells.clear();
                continue;
            }
            if (cells.isEmpty()) first = line.number;
            var colon = line.text.indexOf(": ");
            if (colon < 0 || !keys.contains(line.text.substring(0, colon))
                    || cells.put(line.text.substring(0, colon), line.text.substring(colon + 2).strip()) != null)
                throw new IllegalStateException("%s, line %d: no `key: value` of %s, each once".formatted(file,
                        line.number, keys));
        }
        return blocks;
    }

    /// {@return the names in a file of one name a line, in order}
    public static List<String> names(Class<?> beside, String file) {
        return lines(beside, file).stream().filter(l -> !l.isSilent()).map(l -> l.text.strip()).toList();
    }

    /// {@return the lines of a shipped file beside a class, or at a path that begins with a slash}
    /// @throws IllegalStateException when the file is missing, or an indented line has none above it to go on with
    public static List<Line> lines(Class<?> beside, String file) {
        var lines = new ArrayList<Line>();
        try (var in = beside.getResourceAsStream(file)) {
            if (in == null)
                throw new IllegalStateException("%s is not shipped beside %s".formatted(file, beside.getSimpleName()));
            var reader = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8));
            var number = 0;
            for (var text = reader.readLine(); text != null; text = reader.readLine()) {
                number++;
                if (!text.startsWith(" ") || text.isBlank()) lines.add(new Line(number, text));
                else if (lines.isEmpty() || lines.getLast().isSilent())
                    throw new IllegalStateException("%s, line %d: nothing to go on with".formatted(file, number));
                else lines.set(lines.size() - 1, lines.getLast().and(text));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return lines;
    }
}
