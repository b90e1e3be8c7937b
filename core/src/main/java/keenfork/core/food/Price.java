package keenfork.core.food;

import java.math.BigDecimal;

/// What a weight of a food costs, in the kitchen's own money.
///
/// @param amount what is paid, 0 or more
/// @param grams  g that it is paid for, 1 or more
public record Price(BigDecimal amount, int grams) {
    public Price {
        if (amount.signum() < 0) throw new IllegalArgumentException("a price below nothing");
        if (grams < 1) throw new IllegalArgumentException("a price for no weight");
    }

    /// {@return what so many g of it cost}
    public double of(double weight) { return amount.doubleValue() * weight / grams; }
}
