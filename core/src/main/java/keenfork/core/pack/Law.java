package keenfork.core.pack;

/// The rule book a declaration was printed under, by its key: a vague word hides nothing that this law makes the maker
/// name.
///
/// @param id key of a rule book, such as `uk`, or an empty string where it is not known (loose or unlabelled food)
public record Law(String id) {
    public static final Law UNKNOWN = new Law("");

    public boolean isKnown() { return !id.isEmpty(); }
}
