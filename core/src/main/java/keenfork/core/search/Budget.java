package keenfork.core.search;

/// How many nodes a search may open. Counted in nodes, not in seconds, so that an answer can be repeated.
///
/// @param nodes most nodes, 1 or more
public record Budget(long nodes) {
    public static final Budget USUAL = new Budget(400_000);

    public Budget {
        if (nodes < 1) throw new IllegalArgumentException("a search opens at least one node, not %d".formatted(nodes));
    }
}
