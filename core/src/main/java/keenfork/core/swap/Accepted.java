package keenfork.core.swap;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import keenfork.core.recipe.RecipeText;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import keenfork.core.trace.Peel;

/// A plan written into a recipe's text: the lines it changes, and the steps that name them. What is held back stays written: it is a matter of plates.
public final class Accepted {
    private Accepted() {}

    /// {@return the changed text, or empty where a line of the plan stands nowhere in it, or where the text, read afresh, would still hold something avoided}
    /// @param text  the recipe the plan was made for, as written
    /// @param plan  one of the plans for it
    /// @param avoid what the plan was made for
    /// @param facts the facts in force
    /// @param read  how this kitchen reads a recipe
    public static Optional<String> into(String text, Plan plan, List<Avoidance> avoid, Facts facts, Function<String, Recipe> read) {
        var changed = text;
        for (var move : plan.changes()) {
            var next = written(changed, move);
            if (!next.isFound()) return Optional.empty();
            changed = next.text();
        }
        var before = read.apply(text).steps();
        var after = plan.after().recipe().steps();
        for (var i = 0; i < Math.min(before.size(), after.size()); i++)
            if (!before.get(i).equals(after.get(i))) changed = RecipeText.replaced(changed, 0, before.get(i), after.get(i)).text();
        return isSo(Derivation.of(read.apply(changed), facts), plan, avoid) ? Optional.of(changed) : Optional.empty();
    }

    private static RecipeText.Changed written(String text, Move move) {
        return switch (move) {
            case Move.Replace(var line, var with, _) -> RecipeText.replaced(text, 0, line.text(), with.stream().map(Accepted::plain).collect(Collectors.joining("\n")));
            case Move.Choose(var line, var with) -> RecipeText.replaced(text, 0, line.text(), with.text());
            case Move.LeaveOut(var line) -> RecipeText.removed(text, line.text());
            case Move.HoldBack _, Move.Keep _ -> new RecipeText.Changed(text, 0);
        };
    }

    /// "594 g sunflower seed butter (2¼ cups)": the spoons are for the eye
    private static String plain(Line line) { return line.text().replaceFirst(" \\(.*", ""); }

    private static boolean isSo(Derivation after, Plan plan, List<Avoidance> avoid) {
        var holdsBack = plan.moves().stream().anyMatch(Move.HoldBack.class::isInstance);
        var served = holdsBack ? Derivation.of(Peel.NO_TOPPING.of(after.recipe()), after.facts()) : after;
        if (avoid.stream().anyMatch(a -> a.against(served) == Avoidance.Answer.BREAKS)) return false;
        return after.recipe().lines().size() == plan.after().recipe().lines().size() + plan.moves().stream().filter(Move.HoldBack.class::isInstance).count();
    }
}
