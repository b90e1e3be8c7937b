package keenfork.core.run;

import java.math.BigDecimal;

/// A figure known within limits, 0 or more.
public record Range(double low, double high) {
    public static final Range NONE = new Range(0, 0);

    public Range {
        if (!(low >= 0 && high >= low))
            throw new IllegalArgumentException("limits rise from 0: %s, %s".formatted(low, high));
    }

    /// Reads `1-5`, or `3` for both limits.
    /// @throws IllegalArgumentException when it is neither, or falls
    public static Range parse(String text) {
        var limits = text.split("-", -1);
        if (limits.length > 2 || !text.matches("[\\d.\\s-]+"))
            throw new IllegalArgumentException("\"%s\" is no range such as 10-40".formatted(text));
        return new Range(Double.parseDouble(limits[0].strip()), Double.parseDouble(limits[limits.length - 1].strip()));
    }

    @Override
    public String toString() { return plain(low) + "-" + plain(high); }

    private static String plain(double value) { return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString(); }

    Range plus(Range other) { return new Range(low + other.low, high + other.high); }

    Range times(Range other) { return new Range(low * other.low, high * other.high); }

    Range dividedBy(double parts) { return new Range(low / parts, high / parts); }
}
