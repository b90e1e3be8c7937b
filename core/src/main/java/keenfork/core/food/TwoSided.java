package keenfork.core.food;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.measure.Unit;

/// Words that name a food and mostly do something else: a food only where they stand as one.
final class TwoSided {
    private enum Sense { DESCRIBES, WORKS, ORIGIN, QUALIFIED, PART, UNTIL, MANNER, OF_NEXT, HEADS, TOPS, LEADS }

    private static final Map<String, Sense> HELD = read();
    /// for each length of such a word a bit for each first letter: most names need no look into the table
    private static final int[] LETTERS = letters();

    private static int[] letters() {
        var letters = new int[Byte.MAX_VALUE];
        // a plural is up to two letters longer
        for (var word : HELD.keySet())
            for (var more = 0; more <= 2; more++)
                letters[word.length()
                        + more] |= 1 << (word.charAt(0) & 31);
        return letters;
    }

    private static boolean mayBe(String text) {
        return text.length() < Byte.MAX_VALUE && (LETTERS[text.length()] >> (text.charAt(0) & 31) & 1) == 1;
    }

    /// how far before a word its amount is looked for
    private static final int FURTHEST = 40;
    private static final Pattern WEIGHED = Pattern.compile("(?i)[\\d½⅓⅔¼¾]\\s?(?:" + UnitNames.all().stream()
            .filter(u -> u.unit().kind() != Unit.Kind.COUNT).map(u -> Pattern.quote(u.word()))
            .collect(Collectors.joining("|")) + ")\\b[^,;(]*$");
    private static final Pattern BECOMES = Pattern.compile("(?i)\\s+(?:and \\w+ |& \\w+ |n \\w+ )?(?:\\w+ed )?(?:"
            + Grammar.anyOf("becomes") + ")\\b|\\s*$");
    private static final Pattern FROM = Pattern.compile("(?i)\\b(?:" + Grammar.anyOf("taken-of") + ")\\s+$");

    /// "seeds of 1 pomegranate": what stands between a part and what it is taken of
    private static final Pattern TAKEN_OF =
            Pattern.compile("(?i)\\s+(?:" + Grammar.anyOf("taken-of") + ")\\s+(?:(?:an?|one|half|\\d+|[½¼¾])\\s+)*");
    /// "farine de pois chiches"
    private static final Pattern MADE_OF =
            Pattern.compile(
                    "(?iU)\\s+(?:" + Grammar.anyOf("made-of-next") + ")(?:\\s+(?:la|l['’]))?(?:\\s+|(?<=['’]))");
    /// "a pomegranate's worth of seeds"
    private static final Pattern WORTH =
            Pattern.compile("(?i)['’]?s?['’]?\\s+(?:" + Grammar.anyOf("worth-of") + ")\\s+");

    private static final Pattern THING = Pattern.compile("(?i)\\b(?:" + Grammar.anyOf("before-thing") + ")\\s+$");

    /// "for the salad", "to crumble"
    private static final Pattern LEADS_TO = Grammar.wordOf("is-meant-to");
    private static final int FEWEST_LISTED = 2;
    private static final Pattern AND =
            Pattern.compile("(?i)\\s*(?:[&+]|\\b(?:" + Grammar.anyOf("goes-on") + ")\\b)\\s*");
    private static final Pattern FILLED_IN = Pattern.compile("(?i)\\s+(?:" + Grammar.anyOf("filled-in") + ")\\b");
    /// "stuffed peppers with feta": it is told
    private static final Pattern TOLD_WITH = Grammar.wordOf("told-with");

    private TwoSided() {}

    private static Map<String, Sense> read() {
        var held = new HashMap<String, Sense>();
        for (var row : Table.read(TwoSided.class, "two-sided.txt", 3))
            held.put(Words.key(row.cell(0)), row.read(1, c -> Sense.valueOf(c.toUpperCase(Locale.ROOT))));
        return Map.copyOf(held);
    }

    /// {@return the matches that are foods where they stand}
    static List<Match> foods(String text, List<Match> matches) {
        if (matches.isEmpty()) return matches;
        List<Match> kept = null;
        for (var i = 0; i < matches.size(); i++) {
            var match = matches.get(i);
            if (!mayBe(match.text())) continue;
            var kind = HELD.get(Words.key(match.text()));
            // "paprika, sweet" is no sweet, and "jelly, sweets" holds some
            if (kind == Sense.MANNER && match.text().toLowerCase(Locale.ROOT).endsWith("s")) continue;
            if (kind == null || isWeighed(text, matches, i) || !isTalk(text, matches, i, kind)) continue;
            if (kept == null) kept = new ArrayList<>(matches);
            kept.remove(match);
        }
        return kept == null ? matches : kept;
    }

    /// "80 g quinoa, 10 g seeds": what has an amount of its own goes in, and not what only describes the food behind it
    private static boolean isWeighed(String text, List<Match> matches, int at) {
        var start = matches.get(at).start();
        var from = Math.max(at == 0 ? 0 : matches.get(at - 1).end(), start - FURTHEST);
        if (!WEIGHED.matcher(text.substring(from, start)).find()) return false;
        return at + 1 == matches.size()
                || Joint.parts(text, matches.get(at).end(), matches.get(at + 1).start());
    }

    private static boolean isTalk(String text, List<Match> matches, int at, Sense kind) {
        var match = matches.get(at);
        if (kind == Sense.ORIGIN)
            return Character.isUpperCase(text.charAt(match.start()))
                    && FROM.matcher(text.substring(0, match.start())).find();
        if (kind == Sense.PART)
            return isTakenOf(text, matches, at)
                    || at > 0 && Joint.turnsAside(text, matches.get(at - 1).end(), match.start())
                            && BECOMES.matcher(text).region(match.end(), text.length()).lookingAt();
        if (kind == Sense.OF_NEXT)
            return at + 1 < matches.size()
                    && MADE_OF.matcher(text.substring(match.end(), matches.get(at + 1).start())).matches();
        if (kind == Sense.QUALIFIED)
            return at > 0 && text.substring(matches.get(at - 1).end(), match.start()).isBlank();
        if (kind == Sense.UNTIL)
            return Joint.comesTo(text, match.end()) || at > 0
                    && (Joint.isAmidTalk(text, matches.get(at - 1).end(), match.start(), match.end())
                            || isWaitedFor(text, matches, at));
        if (kind == Sense.HEADS || kind == Sense.TOPS)
            return !isHead(text, matches, at) || kind == Sense.TOPS && at > 0 && !grows(matches.get(at - 1));
        if (kind == Sense.LEADS)
            return !isFoodRightBehind(text, matches, at) || TOLD_WITH.matcher(text).region(match.end(), text.length())
                    .find();
        if (kind == Sense.WORKS && (isThing(text, matches, at) || isFilling(text, matches, at))) return false;
        if (kind == Sense.WORKS && isListed(text, matches, at)) return false;
        if (at + 1 < matches.size() && !Joint.parts(text, match.end(), matches.get(at + 1).start()))
            // "jelly, 1 pkt strawberry" and "jelly 1 pkt strawberry" say the same
            return kind != Sense.DESCRIBES || text.substring(match.end(), matches.get(at + 1).start()).chars()
                    .noneMatch(Character::isDigit);
        if (kind == Sense.MANNER && at > 0)
            return Joint.turnsAside(text, matches.get(at - 1).end(), match.start())
                    || !Joint.parts(text, matches.get(at - 1).end(), match.start());
        return kind == Sense.WORKS && at > 0 && Joint.turnsAside(text, matches.get(at - 1).end(), match.start());
    }

    private static boolean isTakenOf(String text, List<Match> matches, int at) {
        var match = matches.get(at);
        return at + 1 < matches.size()
                && TAKEN_OF.matcher(text.substring(match.end(), matches.get(at + 1).start())).matches()
                || at > 0 && WORTH.matcher(text.substring(matches.get(at - 1).end(), match.start())).matches();
    }

    /// "chicken salad", "200 g salad", but not "salad to serve it with", "150 g feta, to crumble"
    private static boolean isHead(String text, List<Match> matches, int at) {
        var match = matches.get(at);
        if (isFoodRightBehind(text, matches, at)) return false;
        return at == 0
                ? matches.size() == 1 && !LEADS_TO.matcher(text.substring(0, match.start())).find()
                : text.substring(matches.get(at - 1).end(), match.start()).isBlank();
    }

    /// a crumble of apples is one, and feta crumble is feta
    private static boolean grows(Match match) {
        return !(match.meaning() instanceof Meaning.OfFood(var food)) || food.origin() == Origin.PLANT;
    }

    /// "rub the toast with garlic", "pile on toast with butter", but not "the toast bread"
    private static boolean isThing(String text, List<Match> matches, int at) {
        return !isFoodRightBehind(text, matches, at)
                && THING.matcher(text.substring(0, matches.get(at).start())).find();
    }

    /// "cheese & pickle on malted", "ham and relish in a bap"
    private static boolean isFilling(String text, List<Match> matches, int at) {
        var match = matches.get(at);
        return at > 0 && FILLED_IN.matcher(text).region(match.end(), text.length()).lookingAt()
                && AND.matcher(text.substring(matches.get(at - 1).end(), match.start())).matches();
    }

    /// "haddock, chips, peas": one of several foods that commas part, and nothing that is done to one
    private static boolean isListed(String text, List<Match> matches, int at) {
        var match = matches.get(at);
        if (at == 0 || !isBetweenCommas(text, match)) return false;
        return matches.stream().mapToInt(m -> text.lastIndexOf(',', m.start()))
                .filter(c -> c != text.lastIndexOf(',', match.start())).distinct().count() >= FEWEST_LISTED;
    }

    /// with no more than one word before it
    private static boolean isBetweenCommas(String text, Match match) {
        var from = text.lastIndexOf(',', match.start()) + 1;
        var before = text.substring(from, match.start()).strip();
        var next = text.indexOf(',', match.end());
        return before.indexOf(' ') < 0 && before.chars().allMatch(Character::isLetter)
                && (next < 0 ? text.substring(match.end()) : text.substring(match.end(), next)).isBlank();
    }

    /// "roasted til collapsing": right behind it stands a word that is no food and leads to none
    private static boolean isWaitedFor(String text, List<Match> matches, int at) {
        return !isFoodRightBehind(text, matches, at) && Joint.goesOnInTalk(text, matches.get(at).end());
    }

    private static boolean isFoodRightBehind(String text, List<Match> matches, int at) {
        return at + 1 < matches.size()
                && text.substring(matches.get(at).end(), matches.get(at + 1).start()).isBlank();
    }
}
