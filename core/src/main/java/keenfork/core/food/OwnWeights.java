package keenfork.core.food;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import keenfork.core.measure.Span;
import org.jspecify.annotations.Nullable;

/// What a kitchen weighed itself: its own figures stand in for those of the reference table. What a food holds is never
/// changed here; only a pack that is read can say that.
///
/// @param byFood g of one, by the food's shown name and the noun it is counted in; g per ml under [#MILLILITRE]
public record OwnWeights(Map<String, Map<String, Span>> byFood) {
    /// the noun that stands for one ml as measured in a spoon or cup
    public static final String MILLILITRE = "ml";
    public static final OwnWeights NONE = new OwnWeights(Map.of());

    public OwnWeights {
        var copy = new HashMap<String, Map<String, Span>>();
        byFood.forEach((food, own) -> copy.put(food, Map.copyOf(own)));
        byFood = Map.copyOf(copy);
    }

    /// {@return the food as this kitchen weighs it}
    public Food of(Food food) {
        if (byFood.isEmpty()) return food;
        var own = byFood.get(food.name());
        if (own == null) return food;
        var counts = new LinkedHashMap<>(food.counts());
        counts.putAll(own);
        counts.remove(MILLILITRE);
        @Nullable Span density = own.get(MILLILITRE);
        return new Food(food.id(), food.names(), food.make(), food.holds(), food.sometimes(), food.origin(),
                density == null ? food.density() : density, counts,
                food.protein(), food.sulphite(), food.source());
    }
}
