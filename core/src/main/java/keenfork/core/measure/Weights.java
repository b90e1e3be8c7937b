package keenfork.core.measure;

import java.math.BigDecimal;

/// Grams in the units of weight. The pound is 453.59237 g exactly, the ounce a sixteenth (1959 yard and pound
/// agreement).
public final class Weights {
    private static final long GRAMS_IN_KILOGRAM = 1_000;
    private static final long MOST_GRAMS = Mass.MOST / 1_000_000;
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

    /// {@return what an amount in a unit of weight weighs; the likely figure is the middle of a range}
    /// @throws IllegalArgumentException for a unit that is no weight
    public static Mass mass(Amount amount) {
        var low = amount.low();
        var high = amount.high();
        var whole = switch (amount.unit()) {
            case G -> 1;
            case KG -> GRAMS_IN_KILOGRAM;
            default -> 0;
        };
        // nearly every weight is in whole grams or kilograms
        if (whole > 0 && low.bottom() == 1 && low.equals(high))
            return Mass.ofGrams(Math.min(low.top() * whole, MOST_GRAMS));
        var grams = grams(amount.unit());
        return new Span(grams, grams, grams).grams(low, high);
    }
}
