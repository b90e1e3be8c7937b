package keenfork.core.covers;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import keenfork.core.people.FormField;

/// The rows of a list of guests that is a table: cells between bars, tabs, commas or semicolons, or a form for each
/// guest below each other, "Name: Ann Weaver", "Allergies: none".
final class GuestRows {
    private static final Pattern CELL = Pattern.compile("\\s*[|\\t]\\s*");
    static final Pattern RULE = Pattern.compile("[|:\\s-]*-{2,}[|:\\s-]*");
    private static final Pattern FIELD = Pattern.compile("^(?<head>[^:?]{1,60}):\\s*(?<answer>.*)$");

    private GuestRows() {}

    /// {@return the cells of each line, where all lines are rows of a table; none where they are not}
    static List<List<String>> of(String list) {
        var lines = list.lines().filter(l -> !l.isBlank() && !RULE.matcher(l).matches()).toList();
        if (lines.isEmpty()) return List.of();
        if (lines.stream().allMatch(l -> l.indexOf('|') >= 0 || l.indexOf('\t') >= 0))
            return lines.stream().map(GuestRows::cells).toList();
        for (var mark : List.of(',', ';'))
            if (GuestTable.isHead(parted(lines.getFirst(), mark)))
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
        for (var line : lines) {
            var field = FIELD.matcher(line.strip());
            if (!field.matches()) return List.of();
            var head = field.group("head").strip();
            var isName = GuestWords.isNameColumn(head);
            if (!isName && (guests.isEmpty() || !FormField.isHeading(head) && !GuestWords.isCountColumn(head)))
                return List.of();
            if (isName && (guests.isEmpty() || guests.getLast().keySet().stream().anyMatch(FormField::isHeading)))
                guests.add(new LinkedHashMap<>());
            heads.add(head);
            guests.getLast().merge(head, field.group("answer").strip(), (a, b) -> a + ", " + b);
        }
        var rows = new ArrayList<List<String>>();
        rows.add(List.copyOf(heads));
        for (var guest : guests) rows.add(heads.stream().map(h -> guest.getOrDefault(h, "")).toList());
        return rows;
    }
}
