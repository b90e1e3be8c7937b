package keenfork.core.food;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import keenfork.core.food.Lexicon.Match;

/// Words that name a food and mostly do something else: a food only where they stand as one.
final class TwoSided {
    private enum Sense {
        DESCRIBES, ANIMAL, WORKS, SPREAD, ORIGIN, MILLED, CUT_OF, PART, UNTIL, MANNER, OF_NEXT, HEADS, ENDS, BAKED,
        FLESHY,
        TOPS, LEADS, PREPARED, SAUCED, ALONG, NOUN, TOLD
    }

    /// what is mostly talk, and stands between two foods without being one: "tamarind dip on side"
    private static final Set<Sense> TALK = EnumSet.of(Sense.ENDS, Sense.BAKED, Sense.FLESHY, Sense.ALONG);
    private static final Set<Sense> OTHERS = EnumSet.complementOf(EnumSet.copyOf(TALK));
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

    private static final Set<Sense> WORKS = EnumSet.of(Sense.WORKS, Sense.SPREAD, Sense.NOUN);
    private static final Pattern OPENS = Pattern.compile("(?iU)(?:of\\s)?(?<word>\\p{L}+)\\s(?:"
            + Grammar.anyOf("told-with") + "|" + Grammar.anyOf("filled-in") + ")\\b");
    /// what is rather named than told to do, at the head of a line
    private static final Set<String> NOUN_FIRST = Grammar.words("noun-first");

    /// how far before a word its amount is looked for
    private static final int FURTHEST = 40;
    private static final Pattern WEIGHED = Pattern.compile("(?i)[\\d½⅓⅔¼¾]\\s?(?:" + UnitNames.measures()
            + ")\\b[^,;(]*$");
    private static final Pattern COUNTED = Pattern.compile("[\\d½⅓⅔¼¾]\\s*(?:\\p{L}+\\s+)?$");
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

    /// "lentil flour", but not "butter flour sugar"
    private static final Pattern MILLED = last("milled");
    /// "tofu steak", but not "garlic steak"
    private static final Pattern CUT = last("cut-like-meat");
    private static final Set<Origin> FLESHY = EnumSet.of(Origin.FLESH, Origin.FISH);
    private static final Set<Origin> MILKED = EnumSet.of(Origin.DAIRY, Origin.EGG);

    private static final Pattern THING = Pattern.compile("(?i)\\b(?:" + Grammar.anyOf("before-thing") + ")\\s+$");

    private TwoSided() {}

    private static Pattern last(String kind) {
        return Pattern.compile("(?i)\\b(?:" + Grammar.anyOf(kind) + ")(?:e?s)?$");
    }

    private static Map<String, Sense> read() {
        var held = new HashMap<String, Sense>();
        for (var row : Table.read(TwoSided.class, "two-sided.txt", 3))
            held.put(Words.key(row.cell(0)), row.read(1, c -> Sense.valueOf(c.toUpperCase(Locale.ROOT))));
        return Map.copyOf(held);
    }

    /// {@return the matches that are foods where they stand}
    static List<Match> foods(String text, List<Match> matches) {
        return foods(text, foods(text, matches, TALK), OTHERS);
    }

    /// {@return whether the first of some words is a food with which something goes: "2 slices toast with butter",
    /// "mash with butter"}
    static boolean opensWithFood(String words, boolean isCounted) {
        var opens = OPENS.matcher(words);
        if (!opens.lookingAt()) return false;
        var word = Words.key(opens.group("word"));
        return NOUN_FIRST.contains(word) || isCounted && WORKS.contains(HELD.get(word));
    }

    private static List<Match> foods(String text, List<Match> matches, Set<Sense> kinds) {
        if (matches.isEmpty()) return matches;
        List<Match> kept = null;
        for (var i = 0; i < matches.size(); i++) {
            var match = matches.get(i);
            if (!mayBe(match.text())) continue;
            var kind = HELD.get(Words.key(match.text()));
            // "paprika, sweet" is no sweet, and "jelly, sweets" holds some
            if (kind == Sense.MANNER && match.text().toLowerCase(Locale.ROOT).endsWith("s")) continue;
            if (kind == null || !kinds.contains(kind) || isFood(new Place(text, matches, i), kind)) continue;
            if (kept == null) kept = new ArrayList<>(matches);
            kept.remove(match);
        }
        return kept == null ? matches : kept;
    }

    private static boolean isFood(Place place, Sense kind) { return isWeighed(place) || !isTalk(place, kind); }

    /// "80 g quinoa, 10 g seeds": what has an amount of its own goes in, and not what only describes the food behind it
    private static boolean isWeighed(Place place) {
        var before = place.before();
        return WEIGHED.matcher(before.substring(Math.max(0, before.length() - FURTHEST))).find()
                && (!place.leadsToFood() || DishWord.isServed(place));
    }

    /// "2 rolls with butter", "chips with dip": no work is counted, or done by many
    private static boolean isServed(Place place, Sense kind) {
        return DishWord.isServed(place) && (kind == Sense.NOUN || place.match().text().endsWith("s")
                || COUNTED.matcher(place.before()).find());
    }

    private static boolean isTalk(Place place, Sense kind) {
        return switch (kind) {
            case ORIGIN -> Character.isUpperCase(place.text().charAt(place.match().start()))
                    && FROM.matcher(place.text().substring(0, place.match().start())).find();
            case PART ->
                    isTakenOf(place) || place.isAside() && mayHaveParts(place.last()) && BECOMES.matcher(place.text())
                            .region(place.match().end(), place.text().length()).lookingAt();
            case OF_NEXT -> !place.isLast() && MADE_OF.matcher(place.behind()).matches();
            case MILLED -> place.isRightBehindFood() && MILLED.matcher(place.last().text()).find();
            case CUT_OF -> place.isRightBehindFood()
                    && (isOf(place.last(), FLESHY) || CUT.matcher(place.last().text()).find());
            case ANIMAL -> place.leadsToFood() && isOf(place.next(), MILKED);
            case UNTIL -> Joint.comesTo(place.text(), place.match().start(), place.match().end())
                    || !place.isFirst() && (isAmidTalk(place) || isWaitedFor(place));
            case HEADS -> !DishWord.isHead(place);
            case ENDS -> !DishWord.ends(place);
            case BAKED -> !DishWord.ends(place) || DishWord.isBread(place.last());
            case FLESHY -> !DishWord.ends(place) || !isOf(place.last(), FLESHY);
            case ALONG -> !DishWord.isServedAlong(place);
            case TOPS -> !DishWord.isTopping(place);
            case LEADS -> !DishWord.leads(place);
            case SAUCED -> !DishWord.leads(place) || !isOf(place.next(), FLESHY);
            case PREPARED -> place.isRightBehindFood() || !DishWord.leads(place);
            case TOLD -> place.isRightBehindFood() && place.leadsToFood() || DishWord.tells(place);
            case WORKS, SPREAD, NOUN ->
                    (!isThing(place) || kind == Sense.SPREAD && isOfWhat(place)) && !isServed(place, kind)
                            && !DishWord.isFilling(place)
                            && !DishWord.isListed(place) && !DishWord.isBesideMade(place)
                            && (place.leadsToFood() || place.isAside());
            case MANNER -> place.leadsToFood() || !place.isFirst() && (place.isAside()
                    || !Joint.parts(place.text(), place.last().end(), place.match().start()));
            // "jelly, 1 pkt strawberry" and "jelly 1 pkt strawberry" say the same
            case DESCRIBES -> place.leadsToFood() && !DishWord.isServed(place)
                    && place.behind().chars().noneMatch(Character::isDigit);
        };
    }

    private static boolean mayHaveParts(Match match) {
        return !(match.meaning() instanceof Meaning.OfFood) || DishWord.isPlainPlant(match);
    }

    private static boolean isOf(Match match, Set<Origin> origins) {
        return match.meaning() instanceof Meaning.OfFood(var food) && origins.contains(food.origin());
    }

    /// "a sprinkle of chopped parsley", "a glaze of honey": the food behind it is all it is made of
    private static boolean isOfWhat(Place place) {
        return !place.isLast() && TAKEN_OF.matcher(place.behind()).lookingAt();
    }

    private static boolean isTakenOf(Place place) {
        return !place.isLast() && TAKEN_OF.matcher(place.behind()).matches()
                || !place.isFirst() && WORTH.matcher(place.before()).matches();
    }

    private static boolean isAmidTalk(Place place) {
        return Joint.isAmidTalk(place.text(), place.last().end(), place.match().start(), place.match().end());
    }

    /// "rub the toast with garlic", "pile on toast with butter", "burger, chips", but not "the toast bread"
    private static boolean isThing(Place place) {
        return !place.isRightBeforeFood() && (THING.matcher(place.text().substring(0, place.match().start())).find()
                || place.match().text().endsWith("s") && DishWord.isOneOfMany(place));
    }

    /// "roasted til collapsing": right behind it stands a word that is no food and leads to none
    private static boolean isWaitedFor(Place place) {
        return !place.isRightBeforeFood() && Joint.goesOnInTalk(place.text(), place.match().end());
    }
}
