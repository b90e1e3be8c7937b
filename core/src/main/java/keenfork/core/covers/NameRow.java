package keenfork.core.covers;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import keenfork.core.people.Avoidances;
import keenfork.core.regime.RuleBook;

/// Guests one behind the other, each with what they avoid in brackets or behind a dash, or with nothing: "Ann (veg),
/// Bo, Cy (no nuts), Di". What stands in a bracket is of the name before it, and of no other.
final class NameRow {
    private static final String NAME = "(?<who>\\p{Lu}[\\p{L}'’.-]*+(?:\\s\\p{Lu}[\\p{L}'’.-]*+){0,2})";
    private static final Pattern GUEST =
            Pattern.compile("(?U)" + NAME + "(?:\\s?\\((?<noted>[^()]{1,120})\\)|\\s[-–—]\\s(?<dashed>[^()]{1,120}))?");
    /// "Ann, Bo and Cy (all vegan)": of how many it is told
    private static final int FEWEST = 2;

    private NameRow() {}

    /// {@return each guest as they stand there; none where anything else stands between them, or where only the last
    /// has a bracket, which may be of all of them}
    static List<String> of(String text, RuleBook ruleBook) {
        if (text.indexOf(',') < 0) return List.of();
        var guests = pieces(text);
        if (guests.size() < FEWEST || !guests.stream().allMatch(g -> isGuest(g, ruleBook))) return List.of();
        return guests.stream().limit(guests.size() - 1L).anyMatch(NameRow::isMarked) ? guests : List.of();
    }

    /// {@return whether a text is a name alone that could mean nothing that is eaten}
    static boolean isBare(String text, RuleBook ruleBook) {
        var guest = GUEST.matcher(text);
        return guest.matches() && !isMarked(text) && GuestWords.isNamed(text, ruleBook)
                && Avoidances.of(text, ruleBook).refused().stream().allMatch(r -> r.couldMean().isEmpty());
    }

    /// {@return whether a text is a name, and what whoever is called so avoids}
    static boolean tellsOfGuest(String text, RuleBook ruleBook) {
        return isMarked(text) && isGuest(text, ruleBook);
    }

    private static boolean isGuest(String text, RuleBook ruleBook) {
        var guest = GUEST.matcher(text);
        if (!guest.matches() || !isSomebody(guest.group("who"), ruleBook)) return false;
        var said = guest.group("noted") == null ? guest.group("dashed") : guest.group("noted");
        return said == null || !GuestWords.isUnknownMany(said) && GuestWords.isTold(said, ruleBook);
    }

    private static boolean isSomebody(String who, RuleBook ruleBook) {
        return GuestWords.isNamed(who, ruleBook) || GuestWords.isCalled(who, ruleBook);
    }

    private static boolean isMarked(String guest) {
        return guest.indexOf('(') >= 0 || guest.matches(".*\\s[-–—]\\s.*");
    }

    /// what commas part outside of brackets
    private static List<String> pieces(String text) {
        var pieces = new ArrayList<String>();
        var from = 0;
        var depth = 0;
        for (var at = 0; at < text.length(); at++) {
            if (text.charAt(at) == '(') depth++;
            if (text.charAt(at) == ')') depth--;
            if (depth > 0 || text.charAt(at) != ',') continue;
            pieces.add(text.substring(from, at).strip());
            from = at + 1;
        }
        pieces.add(text.substring(from).strip());
        pieces.removeIf(String::isEmpty);
        return pieces;
    }
}
