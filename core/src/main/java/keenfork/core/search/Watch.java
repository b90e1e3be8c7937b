package keenfork.core.search;

/// Who looks on while something is searched for.
public interface Watch {
    /// nobody looks on: the search ends by itself
    Watch NOBODY = (_, _) -> true;

    /// Tells how far the search is.
    /// @param nodes opened so far
    /// @param best  what the best answer so far costs
    /// @return whether to go on; the best so far is kept where not
    boolean goesOn(long nodes, long best);
}
