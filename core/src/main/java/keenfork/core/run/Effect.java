package keenfork.core.run;

/// What a clean does.
///
/// @param leaves  the share of what was there that stays, 0 to 1
/// @param minutes how long it takes, 0 or more
/// @param source  where the figures come from
public record Effect(Range leaves, int minutes, String source) {
    public Effect {
        if (leaves.high() > 1 || minutes < 0)
            throw new IllegalArgumentException(
                    "a clean leaves a share from 0 to 1 and takes 0 minutes or more: %s, %d".formatted(leaves,
                            minutes));
    }
}
