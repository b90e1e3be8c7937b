package keenfork.core.covers;

import java.util.ArrayList;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.regime.RuleBook;

/// A line of a list of guests whose marks are those of tables and notes: "Ann Weaver → no eggs", "| Bo | vegan |",
/// "Cy/GF", "Jo Salmon - coeliac". It is told as "who: what", where it names somebody and tells what they avoid.
final class GuestLine {
    private static final Pattern FIGURE = Pattern.compile("\\d{1,4}");
    /// up to four names with capitals, as `who`
    static final String NAMES = "(?<who>\\p{Lu}[\\p{L}'’.-]*+(?:\\s\\p{Lu}[\\p{L}'’.-]*+){0,3})";
    private static final Pattern MARKED =
            Pattern.compile("(?U)^" + NAMES + "\\s*(?:[-=]+>|→|➔|➜|=|/)\\s*(?<said>\\S.*)$");
    /// "Ann Cook-nut allergy": one word and a hyphen may be one, "Non-dairy"
    private static final Pattern HYPHENED =
            Pattern.compile("(?U)^(?<who>\\p{Lu}[\\p{L}'’.]*+(?:\\s\\p{Lu}[\\p{L}'’.]*+){1,3})[-–—](?<said>\\p{L}.*)$");
    /// whoever is called Rice or Pike is not kept from it
    private static final Pattern CALLED =
            Pattern.compile("(?U)^" + NAMES + "\\s?(?:\\s[-–—]\\s|[-–—]\\s|\\(|:\\s)\\s*(?<said>\\S.*?)\\)?$");
    /// "T2 egg allergy"
    private static final Pattern SEATED = Pattern.compile("(?iU)^(?<who>(?:t|tbl)\\s?\\d{1,3})\\s+(?<said>\\p{L}.*)$");
    /// "nut allergy - Jo Salmon"
    private static final Pattern CALLED_BEHIND =
            Pattern.compile("(?U)^(?<said>\\S[^-–—:]{1,60}?)\\s[-–—]\\s" + NAMES + "$");
    private static final int FEWEST_CELLS = 2;

    private GuestLine() {}

    /// {@return the line, told as "who: what" where its marks part the two}
    static String told(String line, RuleBook ruleBook) {
        if (GuestRows.RULE.matcher(line).matches() && line.indexOf('|') >= 0) return "";
        if (line.indexOf('|') >= 0 || line.indexOf('\t') >= 0) return ofCells(line, ruleBook);
        for (var form : new Pattern[] {MARKED, HYPHENED, SEATED, CALLED, CALLED_BEHIND}) {
            var parts = form.matcher(line);
            if (!parts.matches()) continue;
            var who = parts.group("who");
            var isMark = form == MARKED || form == HYPHENED;
            var isNamed = GuestWords.isCalled(who, ruleBook) || form == SEATED || isMark && isGuest(who, ruleBook);
            if (isNamed && tells(parts.group("said"), ruleBook)) return who + ": " + parts.group("said");
        }
        return line;
    }

    /// "3 | 1 | Mo | coeliac": a table and a seat say nothing of what anybody eats
    private static String ofCells(String line, RuleBook ruleBook) {
        var cells = new ArrayList<>(GuestRows.cells(line));
        cells.removeIf(c -> c.isBlank() || FIGURE.matcher(c).matches());
        if (cells.size() < FEWEST_CELLS) return line;
        var who = cells.removeFirst();
        var said = cells.stream().collect(Collectors.joining(", "));
        return (isGuest(who, ruleBook) || GuestWords.isCalled(who, ruleBook)) && tells(said, ruleBook)
                ? who + ": " + said : line;
    }

    private static boolean isGuest(String who, RuleBook ruleBook) {
        return GuestWords.isWho(who, ruleBook) && who.chars().anyMatch(Character::isLowerCase);
    }

    private static boolean tells(String said, RuleBook ruleBook) {
        return !GuestWords.isWho(said, ruleBook) && !GuestWords.opensWithName(said, ruleBook)
                && GuestWords.isTold(said, ruleBook);
    }
}
