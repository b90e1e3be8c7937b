package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.food.Grammar;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.food.Table;
import keenfork.core.food.Words;

/// What a step means by the name of a food: what goes in or is served with it, what is being made here ("blend to a
/// rough pesto"), or only what it is like ("until the thickness of double cream").
///
/// It goes in unless the words before it say that it does not: a jar of mayonnaise is there, whatever "of" may mean.
final class MadeHere {
    /// What is meant.
    enum Meant { THERE, MADE, LIKENED }

    /// How a name is mostly meant.
    private enum Mostly { MADE, DONE }

    private static final Map<String, Mostly> WORDS = Table.read(MadeHere.class, "made-here.txt", 3).stream()
            .collect(Collectors.toUnmodifiableMap(r -> Words.key(r.cell(0)),
                    r -> r.read(1, c -> Mostly.valueOf(c.toUpperCase(Locale.ROOT)))));
    private static final Pattern SENTENCE = Pattern.compile("[.;:!?]");
    private static final Pattern WORD = Pattern.compile("[\\p{L}'’-]+|[.;:!?]|\\d+");
    private static final Pattern BOUGHT = Pattern.compile("(?i)\\b(?:(?:" + Grammar.anyOf("shop-vessel")
            + ") of (?:\\p{L}+ )?|(?:" + Grammar.anyOf("bought") + ") )$");
    private static final Pattern OF_IT = Pattern.compile("(?i) (?:" + Grammar.anyOf("of-what-is-here") + ")\\b");
    private static final int MOST_QUALIFIERS = 3;

    private static final Set<String> A = Grammar.words("one");
    private static final Set<String> DETERMINER = Grammar.words("determiner");
    private static final Set<String> BEFORE_A_THING = Grammar.words("preposition");
    private static final Set<String> MAKES = Grammar.words("makes");
    private static final Set<String> MAKES_OF = Grammar.words("makes-of");
    private static final Set<String> SHAPES = Grammar.words("shapes");
    private static final Set<String> GOES_IN = Grammar.words("goes-in");
    private static final Set<String> LOOKS = Grammar.words("looks");
    private static final Set<String> LIKE = Grammar.words("likened");
    private static final Set<String> SERVED_SO = Grammar.words("comes-to");

    private static final Set<String> BEFORE_A_VERB = Stream.of("before-verb", "verb-manner")
            .flatMap(k -> Grammar.list(k).stream()).collect(Collectors.toUnmodifiableSet());

    private final List<Word> before;

    /// @param isPaused whether a comma follows
    private record Word(String text, boolean isPaused) {}

    private MadeHere(List<Word> before) { this.before = before; }

    /// {@return what a step means by a product}
    static Meant product(String step, Match match) {
        var before = step.substring(0, match.start());
        if (BOUGHT.matcher(before).find()) return Meant.THERE;
        var sentence = new MadeHere(sentence(before));
        var mostly = WORDS.get(Words.key(match.text()));
        if (mostly == Mostly.MADE || mostly == Mostly.DONE && !sentence.isThing()) return Meant.MADE;
        if (OF_IT.matcher(step).region(match.end(), step.length()).lookingAt()) return Meant.MADE;
        var meant = sentence.meant();
        // nobody makes toast of what is no bread
        return mostly == Mostly.DONE && meant == Meant.MADE && !sentence.isShaped() ? Meant.THERE : meant;
    }

    /// {@return the words of products that a step begins a sentence with as a verb: "Pickle the onions"}
    static List<String> done(String step) {
        return SENTENCE.splitAsStream(step).map(s -> Words.of(s)).filter(w -> !w.isEmpty())
                .map(w -> w.getFirst().text()).filter(w -> WORDS.get(w) == Mostly.DONE).toList();
    }

    /// {@return whether a step only says what something is like}
    static boolean isLikened(String step, Match match) {
        return new MadeHere(sentence(step.substring(0, match.start()))).meant() == Meant.LIKENED;
    }

    private static List<Word> sentence(String before) {
        var words = new ArrayList<Word>();
        var found = WORD.matcher(before);
        while (found.find()) {
            var text = found.group().toLowerCase(Locale.ROOT);
            if (text.length() == 1 && ".;:!?".contains(text)) words.clear();
            else words.add(new Word(text, found.end() < before.length() && before.charAt(found.end()) == ','));
        }
        return words;
    }

    private String at(int place) { return place < 0 ? "" : before.get(place).text; }

    /// "on toast", "some chips": a thing; but "toast the nuts", "then wrap", "lightly mash".
    private boolean isThing() {
        if (before.isEmpty()) return false;
        var last = before.getLast();
        return !last.isPaused && !BEFORE_A_VERB.contains(last.text) && !last.text.endsWith("ly");
    }

    /// {@return the place of the word that leads to the name, over what qualifies it; -1 where none does}
    private int lead(int last) {
        for (var place = last; place >= 0 && last - place <= MOST_QUALIFIERS; place--) {
            var word = before.get(place);
            if (place < last && word.isPaused && !SERVED_SO.contains(word.text)) return -1;
            if (!isQualifier(word.text)) return place;
        }
        return -1;
    }

    private static boolean isQualifier(String word) {
        return !DETERMINER.contains(word) && !A.contains(word) && !BEFORE_A_THING.contains(word)
                && !MAKES.contains(word) && !LIKE.contains(word) && !GOES_IN.contains(word)
                && !MAKES_OF.contains(word) && !StepLine.tellsToDo(word)
                && !BEFORE_A_VERB.contains(word) && !word.equals("have") && !Character.isDigit(word.charAt(0));
    }

    private Meant meant() {
        var lead = lead(before.size() - 1);
        var isOne = A.contains(at(lead));
        var isThis = !isOne && DETERMINER.contains(at(lead));
        var verb = isOne || isThis ? lead - 1 : lead;
        if (verb < 0) return Meant.THERE;
        var word = at(verb);
        if (LIKE.contains(word) && isLikened(verb)) return Meant.LIKENED;
        if (MAKES.contains(word)) return Meant.MADE;
        if (isThis) return word.equals("for") && verb == 0 ? Meant.MADE : Meant.THERE;
        return isMadeInto(word, verb, isOne) ? Meant.MADE : Meant.THERE;
    }

    /// "the texture of hummus", "looks like breadcrumbs", "as thick as custard"; but not "something like mustard"
    private boolean isLikened(int place) {
        return switch (at(place)) {
            case "of" -> LOOKS.contains(at(place - 1));
            case "as" -> at(place - 2).equals("as") && SERVED_SO.contains(at(place - 1));
            case "like" -> SHAPES.contains(nearestVerb(place))
                    || before.subList(0, place).stream().anyMatch(w -> LOOKS.contains(w.text))
                            && !GOES_IN.contains(nearestVerb(place));
            default -> true;
        };
    }

    private boolean isMadeInto(String word, int place, boolean isOne) {
        var verb = nearestVerb(place);
        return switch (word) {
            case "to" -> MAKES_OF.contains(verb) || SHAPES.contains(verb);
            case "into" -> SHAPES.contains(verb) || isOne && MAKES_OF.contains(verb);
            case "as" -> isOne && !GOES_IN.contains(verb);
            case "for" -> place == 0;
            case "have" -> at(place - 1).equals("you");
            default -> false;
        };
    }

    private boolean isShaped() { return SHAPES.contains(nearestVerb(before.size())); }

    private String nearestVerb(int place) {
        for (var i = place - 1; i >= 0; i--)
            if (GOES_IN.contains(at(i)) || MAKES_OF.contains(at(i)) || SHAPES.contains(at(i))) return at(i);
        return "";
    }
}
