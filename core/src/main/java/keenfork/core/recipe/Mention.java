package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Imitation;
import keenfork.core.food.Lexicon;
import keenfork.core.food.Meaning;
import keenfork.core.food.Remembered;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Words;
import org.jspecify.annotations.Nullable;

/// A food that a step names, or the dish's own name: it is in the dish, whether a line says so or not.
///
/// @param step       the step, from 0; [#OF_NAME] where the dish is called after it
/// @param words      the words of the step
/// @param substances what such a food holds; anything where the word is not known
/// @param product    the bought product it is, or null for a plain food and for what is not known
/// @param isThe      whether it is spoken of as here already: "the breadcrumbs"
public record Mention(int step, String words, List<Substance> substances, @Nullable Food product, boolean isThe) {
    /// in the place of a step: no step, but the name of the dish
    static final int OF_NAME = -1;
    /// the same, where its name tells what it is made on
    static final int OF_BASE = -2;
    private static final Pattern DONE_TO_WHITES =
            Pattern.compile("(?i)\\b(?:" + Grammar.anyOf("done-to-whites") + ")\\b");
    private static final Pattern PUT_ON_TOP =
            Pattern.compile("(?i)^(?:" + Grammar.anyOf("put-on-top") + ")\\b");
    private static final Pattern WORKED_IN = Grammar.wordOf("worked-in");

    private static final List<Substance> ANYTHING = List.of(Substances.shipped().anything());

    /// what stands before a food's name and makes it one without what the food holds
    private static final Set<String> INSTEAD_OF_ANY = keys("instead-of-any");
    private static final Set<String> INSTEAD_OF_THE_FLOUR = keys("instead-of-the-flour");
    private static final Map<String, Set<String>> INSTEAD = Map.of("butter", keys("instead-of-butter"), "flour",
            keys("instead-of-flour"));

    private static final Set<String> CHEESES = keys("cheeses");

    private static Set<String> keys(String kind) {
        return Grammar.list(kind).stream().map(Words::key).collect(Collectors.toUnmodifiableSet());
    }

    /// of each step by itself
    private static final Pattern NONE = Pattern.compile("(?is)(?:(?<!.)|[.;!?])\\s{0,4}(?:no|nil|zero)\\s{1,4}$");
    private static final int LONGEST_NONE = 16;
    private static final Remembered<List<Naming>> READ = new Remembered<>(Mention::read);
    /// names of foods are the same few thousand in all recipes
    private static final Remembered<String> KEY = new Remembered<>(Words::key);
    private static final Remembered<List<Food>> NAMED = new Remembered<>(Mention::named);

    /// @param meant what the step means by it
    private record Naming(Mention mention, MadeHere.Meant meant) {
        boolean isMade() { return meant == MadeHere.Meant.MAY_BE_MADE || meant == MadeHere.Meant.MADE; }
    }

    public Mention {
        substances = List.copyOf(substances);
    }

    /// {@return whether the dish is called after it, and no step names it}
    public boolean isOfName() { return step < 0; }

    /// {@return whether the dish is made on it by its name, which need not say it: the bread of a sandwich}
    public boolean isOfBase() { return step == OF_BASE; }

    /// {@return whether one of some lines is what it names: holds it or its kin, says its words, or uses a dish called
    /// after it}
    public boolean isHeldBy(List<Line> lines) {
        return lines.stream().anyMatch(l -> says(l.text(), words) || says(l.dish(), words)
                || l.choices().stream().flatMap(c -> Stream.concat(Stream.of(c.main()), c.others().stream()))
                        .flatMap(m -> m.holds().stream())
                        .anyMatch(held -> substances.stream().anyMatch(s -> canMean(s, held))));
    }

    private Mention at(int other) { return new Mention(other, words, substances, product, isThe); }

    /// {@return whether a step's word for one substance can mean another that is held: "the cheese" is the feta of a
    /// line}
    ///
    /// Nuts are avoided one by one, so a walnut is no almond.
    public static boolean canMean(Substance named, Substance held) {
        var tree = Substances.shipped();
        return tree.isUnder(held, named) || tree.isUnder(named, held)
                || tree.branch(held).equals(tree.branch(named)) && !tree.branch(held).id().equals("tree-nut");
    }

    /// {@return whether a step only puts the very food of one of some lines on top: "scatter the pistachios"}
    ///
    /// A kin is not enough: the butter of a step is not the yoghurt of a topping, though both are of milk. Nor is a
    /// step that works some of it in.
    ///
    /// @param lines the lines of what comes off
    /// @param text  the step
    public boolean isOnTop(List<Line> lines, String text) {
        if (!PUT_ON_TOP.matcher(text).find() || WORKED_IN.matcher(text).find()) return false;
        var foods = lines.stream().flatMap(l -> l.choices().stream())
                .flatMap(c -> Stream.concat(Stream.of(c.main()), c.others().stream()))
                .filter(Meaning.OfFood.class::isInstance).toList();
        var named = Foods.shipped().recipeWords().read(words).matches().stream().map(m -> m.meaning())
                .filter(Meaning.OfFood.class::isInstance).toList();
        return !named.isEmpty() && foods.containsAll(named);
    }

    /// {@return whether nobody knows what its words name}
    public boolean isNotKnown() { return substances.equals(ANYTHING); }

    /// {@return all that the product may hold, of which no pack is read}
    public List<Substance> mayHold() {
        return product == null ? substances
                : Stream.concat(product.holds().stream(), product.sometimes().stream()).distinct().toList();
    }

    /// {@return what a plain food sometimes holds besides: the milk of some salami}
    public Stream<Substance> sometimes() { return meant(words).flatMap(f -> f.sometimes().stream()); }

    /// {@return whether a line names the product by any of its words, or it is what is being made here}
    public boolean isListed(Recipe recipe) {
        var named = Words.key(words);
        var last = named.substring(named.lastIndexOf(' ') + 1);
        if (says(recipe.name(), last)) return true;
        for (var part : recipe.parts()) {
            // a part that no line has named says nothing of a pizza base
            if (!part.name().equals(PartKind.BASE.word()) && says(part.name(), last)) return true;
            for (var line : part.lines())
                if (says(line.text(), last) || says(line.dish(), last)
                        || line.food().filter(f -> f.equals(product) || says(f.name(), last)).isPresent())
                    return true;
        }
        return false;
    }

    /// {@return whether a line holds what stands here by a shorter name: "the milk" is the oat milk of the list, and
    /// "the pasta" the gluten-free pasta; but "the butter" is no almond butter, and "flour" no rice flour, though "the
    /// flour" is}
    public boolean isShortFor(List<Line> lines) {
        if (product != null) return false;
        // "the beef" is the vegan beef of the list, and "the bacon" the bacon substitute
        if (lines.stream().anyMatch(l -> Imitation.isOf(l.text(), KEY.of(words)))) return true;
        var named = Stream.concat(Stream.of(KEY.of(words)), meant(words).flatMap(f -> f.names().stream())
                .map(KEY::of)).collect(Collectors.toSet());
        return lines.stream().flatMap(Mention::foods).flatMap(f -> f.names().stream()).map(KEY::of)
                .anyMatch(name -> named.stream().anyMatch(n -> isInstead(name, n))
                        || named.contains("cheese") && CHEESES.stream().anyMatch(c -> isInstead(name, c)));
    }

    /// {@return whether a product is covered by what the lines hold of it: "the breadcrumbs" are of the flour here, and
    /// "pasta" is the spaghetti of the list; but "breadcrumbs" are more than flour, and mayonnaise more than an egg}
    public boolean isCovered(List<Line> lines) {
        return product == null || isThe || lines.stream().flatMap(Mention::foods).filter(Mention::asksForPack)
                .anyMatch(f -> product.holds().stream()
                        .allMatch(s -> f.holds().stream().anyMatch(held -> canMean(s, held))));
    }

    private boolean isInstead(String name, String ofWhat) {
        if (!name.endsWith(" " + ofWhat)) return false;
        var before = name.substring(0, name.length() - ofWhat.length() - 1);
        return INSTEAD.getOrDefault(ofWhat, INSTEAD_OF_ANY).contains(before)
                || isThe && ofWhat.equals("flour") && INSTEAD_OF_THE_FLOUR.contains(before);
    }

    private static Stream<Food> foods(Line line) {
        return line.choices().stream().flatMap(c -> Stream.concat(Stream.of(c.main()), c.others().stream()))
                .flatMap(m -> m instanceof Meaning.OfFood(var food) ? Stream.of(food) : Stream.of());
    }

    /// {@return the plain foods that a step names, whatever they hold; not what something is only like, or is said not
    /// to be}
    public static List<Food> plainFoods(String step) { return NAMED.of(step); }

    private static List<Food> named(String step) {
        return Foods.shipped().phrase(NoFood.blanked(step)).matches().stream()
                .filter(m -> !Words.isDenied(step, m.end()) && !MadeHere.isLikened(step, m))
                .flatMap(m -> m.meaning() instanceof Meaning.OfFood(var food) ? Stream.of(food) : Stream.of())
                .filter(f -> !asksForPack(f)).toList();
    }

    private static Stream<Food> meant(String text) {
        return Foods.shipped().phrase(text).matches().stream()
                .flatMap(m -> m.meaning() instanceof Meaning.OfFood(var food) ? Stream.of(food) : Stream.of());
    }

    /// {@return whether its word is one for several whole branches: nuts, shellfish}
    public boolean isOfBranches() {
        return product == null && substances.size() > 1
                && substances.stream().allMatch(s -> Substances.shipped().branch(s).equals(s));
    }

    private static boolean says(String text, String word) {
        return (" " + Words.key(text) + " ").contains(" " + word + " ");
    }

    /// {@return the foods of a method that no step makes; what one has made is meant by that name from there on}
    static List<Mention> in(List<String> steps) {
        var mentions = new ArrayList<Mention>();
        var made = new HashSet<Food>();
        var done = new HashSet<String>();
        for (var i = 0; i < steps.size(); i++) {
            done.addAll(MadeHere.done(steps.get(i)));
            for (var naming : READ.of(steps.get(i))) {
                var mention = naming.mention;
                if (naming.isMade() && mention.product != null) made.add(mention.product);
                else if (!mention.isOf(made, done)) mentions.add(mention.at(i));
            }
        }
        return mentions;
    }

    /// {@return what the steps of a recipe speak of as made here, and nothing that it names can have made}
    public static List<Mention> ofNothing(Recipe recipe) {
        var found = new ArrayList<Mention>();
        for (var i = 0; i < recipe.steps().size(); i++)
            for (var naming : READ.of(recipe.steps().get(i)))
                if (naming.meant == MadeHere.Meant.MAY_BE_MADE && MadeHere.isOfNothing(naming.mention.words, recipe))
                    found.add(naming.mention.at(i));
        return found;
    }

    /// "the chips" that the fennel was cut into, "the pickle" of what a step pickles; but toast is of bread
    private boolean isOf(Set<Food> made, Set<String> done) {
        return product != null
                && (made.contains(product) || product.holds().isEmpty() && done.contains(Words.key(words)));
    }

    private static List<Naming> read(String step) {
        var phrase = Foods.shipped().phrase(NoFood.blanked(step));
        var notKnown =
                NotKnown.in(phrase).stream()
                        .map(w -> new Naming(new Mention(0, w, ANYTHING, null, false), MadeHere.Meant.THERE));
        return Stream.concat(Stream.concat(phrase.matches().stream(), whites(step))
                .filter(m -> !Words.isDenied(step, m.end()) && !isNone(step, m.start()))
                .flatMap(m -> naming(step, m)), notKnown).toList();
    }

    /// "fold in the whipped whites": of eggs, where they are not those of a leek
    private static Stream<Lexicon.Match> whites(String step) {
        return Foods.shipped().alone(step).filter(m -> DONE_TO_WHITES.matcher(step).find()
                && !Foods.shipped().recipeWords().isNamedIn(lastWord(step.substring(0, m.start())))).stream();
    }

    private static String lastWord(String text) { return text.strip().substring(text.strip().lastIndexOf(' ') + 1); }

    /// "No nuts in this one!": a sentence that says so itself
    private static boolean isNone(String step, int start) {
        return NONE.matcher(step).useTransparentBounds(true).region(Math.max(0, start - LONGEST_NONE), start).find();
    }

    private static Stream<Naming> naming(String step, Lexicon.Match match) {
        if (match.meaning() instanceof Meaning.OfFood(var food) && asksForPack(food)) {
            var meant = MadeHere.product(step, match);
            return meant == MadeHere.Meant.LIKENED ? Stream.of()
                    : Stream.of(new Naming(new Mention(0, match.text(), food.holds(), food,
                            MadeHere.isThe(step, match)), meant));
        }
        var holds = match.meaning().holds();
        return holds.isEmpty() || MadeHere.isLikened(step, match) ? Stream.of()
                : Stream.of(new Naming(
                        new Mention(0, match.text(), holds, null, MadeHere.isThe(step, match)), MadeHere.Meant.THERE));
    }

    /// made foods, and plain ones that only a pack tells all of: dried apricots may hold sulphites
    private static boolean asksForPack(Food food) {
        return food.isCompound() || food.holds().isEmpty() && !food.sometimes().isEmpty();
    }
}
