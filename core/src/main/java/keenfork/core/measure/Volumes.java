package keenfork.core.measure;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;

/// A convention of kitchen volumes, in ml. US: the gallon of 231 cubic inches, the inch of 25.4 mm exactly (1959 yard
/// and pound agreement). Imperial: the gallon of 4.54609 l (UK Weights and Measures Act 1985). Metric and Australian
/// spoons: common practice.
public enum Volumes {
    METRIC("5", "15", "250", "28.4130625"),
    US("4.92892159375", "14.78676478125", "236.5882365", "29.5735295625"),
    AU("5", "20", "250", "28.4130625"),
    IMPERIAL("5.91938802083", "17.7581640625", "284.130625", "28.4130625");

    private final BigDecimal tsp;
    private final BigDecimal tbsp;
    private final BigDecimal cup;
    private final BigDecimal flOz;

    Volumes(String tsp, String tbsp, String cup, String flOz) {
        this.tsp = new BigDecimal(tsp);
        this.tbsp = new BigDecimal(tbsp);
        this.cup = new BigDecimal(cup);
        this.flOz = new BigDecimal(flOz);
    }

    /// {@return the convention of that name in any case, or empty}
    public static Optional<Volumes> named(String name) {
        for (var v : values()) if (v.name().equalsIgnoreCase(name.strip())) return Optional.of(v);
        return Optional.empty();
    }

    /// {@return ml in one of a unit of volume}
    /// @throws IllegalArgumentException for a unit that is no volume
    public BigDecimal millilitres(Unit unit) {
        return switch (unit) {
            case ML -> BigDecimal.ONE;
            case L -> BigDecimal.valueOf(1000);
            case TSP -> tsp;
            case TBSP -> tbsp;
            case CUP -> cup;
            case FL_OZ -> flOz;
            default -> throw new IllegalArgumentException("%s is not a volume".formatted(unit.id()));
        };
    }

    public String id() { return name().toLowerCase(Locale.ROOT); }
}
