package keenfork.core.covers;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import keenfork.core.people.FormField;
import keenfork.core.regime.RuleBook;

/// The rows of a list of guests that is a table: cells between bars, tabs, commas or semicolons, or a form for each
/// guest below each other, "Name: Ann Weaver", "Allergies: none".
final class GuestRows {
    private static final Pattern CELL = Pattern.compile("\\s*[|\\t]\\s*");
    static final Pattern RULE = Pattern.compile("[|:\\s-]*-{2,}[|:\\s-]*");
    private static final Pattern FIELD = Pattern.compile("^(?<head>[^:?]{1,60}):\\s*(?<answer>.*)$");

    private GuestRows() {}

    /// {@return the cells of each line, where all lines are rows of a table; none where they are not}
    static List<List<String>> of(String list, RuleBook ruleBook) {
        var lines = list.lines().filter(l -> !l.isBlank() && !RULE.matcher(l).matches()).toList();
        if (lines.isEmpty()) return List.of();
        if (lines.stream().allMatch(l -> l.indexOf('|') >= 0 || l.indexOf('\t') >= 0))
            return lines.stream().map(GuestRows::cells).toList();
        for (var mark : List.of(',', ';'))
            if (GuestTable.isHead(parted(lines.getFirst(), mark), ruleBook))
                return lines.stream().map(l -> parted(l, mark)).toList();
        return ofForms(lines);
    }

    static List<String> cells(String line) {
        var bare = line.strip();
        return List.of(CELL.split(bare.startsWith("|") ? bare.substring(1).strip() : bare, -1));
    }

    /// a mark between quotes parts nothing
    private static List<String> parted(String line, char mark) {
        var cells = new ArrayList<String>();
        var cell = new StringBuilder();
        var isQuoted = false;
        for (var at = 0; at < line.length(); at++) {
            var c = line.charAt(at);
            if (c == '"') isQuoted = !isQuoted;
            else if (c != mark || isQuoted) cell.append(c);
            else {
                cells.add(cell.toString().strip());
                cell.setLength(0);
            }
        }
        cells.add(cell.toString().strip());
        return cells;
    }

    /// a guest begins with each line that tells a name
    private static List<List<String>> ofForms(List<String> lines) {
        var guests = new ArrayList<Map<String, String>>();
        var heads = new LinkedHashSet<String>();
        var fields = lines.stream().map(l -> FIELD.matcher(l.strip())).filter(Matcher::matches).toList();
        if (fields.size() < lines.size()) return List.of();
        // "Guests:" over lines of "Ann: vegan", which are no fields of a form
        var isForm = fields.stream().anyMatch(f -> FormField.isColumn(f.group("head")));
        if (!isForm && !fields.stream().allMatch(GuestRows::isOfForm)) return List.of();
        for (var field : fields) {
            var head = field.group("head").strip();
            var isName = GuestWords.isNameColumn(head);
            if (guests.isEmpty() && (!isName || field.group("answer").isBlank())) return List.of();
            // a first name and a last one are of the same guest
            if (isName && (guests.isEmpty() || guests.getLast().keySet().stream()
                    .anyMatch(h -> h.equals(head) || !GuestWords.isNameColumn(h))))
                guests.add(new LinkedHashMap<>());
            heads.add(head);
            guests.getLast().merge(head, field.group("answer").strip(), (a, b) -> a + ", " + b);
        }
        var rows = new ArrayList<List<String>>();
        rows.add(List.copyOf(heads));
        for (var guest : guests) rows.add(heads.stream().map(h -> guest.getOrDefault(h, "")).toList());
        return rows;
    }

    /// a name, a number of people, or yes and no
    private static boolean isOfForm(MatchResult field) {
        return GuestWords.isNameColumn(field.group("head")) || GuestWords.isCountColumn(field.group("head"))
                || FormField.isTicked(field.group("answer")) || FormField.isUnticked(field.group("answer"));
    }
}
