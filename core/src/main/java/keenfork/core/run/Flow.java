package keenfork.core.run;

import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import keenfork.core.food.Words;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;

/// For how many each dish of a run is made: portions flow down into every dish that goes into others, so that a
/// dressing lasts for the salads it is for.
public final class Flow {
    private static final int MOST_TIMES = 1000;

    private final Map<String, Recipe> recipes = new LinkedHashMap<>();
    private final Map<String, Integer> set;
    private final Map<String, Integer> eaten;
    private final Map<String, Integer> known = new LinkedHashMap<>();
    /// those that are being reckoned: dishes that use each other in a ring end here
    private final Set<String> open = new HashSet<>();

    private Flow(Collection<Recipe> recipes, Map<String, Integer> set, Map<String, Integer> eaten) {
        for (var recipe : recipes) this.recipes.putIfAbsent(Words.key(recipe.name()), recipe);
        this.set = set;
        this.eaten = eaten;
    }

    /// {@return for each dish, by its key as [Words#key] gives it, the people it is made for}
    /// @param recipes the dishes of the run
    /// @param set     what the crew says, by the dishes' keys; a dish that is not there is made for as many as its
    ///                 recipe feeds, or for more where others need more of it
    public static Map<String, Integer> portions(Collection<Recipe> recipes, Map<String, Integer> set) {
        return new Flow(recipes, set, Map.of()).all();
    }

    /// {@return for each dish, by its key, the people it is made for: those who eat it as it is, and what goes into
    /// others beside}
    /// @param eaten how many eat a dish, by the dishes' keys; what is not there goes into others only
    public static Map<String, Integer> portionsFor(Collection<Recipe> recipes, Map<String, Integer> eaten) {
        return new Flow(recipes, Map.of(), eaten).all();
    }

    private Map<String, Integer> all() {
        for (var key : recipes.keySet()) of(key);
        return known;
    }

    private int of(String key) {
        var held = known.get(key);
        if (held != null) return held;
        var recipe = recipes.get(key);
        if (recipe == null) return 0;
        var own = Batch.portions(recipe);
        if (!open.add(key)) return own;
        var said = set.getOrDefault(key, 0);
        var needed = said > 0 ? 0 : needed(key, recipe);
        var portions = said > 0 ? said : Math.max(own, needed);
        if (eaten.containsKey(key)) portions = Math.max(1, eaten.getOrDefault(key, 0) + needed);
        open.remove(key);
        known.put(key, portions);
        return portions;
    }

    /// The portions that are enough for all that goes into the other dishes of the run.
    private int needed(String key, Recipe recipe) {
        var grams = 0.0;
        for (var other : recipes.entrySet()) {
            if (other.getKey().equals(key)) continue;
            for (var line : other.getValue().lines())
                if (Words.key(line.dish()).equals(key))
                    grams += grams(line, recipe) * times(other.getValue(),
                            of(other.getKey()));
        }
        var one = recipe.mass().likelyGrams() / Batch.portions(recipe);
        return one <= 0 || recipe.serves() < 1 ? 0 : (int) Math.min(Batch.portions(recipe) * (long) MOST_TIMES,
                Math.ceil(grams / one - 1e-6));
    }

    /// {@return grams of a dish that a line puts into its own; a line without an amount takes all that its recipe
    /// makes}
    static double grams(Line line, Recipe used) {
        return line.weighed().map(m -> m.likelyGrams()).orElse(used.mass().likelyGrams());
    }

    /// {@return how often a recipe is made for so many; once where it does not say for how many it is}
    static double times(Recipe recipe, int portions) {
        return isScaled(recipe, portions) ? (double) portions / recipe.serves() : 1;
    }

    static boolean isScaled(Recipe recipe, int portions) {
        return recipe.serves() > 0 && recipe.serves() != portions && portions <= (long) recipe.serves() * MOST_TIMES;
    }
}
