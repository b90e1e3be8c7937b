package keenfork.core.measure;

import java.math.BigDecimal;

/// Grams in the units of weight. The pound is 453.59237 g exactly, the ounce a sixteenth (1959 yard and pound agreement).
public final class Weights {
    private static final BigDecimal POUND = new BigDecimal("453.59237");

    private Weights() {}

    /// {@return grams in one of a unit of weight}
    /// @throws IllegalArgumentException for a unit that is no weight
    public static BigDecimal grams(Unit unit) {
        return switch (unit) {
            case G -> BigDecimal.ONE;
            case KG -> BigDecimal.valueOf(1000);
            case LB -> POUND;
            case OZ -> POUND.divide(BigDecimal.valueOf(16));
            default -> throw new IllegalArgumentException("%s is not a weight".formatted(unit.id()));
        };
    }
}
