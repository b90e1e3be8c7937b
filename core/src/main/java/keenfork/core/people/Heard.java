package keenfork.core.people;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.LeftOut;
import keenfork.core.food.Words;
import keenfork.core.people.Avoidances.Reason;

/// What the words of a clause are.
///
/// @param named     what the words that are known mean
/// @param open      words that no list here knows
/// @param kind      why it is avoided, as far as that is said
/// @param isFine    whether it may be eaten
/// @param isTrace   whether it speaks of traces
/// @param isWithout whether it tells of a food without what is named: "lactose free milk is fine"
/// @param isWanted  whether it tells of what is liked, and nothing in it denies that: "loves fish"
record Heard(List<List<String>> named, List<String> open, Reason kind, boolean isFine, boolean isTrace,
        boolean isWithout, boolean isWanted) {
    private static final String FREE = "free";
    private static final int LONGEST = 5;
    /// kinds of talk of which some are phrases of several words
    private static final Set<String> PHRASES = Set.of("talk", "wanted");
    /// letters of "gf" and "df"
    private static final int SHORT = 2;
    private static final String DENIES = "denies";
    private static final String LIKED = "liked";
    /// "x6", "2"
    private static final Pattern COUNT = Pattern.compile("x?\\d");
    private static final String WHATEVER = "(?iU)\\b(?:" + Grammar.anyOf("whatever") + ")\\s+";

    Heard {
        named = List.copyOf(named);
        open = List.copyOf(open);
    }

    /// "prefers vegan" tells how somebody eats
    boolean isOfDiets() {
        return open.isEmpty() && named.stream().flatMap(List::stream).allMatch(n -> n.startsWith("diet:"));
    }

    /// "low" salt, "fresh" coriander: what recipes say of any food, and no food itself; but "olives or anything
    /// pickled" speaks of more than the olives
    boolean isOpenTalk(String clause) {
        return !named.isEmpty() && named.stream().allMatch(m -> m.getFirst().startsWith(AvoidWords.FOOD))
                && Foods.shipped().recipeWords().isOnlyTalk(String.join(" ", open))
                && !Pattern.compile(WHATEVER + Pattern.quote(open.getFirst())).matcher(clause).find();
    }

    static Heard of(String clause) {
        var words = Words.of(clause.replace(":recipe", " recipe"));
        var named = new ArrayList<List<String>>();
        var open = new ArrayList<String>();
        var tones = new HashSet<String>();
        var kind = Reason.AVOIDED;
        var namedUpTo = SomeoneNamed.end(clause);
        var isWithout = false;
        for (var at = 0; at < words.size();) {
            var length = longest(words, at);
            var without = withoutIt(words, at, length);
            // "pine nuts" are one food before they are nuts
            var food = without > 0 ? 0 : foodOfMore(words, at, length);
            if (food > length) {
                open.add(clause.substring(words.get(at).start(), words.get(at + food - 1).end()));
                at += food;
                continue;
            }
            if (length > 0) {
                named.add(AvoidWords.meant(key(words, at, length)));
                if (without > 0 || isDenial(words.subList(at, at + length))) tones.add(DENIES);
                isWithout |= without > 0;
                at += Math.max(without, length);
                continue;
            }
            var phrase = Math.max(1, phrase(words, at));
            var talk = AvoidWords.talk(key(words, at, phrase));
            if (talk != null) tones.add(talk);
            else if (words.get(at).start() >= namedUpTo && !COUNT.matcher(words.get(at).text()).lookingAt())
                open.add(clause.substring(words.get(at).start(), Math.min(clause.length(), words.get(at).end())));
            kind = reason(talk == null ? "" : talk, kind);
            at += phrase;
        }
        // "Kiwicha has to be avoided": nothing else is said, so that is what it is about
        if (namedUpTo > 0 && named.isEmpty() && open.isEmpty()) open.add(clause.substring(0, words.getFirst().end()));
        var isLiked = tones.contains(LIKED);
        return new Heard(named, open, isLiked && kind == Reason.AVOIDED ? Reason.DISLIKE : kind,
                tones.contains("fine") || tones.contains("allowed") && !tones.contains(DENIES),
                tones.contains("trace"), isWithout,
                (isLiked || tones.contains("wanted")) && !tones.contains(DENIES));
    }

    /// "egg free", and "df", which is short for as much
    private static boolean isDenial(List<Words.Word> words) {
        return words.stream().anyMatch(w -> DENIES.equals(AvoidWords.talk(w.text())))
                || words.getFirst().text().length() == SHORT;
    }

    private static Reason reason(String talk, Reason before) {
        return switch (talk) {
            case "allergy" -> Reason.ALLERGY;
            case "intolerance" -> Reason.INTOLERANCE;
            case "dislike" -> Reason.DISLIKE;
            default -> before;
        };
    }

    /// "has gluten free bread", "vegan cheese only": what is left out is what is avoided, and the food is eaten.
    ///
    /// @param known how many words from a place on are a key of the list
    /// @return how many words there are with the food that is told without it; 0 where nothing says so
    private static int withoutIt(List<Words.Word> words, int at, int known) {
        if (known == 0) return 0;
        var behind = at + known;
        var isFree = behind < words.size() && words.get(behind).text().equals(FREE)
                || words.get(behind - 1).text().equals(FREE);
        if (!isFree && !LeftOut.isSaid(key(words, at, known))) return 0;
        if (behind < words.size() && words.get(behind).text().equals(FREE)) behind++;
        for (var length = Math.min(LONGEST, words.size() - behind); length > 0; length--)
            if (Foods.shipped().find(key(words, behind, length)).isPresent()) return behind - at + length;
        return isFree ? behind - at : 0;
    }

    /// {@return the words of a food's name of two words or more that starts here and is no longer key of the list; 0
    /// where none does}
    private static int foodOfMore(List<Words.Word> words, int at, int known) {
        for (var length = Math.min(LONGEST, words.size() - at); length > Math.max(1, known); length--)
            if (Foods.shipped().find(key(words, at, length)).isPresent())
                return isOfName(words, at, length) ? length : 0;
        return 0;
    }

    /// "little gem" is a name; who minds "cooked pasta" minds pasta
    private static boolean isOfName(List<Words.Word> words, int at, int length) {
        var talk = AvoidWords.talk(words.get(at).text());
        return talk == null
                || talk.equals("talk") && Foods.shipped().find(key(words, at + 1, length - 1)).isEmpty();
    }

    /// {@return the words of a phrase of two words or more that is only talk: "not vegan"; 0 where none starts here}
    private static int phrase(List<Words.Word> words, int at) {
        for (var length = Math.min(LONGEST, words.size() - at); length > 1; length--) {
            var talk = AvoidWords.talk(key(words, at, length));
            if (talk != null && PHRASES.contains(talk)) return length;
        }
        return 0;
    }

    private static int longest(List<Words.Word> words, int at) {
        for (var length = Math.min(LONGEST, words.size() - at); length > 0; length--)
            if (!AvoidWords.meant(key(words, at, length)).isEmpty()) return length;
        return 0;
    }

    private static String key(List<Words.Word> words, int at, int length) {
        return String.join(" ", words.subList(at, at + length).stream().map(Words.Word::text).toList());
    }
}
