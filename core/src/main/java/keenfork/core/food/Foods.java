package keenfork.core.food;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import keenfork.core.measure.Span;
import keenfork.core.measure.Unit;
import keenfork.core.measure.Volumes;
import org.jspecify.annotations.Nullable;

/// The reference table of foods and compound products, and the two ways its words are read: in a recipe and on a pack.
public final class Foods {
    /// a density is known to a tenth of a per mille at best
    private static final int PLACES = 4;
    private static final Map<String, Span> SULPHITES = sulphites();
    private static final Map<String, String> SHORT_FORMS = shortForms();
    private static final Set<String> CUTS = cuts();
    private static final Foods SHIPPED = new Foods();
    private final List<Food> all = new ArrayList<>();
    private final Lexicon recipeWords;
    private final Lexicon packWords;
    private final List<Additive> additives = new ArrayList<>();
    /// a name inside a longer word tells only from so many letters on: "cashewcream", but not the egg of a "legging"
    private static final int SHORTEST_INSIDE = 5;
    /// a shorter word is a slip away from too many others
    private static final int SHORTEST_TAKEN = 5;

    /// a shorter run of letters may be another word
    private static final int SHORTEST_JOINED = 7;

    private record Additive(int from, int to, Meaning meaning) {}

    private Foods() {
        all.addAll(table("foods.txt", Food.Make.PLAIN));
        all.addAll(table("products.txt", Food.Make.COMPOUND));
        var descriptors = descriptors("descriptors.txt");
        var onPacks = descriptors("pack-talk.txt");
        onPacks.addAll(descriptors);
        onPacks.addAll(descriptors("chemistry.txt"));
        recipeWords = new Lexicon(descriptors);
        packWords = new Lexicon(onPacks);
        addFoods(recipeWords);
        addSubstances(recipeWords);
        addVague(recipeWords, false);
        addVague(packWords, true);
        readAdditives();
        addSubstances(packWords);
        addFoods(packWords);
        addLanguages();
    }

    /// {@return the tables that are shipped}
    public static Foods shipped() { return SHIPPED; }

    private static List<Food> table(String file, Food.Make make) {
        return Table.read(Foods.class, file, 9).stream().map(row -> new Food(row.cell(0), row.list(1), make,
                row.read(2, _ -> Substances.shipped().getAll(row.list(2))),
                row.read(3, _ -> Substances.shipped().getAll(row.list(3))),
                row.read(4, c -> Origin.valueOf(c.toUpperCase(Locale.ROOT))), row.read(5, Foods::density),
                row.read(6, Foods::counts), row.cell(7).isEmpty() ? null : row.read(7, Span::parse),
                SULPHITES.get(Words.key(row.list(1).getFirst())), row.cell(8))).toList();
    }

    /// A density as g per ml, or as the weight of a US cup or tablespoon: `cup 132-137-145`.
    private static @Nullable Span density(String cell) {
        if (cell.isEmpty()) return null;
        var words = cell.split(" ");
        if (words.length == 1) return Span.parse(cell);
        var unit = switch (words[0]) {
            case "cup" -> Unit.CUP;
            case "tbsp" -> Unit.TBSP;
            default -> null;
        };
        if (unit == null)
            throw new IllegalArgumentException(
                    "a density is g per ml, or the weight of a cup or tbsp, not \"%s\"".formatted(cell));
        return Span.parse(words[1]).times(BigDecimal.ONE.divide(Volumes.US.millilitres(unit), 9, RoundingMode.HALF_UP),
                PLACES);
    }

    private static Map<String, Span> counts(String cell) {
        var counts = new HashMap<String, Span>();
        for (var part : cell.split(";")) {
            if (part.isBlank()) continue;
            var words = part.strip().split(" ");
            if (!words[0].equals("cm") && UnitNames.all().stream().noneMatch(u -> u.word().equals(words[0])))
                throw new IllegalArgumentException("no count noun \"%s\"".formatted(words[0]));
            if (counts.put(words[0], Span.parse(words[1])) != null)
                throw new IllegalArgumentException("\"%s\" stands twice".formatted(words[0]));
        }
        return counts;
    }

    private static Map<String, Span> sulphites() {
        var held = new HashMap<String, Span>();
        for (var row : Table.read(Foods.class, "sulphites.txt", 3)) {
            var span = row.read(1, Span::parse);
            for (var name : row.list(0)) held.put(Words.key(name), span);
        }
        return held;
    }

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

    private static void addSubstances(Lexicon lexicon) {
        var byWord = new LinkedHashMap<String, List<Substance>>();
        for (var s : Substances.shipped().all())
            for (var word : s.words()) byWord.computeIfAbsent(word, _ -> new ArrayList<>()).add(s);
        byWord.forEach((word, substances) -> lexicon.add(word, new Meaning.OfSubstances(substances)));
    }

    private static void addVague(Lexicon lexicon, boolean onPacks) {
        for (var row : Table.read(Foods.class, "vague.txt", 5)) {
            if (!onPacks && row.cell(3).equals("pack")) continue;
            var meaning = new Meaning.Vague(row.read(1, c -> Substances.shipped().getAll(row.list(1))), row.cell(2));
            for (var word : row.list(0)) lexicon.add(word, meaning);
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
            for (var column = 1; column <= 4; column++) for (var word : row.list(column)) packWords.add(word, meaning);
            // "Spuren von Nüssen": the dative
            for (var word : row.list(2)) packWords.add(word + "n", meaning);
        }
    }

    private void readAdditives() {
        for (var row : Table.read(Foods.class, "additives.txt", 5)) {
            var holds = row.read(2, _ -> Substances.shipped().getAll(row.list(2)));
            var maybe = row.read(3, _ -> Substances.shipped().getAll(row.list(3)));
            for (var name : row.list(1)) packWords.add(name, additive(name, holds, maybe));
            if (row.cell(0).isEmpty()) continue;
            var limits = row.cell(0).split("-");
            var meaning = additive("%s (E%s)".formatted(row.list(1).getFirst(), row.cell(0)), holds, maybe);
            additives.add(
                    new Additive(Integer.parseInt(limits[0]), Integer.parseInt(limits[limits.length - 1]), meaning));
        }
    }

    private static Meaning additive(String name, List<Substance> holds, List<Substance> maybe) {
        return maybe.isEmpty() ? new Meaning.OfSubstances(holds)
                : new Meaning.Vague(maybe, "What does the %s come from?".formatted(name));
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
    public Optional<Meaning> listedAdditive(int number) {
        return additives.stream().filter(a -> a.from <= number && number <= a.to).map(Additive::meaning).findFirst();
    }

    /// {@return what an E-number stands for; one that no list has is asked about}
    public Meaning additive(int number) {
        return listedAdditive(number).orElseGet(
                () -> new Meaning.Vague(List.of(), "No list of additives has E%d. What is it?".formatted(number)));
    }

    /// {@return up to three names a misspelt word may have meant, nearest first; never taken without saying so}
    public List<String> near(String text) { return names().proposed(Words.key(text)); }

    /// Reads a phrase of a recipe to its last word.
    public Phrase phrase(String text) { return phrase(recipeWords, text); }

    /// Reads a phrase of a pack to its last word.
    public Phrase packPhrase(String text) { return phrase(packWords, text); }

    private Phrase phrase(Lexicon lexicon, String text) {
        var reading = lexicon.read(text);
        if (reading.unread().isEmpty())
            return new Phrase(text, TwoSided.foods(text, reading.matches()), List.of(), List.of());
        var taken = new HashMap<Integer, String>();
        reading = lexicon == packWords ? withCompounds(reading) : withJoined(reading);
        for (var word : reading.unread()) {
            var as = isQuoted(text, word) ? null : takenFor(word.word());
            if (as != null) taken.put(word.start(), as);
        }
        if (!taken.isEmpty())
            reading =
                    lexicon == packWords ? withCompounds(lexicon.read(text, taken))
                            : withJoined(lexicon.read(text, taken));
        var matches = TwoSided.foods(text, reading.matches());
        return reading.unread().isEmpty() ? new Phrase(text, matches, List.of(), List.of())
                : Phrase.of(text, matches, reading.unread(), this);
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

    /// "poppyseeds" and "soysauce": a name of two words written as one.
    private static Lexicon.Reading withJoined(Lexicon.Reading reading) {
        var matches = new ArrayList<>(reading.matches());
        var unread = new ArrayList<Lexicon.Unread>();
        for (var word : reading.unread()) {
            var meaning = Held.JOINED.get(word.word());
            if (meaning == null) unread.add(word);
            else matches.add(new Lexicon.Match(word.text(), meaning, word.start(), word.end()));
        }
        if (matches.size() == reading.matches().size()) return reading;
        matches.sort(java.util.Comparator.comparingInt(Lexicon.Match::start));
        return new Lexicon.Reading(matches, unread);
    }

    private static Map<String, Meaning> joined() {
        var held = new HashMap<String, Meaning>();
        for (var food : SHIPPED.all)
            for (var name : food.names()) {
                var key = Words.key(name);
                if (key.indexOf(' ') > 0 && key.indexOf(' ') == key.lastIndexOf(' ') && key.length() > SHORTEST_JOINED)
                    held.putIfAbsent(key.replace(" ", ""), new Meaning.OfFood(food));
            }
        return held;
    }

    /// A word in quotation marks is just that word: the cook said that it is no other, and no talk.
    static boolean isQuoted(String text, Lexicon.Unread word) {
        return word.start() > 0 && word.end() < text.length() && "\"“”„".indexOf(text.charAt(word.start() - 1)) >= 0
                && "\"”“".indexOf(text.charAt(word.end())) >= 0;
    }

    /// The word of the tables that a word is taken for: a known short form, or the only one that lies a slip of the pen
    /// away.
    private @Nullable String takenFor(String word) {
        var known = SHORT_FORMS.get(word);
        if (known != null) return known;
        if (Dictionary.shipped().kind(word) != Dictionary.Edibility.NOT_HELD) return null;
        var talk = Held.WITHOUT_VOWELS.talk(word);
        if (!talk.isEmpty()) return talk;
        var near = vocabulary().oneAway(word);
        if (near.size() != 1 || near.getFirst().length() < SHORTEST_TAKEN) return null;
        // hardly anybody gets the first letter wrong: what differs there is another word
        return near.getFirst().charAt(0) == word.charAt(0) && isCommon(near.getFirst()) ? near.getFirst() : null;
    }

    /// {@return whether a word is one that a cook can be expected to mean: a word of a shown name, of the law, of talk,
    /// or of general English}
    ///
    /// The tables hold names from many kitchens, and a word that is no slip at all may lie beside one that hardly
    /// anybody here has heard of.
    private boolean isCommon(String word) {
        return Held.SHOWN.contains(word) || recipeWords.isTalk(word)
                || Dictionary.shipped().kind(word) != Dictionary.Edibility.NOT_HELD;
    }

    private static Set<String> shown() {
        var words = new HashSet<String>();
        for (var food : SHIPPED.all) words.addAll(List.of(Words.key(food.name()).split(" ")));
        for (var substance : Substances.shipped().all())
            for (var name : substance.words()) words.addAll(List.of(Words.key(name).split(" ")));
        return words;
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

    /// {@return whether two words lie one slip of the pen apart}
    public static boolean isSlip(String word, String other) { return Slips.distance(word, other, 1) == 1; }

    /// {@return what a word of the general dictionary means by the branch of the tree it stands below, or null}
    @Nullable
    Meaning ofBranch(String word) {
        var branch = Dictionary.shipped().branch(word);
        if (branch.isEmpty()) return null;
        // a bread or a nut of unknown kind may hold any of its branch; a fish is a fish
        return branch.size() == 1 && !branch.getFirst().id().equals("gluten") ? new Meaning.OfSubstances(branch)
                : new Meaning.Vague(branch, "What is in the %s?".formatted(word));
    }

    /// {@return the substances whose names a word resembles: within the distance of a slip, as a form of one, or with
    /// one in it}
    List<Substance> resembled(String word) {
        var found = new LinkedHashSet<Substance>();
        for (var stem : Dictionary.stems(word)) holds(stem, found);
        found.addAll(Dictionary.shipped().branch(word));
        for (var near : vocabulary().within(word)) if (isSlip(word, near) || isAllergensName(near)) holds(near, found);
        for (var substance : Substances.shipped().all())
            for (var name : substance.words())
                if (name.length() >= SHORTEST_INSIDE && word.contains(name)) found.add(substance);
        return List.copyOf(found);
    }

    /// {@return what a name would hold beyond what was read, were a word before it one slip of the pen away: "boat
    /// milk" may be oat milk}
    List<Substance> hiddenBySlip(String word, Lexicon.Match match) {
        var hidden = new LinkedHashSet<Substance>();
        var name = Words.key(match.text());
        for (var near : vocabulary().within(word)) {
            if (!(recipeWords.ofKey(near + " " + name) instanceof Meaning.OfFood(var longer)) || !isSlip(word, near))
                continue;
            hidden.addAll(longer.holds());
        }
        if (match.meaning() instanceof Meaning.OfFood(var read)) hidden.removeAll(read.holds());
        return List.copyOf(hidden);
    }

    private boolean isAllergensName(String word) {
        return recipeWords.ofKey(word) instanceof Meaning.OfFood(var food)
                ? food.holds().stream().anyMatch(s -> Words.key(s.name()).equals(word))
                : recipeWords.ofKey(word) instanceof Meaning.OfSubstances;
    }

    private void holds(String word, Set<Substance> found) {
        var meaning = recipeWords.ofKey(word);
        if (meaning instanceof Meaning.OfFood(var food)) found.addAll(food.holds());
        if (meaning instanceof Meaning.OfSubstances(var substances)) found.addAll(substances);
    }

    private static WithoutVowels withoutVowels() {
        var words = SHIPPED.recipeWords;
        var vocabulary = words.vocabulary();
        return new WithoutVowels(vocabulary.stream().filter(words::isTalk).toList(),
                vocabulary.stream().filter(w -> !words.isTalk(w)).toList());
    }

    private Slips vocabulary() { return Held.VOCABULARY; }

    private Slips names() { return Held.NAMES; }

    /// Made when the first word is not read: most texts never need them.
    private static final class Held {
        private static final Set<String> SHOWN = shown();
        private static final Slips NAMES = new Slips(List.copyOf(SHIPPED.recipeWords.names()));
        private static final Map<String, Meaning> JOINED = joined();
        private static final WithoutVowels WITHOUT_VOWELS = withoutVowels();
        private static final Slips VOCABULARY = new Slips(SHIPPED.recipeWords.vocabulary());
    }
}
