package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Lexicon;
import keenfork.core.food.Meaning;
import keenfork.core.food.Remembered;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Words;
import org.jspecify.annotations.Nullable;

/// A food that a step names: it is in the dish, whether a line says so or not.
///
/// @param step       the step, from 0
/// @param words      the words of the step
/// @param substances what such a food holds
/// @param product    the bought product it is, or null for a plain food
public record Mention(int step, String words, List<Substance> substances, @Nullable Food product) {
    private static final Pattern PUT_ON_TOP =
            Pattern.compile("(?i)^(?:" + Grammar.anyOf("put-on-top") + ")\\b");
    private static final Pattern WORKED_IN = Grammar.wordOf("worked-in");

    /// of each step by itself
    private static final Remembered<List<Mention>> READ = new Remembered<>(Mention::read);

    public Mention {
        substances = List.copyOf(substances);
    }

    private Mention at(int other) { return new Mention(other, words, substances, product); }

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

    /// {@return all that the product may hold, of which no pack is read}
    public List<Substance> mayHold() {
        return product == null ? substances
                : Stream.concat(product.holds().stream(), product.sometimes().stream()).distinct().toList();
    }

    /// {@return whether a line names the product by any of its words, or it is what is being made here}
    public boolean isListed(Recipe recipe) {
        var named = Words.key(words);
        var last = named.substring(named.lastIndexOf(' ') + 1);
        if (says(recipe.name(), last)) return true;
        for (var part : recipe.parts()) {
            if (says(part.name(), last)) return true;
            for (var line : part.lines())
                if (says(line.text(), last) || says(line.dish(), last)
                        || line.food().filter(f -> f.equals(product) || says(f.name(), last)).isPresent())
                    return true;
        }
        return false;
    }

    /// {@return whether its word is one for several whole branches: nuts, shellfish}
    public boolean isOfBranches() {
        return product == null && substances.size() > 1
                && substances.stream().allMatch(s -> Substances.shipped().branch(s).equals(s));
    }

    private static boolean says(String text, String word) {
        return (" " + Words.key(text) + " ").contains(" " + word + " ");
    }

    private static void of(String step, Lexicon.Match match, List<Mention> mentions) {
        if (Words.isDenied(step, match.end())) return;
        if (match.meaning() instanceof Meaning.OfFood(var food) && food.isCompound()) {
            if (!MadeHere.isIt(step, match)) mentions.add(new Mention(0, match.text(), food.holds(), food));
            return;
        }
        var holds = holds(match.meaning());
        if (!holds.isEmpty()) mentions.add(new Mention(0, match.text(), holds, null));
    }

    static List<Mention> in(List<String> steps) {
        var mentions = new ArrayList<Mention>();
        for (var i = 0; i < steps.size(); i++) for (var mention : READ.of(steps.get(i))) mentions.add(mention.at(i));
        return mentions;
    }

    private static List<Mention> read(String step) {
        var mentions = new ArrayList<Mention>();
        for (var match : Foods.shipped().phrase(NoFood.blanked(step)).matches()) of(step, match, mentions);
        return List.copyOf(mentions);
    }

    private static List<Substance> holds(Meaning meaning) {
        return switch (meaning) {
            case Meaning.OfFood(var food) -> food.holds();
            case Meaning.OfSubstances(var substances) -> substances;
            case Meaning.Vague _ -> List.of();
        };
    }
}
