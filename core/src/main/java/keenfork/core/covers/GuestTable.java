package keenfork.core.covers;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import keenfork.core.covers.GuestList.Entry;
import keenfork.core.food.Foods;
import keenfork.core.food.Words;
import keenfork.core.people.Avoidances;
import keenfork.core.people.Avoidances.Refused;
import keenfork.core.people.FormField;
import keenfork.core.regime.RuleBook;

/// A list of guests as a table, out of a booking system or a spreadsheet: its first row names the columns, and what is
/// avoided stands below a heading such as "Dietary requirements".
final class GuestTable {
    private static final Pattern YES_OR_NO = Pattern.compile("(?iU)\\s*(?:%s)?\\s*[?:]*$"
            .formatted(GuestWords.of("yes-or-no").stream().map(Pattern::quote).collect(Collectors.joining("|"))));
    private static final Pattern MANY = Pattern.compile("[1-9]\\d{0,4}");

    /// A column by what stands below its heading: who it is, how many they are, what they avoid, the dish they chose,
    /// a tick where the heading says what they avoid, or anything else. In that last one what tells of a diet or an
    /// allergy counts, and a name of a company does not.
    private enum Kind { WHO, MANY, AVOIDED, CHOSEN, TICKED, OTHER }

    private record Column(int at, String heading, Kind kind) {
        static Column of(int at, String written, RuleBook ruleBook) {
            var heading = YES_OR_NO.matcher(written.strip()).replaceFirst("");
            return new Column(at, heading, kind(heading, ruleBook));
        }

        private static Kind kind(String heading, RuleBook ruleBook) {
            if (GuestWords.isNameColumn(heading)) return Kind.WHO;
            if (GuestWords.isCountColumn(heading)) return Kind.MANY;
            if (FormField.isColumn(heading)) return Kind.AVOIDED;
            if (FormField.isOfDish(heading)) return Kind.CHOSEN;
            return Avoidances.of(heading, ruleBook).all().isEmpty() ? Kind.OTHER : Kind.TICKED;
        }

        boolean asks() { return kind == Kind.AVOIDED || kind == Kind.TICKED; }
    }

    /// a table of so many foods is one of allergens; of fewer it could be of what they eat
    private static final int FEWEST_ALLERGENS = 4;
    private static final List<String> BOTH = List.of("say whether they avoid it or eat it");

    private final List<Column> columns;
    private final RuleBook ruleBook;
    private final boolean mayBeEaten;

    private GuestTable(List<String> head, RuleBook ruleBook) {
        this.ruleBook = ruleBook;
        columns = IntStream.range(0, head.size()).mapToObj(i -> Column.of(i, head.get(i), ruleBook)).toList();
        var asking = columns.stream().filter(Column::asks).toList();
        mayBeEaten = asking.size() < FEWEST_ALLERGENS && asking.stream()
                .allMatch(c -> c.kind == Kind.TICKED && Foods.shipped().meaning(Words.key(c.heading)).isPresent());
    }

    /// {@return whether a row names the columns of a list of guests: who they are, and what they avoid}
    static boolean isHead(List<String> row, RuleBook ruleBook) {
        return row.size() > 1 && row.stream().anyMatch(GuestWords::isNameColumn)
                && new GuestTable(row, ruleBook).columns.stream().anyMatch(Column::asks);
    }

    /// {@return the groups of the rows below a head}
    /// @param passedOver takes the rows of who eats everything
    static List<Entry> read(List<List<String>> rows, RuleBook ruleBook, List<String> passedOver) {
        var table = new GuestTable(rows.getFirst(), ruleBook);
        var entries = new ArrayList<Entry>();
        for (var row : rows.subList(1, rows.size())) {
            var groups = table.isCounted(row) ? table.counted(row) : table.guest(row);
            if (groups.isEmpty()) passedOver.add(written(row));
            entries.addAll(groups);
        }
        return entries;
    }

    /// "Head office, 3, 1" below "Vegan" and "Coeliac": so many of each, and no ticks
    private boolean isCounted(List<String> row) {
        return cells(row, Kind.TICKED).anyMatch(c -> MANY.matcher(c.text).matches() && !FormField.isTicked(c.text));
    }

    private List<Entry> counted(List<String> row) {
        return cells(row, Kind.TICKED).filter(c -> !FormField.isUnticked(c.text)).map(c -> {
            var isMany = MANY.matcher(c.text).matches();
            return entry(row, isMany ? c.column.heading : ticked(c), isMany ? Integer.parseInt(c.text) : 1);
        }).toList();
    }

    private List<Entry> guest(List<String> row) {
        var told = new ArrayList<String>();
        cells(row, Kind.CHOSEN).map(Cell::text).filter(c -> GuestWords.tellsDiet(c, ruleBook)).forEach(told::add);
        cells(row, Kind.OTHER).map(Cell::text).filter(this::isOfGuest).forEach(told::add);
        cells(row, Kind.TICKED).filter(c -> !FormField.isUnticked(c.text)).map(this::ticked).forEach(told::add);
        cells(row, Kind.AVOIDED).filter(c -> !FormField.isTicked(c.text))
                .map(c -> FormField.answer(c.column.heading, c.text))
                .filter(c -> !Avoidances.of(c, ruleBook).isEmpty()).forEach(told::add);
        // "Allergies: Y", and nothing tells which
        if (told.isEmpty())
            cells(row, Kind.AVOIDED).filter(c -> FormField.isTicked(c.text)).map(c -> c.column.heading)
                    .forEach(told::add);
        var denied = mayBeEaten ? cells(row, Kind.TICKED).filter(c -> FormField.isDenied(c.text)).toList()
                : List.<Cell>of();
        if (told.isEmpty() && denied.isEmpty()) return List.of();
        var many = cells(row, Kind.MANY).map(Cell::text).filter(c -> MANY.matcher(c).matches())
                .mapToInt(Integer::parseInt).findFirst();
        var entry = entry(row, told.stream().distinct().collect(Collectors.joining("; ")), many.orElse(1));
        return List.of(denied.isEmpty() ? entry : asked(entry, denied));
    }

    /// "Milk: no" is said of who eats none, and of who is not allergic to it
    private static Entry asked(Entry entry, List<Cell> denied) {
        var refused = Stream.concat(entry.group().avoided().refused().stream(),
                denied.stream().map(c -> new Refused(c.column.heading + ": " + c.text, BOTH))).toList();
        var words = denied.stream().map(c -> c.column.heading + ": " + c.text).collect(Collectors.joining("; "));
        return Entry.of(entry.text(), entry.words().isEmpty() ? words : entry.words() + "; " + words,
                entry.group().name().isEmpty() ? words : entry.group().name(), entry.group().people(),
                new Avoidances(entry.group().avoided().said(), refused));
    }

    /// "Nuts: severe"
    private String ticked(Cell cell) {
        return FormField.isTicked(cell.text) ? cell.column.heading : cell.column.heading + ", " + cell.text;
    }

    private boolean isOfGuest(String cell) {
        return GuestWords.tellsDiet(cell, ruleBook)
                || GuestWords.isKept(cell, ruleBook) && Avoidances.of(cell, ruleBook).refused().isEmpty();
    }

    private Entry entry(List<String> row, String words, int people) {
        var name = cells(row, Kind.WHO).map(Cell::text).collect(Collectors.joining(" "));
        return Entry.of(written(row), words, name.isEmpty() ? words : name, people, Avoidances.of(words, ruleBook));
    }

    private static String written(List<String> row) {
        return row.stream().filter(c -> !c.isBlank()).collect(Collectors.joining(", "));
    }

    private record Cell(Column column, String text) {}

    /// the cells of a row below headings of a kind that say something
    private Stream<Cell> cells(List<String> row, Kind kind) {
        return columns.stream().filter(c -> c.kind == kind && c.at < row.size())
                .map(c -> new Cell(c, row.get(c.at).strip())).filter(c -> !c.text.isEmpty());
    }
}
