package keenfork.core.search;

/// What an answer of a search is worth.
public sealed interface Proof {
    /// every other answer was ruled out
    record Best(long nodes) implements Proof {}

    /// the budget ran out: the best found so far
    record Stopped(long nodes) implements Proof {}

    default String inWords() {
        return switch (this) {
            case Best _ -> "Nothing better is possible with what is known here.";
            case Stopped _ -> "Best found so far; the search was cut short.";
        };
    }
}
