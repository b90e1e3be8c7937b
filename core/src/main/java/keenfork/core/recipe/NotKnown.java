package keenfork.core.recipe;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.food.Phrase;
import keenfork.core.food.UnitNames;
import keenfork.core.food.Words;

/// "Stir in the zugwort": a word that nobody knows, in the place of a food. It may be anything, as it may in a line.
///
/// In any other place it is talk: kit, names of people and places, short forms.
final class NotKnown {
    private static final Set<String> INTO = Grammar.words("puts-through");
    /// "put in the hotbox"
    private static final Set<String> PLACES = Grammar.words("places");
    private static final Set<String> SOME = Grammar.words("some-of");
    private static final Set<String> MEASURES = UnitNames.all().stream().map(UnitNames.UnitName::word)
            .collect(Collectors.toUnmodifiableSet());
    private static final Set<String> GOES_ON = Grammar.words("goes-on");

    /// "Zugwort in, cook down.", "Skorvle on top."
    private static final Pattern COMES_IN =
            Pattern.compile("(?i)\\s+(?:in\\s*[,.;]|(?:" + Grammar.anyOf("comes-behind") + ")\\b)");
    private static final Pattern BEHIND = Pattern.compile("(?:\\s+|-)(?<next>[\\p{L}\\d'’]+)");

    private NotKnown() {}

    /// {@return the words of a step that stand for a food and are not known, in order}
    static List<String> in(Phrase step) {
        return step.unknown().stream().filter(u -> standsForFood(step, u)).map(u -> u.word().text()).toList();
    }

    private static boolean standsForFood(Phrase step, Phrase.Unknown unknown) {
        var word = unknown.word();
        var before = LeadIn.of(step.text(), word.start());
        // "the R2", a "D2" for the day: no food is called so
        if (word.text().chars().anyMatch(Character::isDigit)) return false;
        var isName = Foods.shipped().isNoWord(word.text());
        if (before.words().isEmpty())
            return isName && COMES_IN.matcher(step.text()).region(word.end(), step.text().length()).lookingAt();
        if (!isNameEnd(step, word.end()) || Foods.shipped().isInedible(word.word())) return false;
        return isMeasured(before) || isPutIn(before, isName) || isName && isListed(step, before, word.end());
    }

    /// {@return whether no other thing is named right behind a word: the "gloved" of "gloved hands" is no name}
    private static boolean isNameEnd(Phrase step, int end) {
        var behind = BEHIND.matcher(step.text()).region(end, step.text().length());
        if (!behind.lookingAt()) return true;
        var word = behind.group("next").toLowerCase(Locale.ROOT);
        if (behind.group().startsWith("-") || LeadIn.DETERMINER.contains(word) || LeadIn.A.contains(word)
                || Numbers.at(word, 0) != null)
            return false;
        return GOES_ON.contains(word) || LeadIn.BEFORE_A_THING.contains(word) || LeadIn.BEFORE_A_VERB.contains(word)
                || word.endsWith("ly") || step.matches().stream().noneMatch(m -> m.start() == behind.start("next"))
                        && Foods.shipped().recipeWords().isTalk(Words.key(word));
    }

    /// "200 g labskaus", "a splash of Zorbo", "the rest of the zugwort"
    private static boolean isMeasured(LeadIn before) {
        var lead = before.lead();
        var last = before.at(before.last());
        if (MEASURES.contains(last) && before.last() > 0 && isNumber(before.at(before.last() - 1))) return true;
        var of = LeadIn.DETERMINER.contains(before.at(lead)) ? lead - 1 : lead;
        return before.at(of).equals("of")
                && (SOME.contains(before.at(of - 1)) || MEASURES.contains(before.at(of - 1)));
    }

    private static boolean isNumber(String word) { return !word.isEmpty() && !Character.isLetter(word.charAt(0)); }

    /// "finish with zugwort", "scatter the skorvle"; a thing of which there is one is a tool: "serve with a mezzaluna"
    private static boolean isPutIn(LeadIn before, boolean isName) {
        var lead = before.lead();
        var isOne = LeadIn.A.contains(before.at(lead));
        var isThis = !isOne && LeadIn.DETERMINER.contains(before.at(lead));
        var at = isOne || isThis ? lead - 1 : lead;
        if (at < 0) return false;
        var isWith = before.at(at).equals("with") && !isOne
                && (LeadIn.PUTS_IN.contains(before.at(at - 1)) || LeadIn.PUTS_IN.contains(before.at(0)));
        if (!isName) return isWith && !isThis;
        var verb = before.at(at - 1);
        return isWith || isWorked(before.at(at)) || INTO.contains(before.at(at)) && isWorked(verb)
                && !(before.at(at).equals("in") && PLACES.contains(verb));
    }

    private static boolean isWorked(String verb) {
        return LeadIn.PUTS_IN.contains(verb) || LeadIn.MAKES_OF.contains(verb) || LeadIn.SHAPES.contains(verb);
    }

    /// "add lemon, zugwort and salt", "add the lemon and zugwort"; but "add the beans, cov and leave"
    private static boolean isListed(Phrase step, LeadIn before, int end) {
        var last = before.words().getLast();
        if (!LeadIn.PUTS_IN.contains(before.at(0)) || before.words().size() < 2) return false;
        var rest = step.text().substring(end).strip();
        if (last.isPaused())
            return isFoodUntil(step, last.end()) && (rest.startsWith(",") || startsWith(rest, GOES_ON)
                    && isFoodFrom(step, end));
        return GOES_ON.contains(last.text()) && isFoodUntil(step, before.words().get(before.last() - 1).end())
                && (rest.isEmpty() || !Character.isLetter(rest.charAt(0)) || startsWith(rest, GOES_ON)
                        || startsWith(rest, INTO));
    }

    private static boolean isFoodUntil(Phrase step, int end) {
        return step.matches().stream().anyMatch(m -> m.end() == end);
    }

    /// {@return whether a food stands behind the one word that goes on}
    private static boolean isFoodFrom(Phrase step, int from) {
        var words = Words.of(step.text().substring(from));
        return words.size() > 1
                && step.matches().stream().anyMatch(m -> m.start() == from + words.get(1).start());
    }

    private static boolean startsWith(String rest, Set<String> words) {
        var first = Words.of(rest);
        return !first.isEmpty() && words.contains(rest.substring(first.getFirst().start(), first.getFirst().end()));
    }
}
