package keenfork.format;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/// A weight as somebody types it into a field: `400`, `400 g`, `2.5 kg`, `2,5 kg`.
public final class TypedWeight {
    private static final Pattern WEIGHT = Pattern.compile("(?i)(\\d{1,7}(?:[.,]\\d{1,3})?)\\s*(g|kg)?");
    private static final BigDecimal KILOGRAM = new BigDecimal(1000);

    private TypedWeight() {}

    /// {@return its grams, 0 or more; empty where it is no weight}
    public static Optional<BigDecimal> grams(String typed) {
        var written = WEIGHT.matcher(typed.strip());
        if (!written.matches()) return Optional.empty();
        var number = new BigDecimal(written.group(1).replace(',', '.'));
        return Optional.of("kg".equals(String.valueOf(written.group(2)).toLowerCase(Locale.ROOT))
                ? number.multiply(KILOGRAM) : number);
    }
}
