package keenfork.core.label;

import java.util.Optional;

/// What a label on packed food says of the pack, beside what the dish holds.
///
/// @param mark what its day means
/// @param net  how much is in it; empty where it does not say
/// @param use  how it is made ready by those who eat it, in the kitchen's words; empty where nothing needs saying
public record OnPack(DateMark mark, Optional<NetQuantity> net, String use) {
    /// a day to use it by, and no more
    public static final OnPack PLAIN = new OnPack(DateMark.USE_BY, Optional.empty(), "");
}
