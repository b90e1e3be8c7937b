package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substance;
import keenfork.core.food.Words;

/// A plain food that a step names: it is in the dish, whether a line says so or not.
///
/// @param step       the step, from 0
/// @param words      the words of the step
/// @param substances what such a food holds
public record Mention(int step, String words, List<Substance> substances) {
    public Mention {
        substances = List.copyOf(substances);
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
