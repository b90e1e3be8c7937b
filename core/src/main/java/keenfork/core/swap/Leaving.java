package keenfork.core.swap;

import java.util.List;
import java.util.Set;
import keenfork.core.food.Food;
import keenfork.core.food.Words;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Part;
import keenfork.core.recipe.Recipe;

/// Whether a line can go with nothing in its place: never the main salt, acid, fat or body of its part, nor what the
/// dish is named after.
final class Leaving {
    private static final double SMALL_SHARE = 10;
    /// a line carries a role with others where they are at least half of it together (common practice)
    private static final double HALF = 0.5;
    private static final Set<Role> CARRIED = Set.of(Role.EMULSION, Role.BINDER, Role.BODY, Role.FAT, Role.ACID,
            Role.SALT_UMAMI, Role.SWEETNESS, Role.BULK);

    private Leaving() {}

    /// {@return whether nobody would miss it: the recipe leaves it to the cook, or it is a small part of its part,
    /// which others carry}
    static boolean isFine(Recipe recipe, Part part, Line line, Roles roles) {
        if (line.optional() || line.toTaste()) return true;
        return isSmall(part, line) && !isMain(part, line, roles) && !isNamed(recipe, part, line);
    }

    /// {@return whether it is a tenth of its part or less}
    static boolean isSmall(Part part, Line line) {
        return line.mass() != null && Roles.share(part, line) < SMALL_SHARE;
    }

    private static boolean isMain(Part part, Line line, Roles roles) {
        var role = roles.of(line);
        if (!CARRIED.contains(role)) return false;
        var others = part.lines().stream().filter(l -> l != line && roles.of(l) == role)
                .mapToDouble(l -> strength(role, l)).sum();
        return others < strength(role, line) * HALF;
    }

    /// salt is told by how much of it there is, anything else by weight
    private static double strength(Role role, Line line) {
        if (line.mass() == null) return 0;
        return role == Role.SALT_UMAMI && Taste.SALT.isKnown(line) ? Taste.SALT.in(line).likelyGrams()
                : line.mass().likelyGrams();
    }

    /// {@return whether the dish or the part is named after a line}
    static boolean isNamed(Recipe recipe, Part part, Line line) {
        return line.food().map(Food::names).orElse(List.of()).stream()
                .anyMatch(name -> says(recipe.name(), name) || says(part.name(), name));
    }

    private static boolean says(String text, String name) {
        return (" " + Words.key(text) + " ").contains(" " + Words.key(name) + " ");
    }
}
