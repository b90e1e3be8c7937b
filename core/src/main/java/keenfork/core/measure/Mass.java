package keenfork.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/// A mass known only within limits, in whole micrograms: sums are exact and do not depend on order.
/// One line is read up to a tonne, so no sum of a day's lines can overflow.
///
/// @param low    least it can be, µg, 0 or more
/// @param likely best single figure, µg, from `low` to `high`
/// @param high   most it can be, µg
public record Mass(long low, long likely, long high) {
    public static final Mass NONE = new Mass(0, 0, 0);
    /// a tonne, the most one line is read as, µg
    static final long MOST = 1_000_000_000_000L;
    /// with so few digits before the point a figure is below a tonne, and exact as a long
    private static final int FEW = 6;
    private static final long[] TENS = {1, 10, 100, 1_000, 10_000, 100_000, 1_000_000};

    public Mass {
        if (low < 0 || likely < low || high < likely)
            throw new IllegalArgumentException(
                    "mass limits must rise from 0: %d, %d, %d µg".formatted(low, likely, high));
    }

    /// A mass from grams, each rounded half up to a whole microgram and held to a tonne at most.
    public static Mass ofGrams(BigDecimal low, BigDecimal likely, BigDecimal high) {
        return new Mass(micrograms(low), micrograms(likely), micrograms(high));
    }

    /// A mass known to the gram, in whole grams from 0.
    public static Mass ofGrams(long grams) {
        return new Mass(grams * 1_000_000, grams * 1_000_000, grams * 1_000_000);
    }

    private static long micrograms(BigDecimal grams) {
        if (grams.scale() >= 0 && grams.scale() <= 6 && grams.precision() - grams.scale() <= FEW)
            return grams.unscaledValue().longValue() * TENS[6 - grams.scale()];
        var micrograms = grams.scaleByPowerOfTen(6).setScale(0, RoundingMode.HALF_UP);
        return micrograms.precision() > 13 ? MOST : Math.min(MOST, micrograms.longValueExact());
    }

    public Mass plus(Mass other) {
        return new Mass(low + other.low, likely + other.likely, high + other.high);
    }

    /// This mass times a range of factors, 0 or more: low by low, high by high, likely by the middle of the range.
    public Mass times(BigDecimal lowFactor, BigDecimal highFactor) {
        var middle = lowFactor.add(highFactor).divide(BigDecimal.TWO);
        return new Mass(scaled(low, lowFactor), scaled(likely, middle), scaled(high, highFactor));
    }

    /// This mass times a factor of three figures: low by low, likely by likely, high by high.
    public Mass times(Span factor) {
        return new Mass(scaled(low, factor.low()), scaled(likely, factor.likely()), scaled(high, factor.high()));
    }

    private static long scaled(long micrograms, BigDecimal factor) {
        return BigDecimal.valueOf(micrograms).multiply(factor).setScale(0, RoundingMode.HALF_UP)
                .min(BigDecimal.valueOf(MOST * 1000)).longValueExact();
    }

    public double lowGrams() { return low / 1e6; }

    public double likelyGrams() { return likely / 1e6; }

    public double highGrams() { return high / 1e6; }

    /// True when low and high differ by more than a hundredth of the likely figure.
    public boolean isRange() { return high - low > likely / 100; }
}
