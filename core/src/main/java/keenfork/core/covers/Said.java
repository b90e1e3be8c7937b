package keenfork.core.covers;

import java.util.regex.Pattern;
import keenfork.core.covers.GuestPieces.Piece;
import keenfork.core.food.Grammar;
import keenfork.core.people.Avoidances;
import keenfork.core.people.SomeoneNamed;
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
    private static final Pattern IS_SHORT = Pattern.compile("^['’]s\\s");
    private static final Pattern OF_SO_MANY = Pattern.compile("^\\s\\((?<many>\\d{1,5})(?<of>\\s[\\p{L}\\s]+)?\\)");
    /// "nut free for Ann please"
    private static final Pattern FOR = Pattern.compile("(?U)^(?<left>[^.!?]{1,80}?)\\s(?:" + Grammar.anyOf("goes-with")
            + ")\\s(?<right>\\p{Lu}[^,()]{0,40}?)(?:\\s(?i:" + Grammar.anyOf("asking") + "))?[.!?]?$");
    /// "Ann Weaver GF": one name alone could be of a food that nobody knows
    private static final Pattern NAME_FIRST =
            Pattern.compile("(?U)^(?<left>\\p{Lu}[\\p{L}'’-]*\\s\\p{Lu}\\p{Ll}[\\p{L}'’-]*)\\s(?<right>.+)$");
    private static final Pattern NOTE = Pattern.compile("\\s*\\((?<note>[^()]*)\\)");

    /// {@return what is said, of a piece whose count was taken off its text}
    static Said of(Piece piece, String text, RuleBook ruleBook) {
        if (!piece.head().isEmpty()) return underHead(piece, text, ruleBook);
        var told = told(text, ruleBook);
        if (told != null) return told;
        var parted = parted(text, ruleBook);
        return parted == null ? of(text.strip(), text.strip()) : parted;
    }

    /// "Please note that Ann is vegan"; null where nobody is told of so
    private static @Nullable Said told(String text, RuleBook ruleBook) {
        for (var at = 0; at < text.length(); at = GuestWords.behindTalk(text, at)) {
            var told = text.substring(at);
            var who = GuestWords.who(told, ruleBook);
            if (who > 0) return ofThem(told.substring(0, who), IS_SHORT.matcher(told.substring(who)).replaceFirst(""));
            if (!GuestWords.isTalkAt(text, at)) return null;
        }
        return null;
    }

    /// "Ann's lot (4 of them) are vegan", "my parents are vegan"
    private static Said ofThem(String who, String words) {
        var of = OF_SO_MANY.matcher(words);
        // a son of six is one
        if (of.find() && (SomeoneNamed.isOfSeveral(who) || of.group("of") != null))
            return new Said(who, words.substring(of.end()), Integer.parseInt(of.group("many")), true);
        var said = named(who, words);
        return SomeoneNamed.isOfSeveral(who) ? said.ofMany(1, false) : said;
    }

    /// "guest: Miss Fuller - no fish"
    private static Said underName(Piece piece, String text, RuleBook ruleBook) {
        var head = piece.head();
        var told = told(text, ruleBook);
        if (told != null) return new Said(head + ", " + told.name, told.words, told.people, told.isSure);
        var parted = parted(text, ruleBook);
        if (parted != null) return new Said(head + ", " + parted.name, parted.words, parted.people, true);
        // "Ann, Bo and Cy: vegan"
        var names = GuestWords.NAMES.splitAsStream(head).filter(n -> GuestWords.isNamed(n, ruleBook)).count();
        var said = of(piece.isAlone() ? head : head + ", " + text, text);
        return names > 1 ? said.ofMany((int) names, true) : said;
    }

    /// {@return what is said of one; of nobody knows how many where a word for many opens it}
    static Said of(String name, String words) { return new Said(name, words, 1, !GuestWords.isUnknownMany(words)); }

    /// {@return the same of so many}
    Said ofMany(int many, boolean sure) { return new Said(name, words, many, sure); }

    /// who they are and what they avoid, told apart by a dash, a bracket or a comma; null where nothing parts them
    private static @Nullable Said parted(String text, RuleBook ruleBook) {
        for (var form : new Pattern[] {DASHED, BRACKETED, AFTER_COMMA, NAME_FIRST, FOR}) {
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
        var many = GuestWords.NAMES.splitAsStream(names).filter(n -> !n.isBlank()).count();
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
        if (GuestWords.NAMES.splitAsStream(names).allMatch(n -> GuestWords.isWho(n, ruleBook)))
            return named(names, head + notes);
        return of(head, head + ", " + text.strip());
    }
}
