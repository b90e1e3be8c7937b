package keenfork.core.kitchen;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;

/// What a pack is by its supplier's name for it: "MAYONNAISE HEAVY DUTY 10L" is used for mayonnaise.
final class PackedFood {
    /// a longer text is no name
    private static final int LONGEST = 200;

    private PackedFood() {}

    /// {@return the shown name of the food that a name says; a bought product goes before the plain food it is named
    /// with: "croutons, garlic & herb" are croutons. Empty where it says none}
    static String of(String name) {
        if (name.length() > LONGEST) return "";
        var asked = Foods.shipped().find(name);
        if (asked.isPresent()) return asked.get().name();
        var foods = Recipe.read("-\n" + name, Volumes.METRIC, Law.UNKNOWN).lines().stream()
                .flatMap(l -> l.choices().stream()).flatMap(PackedFood::meant).toList();
        return bought(foods).or(() -> foods.stream().findFirst()).map(Food::name).orElse("");
    }

    private static Optional<Food> bought(List<Food> foods) {
        return foods.stream().filter(f -> f.make() == Food.Make.COMPOUND).findFirst();
    }

    private static Stream<Food> meant(Line.Choice choice) {
        return Stream.concat(Stream.of(choice.main()), choice.others().stream())
                .flatMap(m -> m instanceof Meaning.OfFood(var food) ? Stream.of(food) : Stream.empty());
    }
}
