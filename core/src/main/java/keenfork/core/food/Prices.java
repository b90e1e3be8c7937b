package keenfork.core.food;

import java.util.Map;
import java.util.Optional;

/// What a kitchen pays for its foods, as far as it said so.
///
/// @param byFood by the food's shown name
public record Prices(Map<String, Price> byFood) {
    public static final Prices NONE = new Prices(Map.of());
    /// from the tap (common practice: nobody prices it)
    private static final String FREE = "water";

    public Prices {
        byFood = Map.copyOf(byFood);
    }

    /// {@return whether nothing is known of any price}
    public boolean isEmpty() { return byFood.isEmpty(); }

    /// {@return what so many g of a food cost; empty where nobody said, which is not nothing}
    public Optional<Double> of(Food food, double grams) {
        if (food.name().equals(FREE)) return Optional.of(0.0);
        return Optional.ofNullable(byFood.get(food.name())).map(p -> p.of(grams));
    }
}
