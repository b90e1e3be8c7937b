package keenfork.format;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.regex.Pattern;
import keenfork.core.food.Price;

/// A price as somebody types it: an amount such as `8.40`, `8,40` or `£8.40`, and the weight it is paid for, such as
/// `400 g`; a kilogram where none is typed.
public final class TypedPrice {
    private static final Pattern AMOUNT = Pattern.compile("\\p{Sc}?\\s*(\\d{1,6}(?:[.,]\\d{1,2})?)\\s*\\p{Sc}?");
    private static final int KILOGRAM = 1000;
    private static final int MOST_GRAMS = 1_000_000;

    private TypedPrice() {}

    /// {@return the price; empty where the amount or the weight cannot be read, or the weight is nothing or over a
    /// tonne}
    public static Optional<Price> read(String amount, String weight) {
        var written = AMOUNT.matcher(amount.strip());
        if (!written.matches()) return Optional.empty();
        var paid = new BigDecimal(written.group(1).replace(',', '.'));
        var grams = weight.isBlank() ? Optional.of(KILOGRAM)
                : TypedWeight.grams(weight).filter(g -> g.intValue() >= 1 && g.intValue() <= MOST_GRAMS)
                        .map(BigDecimal::intValue);
        return grams.map(g -> new Price(paid, g));
    }
}
