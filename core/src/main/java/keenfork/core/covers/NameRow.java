package keenfork.core.covers;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import keenfork.core.people.Avoidances;
import keenfork.core.regime.RuleBook;
import org.jspecify.annotations.Nullable;

/// Guests one behind the other, each with what they avoid in brackets or behind a dash, or with nothing: "Ann (veg),
/// Bo, Cy (no nuts), Di". What stands in a bracket is of the name before it, and of no other.
final class NameRow {
    private static final Pattern GUEST = Pattern.compile("(?U)" + GuestLine.NAMES
            + "(?:\\s?\\((?<noted>[^()]{1,120})\\)|\\s[-–—]\\s(?<dashed>[^()]{1,120}))?");
    private static final int FEWEST = 2;

    /// Somebody who stands in the row.
    ///
    /// @param who  what they are called
    /// @param said what stands in brackets or behind a dash; null where nothing does
    private record Guest(String who, @Nullable String said) {
        static @Nullable Guest of(String text) {
            var guest = GUEST.matcher(text);
            if (!guest.matches()) return null;
            var noted = guest.group("noted");
            return new Guest(guest.group("who"), noted == null ? guest.group("dashed") : noted);
        }

        /// "Ann, Bo and Cy (all vegan)" tells of more than one
        boolean isSomebody(RuleBook ruleBook) {
            return (GuestWords.isNamed(who, ruleBook) || GuestWords.isCalled(who, ruleBook)) && (said == null
                    || !GuestWords.isUnknownMany(said) && GuestWords.isTold(said, ruleBook));
        }
    }

    private NameRow() {}

    /// {@return each guest as they stand there; none where anything else stands between them, or where only the last
    /// has a bracket, which may be of all of them}
    static List<String> of(String text, RuleBook ruleBook) {
        if (text.indexOf(',') < 0) return List.of();
        var pieces = pieces(text);
        var guests = pieces.stream().map(Guest::of).toList();
        if (guests.size() < FEWEST || !guests.stream().allMatch(g -> g != null && g.isSomebody(ruleBook)))
            return List.of();
        return guests.stream().limit(guests.size() - 1L).anyMatch(g -> g != null && g.said != null)
                ? pieces : List.of();
    }

    /// {@return whether a text is a name alone that could mean nothing that is eaten}
    static boolean isBare(String text, RuleBook ruleBook) {
        var guest = Guest.of(text);
        return guest != null && guest.said == null && GuestWords.isNamed(text, ruleBook)
                && Avoidances.of(text, ruleBook).refused().stream().allMatch(r -> r.couldMean().isEmpty());
    }

    /// {@return whether a text is a name, and what whoever is called so avoids}
    static boolean tellsOfGuest(String text, RuleBook ruleBook) {
        var guest = Guest.of(text);
        return guest != null && guest.said != null && guest.isSomebody(ruleBook);
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
