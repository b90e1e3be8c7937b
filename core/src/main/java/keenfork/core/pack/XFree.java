package keenfork.core.pack;

import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;

/// What something is told to be free of: "milk-free", "made in an egg, milk and nut free kitchen".
final class XFree {
    /// milk-free, but not eggs, free range; the German of it, and the short form
    static final Pattern ONE = Pattern.compile("(?iuU)(?<!\\p{L})(?:\\p{L}{1,60}[- ]free\\b(?![- ]?(?:"
            + Grammar.anyOf("not-denying") + "))|\\p{L}{3,60}frei(?:e[rsnm]?)?\\b|gf\\b)");
    /// a longer list is not looked at: no maker prints one
    private static final int FURTHEST = 120;
    private static final int LONGEST_NAME = 3;
    private static final Pattern JOINED =
            Pattern.compile("(?iu)(?:\\s*[,&/+]\\s*|\\s+(?:" + Tone.held("and-word") + ")\\s+)$");
    private static final Pattern LAST_JOINED =
            Pattern.compile("(?iu)(?:\\s*[&/+]\\s*|\\s+(?:" + Tone.held("and-word") + ")\\s+)$");
    /// "milk- and egg-free"
    private static final Pattern HUNG =
            Pattern.compile("(?iu)(?:\\p{L}{1,40}-\\s?(?:[,&/]|" + Tone.held("and-word") + ")\\s)+$");
    private static final Pattern PLACE = Pattern.compile("(?iu)\\s+(?:" + Tone.held("free-place") + ")\\b");
    private static final Pattern BEFORE_A_PLACE = Pattern.compile("(?iu)\\b(?:" + Tone.held("free-lead") + ")$");
    /// "our bakery is"
    private static final Pattern OF_A_PLACE =
            Pattern.compile("(?iu)\\b(?:" + Tone.held("free-place") + ")\\s+(?:is|are)(?:\\s+\\p{L}+)?\\s*$");
    private static final Pattern LAST_WORD = Pattern.compile("(?U)[\\p{L}'’-]+\\s*$");
    private static final Pattern FREE = Pattern.compile("(?i)[- ]free$");
    private static final Pattern ENDS = Pattern.compile("\\s*(?:[.!;)\\]\\n]|$)");

    private XFree() {}

    /// {@return whether words say that one allergen is not there: "molluscs free", but not "guaranteed free"}
    static boolean isOfAllergen(String words) {
        var name = FREE.matcher(words).replaceFirst("");
        return name.length() < words.length() && Allergens.areAllOf(name);
    }

    /// {@return where what a text says to be free of begins}
    ///
    /// All before the last word of a list is an ingredient where it may be one: "sugar, egg and dairy free spread".
    ///
    /// @param start where the last word of it begins
    /// @param end   behind "free"
    static int start(String text, int start, int end) {
        var from = sentence(text, start);
        var hung = HUNG.matcher(text.substring(from, start));
        if (hung.find()) return from + hung.start();
        if (!LAST_JOINED.matcher(text.substring(from, start)).find()) return start;
        var first = start;
        for (var item = before(text, from, first); item >= 0; item = before(text, from, first)) first = item;
        var lead = text.substring(from, first).stripTrailing();
        // "made in a", but not "contains milk, egg and nut free biscuits"
        if (PLACE.matcher(text).region(end, text.length()).lookingAt()
                && (lead.isEmpty() ? Tone.isOnItsOwn(text, from) : BEFORE_A_PLACE.matcher(lead).find()))
            return first;
        var isSaid = (Tone.isOnItsOwn(text, from) || from == 0 && text.substring(0, start).indexOf(',') < 0)
                && ENDS.matcher(text).region(end, text.length()).lookingAt();
        return isSaid && (lead.isEmpty() || OF_A_PLACE.matcher(lead).find()) ? first : start;
    }

    /// {@return where the allergen before a joining word or a comma begins; -1 where there is none}
    private static int before(String text, int from, int to) {
        var joined = JOINED.matcher(text.substring(from, to));
        if (!joined.find()) return -1;
        var end = from + joined.start();
        var named = -1;
        var at = end;
        for (var words = 0; words < LONGEST_NAME; words++) {
            var last = LAST_WORD.matcher(text.substring(from, at));
            if (!last.find()) break;
            at = from + last.start();
            if (isNamed(text.substring(at, end))) named = at;
        }
        return named;
    }

    /// one name from its first letter to its last: "egg", not "is egg", "milk egg" nor "egg contains"
    private static boolean isNamed(String item) {
        if (!Allergens.areAllOf(item)) return false;
        var names = Foods.shipped().packWords().read(item).matches();
        return names.size() == 1 && names.getFirst().start() == 0
                && names.getFirst().end() == item.stripTrailing().length();
    }

    private static int sentence(String text, int start) {
        var at = start;
        while (at > 0 && start - at < FURTHEST && !Tone.endsSentence(text, at - 1) && text.charAt(at - 1) != ':'
                && !Tone.isOpen(text.charAt(at - 1)))
            at--;
        return at;
    }
}
