package keenfork.core.covers;

import keenfork.core.trace.Derivation;

/// What it takes to make a dish a second time, beside the first: the run tells.
@FunctionalInterface
public interface Effort {
    /// nobody tells: only what a change itself says counts
    Effort UNTOLD = (_, _) -> Extra.NONE;

    /// More work on the day.
    ///
    /// @param minutes of hands, 0 or more
    /// @param washes  of shared kit, so that nothing of the first gets into the second, 0 or more
    record Extra(int minutes, int washes) {
        public static final Extra NONE = new Extra(0, 0);
    }

    /// {@return what it takes to make a dish}
    /// @param people for how many, 1 or more
    Extra of(Derivation dish, int people);
}
