package keenfork.web.persistence;

/// Where a dish stands when it is served.
///
/// @param course  what it is served in, such as `Salads`; empty where nobody said
/// @param station where it stands, such as `buffet`, `plated` or `counter`; empty where nobody said
/// @param turn    its turn in serving order, from 1; 0 where nobody said
public record ServedAt(String course, String station, int turn) {
    public static final ServedAt NOWHERE = new ServedAt("", "", 0);

    /// {@return whether nobody said anything of it}
    public boolean isNowhere() { return equals(NOWHERE); }

    public ServedAt in(String other) { return new ServedAt(other, station, turn); }
}
