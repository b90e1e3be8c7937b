package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.food.Grammar;

/// The words of a sentence before the name of a food, in lower case.
///
/// @param words the words, in order
record LeadIn(List<Word> words) {
    private static final Pattern WORD = Pattern.compile("[\\p{L}'’-]+|[.;:!?&+]|[\\d½⅓⅔¼¾]+");
    private static final int MOST_QUALIFIERS = 3;
    /// letters of a sentence before a name that can tell how it is meant; more are a story
    private static final int FURTHEST = 500;

    static final Set<String> A = Grammar.words("one");
    static final Set<String> DETERMINER = Grammar.words("determiner");
    static final Set<String> BEFORE_A_THING = Grammar.words("preposition");
    static final Set<String> MAKES = Grammar.words("makes");
    static final Set<String> MAKES_OF = Grammar.words("makes-of");
    static final Set<String> SHAPES = Grammar.words("shapes");
    static final Set<String> GOES_IN = Grammar.words("goes-in");
    /// "stir in", "scatter", "season with": what goes in stands behind it
    static final Set<String> PUTS_IN = Stream.of("goes-in", "can-wait", "put-on-top", "seasons")
            .flatMap(k -> Grammar.list(k).stream()).collect(Collectors.toUnmodifiableSet());
    static final Set<String> LIKE = Grammar.words("likened");
    static final Set<String> HOW = Grammar.words("comes-to");
    /// "and toast", "until toast": words that a verb stands behind
    static final Set<String> BEFORE_A_VERB = Stream.of("before-verb", "verb-manner")
            .flatMap(k -> Grammar.list(k).stream()).collect(Collectors.toUnmodifiableSet());

    LeadIn {
        words = List.copyOf(words);
    }

    /// @param isPaused whether a comma follows
    /// @param end      where it ends in the text
    record Word(String text, boolean isPaused, int end) {}

    /// {@return the words of the sentence that ends where a name starts, as far as they can matter}
    static LeadIn of(String text, int start) {
        var words = new ArrayList<Word>();
        var found = WORD.matcher(text).region(from(text, start), start);
        while (found.find()) {
            var word = found.group().toLowerCase(Locale.ROOT);
            if (word.length() == 1 && ".;:!?".contains(word)) words.clear();
            else words.add(new Word(word, found.end() < start && text.charAt(found.end()) == ',', found.end()));
        }
        return new LeadIn(words);
    }

    private static int from(String text, int start) {
        var at = Math.max(0, start - FURTHEST);
        while (at > 0 && at < start && Character.isLetter(text.charAt(at - 1))) at++;
        return at;
    }

    /// {@return the word at a place, from 0; empty before the first}
    String at(int place) { return place < 0 ? "" : words.get(place).text; }

    int last() { return words.size() - 1; }

    /// {@return the place of the word that leads to the name, over what qualifies it; -1 where none does}
    int lead() {
        for (var place = last(); place >= 0 && last() - place <= MOST_QUALIFIERS; place--) {
            var word = words.get(place);
            if (word.isPaused && !HOW.contains(word.text)) return -1;
            if (!isQualifier(word.text)) return place;
        }
        return -1;
    }

    private static boolean isQualifier(String word) {
        return !DETERMINER.contains(word) && !A.contains(word) && !BEFORE_A_THING.contains(word)
                && !MAKES.contains(word) && !LIKE.contains(word) && !PUTS_IN.contains(word)
                && !MAKES_OF.contains(word) && !StepLine.isToldIn(word)
                && !BEFORE_A_VERB.contains(word) && !word.equals("have") && Character.isLetter(word.charAt(0));
    }

    /// {@return the nearest verb before a place that says whether a thing is made or goes in; empty where none does}
    String verb(int place) {
        for (var i = place - 1; i >= 0; i--)
            if (GOES_IN.contains(at(i)) || MAKES_OF.contains(at(i)) || SHAPES.contains(at(i))) return at(i);
        return "";
    }
}
