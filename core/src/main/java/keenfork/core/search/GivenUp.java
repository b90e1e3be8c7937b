package keenfork.core.search;

/// Whoever asked for it waits for it no more: it ends without an answer.
public final class GivenUp extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public GivenUp() { super("This took too long and was given up."); }
}
