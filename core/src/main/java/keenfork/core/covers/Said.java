package keenfork.core.covers;

import java.util.regex.Pattern;
import keenfork.core.covers.GuestPieces.Piece;
import keenfork.core.people.Avoidances;
import keenfork.core.regime.RuleBook;
import org.jspecify.annotations.Nullable;

/// Who a piece of a list tells of, and what they avoid in its words: "Ann Weaver - coeliac", "Bo (vegan)", "Vegans:
/// Ann, Bo".
///
/// @param name  who they are; their words where nobody is named
/// @param words what is said of what they avoid
/// @param people how many they are, 1 or more
/// @param isSure whether anybody can know how many they are: "most of us" is no number
record Said(String name, String words, int people, boolean isSure) {
    private static final Pattern DASHED = Pattern.compile("^(?<left>.{1,60}?)\\s*\\s[-–—]\\s+(?<right>.+)$");
    private static final Pattern BRACKETED =
            Pattern.compile("^(?<left>[^()]{1,60}?)\\s*\\((?<right>[^()]+)\\)[.]?$");
    private static final Pattern AFTER_COMMA = Pattern.compile("^(?<left>[^,]{1,60}),\\s*(?<right>.+)$");
    /// "Ann Weaver GF": one name alone could be of a food that nobody knows
    private static final Pattern NAME_FIRST =
            Pattern.compile("(?U)^(?<left>\\p{Lu}[\\p{L}'’-]*\\s\\p{Lu}\\p{Ll}[\\p{L}'’-]*)\\s(?<right>.+)$");
    private static final Pattern NAMES = Pattern.compile("\\s*(?:,|/|&|\\band\\b)\\s*");
    private static final Pattern NOTE = Pattern.compile("\\s*\\((?<note>[^()]*)\\)");

    /// {@return what is said, of a piece whose count was taken off its text}
    static Said of(Piece piece, String text, RuleBook ruleBook) {
        if (!piece.head().isEmpty()) return underHead(piece, text, ruleBook);
        var who = GuestWords.who(text, ruleBook);
        if (who > 0) return named(text.substring(0, who), text.substring(who));
        var parted = parted(text, ruleBook);
        return parted == null ? of(text.strip(), text.strip()) : parted;
    }

    /// "guest: Miss Fuller - no fish"
    private static Said underName(Piece piece, String text, RuleBook ruleBook) {
        var head = piece.head();
        var parted = parted(text, ruleBook);
        if (parted != null) return new Said(head + ", " + parted.name, parted.words, parted.people, true);
        // "Ann, Bo and Cy: vegan"
        var names = NAMES.splitAsStream(head).filter(n -> GuestWords.isNamed(n, ruleBook)).count();
        var said = of(piece.isAlone() ? head : head + ", " + text, text);
        return names > 1 ? said.ofMany((int) names, true) : said;
    }

    /// {@return what is said of one; of nobody knows how many where a word for many opens it}
    static Said of(String name, String words) { return new Said(name, words, 1, !GuestWords.isUnknownMany(words)); }

    /// {@return the same of so many}
    Said ofMany(int many, boolean sure) { return new Said(name, words, many, sure); }

    /// who they are and what they avoid, told apart by a dash, a bracket or a comma; null where nothing parts them
    private static @Nullable Said parted(String text, RuleBook ruleBook) {
        for (var form : new Pattern[] {DASHED, BRACKETED, AFTER_COMMA, NAME_FIRST}) {
            var parts = form.matcher(text);
            if (parts.matches() && GuestWords.isWho(bare(parts.group("left")), ruleBook)
                    && GuestWords.isTold(parts.group("right"), ruleBook))
                return named(parts.group("left"), parts.group("right"));
            if (parts.matches() && GuestWords.isTold(parts.group("left"), ruleBook)
                    && GuestWords.isWho(parts.group("right"), ruleBook))
                return named(parts.group("right"), parts.group("left"));
        }
        return null;
    }

    private static String bare(String text) { return text.replace("(", "").replace(")", ""); }

    private static Said named(String names, String words) {
        var many = NAMES.splitAsStream(names).filter(n -> !n.isBlank()).count();
        return new Said(names.strip(), words.strip(), Math.max(1, (int) many), true);
    }

    /// "Vegan: no nuts" is of what both say; "Vegans: Ann, Bo" of whom
    private static Said underHead(Piece piece, String text, RuleBook ruleBook) {
        var head = piece.head();
        if (Avoidances.of(head, ruleBook).all().isEmpty() || GuestWords.isWho(head, ruleBook)
                || GuestWords.isCalled(head, ruleBook))
            return underName(piece, text.strip(), ruleBook);
        var notes = NOTE.matcher(text).results().map(n -> " (" + n.group("note") + ")").reduce("", String::concat);
        var names = NOTE.matcher(text).replaceAll("").strip();
        if (NAMES.splitAsStream(names).allMatch(n -> GuestWords.isWho(n, ruleBook)))
            return named(names, head + notes);
        return of(head, head + ", " + text.strip());
    }
}
