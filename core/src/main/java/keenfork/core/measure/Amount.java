package keenfork.core.measure;

/// How much was written: one number, or a range, of one unit.
///
/// @param low  least, in `unit`
/// @param high most, in `unit`, not below `low`
public record Amount(Fraction low, Fraction high, Unit unit) {
    public Amount {
        if (low.compareTo(high) > 0)
            throw new IllegalArgumentException("an amount rises from low to high: %s to %s".formatted(low, high));
    }

    public static Amount of(long number, Unit unit) {
        return new Amount(Fraction.of(number), Fraction.of(number), unit);
    }

    public Amount times(Fraction factor) {
        return new Amount(low.times(factor), high.times(factor), unit);
    }
}
