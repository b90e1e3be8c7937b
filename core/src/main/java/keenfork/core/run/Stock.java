package keenfork.core.run;

import java.math.BigDecimal;
import java.math.MathContext;

/// What is made of a dish that goes into others, and what goes into them.
///
/// @param dish     the dish
/// @param portions people it is made for
/// @param made     g that are made
/// @param used     g that go into other dishes of the run
public record Stock(String dish, int portions, double made, double used) {
    /// what sticks to a bowl is no shortage
    private static final double ENOUGH = 0.98;
    private static final double KILO = 1000;

    /// {@return whether more goes in than is made}
    public boolean isShort() { return made < used * ENOUGH; }

    /// {@return g left over for itself, 0 or more}
    public double left() { return Math.max(0, made - used); }

    /// {@return it in words: how much is made, how much goes in, what is left or missing}
    public String inWords() {
        if (isShort())
            return "%s: %s is made for %d, and %s goes into other dishes. Make it for %d.".formatted(dish,
                    grams(made), portions,
                    grams(used), (int) Math.ceil(portions * used / made));
        return "%s: %s is made, %s goes into other dishes, %s is left.".formatted(dish, grams(made), grams(used),
                grams(left()));
    }

    private static String grams(double value) {
        return value >= KILO ? rounded(value / KILO, 3) + " kg" : rounded(value, 2) + " g";
    }

    private static String rounded(double value, int digits) {
        if (value < 1) return "0";
        var figures = value < KILO && value >= KILO / 10 ? 3 : digits;
        return new BigDecimal(value).round(new MathContext(figures)).stripTrailingZeros().toPlainString();
    }
}
