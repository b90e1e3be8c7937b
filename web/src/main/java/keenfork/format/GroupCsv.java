package keenfork.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import keenfork.core.covers.GuestGroup;
import keenfork.core.covers.GuestList;
import keenfork.core.people.Avoidances;
import keenfork.core.regime.RuleBook;
import org.apache.commons.csv.CSVRecord;

/// Groups of guests as a table: `name, count, avoids, strictness`. What they avoid is in their own words; `recipe`
/// makes it what the recipe puts in, `traces`, which is usual, counts a trace.
public final class GroupCsv {
    /// groups taken at once
    public static final int MOST = 1_000;
    /// as people say it themselves
    private static final String TRACES_PASS = " (traces ok)";
    private static final int MOST_PEOPLE = 100_000;

    private GroupCsv() {}

    /// Thrown when a text is no such table; its message is one line for the cook.
    public static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1L;

        Unreadable(String message) {
            super(message);
        }
    }

    /// a row to write: what they avoid is in their own words
    public record Cells(String name, int people, String avoids) {}

    /// {@return a table that [#read] reads, and no spreadsheet takes a cell of for a formula}
    public static String write(List<Cells> groups) {
        return PackCsv.table(List.of("name", "count", "avoids", "strictness"),
                groups.stream().map(g -> List.of(g.name, String.valueOf(g.people), g.avoids, "traces")).toList());
    }

    /// {@return the groups of a table whose first line names its columns}
    /// @throws Unreadable when a column is missing, a count is no number of people, or a strictness is none of the two
    public static List<GuestList.Entry> read(String text, RuleBook ruleBook) throws Unreadable {
        var groups = new ArrayList<GuestList.Entry>();
        for (var row : rows(text)) {
            if (groups.size() == MOST) throw new Unreadable("more than %d groups".formatted(MOST));
            groups.add(group(row, ruleBook));
        }
        if (groups.isEmpty()) throw new Unreadable("it names no group");
        return groups;
    }

    /// {@return the guests of a table with its own headings, such as a booking system writes; nothing where a text is
    /// no such table}
    public static Optional<GuestList> guests(String text, RuleBook ruleBook) {
        var rows = CsvRows.cells(text);
        return GuestList.isTable(rows, ruleBook) ? Optional.of(GuestList.ofTable(rows, ruleBook)) : Optional.empty();
    }

    private static List<CSVRecord> rows(String text) throws Unreadable {
        try {
            return CsvRows.of(text, List.of("name", "count", "avoids"), "name, count, avoids and strictness", MOST);
        } catch (CsvRows.NoTable e) {
            throw new Unreadable(String.valueOf(e.getMessage()));
        }
    }

    private static GuestList.Entry group(CSVRecord row, RuleBook ruleBook) throws Unreadable {
        var count = CsvRows.cell(row, "count");
        if (!count.matches("\\d{1,6}") || Integer.parseInt(count) < 1 || Integer.parseInt(count) > MOST_PEOPLE)
            throw new Unreadable("line %d: a count is a whole number of people from 1, not \"%s\"".formatted(
                    row.getRecordNumber() + 1, count));
        var words = CsvRows.cell(row, "avoids");
        var avoided = Avoidances.of(words, ruleBook);
        var name = CsvRows.cell(row, "name");
        var people = Integer.parseInt(count);
        return switch (CsvRows.cell(row, "strictness").toLowerCase(Locale.ROOT)) {
            case "", "traces" -> new GuestList.Entry(name, words, new GuestGroup(name, people, avoided));
            case "recipe" -> new GuestList.Entry(name, words.isEmpty() ? words : words + TRACES_PASS,
                    new GuestGroup(name, people, avoided.recipeOnly()));
            default -> throw new Unreadable("line %d: strictness is traces or recipe, not \"%s\"".formatted(
                    row.getRecordNumber() + 1, CsvRows.cell(row, "strictness")));
        };
    }
}
