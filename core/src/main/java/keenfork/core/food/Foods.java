package keenfork.core.food;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import keenfork.core.measure.Span;
import keenfork.core.measure.Unit;
import keenfork.core.measure.Volumes;
import org.jspecify.annotations.Nullable;

/// The reference table of foods and compound products, and the two ways its words are read: in a recipe and on a pack.
public final class Foods {
    /// a density is known to a tenth of a per mille at best
    private static final int PLACES = 4;
    private static final Map<String, Span> SULPHITES = sulphites();
    private static final Foods SHIPPED = new Foods();
    private final List<Food> all = new ArrayList<>();
    private final Lexicon recipeWords;
    private final Lexicon packWords;
    private final List<Additive> additives = new ArrayList<>();
    private final List<Name> names;
    /// proposals made before: a misspelt word is asked about each time its dish is derived
    private final Map<String, List<String>> proposals = new ConcurrentHashMap<>();
    private static final int MOST_PROPOSALS = 10_000;

    private record Additive(int from, int to, Meaning meaning) {}

    private Foods() {
        all.addAll(table("foods.txt", Food.Make.PLAIN));
        all.addAll(table("products.txt", Food.Make.COMPOUND));
        var descriptors = descriptors("descriptors.txt");
        var onPacks = descriptors("pack-talk.txt");
        onPacks.addAll(descriptors);
        recipeWords = new Lexicon(descriptors);
        packWords = new Lexicon(onPacks);
        addFoods(recipeWords);
        addSubstances(recipeWords);
        addVague(recipeWords);
        addVague(packWords);
        addSubstances(packWords);
        addFoods(packWords);
        addLanguages();
        readAdditives();
        names = recipeWords.names().stream().map(Name::of).toList();
    }

    /// {@return the tables that are shipped}
    public static Foods shipped() { return SHIPPED; }

    private static List<Food> table(String file, Food.Make make) {
        return Table.read(Foods.class, file, 8).stream().flatMap(row -> Arrays.stream(row.cell(0).split(";")).map(names -> new Food(
                Arrays.stream(names.split(",")).map(String::strip).toList(), make,
                row.read(1, c -> Substances.shipped().getAll(row.list(1))), row.read(2, c -> Substances.shipped().getAll(row.list(2))),
                row.read(3, c -> Origin.valueOf(c.toUpperCase(Locale.ROOT))), row.read(4, Foods::density),
                row.read(5, Foods::counts), row.cell(6).isEmpty() ? null : row.read(6, Span::parse), SULPHITES.get(Words.key(names.split(",")[0])), row.cell(7)))).toList();
    }

    /// A density as g per ml, or as the weight of a US cup or tablespoon: `cup 132-137-145`.
    private static @Nullable Span density(String cell) {
        if (cell.isEmpty()) return null;
        var words = cell.split(" ");
        if (words.length == 1) return Span.parse(cell);
        var unit = words[0].equals("cup") ? Unit.CUP : words[0].equals("tbsp") ? Unit.TBSP : null;
        if (unit == null) throw new IllegalArgumentException("a density is g per ml, or the weight of a cup or tbsp, not \"%s\"".formatted(cell));
        return Span.parse(words[1]).times(BigDecimal.ONE.divide(Volumes.US.millilitres(unit), 9, RoundingMode.HALF_UP), PLACES);
    }

    private static Map<String, Span> counts(String cell) {
        var counts = new HashMap<String, Span>();
        for (var part : cell.split(";")) {
            if (part.isBlank()) continue;
            var words = part.strip().split(" ");
            if (!words[0].equals("cm") && Arrays.stream(Unit.values()).noneMatch(u -> u.words().contains(words[0])))
                throw new IllegalArgumentException("no count noun \"%s\"".formatted(words[0]));
            if (counts.put(words[0], Span.parse(words[1])) != null) throw new IllegalArgumentException("\"%s\" stands twice".formatted(words[0]));
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

    private static Set<String> descriptors(String file) {
        var words = new HashSet<String>();
        for (var line : Table.lines(Foods.class, file))
            if (!line.startsWith("#")) for (var word : line.split(" ")) Words.of(word).forEach(w -> words.add(w.text()));
        for (var unit : Unit.values()) for (var word : unit.words()) Words.of(word).forEach(w -> words.add(w.text()));
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

    private static void addVague(Lexicon lexicon) {
        for (var row : Table.read(Foods.class, "vague.txt", 4)) {
            var meaning = new Meaning.Vague(row.read(1, c -> Substances.shipped().getAll(row.list(1))), row.cell(2));
            for (var word : row.list(0)) lexicon.add(word, meaning);
        }
    }

    /// French, German, Spanish and Italian, on packs alone: each word means what its English one does.
    private void addLanguages() {
        for (var row : Table.read(Foods.class, "languages.txt", 6)) {
            var meaning = row.read(0, word -> {
                var found = packWords.exactly(word);
                if (found == null) throw new IllegalArgumentException("no word \"%s\" in the English tables".formatted(word));
                return found;
            });
            for (var column = 1; column <= 4; column++) for (var word : row.list(column)) packWords.add(word, meaning);
            // "Spuren von Nüssen": the dative
            for (var word : row.list(2)) packWords.add(word + "n", meaning);
        }
    }

    private void readAdditives() {
        for (var row : Table.read(Foods.class, "additives.txt", 5)) {
            var limits = row.cell(0).split("-");
            var holds = row.read(2, c -> Substances.shipped().getAll(row.list(2)));
            var maybe = row.read(3, c -> Substances.shipped().getAll(row.list(3)));
            var meaning = maybe.isEmpty() ? new Meaning.OfSubstances(holds)
                    : new Meaning.Vague(maybe, "What does the %s (E%s) come from?".formatted(row.cell(1), row.cell(0)));
            additives.add(new Additive(Integer.parseInt(limits[0]), Integer.parseInt(limits[limits.length - 1]), meaning));
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

    /// {@return what an E-number stands for; one that is not listed holds nothing of the tree}
    public Meaning additive(int number) {
        return additives.stream().filter(a -> a.from <= number && number <= a.to).map(Additive::meaning).findFirst()
                .orElse(new Meaning.OfSubstances(List.of()));
    }

    /// A name with the letters it is made of, one bit each: two names that differ in many letters are far apart.
    private record Name(String text, int letters) {
        static Name of(String text) {
            var letters = 0;
            for (var i = 0; i < text.length(); i++) letters |= 1 << (text.charAt(i) & 31);
            return new Name(text, letters);
        }
    }

    /// {@return up to three names a misspelt word may have meant, nearest first; never taken without asking}
    public List<String> near(String text) {
        var key = Name.of(Words.key(text));
        if (key.text.length() < 4) return List.of();
        var most = key.text.length() < 7 ? 1 : 2;
        var known = proposals.get(key.text);
        if (known != null) return known;
        record Near(String name, int distance) {}
        var near = names.stream().filter(n -> Math.abs(n.text.length() - key.text.length()) <= most && Integer.bitCount(n.letters ^ key.letters) <= 2 * most)
                .map(n -> new Near(n.text, distance(key.text, n.text, most))).filter(n -> n.distance <= most)
                .sorted(Comparator.comparingInt(Near::distance).thenComparing(Near::name)).limit(3).map(Near::name).toList();
        if (proposals.size() < MOST_PROPOSALS) proposals.put(key.text, near);
        return near;
    }

    /// Letters changed, left out, put in or two exchanged, counted up to `most` + 1 (optimal string alignment distance). It stops as soon as
    /// a whole row lies beyond `most`.
    private static int distance(String a, String b, int most) {
        var before = new int[b.length() + 1];
        var last = new int[b.length() + 1];
        var now = new int[b.length() + 1];
        for (var j = 0; j <= b.length(); j++) last[j] = j;
        for (var i = 1; i <= a.length(); i++) {
            now[0] = i;
            var least = i;
            for (var j = 1; j <= b.length(); j++) {
                var change = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1;
                now[j] = Math.min(last[j - 1] + change, Math.min(last[j], now[j - 1]) + 1);
                if (i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1))
                    now[j] = Math.min(now[j], before[j - 2] + 1);
                least = Math.min(least, now[j]);
            }
            if (least > most) return most + 1;
            var free = before;
            before = last;
            last = now;
            now = free;
        }
        return Math.min(last[b.length()], most + 1);
    }
}
