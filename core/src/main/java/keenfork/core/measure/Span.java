package keenfork.core.measure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/// Three figures of one measured property: low, likely, high (a density, a clove's weight, a share of protein).
public record Span(BigDecimal low, BigDecimal likely, BigDecimal high) {
    public Span {
        if (low.signum() < 0 || low.compareTo(likely) > 0 || likely.compareTo(high) > 0)
            throw new IllegalArgumentException("figures must rise from 0: %s, %s, %s".formatted(low, likely, high));
    }

    /// Reads `0.9`, or `0.9-0.95-1` for low, likely and high.
    /// @throws IllegalArgumentException when it is neither one figure nor three that rise
    public static Span parse(String text) {
        var figures = text.strip().split("-");
        return switch (figures.length) {
            case 1 -> new Span(figure(figures[0]), figure(figures[0]), figure(figures[0]));
            case 3 -> new Span(figure(figures[0]), figure(figures[1]), figure(figures[2]));
            default ->
                    throw new IllegalArgumentException("\"%s\" is not one figure, nor low-likely-high".formatted(text));
        };
    }

    private static BigDecimal figure(String text) {
        try {
            return new BigDecimal(text.strip());
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("\"%s\" is not a number".formatted(text), e);
        }
    }

    /// So many of it in grams: the least number at the low figure, the most at the high one.
    public Mass grams(Fraction least, Fraction most) {
        var from = least.decimal();
        if (least.equals(most)) return Mass.ofGrams(from.multiply(low), from.multiply(likely), from.multiply(high));
        var to = most.decimal();
        return Mass.ofGrams(from.multiply(low),
                from.add(to).divide(BigDecimal.TWO, MathContext.DECIMAL64).multiply(likely), to.multiply(high));
    }

    public Span times(BigDecimal factor) {
        return new Span(low.multiply(factor), likely.multiply(factor), high.multiply(factor));
    }

    /// The same, each figure rounded half up to so many decimal places.
    public Span times(BigDecimal factor, int places) {
        return new Span(low.multiply(factor).setScale(places, RoundingMode.HALF_UP),
                likely.multiply(factor).setScale(places, RoundingMode.HALF_UP),
                high.multiply(factor).setScale(places, RoundingMode.HALF_UP));
    }
}
