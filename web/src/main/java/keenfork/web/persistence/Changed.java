package keenfork.web.persistence;

/// Said after anything was stored: what was derived before no longer stands.
///
/// @param hasDishes whether the dishes may have changed with it; their texts are the most that a kitchen keeps, and
///                  are not fetched again where they cannot have
public record Changed(boolean hasDishes) {
    public Changed() {
        this(true);
    }

    /// Packs, or what is known of them, and nothing else.
    public static Changed ofPacks() { return new Changed(false); }
}
