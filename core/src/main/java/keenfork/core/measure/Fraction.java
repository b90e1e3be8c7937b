package keenfork.core.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.stream.LongStream;

/// A number as a cook writes it, kept exact: ⅓ stays a third. Always in lowest terms, from 0 to a million.
///
/// @param top    numerator, 0 or more
/// @param bottom denominator, 1 or more
public record Fraction(long top, long bottom) implements Comparable<Fraction> {
    public static final Fraction ZERO = new Fraction(0, 1);
    public static final Fraction ONE = new Fraction(1, 1);
    private static final long MOST = 1_000_000;
    /// the whole numbers that recipes are full of
    private static final Fraction[] WHOLE =
            LongStream.rangeClosed(0, 1000).mapToObj(n -> new Fraction(n, 1)).toArray(Fraction[]::new);

    public Fraction {
        if (top < 0 || bottom < 1)
            throw new IllegalArgumentException(
                    "a fraction is 0 or more over 1 or more, not %d/%d".formatted(top, bottom));
        if (bottom != 1) {
            var divisor = gcd(top, bottom);
            top /= divisor;
            bottom /= divisor;
        }
    }

    public static Fraction of(long whole) {
        return whole >= 0 && whole < WHOLE.length ? WHOLE[(int) whole] : new Fraction(whole, 1);
    }

    /// {@return the fraction that figures stand for: "3", "1/4"}
    /// @throws NumberFormatException where they are no figures
    public static Fraction read(String figures) {
        var stroke = figures.indexOf('/');
        return stroke < 0 ? of(Long.parseLong(figures))
                : new Fraction(Long.parseLong(figures.substring(0, stroke)),
                        Long.parseLong(figures.substring(stroke + 1)));
    }

    /// {@return the sum, or a million where it would pass that}
    public Fraction plus(Fraction other) {
        if (isSmall() && other.isSmall()) return small(top * other.bottom + other.top * bottom, bottom * other.bottom);
        return bounded(BigInteger.valueOf(top).multiply(BigInteger.valueOf(other.bottom))
                .add(BigInteger.valueOf(other.top).multiply(BigInteger.valueOf(bottom))), other.bottom);
    }

    /// {@return the product, or a million where it would pass that}
    public Fraction times(Fraction other) {
        if (other.top == other.bottom) return this;
        if (isSmall() && other.isSmall()) return small(top * other.top, bottom * other.bottom);
        return bounded(BigInteger.valueOf(top).multiply(BigInteger.valueOf(other.top)), other.bottom);
    }

    /// small enough that products of two stay within a long; nearly all that cooks write is
    private boolean isSmall() { return top < 1 << 30 && bottom < 1 << 30; }

    private static Fraction small(long top, long bottom) {
        return top / bottom >= MOST ? of(MOST) : new Fraction(top, bottom);
    }

    private static long gcd(long a, long b) {
        while (b != 0) {
            var rest = a % b;
            a = b;
            b = rest;
        }
        return a;
    }

    private Fraction bounded(BigInteger newTop, long otherBottom) {
        var newBottom = BigInteger.valueOf(bottom).multiply(BigInteger.valueOf(otherBottom));
        if (newTop.compareTo(newBottom.multiply(BigInteger.valueOf(MOST))) > 0) return of(MOST);
        var divisor = newTop.gcd(newBottom).max(BigInteger.ONE);
        return new Fraction(newTop.divide(divisor).longValueExact(), newBottom.divide(divisor).longValueExact());
    }

    /// {@return this number as a decimal of 16 significant figures}
    public BigDecimal decimal() {
        if (bottom == 1) return BigDecimal.valueOf(top);
        return BigDecimal.valueOf(top).divide(BigDecimal.valueOf(bottom), MathContext.DECIMAL64);
    }

    @Override
    public int compareTo(Fraction other) {
        if (isSmall() && other.isSmall()) return Long.compare(top * other.bottom, other.top * bottom);
        return BigInteger.valueOf(top).multiply(BigInteger.valueOf(other.bottom))
                .compareTo(BigInteger.valueOf(other.top).multiply(BigInteger.valueOf(bottom)));
    }
}
