package keenfork.core.covers;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import keenfork.core.covers.GuestList.Entry;
import keenfork.core.people.Avoidances;
import keenfork.core.people.FormField;
import keenfork.core.regime.RuleBook;
import org.jspecify.annotations.Nullable;

/// A list of guests as a table, out of a booking system or a spreadsheet: its first row names the columns, and what is
/// avoided stands below a heading such as "Dietary requirements".
final class GuestTable {
    private final List<String> head;
    private final RuleBook ruleBook;
    private final List<Integer> who;
    private final List<Integer> avoided;
    private final List<Integer> chosen;
    private final List<Integer> counts;
    /// whose heading nobody knows: what tells of a diet or an allergy there counts, and a name of a company does not
    private final List<Integer> others;

    private GuestTable(List<String> head, RuleBook ruleBook) {
        this.head = List.copyOf(head);
        this.ruleBook = ruleBook;
        who = IntStream.range(0, head.size()).filter(i -> GuestWords.isNameColumn(head.get(i))).boxed().toList();
        chosen = IntStream.range(0, head.size()).filter(i -> FormField.isOfDish(head.get(i))).boxed().toList();
        avoided = IntStream.range(0, head.size())
                .filter(i -> FormField.isHeading(head.get(i)) && !FormField.isOfDish(head.get(i))).boxed().toList();
        counts = IntStream.range(0, head.size()).filter(i -> GuestWords.isCountColumn(head.get(i))).boxed().toList();
        others = IntStream.range(0, head.size())
                .filter(i -> Stream.of(who, chosen, avoided, counts).noneMatch(c -> c.contains(i))).boxed().toList();
    }

    /// {@return whether a row names the columns of a list of guests: who they are, and what they avoid}
    static boolean isHead(List<String> row) {
        return row.size() > 1 && row.stream().anyMatch(GuestWords::isNameColumn)
                && row.stream().anyMatch(c -> FormField.isHeading(c) && !FormField.isOfDish(c));
    }

    /// {@return the groups of the rows below a head}
    /// @param passedOver takes the rows of who eats everything
    static List<Entry> read(List<List<String>> rows, RuleBook ruleBook, List<String> passedOver) {
        var table = new GuestTable(rows.getFirst(), ruleBook);
        var entries = new ArrayList<Entry>();
        for (var row : rows.subList(1, rows.size())) {
            var entry = table.entry(row);
            if (entry == null) passedOver.add(written(row));
            else entries.add(entry);
        }
        return entries;
    }

    private @Nullable Entry entry(List<String> row) {
        var answers = avoided.stream().filter(i -> i < row.size() && !row.get(i).isBlank())
                .map(i -> FormField.answer(head.get(i), row.get(i)));
        var told = Stream.concat(cells(row, chosen).filter(c -> GuestWords.tellsDiet(c, ruleBook)),
                cells(row, others).filter(c -> GuestWords.tellsDiet(c, ruleBook)
                        || GuestWords.isKept(c, ruleBook) && Avoidances.of(c, ruleBook).refused().isEmpty()));
        var words = Stream.concat(told, answers)
                .filter(c -> !Avoidances.of(c, ruleBook).isEmpty()).distinct().collect(Collectors.joining("; "));
        if (words.isEmpty()) return null;
        var name = cells(row, who).collect(Collectors.joining(" "));
        var many = cells(row, counts).filter(c -> c.matches("[1-9]\\d{0,4}")).mapToInt(Integer::parseInt).findFirst();
        return Entry.of(written(row), words,
                name.isEmpty() ? words : name, many.orElse(1), Avoidances.of(words, ruleBook));
    }

    private static String written(List<String> row) {
        return row.stream().filter(c -> !c.isBlank()).collect(Collectors.joining(", "));
    }

    private static Stream<String> cells(List<String> row, List<Integer> columns) {
        return columns.stream().filter(i -> i < row.size()).map(i -> row.get(i).strip()).filter(c -> !c.isEmpty());
    }
}
