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
    private static final Span NONE = Span.parse("0");
    private final String word;
    private final Food usual;

    static {
        for (var row : Table.read(Taste.class, "salt-and-acid.txt", 4))
            for (var food : row.read(0, Families::keys))
                HELD.putIfAbsent(food, new Span[] {row.read(1, Span::parse), row.read(2, Span::parse)});
    }

    Taste(String word, String usual) {
        this.word = word;
        this.usual = Foods.shipped().find(usual).orElseThrow();
    }

    /// {@return its word on screens}
    public String word() { return word; }

    /// {@return what it is set right with where the dish holds nothing for it}
    Food usual() { return usual; }

    /// {@return g of it in 100 g of a food, from the shipped table; none where the food is not listed, which
    /// [#isKnown] tells apart}
    public Span in(Food food) {
        var spans = HELD.get(food.id());
        return spans == null ? NONE : spans[ordinal()];
    }

    /// {@return whether the table holds how much a line brings: where it does not, nothing is claimed}
    public boolean isKnown(Line line) {
        return line.mass() != null && line.food().filter(f -> HELD.containsKey(f.id())).isPresent();
    }

    /// {@return how much of it a line brings; nothing where the line has no weight}
    public Mass in(Line line) {
        var mass = line.mass();
        return mass == null ? Mass.NONE
                : line.food().map(f -> mass.times(in(f).times(new BigDecimal("0.01")))).orElse(Mass.NONE);
    }
}
