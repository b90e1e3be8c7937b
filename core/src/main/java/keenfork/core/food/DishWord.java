package keenfork.core.food;

import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.food.Lexicon.Match;

/// Words that name a made dish where they stand in a certain place, and say something else anywhere else: the salad of
/// "chicken salad" and of "salad potatoes".
final class DishWord {
    /// "for the salad", "to crumble"
    private static final Pattern MEANT_TO = Grammar.wordOf("is-meant-to");
    /// "stuffed peppers with feta": it is told
    private static final Pattern TELLS =
            Pattern.compile("(?iU)\\s+(?:" + Grammar.anyOf("done-with") + ")\\b[^,;(]{0,10}");
    private static final Pattern TOLD_WITH = Grammar.wordOf("told-with");
    private static final Pattern FILLED_IN = Pattern.compile("(?i)\\s+(?:" + Grammar.anyOf("filled-in") + ")\\b");
    /// "prawn layered salad", "stuffed roast peppers", but not "herbs for salad" or "marinated in lemon"
    private static final Pattern WORD_AT_MOST =
            Pattern.compile("(?i)\\s+(?:(?!(?:" + Grammar.anyOf("turns-aside") + ")\\b)\\p{L}+\\s+)?");
    private static final Pattern GOES_WITH = Pattern.compile(
            "(?i),?\\s+(?:\\p{L}+\\s+)?(?:" + Grammar.anyOf("filled-in") + "|" + Grammar.anyOf("told-with") + ")\\b");
    private static final Pattern ALONG = Pattern.compile("(?i)\\b(?:" + Grammar.anyOf("told-with") + ")\\s+(?:(?:"
            + Grammar.anyOf("all-of") + ")\\s+)*$");
    private static final Pattern JOINS = Pattern.compile("(?i)[&+]|\\b(?:" + Grammar.anyOf("goes-on") + "|"
            + Grammar.anyOf("told-with") + "|" + Grammar.anyOf("on-bread") + ")\\b");
    private static final Pattern STOPS = Pattern.compile(
            "(?i)\\s*(?:[^\\p{L}\\s-]|$|(?:" + Grammar.anyOf("filled-in") + "|" + Grammar.anyOf("told-with") + ")\\b|"
                    + Grammar.AND.pattern() + ")");
    /// "burger in brioche"
    private static final String IN = " in ";
    private static final Pattern NOTHING = Pattern.compile("[\\d\\s]*");
    /// "crumble in feta"
    private static final Set<String> DONE = Grammar.words("done-in");
    private static final int FEWEST_LISTED = 2;

    /// what is eaten beside a made dish
    private static final Set<String> BESIDE = Grammar.words("beside-made");
    private static final Set<String> BESIDE_ANIMALS = Grammar.words("beside-animals");
    /// of it, what is done to bread and pastry
    private static final Set<String> BREAD_IS = Grammar.words("bread-is");

    private DishWord() {}

    /// {@return whether it stands last, right behind a food, alone, or with another: "chicken salad", "200 g salad",
    /// "fish pie and green salad", but not "salad potatoes" or "for the salad"}
    static boolean isHead(Place place) {
        if (place.isRightBeforeFood()) return false;
        if (!place.isFirst() && WORD_AT_MOST.matcher(place.before()).matches()) return true;
        if (isOneOfMany(place) && !isPlainPlant(place.last())) return true;
        return (place.isFirst() ? isFirstOfMany(place) : JOINS.matcher(place.before()).find())
                && !MEANT_TO.matcher(place.before()).find();
    }

    /// {@return whether a name at the head of a line stands for itself: alone, or with others behind a comma, "and" or
    /// "with"}
    private static boolean isFirstOfMany(Place place) {
        return place.isLast() || place.behind().startsWith(",") || isServed(place)
                || Grammar.AND.matcher(place.behind()).matches();
    }

    /// "potatoes, salad" are salad potatoes, and "burger, salad" are two; a chilli has seeds of its own, and bread has
    /// others
    static boolean isPlainPlant(Match match) {
        return match.meaning() instanceof Meaning.OfFood(var food) && food.make() == Food.Make.PLAIN
                && food.origin() == Origin.PLANT;
    }

    /// {@return whether it stands right behind a food, or with one, and no word goes on: "salmon bites, 200 g", "cod
    /// with a crust", but not "chicken bite-size pieces" or "bread crusts removed"}
    static boolean ends(Place place) {
        return (place.isRightBehindFood() || !place.isFirst() && ALONG.matcher(place.before()).find())
                && STOPS.matcher(place.text()).region(place.match().end(), place.text().length()).lookingAt();
    }

    /// {@return whether it is the head behind what grows, or listed behind it: a crumble of apples is one, and feta
    /// crumble is feta}
    static boolean isTopping(Place place) {
        return (isHead(place) || isListed(place))
                && (place.isFirst() || Grammar.AND.matcher(place.before()).matches()
                        || !(place.last().meaning() instanceof Meaning.OfFood(var food))
                        || food.origin() == Origin.PLANT);
    }

    /// {@return whether it leads a food, and nobody tells with what: "stuffed mushrooms", "stuffed roast peppers"}
    static boolean leads(Place place) {
        return !place.isLast() && WORD_AT_MOST.matcher(place.behind()).matches()
                && !TOLD_WITH.matcher(place.text()).region(place.match().end(), place.text().length()).find();
    }

    /// {@return whether what follows is what it is done with: "carrots glazed with butter"}
    static boolean tells(Place place) { return !place.isLast() && TELLS.matcher(place.behind()).matches(); }

    /// {@return whether it fills a sandwich with the food before it: "cheese & pickle on malted", "ham and relish in a
    /// bap"}
    static boolean isFilling(Place place) {
        return !place.isFirst() && Grammar.AND.matcher(place.before()).matches()
                && FILLED_IN.matcher(place.text()).region(place.match().end(), place.text().length()).lookingAt();
    }

    /// {@return whether what follows goes with it, and is not what it describes: "burger in a bun", "cake with cream"}
    static boolean isServed(Place place) {
        var with = GOES_WITH.matcher(place.text()).region(place.match().end(), place.text().length());
        if (place.isFirst() && NOTHING.matcher(place.before()).matches() && place.behind().equals(IN))
            return !DONE.contains(Words.key(place.match().text()));
        return with.lookingAt() && (place.isLast() || place.matches().get(place.at() + 1).start() >= with.end());
    }

    /// {@return whether it is served with what stands before, and nobody tells what it is: "with all the trimmings"}
    static boolean isServedAlong(Place place) {
        return !place.leadsToFood() && ALONG.matcher(place.text().substring(0, place.match().start())).find();
    }

    /// {@return whether it is one of several foods that commas part, and nothing that is done to one: "haddock, chips,
    /// peas"}
    static boolean isListed(Place place) {
        if (isBeforeLast(place)) return true;
        if (!isOneOfMany(place)) return false;
        var text = place.text();
        var own = text.lastIndexOf(',', place.match().start());
        return place.matches().stream().mapToInt(m -> text.lastIndexOf(',', m.start())).filter(c -> c != own)
                .distinct().count() >= FEWEST_LISTED;
    }

    /// "fish, chips & peas"
    private static boolean isBeforeLast(Place place) {
        return !place.isFirst() && !place.isLast() && place.match().text().endsWith("s")
                && place.before().strip().equals(",") && Grammar.AND.matcher(place.behind()).matches();
    }

    /// {@return whether it stands behind a made dish that nobody does such a thing to: "stew, mash" and "soup, roll",
    /// but "bread, toast"}
    static boolean isBesideMade(Place place) {
        var word = Words.key(place.match().text());
        if (!BESIDE.contains(word) || !isOneOfMany(place)
                || !(place.last().meaning() instanceof Meaning.OfFood(var food)))
            return false;
        // nobody toasts an egg or a sardine
        if (BESIDE_ANIMALS.contains(word) && food.origin() != Origin.PLANT) return true;
        return food.isCompound() && (!BREAD_IS.contains(word) || food.holds().stream().noneMatch(DishWord::isOfBread));
    }

    /// {@return whether a match is bread, or what bread is made of}
    static boolean isBread(Match match) {
        return match.meaning() instanceof Meaning.OfFood(var food)
                && Stream.concat(food.holds().stream(), food.sometimes().stream()).anyMatch(DishWord::isOfBread);
    }

    private static boolean isOfBread(Substance substance) {
        var tree = Substances.shipped();
        return tree.isUnder(substance, tree.get("gluten"));
    }

    /// {@return whether it stands alone behind a comma: "burger, chips"}
    static boolean isOneOfMany(Place place) { return !place.isFirst() && isBetweenCommas(place.text(), place.match()); }

    /// with no more than one word before it
    private static boolean isBetweenCommas(String text, Match match) {
        var before = text.substring(text.lastIndexOf(',', match.start()) + 1, match.start()).strip();
        var next = text.indexOf(',', match.end());
        return before.chars().allMatch(Character::isLetter)
                && text.substring(match.end(), next < 0 ? text.length() : next).isBlank();
    }
}
