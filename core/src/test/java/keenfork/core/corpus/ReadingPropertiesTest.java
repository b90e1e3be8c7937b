package keenfork.core.corpus;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.Kit;
import keenfork.core.food.Foods;
import keenfork.core.food.Substances;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidances;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.CharRange;
import net.jqwik.api.constraints.IntRange;

/// What no reading may ever do, whatever the words.
class ReadingPropertiesTest {
    private static final List<String> TALK = List.of("finely", "lovingly", "giant", "quickly", "zbrgl", "microplaned",
            "wobbly", "with patience", "yesterday", "n", "+");
    private static final List<String> ALLERGENS = List.of("celery", "wheat", "barley", "prawns", "eggs", "anchovies",
            "lupin", "milk", "mussels", "mustard", "almonds",
            "hazelnuts", "cashews", "peanuts", "sesame", "tahini", "soya", "tofu", "butter", "feta", "halloumi",
            "walnuts");

    @Provide
    Arbitrary<String> lines() {
        var amounts = Arbitraries.of("", "2 tbsp ", "100 g ", "1 handful ", "½ a jar ");
        var foods = Arbitraries.of(Foods.shipped().all().stream().map(f -> f.name()).toList());
        return amounts.flatMap(a -> foods.map(f -> a + f));
    }

    @Property(tries = 600)
    void a_word_in_the_place_of_talk_never_removes_a_mark(@ForAll("lines") String line, @ForAll("talk") String word) {
        assertThat(groups(line + ", " + word)).as("%s, %s", line, word).containsAll(groups(line));
    }

    @Provide
    Arbitrary<String> talk() { return Arbitraries.of(TALK); }

    /// A letter changed, left out, put in, or two exchanged.
    @Property(tries = 2000)
    void a_slip_in_an_allergens_name_never_removes_it(@ForAll("allergens") String name, @ForAll("places") int place,
            @ForAll("letters") char letter, @ForAll("slips") int slip) {
        var at = place % name.length();
        var slipped = switch (slip) {
            case 0 -> name.substring(0, at) + letter + name.substring(at + 1);
            case 1 -> name.substring(0, at) + name.substring(at + 1);
            case 2 -> name.substring(0, at) + letter + name.substring(at);
            default -> at + 1 < name.length()
                    ? name.substring(0, at) + name.charAt(at + 1) + name.charAt(at) + name.substring(at + 2) : name;
        };
        // a slip that makes another food of the table is that food: nobody can tell
        if (Foods.shipped().meaning(slipped).isPresent()) return;
        // one that makes a word of another language is asked about: "soia" is soya
        if (!Foods.shipped().packWords().read(slipped).matches().isEmpty() && isAsked("50 g " + slipped)) return;
        assertThat(groups("50 g " + slipped)).as("%s for %s", slipped, name).containsAll(groups("50 g " + name));
    }

    private static boolean isAsked(String line) {
        var read = Recipe.read("A dish\n" + line, Volumes.METRIC, new Law("uk"));
        return !read.lines().getFirst().words().as().isEmpty();
    }

    @Provide
    Arbitrary<String> allergens() { return Arbitraries.of(ALLERGENS); }

    @Provide
    Arbitrary<Integer> places() { return Arbitraries.integers().between(0, 20); }

    @Provide
    Arbitrary<Integer> slips() { return Arbitraries.integers().between(0, 3); }

    @Provide
    Arbitrary<Character> letters() { return Arbitraries.chars().range('a', 'z'); }

    /// What the declaration itself names stays named when it is the pack of a line, whatever the product's own words.
    @Property(tries = 300)
    void a_pack_that_is_read_never_marks_less_than_its_own_declaration_names(@ForAll("declarations") String text,
            @ForAll("products") String product) {
        var declaration = Declaration.read(text, new Law("uk"));
        var recipe = Recipe.read("A dish\n100 g " + product, Volumes.METRIC, new Law("uk"));
        var food = recipe.lines().getFirst().food().orElseThrow().name();
        var derivation = Derivation.of(recipe, new Facts(RuleBook.uk(),
                List.<Fact>of(new Fact.PackInUse(food, "pack", declaration, "read today", true))));
        var found = derivation.evidence().stream().map(e -> e.substance()).collect(Collectors.toSet());
        assertThat(found).as("%s: %s", product, text)
                .containsAll(declaration.findings().stream().map(f -> f.substance()).toList());
    }

    @Provide
    Arbitrary<String> declarations() {
        var words = Arbitraries.of("water", "SOYA beans", "wheat flour", "milk powder", "E322", "(almonds)",
                "may contain nuts", "free from egg", "spices", "zbrgl", "sulphur dioxide", "maltodextrin (wheat)",
                "[celery]");
        return words.list().ofMinSize(1).ofMaxSize(7).map(w -> String.join(", ", w));
    }

    @Provide
    Arbitrary<String> products() {
        return Arbitraries.of("soy sauce", "vegetable stock", "chicken soup", "crisps", "mayonnaise", "milk chocolate");
    }

    @Property(tries = 500)
    void every_reader_is_total(@ForAll String text) {
        Recipe.read(text, Volumes.METRIC, Law.UNKNOWN);
        Declaration.read(text, Law.UNKNOWN);
        var read = Avoidances.of(text, RuleBook.uk());
        assertThat(read.isEmpty() && text.codePoints().filter(Character::isLetter).count() > 12)
                .as("words taken for nothing: %s", text).isFalse();
    }

    @Provide
    Arbitrary<String> written() {
        return Arbitraries.of(Stream.of("packs.txt", "recipes-whole.txt", "people.txt", "mentions.txt")
                .flatMap(f -> Corpus.lines(f).stream()).toList());
    }

    @Provide
    Arbitrary<String> keys() {
        return Arbitraries.of("(,", "[,", "(", ")", "[;", ",,", ":", " / ", "=", "½", "1/", "\u0000");
    }

    /// A text as it stands while it is typed: cut off anywhere, with a slip of the keys behind it.
    @Property(tries = 3000)
    void every_reader_is_total_while_it_is_typed(@ForAll("written") String text, @ForAll("keys") String slip,
            @ForAll @IntRange(max = 300) int at, @ForAll boolean isCut) {
        var cut = Math.min(at, text.length());
        var typed = text.substring(0, cut) + slip + (isCut ? "" : text.substring(cut));
        Kit.derived(typed, "Method", typed);
        Declaration.read(typed, Law.UNKNOWN);
        var read = Avoidances.of(typed, RuleBook.uk());
        read.all().forEach(a -> a.against(Kit.derived("100 g polenta")));
        assertThat(read.understood()).isNotNull();
    }

    /// "£2.½", "3:–": whatever stands behind a figure and its point, the almonds behind it are read.
    @Property(tries = 2000)
    void no_sign_behind_a_point_stops_a_reader(@ForAll @IntRange(max = 9999) int figure,
            @ForAll("points") String point, @ForAll @CharRange(from = '\u0000', to = '\u2fff') char sign) {
        var text = figure + point + sign + " almonds";
        assertThat(groups(text)).as(text).contains("nuts");
        assertThat(Declaration.read("salt " + text, Law.UNKNOWN).findings()).as(text)
                .anySatisfy(f -> assertThat(f.substance().id()).isEqualTo("almond"));
        assertThat(Avoidances.of(text, RuleBook.uk()).understood()).isNotNull();
    }

    @Provide
    Arbitrary<String> points() { return Arbitraries.of(".", ",", ":", "£2.", "12:"); }

    private static Set<String> groups(String line) {
        var derivation = Kit.derived(line);
        var found = derivation.under(Kit.UK).marks().stream().map(m -> m.group().id()).collect(Collectors.toSet());
        if (derivation.evidence().stream().anyMatch(e -> e.substance().equals(Substances.shipped().anything())))
            Kit.UK.groups().forEach(g -> found.add(g.id()));
        return found;
    }
}
