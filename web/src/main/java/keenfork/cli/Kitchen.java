package keenfork.cli;

import java.io.PrintStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import keenfork.format.RecipeFile;

/// The recipes of one call; they may use each other by name.
///
/// @param dishes  those that could be read, in the order given
/// @param facts   that they may use each other
/// @param allRead false where a file could not be read
record Kitchen(List<Dish> dishes, Facts facts, boolean allRead) {
    /// a file and the dish in it
    record Dish(Path file, Recipe recipe) {}

    static Kitchen of(List<Path> files, Volumes volumes, RuleBook home, PrintStream errors) {
        var dishes = new ArrayList<Dish>();
        for (var file : files) {
            try {
                var recipe = Recipe.read(RecipeFile.read(file), volumes, new Law(home.id()));
                if (recipe.lines().isEmpty()) errors.println(file + ": it names a dish and no ingredient line");
                else dishes.add(new Dish(file, recipe));
            } catch (RecipeFile.Unreadable e) {
                errors.println(file + ": " + e.getMessage());
            }
        }
        return new Kitchen(dishes,
                new Facts(home, dishes.stream().map(d -> (Fact) new Fact.OtherDish(d.recipe)).toList()),
                dishes.size() == files.size());
    }

    Derivation derive(Dish dish) {
        return Derivation.of(dish.recipe, facts);
    }
}
