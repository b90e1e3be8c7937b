package keenfork.core.covers;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import keenfork.core.food.Grammar;
import keenfork.core.people.Avoidances;
import keenfork.core.regime.RuleBook;

/// A whole list of guests as it comes in a mail: "4 vegan, 2 coeliac, 1 sesame + egg, table 6: nut allergy, the rest
/// eat everything".
///
/// @param entries each group as it was read, in order
/// @param isWhole whether all of it was read; false where there are more groups than are taken at once
public record GuestList(List<Entry> entries, boolean isWhole) {
    /// groups taken at once
    public static final int MOST = 200;
    private static final int LONGEST_NAME = 60;
    private static final String OTHERS = Grammar.anyOf("others");
    /// a comma parts two groups only where a number, a table or the rest follows: "milk, eggs" is one group
    private static final Pattern PARTS = Pattern.compile(
            "[\\n;]+|\\s+(?:and|&)\\s+(?=\\d+\\s*[x×]?\\s+\\p{L})|,(?=\\s*(?:\\d+\\s*[x×]?\\s+\\p{L}"
                    + "|table\\s+\\w+\\s*:|(?:and\\s+)?(?:the\\s+)?(?:" + OTHERS + ")\\b))",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern ENTRY = Pattern.compile(
            "^(?:[-•*]\\s*)?(?:(?<name>[^:]{1,60}):\\s*)?(?:(?<people>\\d{1,5})\\s*[x×]?\\s+)?(?<avoids>.+)$");
    private static final Pattern REST =
            Pattern.compile("(?i)^(?:and\\s+)?(?:the\\s+)?(?:" + OTHERS + ")\\b[:,]?");

    /// One group of the list.
    ///
    /// @param text  as written
    /// @param words what they avoid, as written
    /// @param group as understood; its refused words are told
    public record Entry(String text, String words, GuestGroup group) {}

    public GuestList {
        entries = List.copyOf(entries);
    }

    /// Reads a list; the rest who eat everything are left out, and nobody else is.
    public static GuestList read(String text, RuleBook ruleBook) {
        var entries = new ArrayList<Entry>();
        for (var part : PARTS.split(text)) {
            var line = part.strip();
            if (line.isEmpty() || eatEverything(line, ruleBook)) continue;
            if (entries.size() == MOST) return new GuestList(entries, false);
            entries.add(entry(line, ruleBook));
        }
        return new GuestList(entries, true);
    }

    /// "the rest eat everything", but not "the rest are vegan"
    private static boolean eatEverything(String line, RuleBook ruleBook) {
        var rest = REST.matcher(line);
        return rest.find() && Avoidances.of(line.substring(rest.end()), ruleBook).isEmpty();
    }

    private static Entry entry(String line, RuleBook ruleBook) {
        var matcher = ENTRY.matcher(line);
        if (!matcher.matches()) return entry(line, line, line, 1, ruleBook);
        var words = matcher.group("avoids").strip();
        var people = matcher.group("people") == null ? 1 : Math.max(1, Integer.parseInt(matcher.group("people")));
        var name = matcher.group("name") == null ? words : matcher.group("name").strip();
        return entry(line, words, name, people, ruleBook);
    }

    private static Entry entry(String line, String words, String name, int people, RuleBook ruleBook) {
        var shown = name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
        return new Entry(line, words, new GuestGroup(shown, people, Avoidances.of(words, ruleBook)));
    }

    /// {@return the groups of which some words were not understood, or nothing was}
    public List<Entry> unclear() {
        return entries.stream().filter(e -> !e.group.isUnderstood() || e.group.avoid().isEmpty()).toList();
    }
}
