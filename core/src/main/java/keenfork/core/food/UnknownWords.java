package keenfork.core.food;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/// What a word of a recipe may stand for that the tables do not hold: two words written as one, a slip of the pen, a
/// short form, a branch of the tree. Its lists are made when the first such word comes: most texts have none.
final class UnknownWords {
    /// a name inside a longer word tells only from so many letters on: "cashewcream", but not the egg of a "legging"
    private static final int SHORTEST_INSIDE = 5;
    /// a name is cut short to so many letters: "salm" of salmon
    private static final int SHORTEST_CUT = 4;
    /// a shorter word is a slip away from too many others
    private static final int SHORTEST_TAKEN = 5;
    /// a shorter run of letters may be another word
    private static final int SHORTEST_JOINED = 7;
    private static final Pattern NO_LETTER = Pattern.compile("\\P{L}");
    private static final Lexicon WORDS = Foods.shipped().recipeWords();
    private static final Set<String> SHOWN = shown();
    private static final Slips NAMES = new Slips(List.copyOf(WORDS.names()));
    /// names of two words, by their letters
    private static final Map<String, String> JOINED = joined();
    private static final WithoutVowels WITHOUT_VOWELS = withoutVowels();
    private static final Slips VOCABULARY = new Slips(WORDS.vocabulary());

    private UnknownWords() {}

    /// {@return up to three names a misspelt word may have meant, nearest first}
    static List<String> proposed(String text) { return NAMES.proposed(Words.key(text)); }

    /// "poppyseeds" and "soysauce": a name of two words written as one.
    static Lexicon.Reading withJoined(Lexicon lexicon, Lexicon.Reading reading) {
        var matches = new ArrayList<>(reading.matches());
        var unread = new ArrayList<Lexicon.Unread>();
        for (var word : reading.unread()) {
            var name = JOINED.get(word.word());
            var meaning = name == null ? null : lexicon.ofKey(name);
            if (meaning == null) unread.add(word);
            else matches.add(new Lexicon.Match(word.text(), meaning, word.start(), word.end()));
        }
        if (matches.size() == reading.matches().size()) return reading;
        matches.sort(Comparator.comparingInt(Lexicon.Match::start));
        return new Lexicon.Reading(matches, unread);
    }

    private static Map<String, String> joined() {
        var held = new HashMap<String, String>();
        for (var food : Foods.shipped().all())
            for (var name : food.names()) {
                var key = Words.key(name);
                if (key.indexOf(' ') < 0 || key.indexOf(' ') != key.lastIndexOf(' ') || key.length() <= SHORTEST_JOINED)
                    continue;
                held.putIfAbsent(key.replace(" ", ""), key);
                // "goatscheese"
                held.putIfAbsent(NO_LETTER.matcher(name.toLowerCase(Locale.ROOT)).replaceAll(""), key);
            }
        return held;
    }

    /// The word of the tables that a word is taken for: a known short form, or the only one that lies a slip of the pen
    /// away.
    static @Nullable String takenFor(String word) {
        var known = Foods.shortForm(word);
        if (known != null) return known;
        if (Dictionary.shipped().kind(word) != Dictionary.Edibility.NOT_HELD) return null;
        var talk = WITHOUT_VOWELS.talk(word);
        if (!talk.isEmpty()) return talk;
        var named = WITHOUT_VOWELS.name(word);
        if (!named.isEmpty()) return named;
        var near = VOCABULARY.oneAway(word);
        if (near.size() == 1 && near.getFirst().length() >= SHORTEST_TAKEN && isBegunAlike(near.getFirst(), word)
                && isCommon(near.getFirst()))
            return near.getFirst();
        var mayBeSlip = near.stream().anyMatch(n -> isBegunAlike(n, word) && !n.startsWith(word)
                && WORDS.ofKey(n) != null);
        return mayBeSlip ? null : cutShort(word);
    }

    /// hardly anybody gets the first letter wrong: what differs there is another word
    private static boolean isBegunAlike(String name, String word) { return name.charAt(0) == word.charAt(0); }

    /// "noods" of noodles, "pistach" of pistachios: the food whose name begins so, where the shortest of such names
    /// stands at the head of all the others; else null
    private static @Nullable String cutShort(String word) {
        if (word.length() < SHORTEST_CUT) return null;
        var begun = SHOWN.stream().filter(w -> w.startsWith(word) && WORDS.ofKey(w) != null)
                .sorted(Comparator.comparingInt(String::length)).toList();
        return !begun.isEmpty() && begun.stream().allMatch(w -> w.startsWith(begun.getFirst())) ? begun.getFirst()
                : null;
    }

    /// {@return whether a word is one that a cook can be expected to mean: a word of a shown name, of the law, of talk,
    /// or of general English}
    ///
    /// The tables hold names from many kitchens, and a word that is no slip at all may lie beside one that hardly
    /// anybody here has heard of.
    private static boolean isCommon(String word) {
        return SHOWN.contains(word) || WORDS.isTalk(word)
                || Dictionary.shipped().kind(word) != Dictionary.Edibility.NOT_HELD;
    }

    private static Set<String> shown() {
        var words = new HashSet<String>();
        for (var food : Foods.shipped().all()) words.addAll(List.of(Words.key(food.name()).split(" ")));
        for (var substance : Substances.shipped().all())
            for (var name : substance.words()) words.addAll(List.of(Words.key(name).split(" ")));
        return words;
    }

    /// {@return what a word of the general dictionary means by the branch of the tree it stands below, or null}
    @Nullable
    static Meaning ofBranch(String word) {
        var branch = Dictionary.shipped().branch(word);
        if (branch.isEmpty()) return null;
        // a bread or a nut of unknown kind may hold any of its branch; a fish is a fish
        return branch.size() == 1 && !branch.getFirst().id().equals("gluten") ? new Meaning.OfSubstances(branch)
                : new Meaning.Vague(branch, "What is in the %s?".formatted(word));
    }

    /// {@return the substances whose names a word resembles: within the distance of a slip, as a form of one, cut
    /// short, or with one in it}
    static List<Substance> resembled(String word) {
        var found = new LinkedHashSet<Substance>();
        for (var stem : Dictionary.stems(word)) holds(stem, found);
        found.addAll(Dictionary.shipped().branch(word));
        for (var near : VOCABULARY.within(word))
            if (Foods.isSlip(word, near) || isAllergensName(near)) holds(near, found);
        for (var substance : Substances.shipped().all())
            for (var name : substance.words())
                if (name.length() >= SHORTEST_INSIDE && word.contains(name)
                        || word.length() >= SHORTEST_CUT && name.startsWith(word))
                    found.add(substance);
        found.addAll(begun(word));
        return List.copyOf(found);
    }

    /// {@return what all foods hold whose name is a longer form of a word: any "bisc" is of wheat, whether it is a
    /// biscuit or a biscotto}
    private static List<Substance> begun(String word) {
        if (word.length() < SHORTEST_CUT) return List.of();
        List<Substance> all = null;
        for (var name : SHOWN) {
            if (!name.startsWith(word) || !(WORDS.ofKey(name) instanceof Meaning.OfFood(var food))) continue;
            if (all == null) all = new ArrayList<>(food.holds());
            else all.retainAll(food.holds());
        }
        return all == null ? List.of() : all;
    }

    /// {@return what a name would hold beyond what was read, were a word before it one slip of the pen away: "boat
    /// milk" may be oat milk}
    static List<Substance> hiddenBySlip(String word, Lexicon.Match match) {
        var hidden = new LinkedHashSet<Substance>();
        var name = Words.key(match.text());
        for (var near : VOCABULARY.within(word)) {
            if (!(WORDS.ofKey(near + " " + name) instanceof Meaning.OfFood(var longer)) || !Foods.isSlip(word, near))
                continue;
            hidden.addAll(longer.holds());
        }
        if (match.meaning() instanceof Meaning.OfFood(var read)) hidden.removeAll(read.holds());
        return List.copyOf(hidden);
    }

    private static boolean isAllergensName(String word) {
        return WORDS.ofKey(word) instanceof Meaning.OfFood(var food)
                ? food.holds().stream().anyMatch(s -> Words.key(s.name()).equals(word))
                : WORDS.ofKey(word) instanceof Meaning.OfSubstances;
    }

    private static void holds(String word, Set<Substance> found) {
        var meaning = WORDS.ofKey(word);
        if (meaning instanceof Meaning.OfFood(var food)) found.addAll(food.holds());
        if (meaning instanceof Meaning.OfSubstances(var substances)) found.addAll(substances);
    }

    private static WithoutVowels withoutVowels() {
        var vocabulary = WORDS.vocabulary();
        return new WithoutVowels(vocabulary.stream().filter(WORDS::isTalk).toList(),
                vocabulary.stream().filter(w -> !WORDS.isTalk(w)).toList(), SHOWN);
    }
}
