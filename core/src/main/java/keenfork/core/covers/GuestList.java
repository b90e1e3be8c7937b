package keenfork.core.covers;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.people.Avoidances;
import keenfork.core.regime.RuleBook;

/// A whole list of guests as it comes in a mail: "4 vegan, 2 coeliac, 1 sesame + egg, table 6: nut allergy, the rest
/// eat everything".
///
/// @param entries each group as it was read, in order
/// @param isWhole whether all of it was read; false where there are more groups than are taken at once
/// @param passedOver what tells of nobody who avoids anything: greetings, totals, who eats everything, names with
/// nothing behind them
public record GuestList(List<Entry> entries, boolean isWhole, List<String> passedOver) {
    /// groups taken at once
    public static final int MOST = 200;
    private static final int LONGEST_NAME = 60;

    /// One group of the list.
    ///
    /// @param text  as written
    /// @param words what they avoid, as written
    /// @param group as understood; its refused words are told
    public record Entry(String text, String words, GuestGroup group) {
        static Entry of(String text, String words, String name, int people, Avoidances avoided) {
            var shown = name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
            return new Entry(text, words, new GuestGroup(shown, people, avoided));
        }
    }

    public GuestList {
        entries = List.copyOf(entries);
        passedOver = List.copyOf(passedOver);
    }

    /// {@return a list whose groups were told one by one}
    public static GuestList of(List<Entry> entries) { return new GuestList(entries, true, List.of()); }

    /// {@return whether the first row of a table names who the guests are, and what they avoid}
    public static boolean isTable(List<List<String>> rows, RuleBook ruleBook) {
        return !rows.isEmpty() && GuestTable.isHead(rows.getFirst(), ruleBook);
    }

    /// Reads a table whose first row names its columns; who eats everything is left out.
    public static GuestList ofTable(List<List<String>> rows, RuleBook ruleBook) {
        var passedOver = new ArrayList<String>();
        var entries = GuestTable.read(rows, ruleBook, passedOver);
        return new GuestList(entries.subList(0, Math.min(MOST, entries.size())), entries.size() <= MOST, passedOver);
    }

    /// Reads a list; who eats everything is left out, and nobody else is.
    public static GuestList read(String text, RuleBook ruleBook) {
        var rows = GuestRows.of(text, ruleBook);
        if (isTable(rows, ruleBook)) return ofTable(rows, ruleBook);
        var entries = new ArrayList<Entry>();
        var parted = GuestPieces.of(text, ruleBook);
        var passedOver = new ArrayList<String>();
        var reader = new GroupReader(ruleBook);
        for (var piece : parted.all()) {
            var entry = reader.read(piece);
            if (entry == null) {
                passedOver.add(piece.written());
                continue;
            }
            if (entries.size() == MOST) return new GuestList(entries, false, passedOver);
            entries.add(entry);
        }
        passedOver.addAll(parted.passed());
        return new GuestList(entries, true, passedOver);
    }

    /// {@return the groups of which some words were not understood, or nothing was}
    public List<Entry> unclear() {
        return entries.stream().filter(e -> !e.group.isUnderstood() || e.group.avoid().isEmpty()).toList();
    }
}
