package keenfork.core.run;

/// The day of a run.
///
/// @param cooks   pairs of hands, 1 or more
/// @param minutes minutes from when the kitchen opens until all must be ready, 1 or more
public record Day(int cooks, int minutes) {
    /// two cooks, and no door that opens too late
    public static final Day USUAL = new Day(2, 24 * 60);

    public Day {
        if (cooks < 1 || minutes < 1)
            throw new IllegalArgumentException("a run needs a cook and a minute: %d, %d".formatted(cooks, minutes));
    }
}
