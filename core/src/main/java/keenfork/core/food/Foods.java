package keenfork.core.food;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/// The reference table of foods and compound products, and the two ways its words are read: in a recipe and on a pack.
public final class Foods {
    private static final String AND = " " + Words.AND + " ";
    private static final Map<String, String> SHORT_FORMS = shortForms();
    private static final Set<String> CUTS = cuts();
    private static final Foods SHIPPED = new Foods();
    private final List<Food> all = new ArrayList<>();
    private final Lexicon recipeWords;
    private final OtherTongues otherTongues = new OtherTongues();
    private final Lexicon packWords;
    private final Additives additives = new Additives();

    private Foods() {
        all.addAll(FoodTable.read("foods.txt", Food.Make.PLAIN));
        all.addAll(FoodTable.read("products.txt", Food.Make.COMPOUND));
        var descriptors = descriptors("descriptors.txt");
        var onPacks = descriptors("pack-talk.txt");
        onPacks.addAll(descriptors);
        onPacks.addAll(descriptors("chemistry.txt"));
        recipeWords = new Lexicon(descriptors);
        packWords = new Lexicon(onPacks);
        addFoods(recipeWords);
        addSaidShort(recipeWords);
        addOfOtherWords(recipeWords);
        addSaidAsN(recipeWords);
        addSubstances(recipeWords);
        addVague(recipeWords, false);
        addVague(packWords, true);
        additives.names().forEach(packWords::add);
        addSubstances(packWords);
        addPeople();
        addFoods(packWords);
        addSaidShort(packWords);
        addOfOtherWords(packWords);
        addSaidAsN(packWords);
        addLanguages();
    }

    /// {@return the tables that are shipped}
    public static Foods shipped() { return SHIPPED; }

    private static Map<String, String> shortForms() {
        var held = new HashMap<String, String>();
        for (var row : Table.read(Foods.class, "short-forms.txt", 3))
            held.put(Words.key(row.cell(0)), Words.key(row.cell(1)));
        return Map.copyOf(held);
    }

    private static Set<String> cuts() {
        var words = new HashSet<String>();
        for (var row : Table.read(Foods.class, "descriptors.txt", 3))
            if (row.cell(1).equals("cut")) words.add(Words.key(row.cell(0)));
        return Set.copyOf(words);
    }

    /// {@return whether a word says only how a food is cut}
    ///
    /// @param word in its one form
    public static boolean isCut(String word) { return CUTS.contains(word); }

    private static Set<String> descriptors(String file) {
        var words = new HashSet<String>();
        for (var row : Table.read(Foods.class, file, 3)) Words.of(row.cell(0)).forEach(w -> words.add(w.text()));
        for (var unit : UnitNames.all()) Words.of(unit.word()).forEach(w -> words.add(w.text()));
        return words;
    }

    private void addFoods(Lexicon lexicon) {
        for (var food : all) for (var name : food.names()) lexicon.add(name, new Meaning.OfFood(food));
    }

    /// "GF pasta" is the gluten-free pasta of the tables.
    private void addSaidShort(Lexicon lexicon) {
        for (var food : all)
            for (var name : food.names())
                for (var written : LeftOut.written(name)) addUnlessKnown(lexicon, written, new Meaning.OfFood(food));
    }

    /// "chix kiev", "eggplant lasagne": a word for another one stands in the longer names of that one, too
    private void addOfOtherWords(Lexicon lexicon) {
        var shortly = new HashMap<>(SHORT_FORMS);
        shortly.keySet().removeIf(w -> lexicon.exactly(w) == null);
        var others = new Synonyms(shortly);
        for (var food : all)
            for (var name : food.names())
                if (name.indexOf(' ') > 0 && !endsInCut(name))
                    others.of(name).forEach(n -> addUnlessKnown(lexicon, n, new Meaning.OfFood(food)));
    }

    /// "Salt n pepper squid", "mac n cheese"
    private void addSaidAsN(Lexicon lexicon) {
        for (var food : all)
            food.names().stream().filter(n -> n.contains(AND))
                    .forEach(n -> addUnlessKnown(lexicon, n.replace(AND, " n "), new Meaning.OfFood(food)));
    }

    /// "Grill the chix. Slice": how it is cut begins the next sentence
    private static boolean endsInCut(String name) {
        return isCut(Words.key(name.substring(name.lastIndexOf(' ') + 1)));
    }

    private static void addUnlessKnown(Lexicon lexicon, String name, Meaning meaning) {
        if (lexicon.exactly(name) == null) lexicon.add(name, meaning);
    }

    private static void addSubstances(Lexicon lexicon) {
        var byWord = new LinkedHashMap<String, List<Substance>>();
        for (var s : Substances.shipped().all())
            for (var word : s.words()) byWord.computeIfAbsent(word, _ -> new ArrayList<>()).add(s);
        byWord.forEach((word, substances) -> lexicon.add(word, new Meaning.OfSubstances(substances)));
    }

    private static void addVague(Lexicon lexicon, boolean onPacks) {
        for (var row : Table.read(Foods.class, "vague.txt", 5)) {
            if (row.cell(3).equals(onPacks ? "line" : "pack")) continue;
            var meaning = new Meaning.Vague(row.read(1, c -> Substances.shipped().getAll(row.list(1))), row.cell(2));
            for (var word : row.list(0)) lexicon.add(word, meaning);
        }
    }

    /// On packs alone: who cannot eat something stands for it, "not suitable for coeliacs".
    private void addPeople() {
        for (var row : Table.read(Foods.class, "pack-people.txt", 3)) {
            var meaning = new Meaning.OfSubstances(row.read(1, c -> Substances.shipped().getAll(row.list(1))));
            for (var word : row.list(0)) packWords.add(word, meaning);
        }
    }

    /// French, German, Spanish and Italian, on packs alone: each word means what its English one does.
    private void addLanguages() {
        for (var row : Table.read(Foods.class, "languages.txt", 6)) {
            var meaning = row.read(0, word -> {
                var found = packWords.exactly(word);
                if (found == null)
                    throw new IllegalArgumentException("no word \"%s\" in the English tables".formatted(word));
                return found;
            });
            for (var column = 1; column <= 4; column++)
                for (var word : row.list(column)) {
                    packWords.add(word, meaning);
                    otherTongues.add(word);
                }
            // "Spuren von Nüssen": the dative
            for (var word : row.list(2)) packWords.add(word + "n", meaning);
        }
    }

    /// {@return every food and product, in table order}
    public List<Food> all() { return List.copyOf(all); }

    public Lexicon recipeWords() { return recipeWords; }

    public Lexicon packWords() { return packWords; }

    /// {@return the food of exactly that name, in any of its spellings}
    public Optional<Food> find(String name) {
        return recipeWords.exactly(name) instanceof Meaning.OfFood(var food) ? Optional.of(food) : Optional.empty();
    }

    /// {@return what exactly those words mean in a recipe, or empty}
    public Optional<Meaning> meaning(String words) {
        return Optional.ofNullable(recipeWords.exactly(words));
    }

    /// {@return what an E-number stands for, or empty where no list has it}
    public Optional<Meaning> listedAdditive(int number) { return additives.listed(number); }

    /// {@return what an E-number stands for; one that no list has is asked about}
    public Meaning additive(int number) {
        return listedAdditive(number).orElseGet(
                () -> new Meaning.Vague(List.of(), "No list of additives has E%d. What is it?".formatted(number)));
    }

    /// {@return up to three names a misspelt word may have meant, nearest first; never taken without saying so}
    public List<String> near(String text) { return UnknownWords.proposed(text); }

    /// Reads a phrase of a recipe to its last word.
    public Phrase phrase(String text) {
        var written = recipeWords.read(text);
        if (written.unread().isEmpty()) return phrase(recipeWords, text, written);
        var reading = UnknownWords.withJoined(recipeWords, written);
        if (reading.unread().isEmpty()) return phrase(recipeWords, text, reading);
        // "200 g lardons fumés": in another language, as its packs are
        if (reading.unread().stream().allMatch(this::isOfOtherTongue)
                && reading.unread().stream().anyMatch(w -> shortForm(w.word()) == null)) {
            var other = ofOtherTongue(text);
            if (other == null) return phrase(recipeWords, text, reading);
            return reading.unread().size() > 1 ? other : withDoubt(other, reading.unread().getFirst());
        }
        var phrase = phrase(recipeWords, text, reading);
        var open = phrase.unknown();
        if (open.isEmpty() || !open.stream().allMatch(u -> isOfOtherTongue(u.word()))) return phrase;
        var other = ofOtherTongue(text);
        return other == null ? phrase : other;
    }

    /// "Brot" alone is bread, or a slip of "broth": it is shown as taken for the one, and asked about.
    private static Phrase withDoubt(Phrase other, Lexicon.Unread word) {
        if (holds(other).containsAll(UnknownWords.resembled(word.word()))) return other;
        var matches = other.matches().stream()
                .map(m -> m.start() <= word.start() && m.end() >= word.end() ? m.takenForItself() : m).toList();
        return new Phrase(other.text(), matches, other.past(), other.unknown());
    }

    private static Set<Substance> holds(Phrase phrase) {
        var held = new HashSet<Substance>();
        for (var match : phrase.matches()) held.addAll(match.meaning().holds());
        return held;
    }

    private @Nullable Phrase ofOtherTongue(String text) {
        var other = phrase(packWords, text);
        return other.unknown().isEmpty() && !other.matches().isEmpty()
                && other.matches().stream().noneMatch(Lexicon.Match::isTaken) ? other : null;
    }

    private boolean isOfOtherTongue(Lexicon.Unread word) { return otherTongues.holds(word.word(), packWords); }

    /// Reads a phrase of a pack to its last word.
    public Phrase packPhrase(String text) { return phrase(packWords, text); }

    private Phrase phrase(Lexicon lexicon, String text) { return phrase(lexicon, text, lexicon.read(text)); }

    private Phrase phrase(Lexicon lexicon, String text, Lexicon.Reading known) {
        var reading = known;
        if (reading.unread().isEmpty())
            return new Phrase(text, foods(lexicon, text, reading.matches()), List.of(), List.of());
        var taken = new HashMap<Integer, String>();
        reading = withJoined(lexicon, reading);
        for (var word : reading.unread()) {
            var as = isQuoted(text, word) ? null : UnknownWords.takenFor(word.word());
            if (as != null) taken.put(word.start(), as);
        }
        if (!taken.isEmpty()) reading = withJoined(lexicon, lexicon.read(text, taken));
        var matches = foods(lexicon, text, reading.matches());
        return reading.unread().isEmpty() ? new Phrase(text, matches, List.of(), List.of())
                : Phrase.of(text, matches, reading.unread());
    }

    private Lexicon.Reading withJoined(Lexicon lexicon, Lexicon.Reading reading) {
        var joined = UnknownWords.withJoined(lexicon, reading);
        return lexicon == packWords ? withCompounds(joined) : joined;
    }

    /// {@return the food that words name which name one only where no other is named: "8 whites", but "leek whites"}
    public Optional<Lexicon.Match> alone(String text) { return InPlural.alone(text); }

    /// what words mean where they stand
    private List<Lexicon.Match> foods(Lexicon lexicon, String text, List<Lexicon.Match> matches) {
        var standing = InPlural.foods(TwoSided.foods(text, matches));
        return lexicon == packWords ? standing : Imitation.foods(text, standing);
    }

    /// German writes "Garnelenpaste" as one word: where a word is a name and another word of the tables behind it, both
    /// are read.
    private Lexicon.Reading withCompounds(Lexicon.Reading reading) {
        var matches = new ArrayList<>(reading.matches());
        var unread = new ArrayList<Lexicon.Unread>();
        for (var word : reading.unread()) {
            var parts = Compound.of(word.word(), packWords);
            if (parts.isEmpty()) unread.add(word);
            for (var part : parts) matches.add(new Lexicon.Match(word.text(), part, word.start(), word.end()));
        }
        if (matches.size() == reading.matches().size()) return reading;
        matches.sort(java.util.Comparator.comparingInt(Lexicon.Match::start));
        return new Lexicon.Reading(matches, unread);
    }

    /// A word in quotation marks is just that word: the cook said that it is no other, and no talk.
    static boolean isQuoted(String text, Lexicon.Unread word) {
        return word.start() > 0 && word.end() < text.length() && "\"“”„".indexOf(text.charAt(word.start() - 1)) >= 0
                && "\"”“".indexOf(text.charAt(word.end())) >= 0;
    }

    /// {@return what a short form stands for, or null where a word is none}
    static @Nullable String shortForm(String word) { return SHORT_FORMS.get(word); }

    /// {@return whether a line opens with a word that is a food there and mostly a work: "toast with butter"}
    /// @param isCounted whether an amount stands in front of it: no work is counted
    public static boolean opensWithFood(String words, boolean isCounted) {
        return TwoSided.opensWithFood(words, isCounted);
    }

    /// {@return whether one of some words is a short form of the kitchen's, and not a slip of the pen}
    public boolean isShortForm(String text) {
        return Words.of(text).stream().anyMatch(w -> SHORT_FORMS.containsKey(w.text()));
    }

    /// {@return whether neither the tables nor the general dictionary know a word}
    public boolean isNoWord(String text) {
        var word = Words.key(text);
        return !recipeWords.isTalk(word) && recipeWords.ofKey(word) == null && SHORT_FORMS.get(word) == null
                && Dictionary.shipped().kind(word) == Dictionary.Edibility.NOT_HELD;
    }

    /// {@return whether the general dictionary knows a word, and no sense of it that can be eaten}
    ///
    /// @param word in its one form
    public boolean isInedible(String word) { return Dictionary.shipped().kind(word) == Dictionary.Edibility.INEDIBLE; }

    /// {@return whether words name no food, and none of those that nobody knows could be one}
    public boolean nameNothing(String words) {
        var read = phrase(words);
        return read.matches().isEmpty() && read.unknown().stream().allMatch(u -> isInedible(u.word().word()));
    }

    /// {@return what a word of a pack may be of, where a scanner has broken it: "rnilk", "mi lk"; nothing where it is
    /// like no name}
    /// @param start where the word begins in the text
    /// @param end   where it ends
    public List<Substance> garbled(String text, int start, int end) { return Garbled.of(text, start, end); }

    /// {@return whether two words lie one slip of the pen apart}
    public static boolean isSlip(String word, String other) { return Slips.distance(word, other, 1) == 1; }

}
