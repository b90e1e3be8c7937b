package keenfork.core.swap;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.Map;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Table;
import keenfork.core.measure.Mass;
import keenfork.core.measure.Span;
import keenfork.core.recipe.Line;

/// A taste that can be weighed and set right again.
public enum Taste {
    SALT("Salt", "salt"), ACID("Acid", "lemon juice");

    private static final Map<String, Span[]> HELD = new HashMap<>();
    private final String word;
    private final Food usual;

    static {
        for (var row : Table.read(Taste.class, "salt-and-acid.txt", 4))
            HELD.put(row.read(0,
                    n -> Foods.shipped().find(n)
                            .orElseThrow(() -> new IllegalArgumentException("no food \"%s\"".formatted(n))))
                    .name(), new Span[] {row.read(1, Span::parse), row.read(2, Span::parse)});
    }

    Taste(String word, String usual) {
        this.word = word;
        this.usual = Foods.shipped().find(usual).orElseThrow();
    }

    /// {@return its word on screens}
    public String word() { return word; }

    /// {@return what it is set right with where the dish holds nothing for it}
    Food usual() { return usual; }

    /// {@return g of it in 100 g of a food, from the shipped table; none to speak of where the food is not listed}
    public Span in(Food food) {
        var spans = HELD.get(food.name());
        return spans == null ? new Span(BigDecimal.ZERO, BigDecimal.ZERO, BigDecimal.ZERO) : spans[ordinal()];
    }

    /// {@return how much of it a line brings; nothing where the line has no weight}
    public Mass in(Line line) {
        var mass = line.mass();
        return mass == null ? Mass.NONE
                : line.food().map(f -> mass.times(in(f).times(new BigDecimal("0.01")))).orElse(Mass.NONE);
    }
}
