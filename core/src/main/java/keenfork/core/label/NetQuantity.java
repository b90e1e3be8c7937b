package keenfork.core.label;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.text.NumberFormat;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import keenfork.core.regime.RuleBook;

/// How much is in a pack: by volume for what is liquid, by mass for all else (Regulation (EU) No 1169/2011, Article
/// 23).
///
/// @param amount more than 0, at most 100,000 g or ml
/// @param liquid whether it is ml, else g
public record NetQuantity(BigDecimal amount, boolean liquid) {
    private static final Pattern TYPED = Pattern.compile("(?i)(\\d{1,5}(?:[.,]\\d{1,3})?)\\s*(g|kg|ml|l)");
    private static final BigDecimal THOUSAND = new BigDecimal(1000);
    private static final BigDecimal MOST = new BigDecimal(100_000);
    /// g of an ounce, and ml of a fluid ounce of the United States (NIST Handbook 44, Appendix C)
    private static final BigDecimal OUNCE = new BigDecimal("28.349523125");
    private static final BigDecimal FLUID_OUNCE = new BigDecimal("29.5735295625");
    private static final BigDecimal TEN = BigDecimal.TEN;

    public NetQuantity {
        if (amount.signum() <= 0 || amount.compareTo(MOST) > 0)
            throw new IllegalArgumentException("a pack holds more than nothing and at most 100 kg, not " + amount);
    }

    /// {@return what somebody typed, such as `250 g`, `1,5 kg` or `250 ml`; empty where it is no such amount}
    public static Optional<NetQuantity> parse(String typed) {
        var written = TYPED.matcher(typed.strip());
        if (!written.matches()) return Optional.empty();
        var number = new BigDecimal(written.group(1).replace(',', '.'));
        var unit = written.group(2).toLowerCase(Locale.ROOT);
        var amount = unit.equals("l") || unit.equals("kg") ? number.multiply(THOUSAND)
                : number;
        return amount.signum() <= 0 || amount.compareTo(MOST) > 0 ? Optional.empty()
                : Optional.of(new NetQuantity(amount, unit.endsWith("l")));
    }

    /// {@return as it is typed: `250 g`, `1500 ml`}
    public String typed() { return amount.stripTrailingZeros().toPlainString() + (liquid ? " ml" : " g"); }

    /// {@return as a label has it: `250 g`, `1,5 kg`; where the rule book wants other units, these before it}
    public String words(RuleBook ruleBook, Language language) {
        var metric = metric(language.locale());
        return ruleBook.net(liquid).map(p -> p.replace("{metric}", metric).replace("{ounces}", ounces()))
                .orElse(metric);
    }

    private String metric(Locale locale) {
        var isLarge = amount.compareTo(THOUSAND) >= 0;
        var format = NumberFormat.getInstance(locale);
        format.setMaximumFractionDigits(3);
        format.setGroupingUsed(false);
        var small = liquid ? "ml" : "g";
        var large = liquid ? "l" : "kg";
        return format.format(isLarge ? amount.divide(THOUSAND) : amount) + "\u00a0" + (isLarge ? large : small);
    }

    /// never more than is in it
    private String ounces() {
        var ounces = amount.divide(liquid ? FLUID_OUNCE : OUNCE, 2, RoundingMode.DOWN);
        return ounces.setScale(ounces.compareTo(TEN) < 0 ? 1 : 0, RoundingMode.DOWN).toPlainString();
    }
}
