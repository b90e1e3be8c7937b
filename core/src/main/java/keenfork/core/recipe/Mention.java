package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Words;

/// A plain food that a step names: it is in the dish, whether a line says so or not.
///
/// @param step       the step, from 0
/// @param words      the words of the step
/// @param substances what such a food holds
public record Mention(int step, String words, List<Substance> substances) {
    private static final Pattern PUT_ON_TOP = Pattern.compile("(?i)^(?:scatter|sprinkle|strew|top|garnish|finish|crumble|shave|dot|serve|lay)\\b");
    private static final Pattern WORKED_IN = Pattern.compile("(?i)\\b(?:blend|blitz|whizz|stir|fold|mix|toss|through|into|half|some|rest)\\b");

    public Mention {
        substances = List.copyOf(substances);
    }

    /// {@return whether a step's word for one substance can mean another that is held: "the cheese" is the feta of a line}
    ///
    /// Nuts are avoided one by one, so a walnut is no almond.
    public static boolean canMean(Substance named, Substance held) {
        var tree = Substances.shipped();
        return tree.isUnder(held, named) || tree.isUnder(named, held) || tree.branch(held).equals(tree.branch(named)) && !tree.branch(held).id().equals("tree-nut");
    }

    /// {@return whether a step only puts the very food of one of some lines on top: "scatter the pistachios"}
    ///
    /// A kin is not enough: the butter of a step is not the yoghurt of a topping, though both are of milk. Nor is a step that works some of it in.
    ///
    /// @param lines the lines of what comes off
    /// @param text  the step
    public boolean isOnTop(List<Line> lines, String text) {
        if (!PUT_ON_TOP.matcher(text).find() || WORKED_IN.matcher(text).find()) return false;
        var foods = lines.stream().flatMap(l -> l.choices().stream()).flatMap(c -> Stream.concat(Stream.of(c.main()), c.others().stream())).filter(Meaning.OfFood.class::isInstance).toList();
        var named = Foods.shipped().recipeWords().read(words).matches().stream().map(m -> m.meaning()).filter(Meaning.OfFood.class::isInstance).toList();
        return !named.isEmpty() && foods.containsAll(named);
    }

    static List<Mention> in(List<String> steps) {
        var mentions = new ArrayList<Mention>();
        for (var i = 0; i < steps.size(); i++)
            for (var match : Foods.shipped().recipeWords().read(steps.get(i)).matches()) {
                var holds = Words.isDenied(steps.get(i), match.end()) ? List.<Substance>of() : holds(match.meaning());
                if (!holds.isEmpty()) mentions.add(new Mention(i, match.text(), holds));
            }
        return mentions;
    }

    private static List<Substance> holds(Meaning meaning) {
        return switch (meaning) {
            // "toast the nuts", "to a rough pesto": a step's words for products are mostly verbs and names of the dish itself
            case Meaning.OfFood(var food) -> food.isCompound() ? List.of() : food.holds();
            case Meaning.OfSubstances(var substances) -> substances;
            case Meaning.Vague _ -> List.of();
        };
    }
}
